<script lang="ts">
	import type { DayClock, DayClocks } from '../../state/dayClocks.svelte';
	import { useVisit } from '../../state/visitContext';
	import ProcessClock from '../../widgets/ProcessClock.svelte';
	import { processName } from '../../wording/processes';
	import { labelIn, PRODUCT_OPTIONS } from '../../wording/words';

	interface Props {
		clocks: DayClocks;
		/** What comes next of them; nothing where the main application does. */
		next: DayClock | undefined;
		/** Where the main application stands. */
		main: 'waiting' | 'on' | 'off';
	}
	let { clocks, next, main }: Props = $props();
	const session = useVisit();
	const TONERS: readonly DayClock['name'][] = ['toner', 'filler', 'firstToner'];
	/** Toners have their own station; what of them lies is told here too. */
	const shown = $derived(
		clocks.all.filter(
			({ name, state }) => !TONERS.includes(name) || state === 'lying' || state === 'held'
		)
	);
	const before = $derived(shown.filter(({ when }) => when === 'before'));
	/** What can go on by now, or has been on. */
	const isTurn = ({ when, state }: DayClock) =>
		state !== 'waiting' || (when === 'beside' ? main !== 'waiting' : main === 'off');
	const later = $derived(shown.filter(({ when }) => when !== 'before'));
	const rest = $derived(later.filter(isTurn));
	const still = $derived(later.filter((one) => !isTurn(one)));
	const wordsOf = (one: DayClock) => {
		const name = processName(one);
		const what = one.plan
			? `, ${labelIn(PRODUCT_OPTIONS, one.plan.product)} ${one.plan.volume} vol`
			: '';
		return `${name.charAt(0).toUpperCase()}${name.slice(1)}${what}`;
	};
	const MAIN = { waiting: 'waits', on: 'this clock', off: 'off' } as const;
</script>

{#if shown.length > 0}
	<section aria-label="Applications of the day" class="mb-4">
		{#each before as one (one.of)}
			<ProcessClock {one} words={wordsOf(one)} large={one === next} />
		{/each}
		{#if before.length > 0}
			<p class="border-t border-line py-2">
				<b>Then the lightening of the day</b>
				<span class="text-ink-soft">{session.plan.minutes} min, {MAIN[main]}</span>
			</p>
		{/if}
		{#each rest as one (one.of)}
			<ProcessClock {one} words={wordsOf(one)} large={one === next} />
		{/each}
		{#if still.length > 0}
			<p class="border-t border-line py-2 text-ink-soft">
				To come: {still.map((one) => `${wordsOf(one)}, ${one.minutes} min`).join('; ')}.
			</p>
		{/if}
	</section>
{/if}
