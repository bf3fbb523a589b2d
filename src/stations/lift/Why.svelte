<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { explainLift } from '../../core/lift';
	import Fold from '../../ui/Fold.svelte';
	import { useVisit } from '../../state/visitContext';
	import { lifting } from '../../model/day/steps';
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
	<p class="text-ink-soft">
		Powder, 20 vol, 1 : 2, 40 min in foil would bring this natural hair to {formatLevel(why.plain)}.
	</p>
	{#if shown.length > 0}
		<dl class="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-x-3 gap-y-1">
			{#each shown as { name, levels } (name)}
				<dt>{CAUSE_NAMES[name]}</dt>
				<dd class="grid grid-cols-[minmax(0,1fr)_44px] items-center gap-2">
					<span
						class="bar relative h-3 bg-[linear-gradient(var(--line),var(--line))] bg-size-[1.5px_100%] bg-center bg-no-repeat"
						><span
							class={[
								'absolute top-0.5 bottom-0.5',
								levels < 0
									? 'right-1/2 left-auto border-2 border-ink bg-transparent'
									: 'left-1/2 bg-ink'
							]}
							style:width="{(50 * Math.abs(levels)) / widest}%"
						></span></span
					>
					<b class="text-right figure">{signed(levels)}</b>
				</dd>
			{/each}
		</dl>
	{/if}
</Fold>
<ReachFold />
