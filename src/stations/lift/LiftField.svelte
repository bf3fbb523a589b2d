<script lang="ts">
	import { levelOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre, levelOfFibre, SCALP, type Fibre } from '../../core/lift';
	import type { HairView } from '../../state/hairView.svelte';
	import { bandWords } from '../../wording/bands';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { useVisit } from '../../state/visitContext';
	import { tonedWord } from '../../widgets/summary';
	import { hairOfHead } from '../../state/hairOfHead';
	import { beside, headWords, seenWord, withWhite } from '../../wording/words';
	import { mixedLab } from '../../model/head/hair';
	import { readiness } from '../../core/lift';
	import { tintOf } from '../../model/day/steps';
	import { oldLightsWords } from '../../wording/kept';
	import { readyWords } from '../../wording/ready';

	const session = useVisit();
	const view = $derived(session.view);
	const step = $derived(view.shown);
	const heads = $derived(hairOfHead(session));
	/** With many strands, only the lifted ones are shown: that is the question here. */
	const many = $derived(heads.length > 3);
	/** The large figure is the pigmented hair's; what the eye reads of it among white hair is said beside it. */
	const among = (of: HairView, fibre: Fibre, which: 'before' | 'after') => {
		const lab = labOfFibre(fibre, of.reading.whiteShare);
		const lights = of.shown.lights.find(({ zone }) => zone === of.shown.zone.name);
		const together = lights && levelOf(mixedLab(lab, labOfFibre(lights[which]), lights.share));
		return beside(
			withWhite(levelOfFibre(fibre), lab),
			lights ? oldLightsWords(lights.share, levelOfFibre(lights[which]), together!) : ''
		);
	};
	const warm = $derived(
		Math.abs(step.lift.rootLead) >= 0.15
			? {
					share: SCALP.heatZoneCm / view.reading.lengthCm,
					text: `scalp’s warmth: ${Math.abs(step.lift.rootLead).toFixed(1)} level ${step.lift.rootLead > 0 ? 'lighter' : 'behind'}`
				}
			: undefined
	);
</script>

{#if !many}
	<StrandRow
		name="now"
		colours={view.nowColours}
		value={formatLevel(levelOfFibre(view.zone.fibre))}
		words={among(view, view.zone.fibre, 'before')}
		height={30}
	/>
{/if}
{#each heads as head (head.key)}
	{@const shown = head.view.shown}
	{@const chosen = head.view === view}
	{@const read = head.view.readAfter(shown.step.id)}
	{@const isSeen = read !== undefined && shown === head.view.final}
	<StrandRow
		name={heads.length > 1
			? headWords(head.areas)
			: view.steps.length > 1
				? `after ${step.number + 1}`
				: isSeen
					? seenWord(head.view.seenOf)
					: tintOf(shown.plan)
						? 'comes out'
						: 'lifted'}
		strong={chosen}
		colours={isSeen ? head.view.rawColours : shown.liftedColours}
		value={formatLevel(read ?? levelOfFibre(shown.fibre))}
		words={isSeen
			? head.view.startWord
			: beside(head.view.liftedWord(shown.fibre), among(head.view, shown.fibre, 'after'))}
		lab={heads.length > 1
			? undefined
			: isSeen
				? head.view.rawLab
				: labOfFibre(shown.fibre, head.view.reading.whiteShare)}
		note={heads.length === 1 ? '' : readyWords(readiness(shown.ready, shown.lastMinute))}
		height={heads.length === 1 ? 92 : chosen ? 60 : 30}
		warm={chosen ? warm : undefined}
		{...heads.length > 1 ? { picked: chosen, onpick: () => (session.areas = head.areas) } : {}}
	/>
{/each}
{#if !many}
	<StrandRow
		name="toned"
		colours={view.tonedColours}
		value={formatLevel(view.finished.level)}
		words={beside(tonedWord(view), withWhite(view.finished.level, view.finished.lab))}
		height={32}
	/>
	<StrandRow
		name="six weeks"
		colours={view.fadedColours}
		value={formatLevel(view.faded.level)}
		words={beside('faded', withWhite(view.faded.level, view.faded.lab))}
		height={30}
	/>
{/if}
{#each step.bands as band (band.fromCm)}
	<p class="pl-24 text-14 @max-narrow:pl-0">{bandWords(band)}.</p>
{/each}
