<script lang="ts">
	import { BOUNDS, inPercent } from '../../core/vocabulary';
	import { formatLevel } from '../../core/hair';
	import Dial from '../../ui/Dial.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Switch from '../../ui/Switch.svelte';
	import { usualRootLevel } from '../../core/plan';
	import { useVisit } from '../../state/visitContext';
	import { formatShare } from '../../wording/words';

	const session = useVisit();
	const strandAim = $derived(session.view.strandAim);
	const reading = $derived(session.view.reading);
</script>

<Dial
	label="Lightened"
	value={Math.round(strandAim.lightShare * 100)}
	{...inPercent(BOUNDS.lightShare)}
	shown={formatShare(strandAim.lightShare)}
	hint="The rest stays between as it is."
	onchange={(value) =>
		session.changeWholeAim('contrast', (draft) => (draft.lightShare = value / 100))}
/>
<Switch
	label="Lowlights"
	checked={strandAim.lowlights !== undefined}
	onchange={(on) =>
		session.changeWholeAim('lowlights', (draft) => {
			if (on) {
				const level = Math.max(reading.naturalLevel, draft.level - 2);
				draft.lowlights = { share: 0.1, level, direction: 'neutral' };
			} else delete draft.lowlights;
		})}
/>
{#if strandAim.lowlights}
	{@const low = strandAim.lowlights}
	<Dial
		label="Share of all hair"
		value={Math.round(low.share * 100)}
		{...inPercent(BOUNDS.lowlightShare)}
		shown={formatShare(low.share)}
		onchange={(value) =>
			session.changeWholeAim('lowlights', (draft) => {
				if (draft.lowlights) draft.lowlights.share = value / 100;
			})}
	/>
	<Dial
		label="Their level"
		value={low.level}
		{...BOUNDS.naturalLevel}
		step={0.5}
		shown={formatLevel(low.level)}
		onchange={(value) =>
			session.changeWholeAim('lowlights', (draft) => {
				if (draft.lowlights) draft.lowlights.level = value;
			})}
	/>
{/if}
<Switch
	label="Depth at the root"
	checked={strandAim.rootDepth !== undefined}
	onchange={(on) =>
		session.changeWholeAim('root depth', (draft) => {
			if (on) draft.rootDepth = { level: usualRootLevel(reading.naturalLevel), cm: 4 };
			else delete draft.rootDepth;
		})}
/>
{#if strandAim.rootDepth}
	{@const root = strandAim.rootDepth}
	<Dial
		label="Root level"
		value={root.level}
		{...BOUNDS.naturalLevel}
		step={0.5}
		shown={formatLevel(root.level)}
		hint="The nearer to the natural level, the later regrowth shows."
		onchange={(value) =>
			session.changeWholeAim('root depth', (draft) => {
				if (draft.rootDepth) draft.rootDepth.level = value;
			})}
	/>
	<Dial
		label="Runs down"
		value={root.cm}
		{...BOUNDS.rootDepthCm}
		max={Math.max(2, Math.min(BOUNDS.rootDepthCm.max, Math.floor(reading.lengthCm / 2)))}
		shown="{root.cm} cm"
		onchange={(value) =>
			session.changeWholeAim('root depth', (draft) => {
				if (draft.rootDepth) draft.rootDepth.cm = value;
			})}
	/>
	{#if session.plan.covers.root}
		<p>
			The lift still takes the root in.
			<TextButton
				onclick={() => session.change('root left out', (draft) => (draft.lift.covers.root = false))}
				>Leave it out</TextButton
			>
		</p>
	{/if}
{/if}
