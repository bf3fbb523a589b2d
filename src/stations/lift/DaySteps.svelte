<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { useVisit } from '../../state/visitContext';
	import { tintOf, type DayStep } from '../../model/visit/day';
	import { ZONES } from '../../model/visit/hair';
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

<ol aria-label="Applications of the day">
	{#each view.steps as step, i (step.id)}
		{@const left = view.results[i]!}
		<li>
			<button aria-pressed={view.shown.index === i} onclick={() => (session.stepId = step.id)}>
				<span>{i + 1} {STEP_NAMES[step.kind]}</span>
				<span class="soft"
					>{labelIn(PRODUCT_OPTIONS, step.plan.product)}
					{step.plan.volume} vol, {step.plan.minutes} min{step.plan.drawThroughMinutes > 0
						? `, drawn through ${step.plan.drawThroughMinutes}`
						: ''}, {placeWords(step)}{tintOf(step.plan)
						? `, ${(step.plan.tint?.parts ?? []).map(({ name }) => name).join(' + ')}`
						: ''}</span
				>
				<b class="figure">{formatLevel(left.level)}</b>
				<span class="soft">condition {Math.round(left.condition)}</span>
			</button>
		</li>
	{/each}
</ol>

<style>
	ol {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 26px;
		margin-bottom: 10px;
		/* Room for the chart's tools at the right. */
		padding-right: 190px;
	}
	@media (max-width: 760px) {
		ol {
			padding-right: 0;
		}
	}
	button {
		display: grid;
		grid-template-columns: auto auto;
		gap: 0 14px;
		min-height: 48px;
		padding: 4px 0;
		border: 0;
		border-bottom: 3px solid transparent;
		background: none;
		text-align: left;
		align-items: baseline;
	}
	button[aria-pressed='true'] {
		border-bottom-color: var(--ink);
		font-weight: 600;
	}
	/* Name and level on one line, what it is and what it costs on the next. */
	button > :nth-child(3) {
		grid-column: 2;
		grid-row: 1;
		font-size: 20px;
	}
	.soft {
		color: var(--ink-soft);
		font-size: 13px;
		font-weight: 400;
	}
</style>
