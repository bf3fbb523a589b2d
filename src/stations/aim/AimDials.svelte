<script lang="ts">
	import { BOUNDS, inPercent } from '../../core/vocabulary';
	import { formatLevel } from '../../core/hair';
	import { nearestTarget } from '../../core/tone';
	import { labOfFibre } from '../../core/lift';
	import type { PictureReading } from '../../core/picture';
	import type { Aim } from '../../schema/records';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import { figures } from '../../state/figures.svelte';
	import PictureFold from '../../widgets/PictureFold.svelte';
	import { useVisit } from '../../state/visitContext';
	import { beside, formatShare } from '../../wording/words';
	import { seenFibre } from '../../model/head/hair';
	import type { AimView } from '../../state/aimView.svelte';
	import ContrastDials from './ContrastDials.svelte';
	import PartDials from './PartDials.svelte';
	import { partWords } from '../../wording/part';
	import { setColour, type AimPlace } from '../../model/commands/aim';
	import { contrastWords, panelWords } from '../../wording/aim';

	interface Props {
		view: AimView;
		/** The hair that is being aimed for; none for the whole strand. */
		place: AimPlace | undefined;
		/** The colour asked for there. */
		aim: Aim;
	}
	let { view, place, aim }: Props = $props();
	const session = useVisit();
	const strandAim = $derived(session.view.strandAim);
	const reading = $derived(session.view.reading);

	function takePicture({ lab }: PictureReading): string {
		const { level, direction, keepWarmth, deltaE } = nearestTarget(lab, (at) =>
			labOfFibre(
				seenFibre(reading, Math.min(12, Math.max(at + strandAim.liftPast, reading.naturalLevel)))
			)
		);
		session.changeAim('aim from a picture', (draft) =>
			setColour(draft, place, { level, direction, keepWarmth })
		);
		return `Aimed for ${formatLevel(level)} ${direction}, ${formatShare(keepWarmth)} warmth: ${
			deltaE < 3 ? 'that is the picture' : deltaE < 7 ? 'near the picture' : 'as near as words come'
		}${figures.shown ? ` (ΔE ${deltaE.toFixed(1)})` : ''}.`;
	}
</script>

<Dial
	label="Warmth kept"
	value={Math.round(aim.keepWarmth * 100)}
	{...inPercent(BOUNDS.share)}
	shown={formatShare(aim.keepWarmth)}
	hint={aim.keepWarmth < 0.2
		? 'Flat at light levels, muddy at dark ones.'
		: aim.keepWarmth <= 0.4
			? 'A third keeps it looking like hair.'
			: aim.keepWarmth < 0.75
				? 'Plainly warm.'
				: 'Nearly as it lifts.'}
	onchange={(value) =>
		session.changeAim('warmth kept', (draft) =>
			setColour(draft, place, { keepWarmth: value / 100 })
		)}
/>
<Dial
	label="Lift past the aim by"
	value={strandAim.liftPast}
	{...BOUNDS.liftPast}
	shown="{strandAim.liftPast} level"
	hint={strandAim.liftPast < 0.5
		? 'A toner deepens: the result may fall short.'
		: strandAim.liftPast <= 1
			? 'Room for a toner to deepen.'
			: 'For a true, clear shade.'}
	onchange={(value) => session.changeWholeAim('lift past', (draft) => (draft.liftPast = value))}
/>
<div class="mt-2 [&_.work]:grid-cols-1">
	<Fold title="Contrast and depth" summary={contrastWords(strandAim)}>
		<ContrastDials />
	</Fold>
	<Fold
		title="Part of the head"
		summary={beside(
			partWords(session.visit.lift.part),
			view.panel ? panelWords(strandAim, view.panel) : ''
		)}
	>
		<PartDials />
	</Fold>
	<Fold title="From a picture" summary="point at the colour">
		<PictureFold action="Aim for this" ontake={takePicture} />
	</Fold>
</div>
