<script lang="ts">
	import { levelOf, rgbOf } from '../../core/colour';
	import { AGES_FOR_WEEKS } from '../../state/tonerView.svelte';
	import { FADE_WEEKS } from '../../model/visit/aimStrands';
	import { colourCost } from '../../model/visit/dayBowls';
	import { placedBowlId } from '../../model/day/placed';
	import { developerGramsOf } from '../../model/visit/tone';
	import { isBegun } from '../../model/day/clocks';
	import { settleToner } from '../../model/commands/toner';
	import { goto } from '$app/navigation';
	import { figures } from '../../state/figures.svelte';
	import { formatLevel } from '../../core/hair';
	import Button from '../../ui/Button.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import ProcessClock from '../../widgets/ProcessClock.svelte';
	import Station from '../../widgets/Station.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { useClock } from '../../state/clock.svelte';
	import { DayClocks } from '../../state/dayClocks.svelte';
	import { useVisit } from '../../state/visitContext';
	import { tonedWord } from '../../widgets/summary';
	import Ageing from './Ageing.svelte';
	import Cures from './Cures.svelte';
	import FillerLine from './FillerLine.svelte';
	import PlacedToners from './PlacedToners.svelte';
	import ToneWatch from './ToneWatch.svelte';
	import ToneWheel from './ToneWheel.svelte';
	import Formulas from './Formulas.svelte';
	import MixingBench from './MixingBench.svelte';
	import ToneDials from './ToneDials.svelte';
	import ZoneMinutes from './ZoneMinutes.svelte';
	import { beside, formatPrice, seenWord, withWhite } from '../../wording/words';
	import {
		distanceWords,
		formulaWords,
		pastWords,
		PLACE_NAMES,
		placeQuestion,
		placeWords,
		toneTaskWords
	} from '../../wording/tone';
	import Part from '../../widgets/Part.svelte';

	const WEEK_MARKS = [2, 4, 6, 8, AGES_FOR_WEEKS].map((week) => ({
		at: week / AGES_FOR_WEEKS,
		text: week === AGES_FOR_WEEKS ? `${week} weeks` : `${week}`
	}));
	const session = useVisit();
	const toner = $derived(session.toner);
	const placed = $derived(session.placedToner);
	const mix = $derived(toner.mix);
	const toned = $derived(toner.toned);
	const parts = $derived(toner.parts);
	const startWord = $derived(session.head.startWord);
	const start = $derived.by(() => {
		const { seen, rawLevel, lift, toneStart } = session.head;
		if (!seen) return `${session.lightens ? 'Expected' : 'As it is,'} ${formatLevel(lift.level)}`;
		if (toneStart.seen) return `Seen ${formatLevel(seen.level)}`;
		// It lay on, or something else goes on it.
		return `Seen ${formatLevel(seen.level)} at ${Math.round(seen.minute)} min, expected ${formatLevel(rawLevel)}`;
	});
	const wallClock = useClock();
	$effect(wallClock.run);
	const clocks = new DayClocks(session, wallClock);
	/** When it was seen, or how long it lay: as that was planned, where it was not otherwise. */
	const after = $derived.by(() => {
		const { head, visit, plan, steps } = session;
		const minutes = Math.round(head.toneStart.minute);
		if (head.toneStart.seen) return ` at ${minutes} min`;
		const pace = !head.seen && head.isLookedAt ? ', by what was seen elsewhere' : '';
		if (steps.length > 1) return ` after ${steps.length} applications${still}${pace}`;
		const lay = Math.round(head.plan.minutes);
		if (!visit.run.lain) return ` at ${lay} min${pace}`;
		const planned = plan.minutes === lay ? '' : `, ${plan.minutes} planned`;
		return ` after ${lay} min${planned}${pace}`;
	});
	/** Seen only where somebody saw it. */
	const strandName = $derived.by(() => {
		const { seenOf } = session.head;
		if (seenOf !== 'none') return seenWord(seenOf);
		return session.lightens ? 'lifted' : 'as it is';
	});
	/** Applications that are reckoned with and have not gone on, though the day has begun. */
	const still = $derived.by(() => {
		const waits = clocks.all.filter(({ plan, state }) => plan && state === 'waiting').length;
		return waits === 0 || !isBegun(session.visit) ? '' : `, ${waits} of them still to go on`;
	});
	const range = $derived(
		placed
			? `${placeWords(placed.mix)}: ${formatLevel(levelOf(toner.bareLab))} before it.`
			: `${start} ${startWord}${
					session.lightens || session.head.seen ? after : ''
				}: ${toneTaskWords(
					session.head.rawUndertone,
					session.head.aim.direction,
					session.head.isLifted(session.head.toneStart.fibre)
				)}.`
	);
	const tooLate = $derived(toner.tooLate);
	const lastMinute = $derived(toner.course.at(-1)!.minute);
	const minuteMarks = $derived([
		{ at: mix.minutes / lastMinute, text: `${mix.minutes} min`, strong: true },
		...(tooLate === undefined || tooLate.minute === mix.minutes
			? []
			: [{ at: tooLate.minute / lastMinute, text: pastWords(tooLate) }])
	]);
	const faded = $derived(toner.weeks[FADE_WEEKS]!);
	/** What the figures of the whole strand speak of. */
	const whole = $derived(session.head.finished);
	/** Its clock stands first once it is chosen. */
	const tonerClock = $derived(clocks.of(placed ? placedBowlId(placed.id) : 'toner'));
	const chosen = $derived(
		mix.choice === 'formula' || (tonerClock && tonerClock.state !== 'waiting')
	);
	const developerGrams = $derived(
		toner.line ? developerGramsOf(parts, toner.line, mix.ratio, session.shelf?.scaleStep) : 0
	);
	const cost = $derived(colourCost(parts, developerGrams, session.shelf, session.toner.volume));

	function next() {
		session.change('toner', (draft) => settleToner(draft, ...session.suggested));
		void goto(`/visit/${session.id}/send-off`);
	}
</script>

<Station
	question={placed ? placeQuestion(placed.mix) : 'What neutralises what is there?'}
	answer={toner.none
		? 'No toner'
		: formulaWords(parts) || (toner.found ? 'nothing found' : 'searching…')}
	words={mix.choice === 'open' && (toner.none || parts.length > 0) ? 'suggested' : ''}
	{range}
	facts={toner.none || parts.length === 0
		? []
		: [
				{
					value: `${mix.minutes} min`,
					label: tonerClock?.state === 'off' ? 'it lay' : 'then wipe and look'
				},
				{
					value: developerGrams > 0 ? `${developerGrams} g` : 'none',
					label: `developer, ${toner.volume ?? 0} vol`
				},
				...(cost === undefined
					? []
					: [{ value: formatPrice(cost, session.shelf), label: 'in the bowl' }]),
				{
					value: distanceWords(toned.deltaE),
					label: figures.shown ? `ΔE ${toned.deltaE.toFixed(1)} from the aim` : 'to the aim'
				}
			]}
>
	{#snippet field()}
		<div
			class="grid grid-cols-[minmax(0,1fr)_240px] items-center gap-4 max-desk:grid-cols-[minmax(0,1fr)_208px] max-tablet:grid-cols-1"
		>
			<div class="min-w-0">
				<StrandRow
					name={strandName}
					colours={session.head.rawColours}
					value={formatLevel(session.head.rawLevel)}
					words={beside(startWord, withWhite(session.head.rawLevel, session.head.rawLab))}
					lab={session.head.rawLab}
					height={48}
				/>
				{#if session.visit.tone.filler}
					<StrandRow
						name={session.visit.tone.filler.isToner ? 'first' : 'filled'}
						colours={session.head.filledColours}
						value=""
						height={40}
					/>
				{/if}
				<StrandRow
					name="toned"
					strong
					colours={session.head.tonedColours}
					value={formatLevel(whole.level)}
					words={beside(tonedWord(session.head), withWhite(whole.level, whole.lab))}
					lab={whole.lab}
					height={72}
				/>
				{#if !toner.none && parts.length > 0}
					<StrandRow
						name={placed ? PLACE_NAMES[placed.mix.place] : 'on the hair'}
						colours={{ hair: toner.course.map(({ lab }) => rgbOf(lab)) }}
						value=""
						words={tooLate === undefined ? '' : `off before ${tooLate.minute} min`}
						marks={minuteMarks}
						height={36}
					/>
				{/if}
				<StrandRow
					name="with weeks"
					colours={{ hair: toner.weeks.map(({ lab }) => rgbOf(lab)) }}
					value={formatLevel(faded.level)}
					words={beside(`after ${FADE_WEEKS} weeks`, withWhite(faded.level, faded.lab))}
					lab={faded.lab}
					marks={WEEK_MARKS}
					height={36}
				/>
			</div>
			<Part name="wheel"><ToneWheel /></Part>
		</div>
	{/snippet}
	{#snippet picture()}
		<Part name="watch"><ToneWatch /></Part>
		<Part name="toners on some of the hair"><PlacedToners /></Part>
		<FillerLine {clocks} />
		{#snippet onHair()}
			{#if tonerClock}<ProcessClock one={tonerClock} after={clocks.of('filler')} />{/if}
		{/snippet}
		<!-- What was chosen is worked on first; what is only suggested is chosen first. -->
		{#if chosen}{@render onHair()}{/if}
		{#if !placed && !toner.none && parts.length > 0}<Part name="zone by zone"
				><ZoneMinutes {clocks} /></Part
			>{/if}
		{#if !chosen}
			<Part name="formulas"><Formulas /></Part>
			{#if !toner.none && parts.length > 0}{@render onHair()}{/if}
		{/if}
		<Part name="mixing bench"><MixingBench /></Part>
		{#if chosen}<Part name="formulas"><Formulas /></Part>{/if}
		<Part name="cures"><Cures /></Part>
		<Part name="ageing"><Ageing /></Part>
	{/snippet}
	{#snippet dials()}<ToneDials />{/snippet}
	{#snippet foot()}
		<FootLine
			station="tone"
			cautions={session.cautions.filter((c) => c.station === 'tone')}
			onpass={(code, reason) => session.pass(code, reason)}
		>
			<Button
				primary
				onclick={next}
				disabled={session.visit.tone.choice === 'open' &&
					session.line !== undefined &&
					!session.head.toner.found}
				>{session.visit.tone.choice === 'open' && parts.length > 0
					? 'Use this, send off'
					: 'Send off'}</Button
			>
		</FootLine>
	{/snippet}
</Station>
