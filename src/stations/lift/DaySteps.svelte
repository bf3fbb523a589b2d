<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { useVisit } from '../../state/visitContext';
	import { tintOf, type DayStep } from '../../model/day/steps';
	import { ZONES } from '../../model/head/hair';
	import { areaWords, labelIn, PRODUCT_OPTIONS, STEP_NAMES } from '../../wording/words';

	const session = useVisit();
	const view = $derived(session.view);
	/** On which hair an application goes: its zones, and its areas where it has some of its own. */
	function placeWords({ plan, areas }: DayStep): string {
		const zones = ZONES.filter((zone) => plan.covers[zone]);
		const on = zones.length === 0 ? 'not on this hair' : `on ${zones.join(', ')}`;
		return areas ? `${on}, ${areaWords(areas)}` : on;
	}
</script>

<ol
	class="mb-2 flex flex-wrap gap-x-6 gap-y-1 pr-48 @max-narrow:pr-0"
	aria-label="Applications of the day"
>
	{#each view.steps as step, i (step.id)}
		{@const left = view.results[i]!}
		<li>
			<button
				class="grid min-h-12 grid-cols-[auto_auto] items-baseline gap-x-3 border-b-3 border-transparent py-1 text-left aria-pressed:border-ink aria-pressed:font-semibold [&>:nth-child(3)]:col-start-2 [&>:nth-child(3)]:row-start-1 [&>:nth-child(3)]:text-18"
				aria-pressed={view.shown.number === i}
				onclick={() => (session.stepId = step.id)}
			>
				<span>{i + 1} {STEP_NAMES[step.kind]}</span>
				<span class="text-13 font-normal text-ink-soft"
					>{labelIn(PRODUCT_OPTIONS, step.plan.product)}
					{step.plan.volume} vol, {step.plan.minutes} min{step.plan.drawThroughMinutes > 0
						? `, drawn through ${step.plan.drawThroughMinutes}`
						: ''}, {placeWords(step)}{tintOf(step.plan)
						? `, ${(step.plan.tint?.parts ?? []).map(({ name }) => name).join(' + ')}`
						: ''}</span
				>
				<b class="figure">{formatLevel(view.readAfter(step.id) ?? left.level)}</b>
				<span class="text-13 font-normal text-ink-soft">condition {Math.round(left.condition)}</span
				>
			</button>
		</li>
	{/each}
</ol>
