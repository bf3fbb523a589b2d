<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import { formatLevel, undertoneWord } from '../../core/hair';
	import { reaches } from '../../model/day/steps';
	import { liftAnswer } from '../../model/visit/lift';
	import { useVisit } from '../../state/visitContext';
	import Fold from '../../ui/Fold.svelte';
	import { say } from '../../ui/say.svelte';
	import TextButton from '../../ui/TextButton.svelte';

	interface Props {
		/** Minutes until the rinse: it lies no longer. */
		left: number;
	}
	let { left }: Props = $props();
	const session = useVisit();
	const plan = $derived(session.head.main.step.plan);
	/** Ends that were kept out, and over which nothing forbids to draw it: light hair gets no more of it here. */
	const ends = $derived(
		!plan.covers.ends && reaches({ ...plan, drawThroughMinutes: 1 }, 'ends')
			? session.head.zones.find(({ name, state }) => name === 'ends' && state !== 'lightened')
			: undefined
	);
	const drawn = $derived(session.visit.lift.drawThroughMinutes);
	const MINUTES = [3, 5, 10] as const;
	let open = $state(false);
	const choices = $derived(
		ends && open
			? [0, ...MINUTES.filter((minutes) => minutes <= left)].map((minutes) => ({
					minutes,
					...liftAnswer(session.head.subject, { ...plan, drawThroughMinutes: minutes }, ends)
				}))
			: []
	);
	function draw(minutes: number) {
		session.change('drawn over the ends', ({ lift }) => (lift.drawThroughMinutes = minutes));
		say(`Drawn over the ends for the last ${minutes} min.`, without);
	}
	const without = () =>
		session.change('not drawn over the ends', ({ lift }) => (lift.drawThroughMinutes = 0));
</script>

{#if ends}
	<Fold
		title="Draw it over the ends"
		summary={drawn > 0 ? `for the last ${drawn} min` : 'the spent mixture, near the finish'}
		ontoggle={(isOpen) => (open = isOpen)}
	>
		<p class="text-ink-soft">
			The ends are the oldest hair: they take it fastest, and hold the least. Look every minute.
			{#if drawn > 0}<TextButton onclick={without}>It was not drawn</TextButton>{/if}
		</p>
		<ul aria-label="What drawing it over the ends leads to">
			{#each choices as { minutes, level, condition, lab, undertone } (minutes)}
				<li class="border-b border-line">
					<svelte:element
						this={minutes === 0 ? 'div' : 'button'}
						role={minutes === 0 ? undefined : 'button'}
						class="grid min-h-16 w-full grid-cols-[48px_minmax(0,1fr)_minmax(0,1fr)] items-center gap-3 text-left"
						onclick={minutes === 0 ? undefined : () => draw(minutes)}
					>
						<span class="h-9 bg-field"
							><Strand colours={{ hair: [rgbOf(lab)] }} seed={minutes + 40} label="" /></span
						>
						<span class={[minutes > 0 && 'font-semibold underline underline-offset-3']}
							>{minutes === 0 ? 'Kept out' : `For the last ${minutes} min`}</span
						>
						<span
							><b class="figure text-18">{formatLevel(level)}</b>
							{undertoneWord(undertone.name, level)}, condition {Math.round(condition)}</span
						>
					</svelte:element>
				</li>
			{/each}
		</ul>
	</Fold>
{/if}
