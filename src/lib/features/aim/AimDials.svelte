<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { nearestTarget } from '../../core/tone';
	import { labOfFibre } from '../../core/lift';
	import type { PictureReading } from '../../core/picture';
	import type { Aim, ZoneName } from '../../schema/records';
	import Choice from '../../ui/Choice.svelte';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import Tick from '../../ui/Tick.svelte';
	import PictureFold from '../read/PictureFold.svelte';
	import { useVisit } from '../visit/context';
	import { seenFibre } from '../visit/hair';
	import type { AimView } from './aimView.svelte';
	import { contrastWords, panelWords, setColour, WORN_OPTIONS } from './kinds';

	interface Props {
		view: AimView;
		/** The zone that is being aimed for; none for the whole strand. */
		zone: ZoneName | undefined;
		/** The colour asked for there. */
		aim: Aim;
	}
	let { view, zone, aim }: Props = $props();
	const session = useVisit();
	const strandAim = $derived(session.view.strandAim);
	const reading = $derived(session.view.reading);
	const whole = (label: string, recipe: (draft: Aim) => void) =>
		session.change(label, (draft) => recipe(draft.aim));
	const percent = (share: number) => `${Math.round(share * 100)} %`;

	function takePicture({ lab }: PictureReading): string {
		const { level, direction, keepWarmth, deltaE } = nearestTarget(lab, (at) =>
			labOfFibre(
				seenFibre(reading, Math.min(12, Math.max(at + strandAim.liftPast, reading.naturalLevel)))
			)
		);
		session.changeAim('aim from a picture', (draft) =>
			setColour(draft, zone, { level, direction, keepWarmth })
		);
		return `Aimed for ${formatLevel(level)} ${direction}, ${percent(keepWarmth)} warmth: ${
			deltaE < 3 ? 'that is the picture' : deltaE < 7 ? 'near the picture' : 'as near as words come'
		} (ΔE ${deltaE.toFixed(1)}).`;
	}
</script>

<Dial
	label="Warmth kept"
	value={Math.round(aim.keepWarmth * 100)}
	min={0}
	max={100}
	step={5}
	shown={percent(aim.keepWarmth)}
	hint={aim.keepWarmth < 0.2
		? 'Flat at light levels, muddy at dark ones.'
		: aim.keepWarmth <= 0.4
			? 'A third keeps it looking like hair.'
			: aim.keepWarmth < 0.75
				? 'Plainly warm.'
				: 'Nearly as it lifts.'}
	onchange={(value) =>
		session.changeAim('warmth kept', (draft) =>
			setColour(draft, zone, { keepWarmth: value / 100 })
		)}
/>
<Dial
	label="Lift past the aim by"
	value={strandAim.liftPast}
	min={0}
	max={2}
	step={0.25}
	shown="{strandAim.liftPast} level"
	hint={strandAim.liftPast < 0.5
		? 'A toner deepens: the result may fall short.'
		: strandAim.liftPast <= 1
			? 'Room for a toner to deepen.'
			: 'For a true, clear shade.'}
	onchange={(value) => whole('lift past', (draft) => (draft.liftPast = value))}
/>
<div class="folds">
	<Fold title="Contrast and depth" summary={contrastWords(strandAim)}>
		<Dial
			label="Lightened"
			value={Math.round(strandAim.lightShare * 100)}
			min={10}
			max={100}
			step={5}
			shown={percent(strandAim.lightShare)}
			hint="The rest stays between as it is."
			onchange={(value) => whole('contrast', (draft) => (draft.lightShare = value / 100))}
		/>
		<Tick
			label="Lowlights"
			checked={strandAim.lowlights !== undefined}
			onchange={(on) =>
				whole('lowlights', (draft) => {
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
				min={5}
				max={50}
				step={5}
				shown={percent(low.share)}
				onchange={(value) =>
					whole('lowlights', (draft) => {
						if (draft.lowlights) draft.lowlights.share = value / 100;
					})}
			/>
			<Dial
				label="Their level"
				value={low.level}
				min={2}
				max={10}
				step={0.5}
				shown={formatLevel(low.level)}
				onchange={(value) =>
					whole('lowlights', (draft) => {
						if (draft.lowlights) draft.lowlights.level = value;
					})}
			/>
		{/if}
		<Tick
			label="Depth at the root"
			checked={strandAim.rootDepth !== undefined}
			onchange={(on) =>
				whole('root depth', (draft) => {
					if (on) draft.rootDepth = { level: Math.min(12, reading.naturalLevel + 0.5), cm: 4 };
					else delete draft.rootDepth;
				})}
		/>
		{#if strandAim.rootDepth}
			{@const root = strandAim.rootDepth}
			<Dial
				label="Root level"
				value={root.level}
				min={1}
				max={10}
				step={0.5}
				shown={formatLevel(root.level)}
				hint="The nearer to the natural level, the later regrowth shows."
				onchange={(value) =>
					whole('root depth', (draft) => {
						if (draft.rootDepth) draft.rootDepth.level = value;
					})}
			/>
			<Dial
				label="Runs down"
				value={root.cm}
				min={1}
				max={Math.max(2, Math.min(40, Math.floor(reading.lengthCm / 2)))}
				step={0.5}
				shown="{root.cm} cm"
				onchange={(value) =>
					whole('root depth', (draft) => {
						if (draft.rootDepth) draft.rootDepth.cm = value;
					})}
			/>
		{/if}
	</Fold>
	<Fold title="Hidden panel" summary={panelWords(strandAim, view.panel)}>
		<Tick
			label="A panel under the rest"
			checked={strandAim.panel !== undefined}
			onchange={(on) =>
				whole('panel', (draft) => {
					if (on) draft.panel = { topEdgeCm: 18, worn: 'down' };
					else delete draft.panel;
				})}
		/>
		{#if strandAim.panel}
			{@const panel = strandAim.panel}
			<Dial
				label="Top edge under the parting"
				value={panel.topEdgeCm}
				min={4}
				max={28}
				step={1}
				shown="{panel.topEdgeCm} cm"
				onchange={(value) =>
					whole('panel', (draft) => {
						if (draft.panel) draft.panel.topEdgeCm = value;
					})}
			/>
			<Choice
				label="Worn"
				value={panel.worn}
				options={WORN_OPTIONS}
				onchange={(value) =>
					whole('panel', (draft) => {
						if (draft.panel) draft.panel.worn = value;
					})}
			/>
		{/if}
	</Fold>
	<Fold title="From a picture" summary="point at the colour">
		<PictureFold action="Aim for this" ontake={takePicture} />
	</Fold>
</div>

<style>
	.folds {
		margin-top: 8px;
	}
	/* In a narrow column the picture and what it says stand one over the other. */
	.folds :global(.work) {
		grid-template-columns: minmax(0, 1fr);
	}
</style>
