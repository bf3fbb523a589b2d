<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { explainLift } from '../../core/lift';
	import Fold from '../../ui/Fold.svelte';
	import { useVisit } from '../../state/visitContext';
	import { lifting } from '../../model/visit/day';
	import { applicationOn } from '../../model/visit/lift';
	import { CAUSE_NAMES } from '../../wording/why';
	import ReachFold from './ReachFold.svelte';

	const session = useVisit();
	const view = $derived(session.view);
	const step = $derived(view.shown);
	const application = $derived(applicationOn(lifting(step.plan), step.zone));
	const why = $derived(
		explainLift(step.start, { ...step.start, layers: [] }, application, view.subject.factors)
	);
	const shown = $derived(why.causes.filter(({ levels }) => Math.abs(levels) >= 0.05));
	const widest = $derived(Math.max(0.5, ...shown.map(({ levels }) => Math.abs(levels))));
	const signed = (levels: number) => `${levels > 0 ? '+' : '−'}${Math.abs(levels).toFixed(1)}`;
</script>

<Fold
	title="Why {formatLevel(why.level)}"
	summary={shown[0]
		? `${CAUSE_NAMES[shown[0].name]} ${signed(shown[0].levels)}`
		: 'nothing unusual'}
>
	<p class="soft">
		Powder, 20 vol, 1 : 2, 40 min in foil would bring this natural hair to {formatLevel(why.plain)}.
	</p>
	{#if shown.length > 0}
		<dl>
			{#each shown as { name, levels } (name)}
				<dt>{CAUSE_NAMES[name]}</dt>
				<dd>
					<span class="bar" class:less={levels < 0}
						><span style:width="{(50 * Math.abs(levels)) / widest}%"></span></span
					>
					<b class="figure">{signed(levels)}</b>
				</dd>
			{/each}
		</dl>
	{/if}
</Fold>
<ReachFold />

<style>
	dl {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		gap: 4px 12px;
		align-items: center;
	}
	dd {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 44px;
		gap: 8px;
		align-items: center;
	}
	dd b {
		text-align: right;
	}
	.bar {
		position: relative;
		height: 12px;
		background: linear-gradient(var(--line), var(--line)) center / 1.5px 100% no-repeat;
	}
	.bar span {
		position: absolute;
		left: 50%;
		top: 2px;
		bottom: 2px;
		background: var(--ink);
	}
	.bar.less span {
		left: auto;
		right: 50%;
		background: none;
		border: 1.5px solid var(--ink);
	}
	.soft {
		color: var(--ink-soft);
	}
</style>
