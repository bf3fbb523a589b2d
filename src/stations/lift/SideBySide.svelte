<script lang="ts">
	import LiftChart from '../../charts/lift/LiftChart.svelte';
	import type { ChartMoment } from '../../charts/lift/liftChart';
	import { conditionBand, formatLevel } from '../../core/hair';
	import { newId } from '../../model/identity';
	import TextButton from '../../ui/TextButton.svelte';
	import type { LiftWay } from '../../schema/records';
	import { readiness } from '../../core/lift';
	import { useVisit } from '../../state/visitContext';
	import { formatHours, formatPrice } from '../../wording/words';
	import { dayOf, MOST_OTHERS, paceWays, productWays, type Way } from '../../state/liftWays';

	import { daySteps, MAIN_STEP } from '../../model/day/steps';
	import { wayName } from '../../wording/ways';

	interface Props {
		/** The planned course, with its range. */
		moments: readonly ChartMoment[];
		ways: readonly Way[];
	}
	let { moments, ways }: Props = $props();
	const session = useVisit();
	const view = $derived(session.view);
	const when = $derived(readiness(view.main.ready, view.main.lastMinute));
	const others = $derived(session.visit.ways);

	const planned = $derived(ways[0]!.answer);
	/** With several applications the axis is the whole day, and each way ends where it is rinsed. */
	const single = $derived(session.steps.length === 1);
	const own: readonly ChartMoment[] = $derived(
		single
			? moments
			: planned.moments.map((moment) => ({
					...moment,
					low: moment.level,
					high: moment.level,
					undertone: 'none'
				}))
	);
	const minute = $derived(single ? session.plan.minutes : own.at(-1)!.minute);

	const copy = () =>
		session.change('copied this way', (draft) => {
			draft.ways.push({ id: newId(), ...dayOf(session.visit) });
		});
	const set = (label: string, made: readonly LiftWay[]) =>
		session.change(label, (draft) => (draft.ways = made.slice(0, MOST_OTHERS)));
	/** Takes another way as the plan; what was planned stays among the others, in its place. */
	function take(id: string) {
		session.change('took another way', (draft) => {
			const at = draft.ways.findIndex((way) => way.id === id);
			const way = draft.ways[at];
			if (!way) return;
			const before = dayOf(session.visit);
			draft.ways[at] = { id: way.id, ...before };
			draft.lift = way.lift;
			draft.before = way.before;
			draft.after = way.after;
		});
	}
	const leave = (id: string) =>
		session.change('left a way out', (draft) => {
			draft.ways = draft.ways.filter((way) => way.id !== id);
		});
</script>

<div class="relative flex-[1_0_238px]">
	<LiftChart
		moments={own}
		tracks={ways.slice(1).map(({ letter, answer }) => ({ name: letter, moments: answer.moments }))}
		window={single && typeof when !== 'string' ? when : undefined}
		{minute}
		spent={single ? view.course.spent : Infinity}
		{...single && !session.isOff(MAIN_STEP)
			? {
					onminute: (minutes: number) => session.changeMinutes(minutes)
				}
			: {}}
	/>
</div>
<ol aria-label="Ways side by side">
	{#each ways as { letter, id, answer } (letter)}
		{@const { lift, work } = answer}
		<li
			class="grid grid-cols-[24px_minmax(0,1.5fr)_minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1 border-t border-line py-1 @max-wide:grid-cols-[24px_minmax(0,1.4fr)_minmax(0,1fr)] @max-narrow:grid-cols-[20px_minmax(0,1fr)_minmax(0,1fr)]"
		>
			<span class="figure text-18">{letter}</span>
			<p class="-col-end-1 @max-narrow:col-start-2">
				<b>{wayName(daySteps(answer.day).map(({ plan }) => plan))}</b>{id === undefined
					? ', planned'
					: ''}
				<span class="block text-13 leading-close text-ink-soft"
					>{work.steps.length === 0
						? 'leaves it as it is'
						: `${work.steps.map(({ step }) => step.plan.minutes).join(' + ')} min, ${work.grams} g mixed, ${formatHours(work.chairMinutes)}`}{work.price !==
						undefined && work.steps.length > 0
						? `, ${formatPrice(work.price, session.shelf)}`
						: ''}</span
				>
			</p>
			<p class="reach -col-end-1 @max-narrow:col-start-2 @max-narrow:row-start-2">
				<b class="figure text-18">{formatLevel(lift.level)}</b>
				{answer.undertone}
				<span class="block text-13 leading-close text-ink-soft"
					>condition {Math.round(lift.condition)}
					{conditionBand(lift.condition)}</span
				>
			</p>
			<span
				class="-col-end-1 flex min-w-38 flex-wrap justify-end gap-x-4 @max-wide:col-start-2 @max-wide:justify-start @max-narrow:col-start-2 @max-narrow:row-start-3"
			>
				{#if id === undefined}
					{#if others.length < MOST_OTHERS}
						<TextButton onclick={copy}>Copy</TextButton>
					{/if}
				{:else}
					<TextButton onclick={() => take(id)}>Take {letter}</TextButton>
					<TextButton onclick={() => leave(id)}>Leave {letter} out</TextButton>
				{/if}
			</span>
		</li>
	{/each}
</ol>
<p class="flex flex-wrap gap-x-4">
	<TextButton onclick={() => set('the paces side by side', paceWays(session))}
		>The other paces</TextButton
	>
	<TextButton onclick={() => set('products side by side', productWays(session))}
		>High-lift, permanent, nothing</TextButton
	>
</p>
