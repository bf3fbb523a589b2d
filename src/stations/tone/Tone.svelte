<script lang="ts">
	import { rgbOf } from '../../core/colour';
	import { AGES_FOR_WEEKS } from '../../state/tonerView.svelte';
	import { FADE_WEEKS } from '../../model/visit/aimStrands';
	import { developerGramsOf } from '../../model/visit/tone';
	import { settleToner } from '../../model/commands/toner';
	import { goto } from '$app/navigation';
	import { figures } from '../../state/figures.svelte';
	import { formatLevel } from '../../core/hair';
	import { holds } from '../../core/tone';
	import Button from '../../ui/Button.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import ProcessClock from '../../widgets/ProcessClock.svelte';
	import Station from '../../widgets/Station.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { useClock } from '../../state/clock.svelte';
	import { DayClocks } from '../../state/dayClocks.svelte';
	import { useVisit } from '../../state/visitContext';
	import { tonedWord } from '../../widgets/summary';
	import { isPlainLine } from '../../store/demo/shelf';
	import Ageing from './Ageing.svelte';
	import FillerLine from './FillerLine.svelte';
	import Formulas from './Formulas.svelte';
	import MixingBench from './MixingBench.svelte';
	import ToneDials from './ToneDials.svelte';
	import ZoneMinutes from './ZoneMinutes.svelte';
	import { beside, withWhite } from '../../wording/words';
	import { lightsTonedWords } from '../../wording/kept';
	import {
		distanceWords,
		formulaWords,
		holdsWords,
		toneTaskWords,
		toneWarningWords
	} from '../../wording/tone';

	const WEEK_MARKS = [2, 4, 6, 8, AGES_FOR_WEEKS].map((week) => ({
		at: week / AGES_FOR_WEEKS,
		text: week === AGES_FOR_WEEKS ? `${week} weeks` : `${week}`
	}));
	const session = useVisit();
	const tone = $derived(session.visit.tone);
	const toned = $derived(session.head.toner.toned);
	const parts = $derived(session.head.toner.parts);
	const undertone = $derived(session.head.rawUndertone);
	const startWord = $derived(session.head.startWord);
	const start = $derived(
		session.head.seen
			? `Seen ${formatLevel(session.head.seen.level)}`
			: `${session.lightens ? 'Expected' : 'As it is,'} ${formatLevel(session.head.lift.level)}`
	);
	const warnings = $derived(session.head.toner.faults);
	const held = $derived(holds(session.head.toner.conditions));
	const need = $derived(session.head.toner.found?.needLevel);
	const tooLate = $derived(session.head.toner.tooLate);
	const lastMinute = $derived(session.head.toner.course.at(-1)!.minute);
	const minuteMarks = $derived([
		{ at: tone.minutes / lastMinute, text: `${tone.minutes} min`, strong: true },
		...(tooLate === undefined || tooLate === tone.minutes
			? []
			: [{ at: tooLate / lastMinute, text: `${tooLate} min: too far` }])
	]);
	/** Its clock stands first once it is chosen. */
	const wallClock = useClock();
	$effect(wallClock.run);
	const clocks = new DayClocks(session, wallClock);
	$effect(clocks.followWall);
	const tonerClock = $derived(clocks.of('toner'));
	const chosen = $derived(
		tone.choice === 'formula' || (tonerClock && tonerClock.state !== 'waiting')
	);
	const developer = $derived(
		session.line && session.line.vehicle !== 'direct'
			? `${developerGramsOf(parts, session.line, tone.ratio, session.shelf?.scaleStep)} g`
			: 'none'
	);

	function next() {
		session.change('toner', (draft) => settleToner(draft, parts, session.line));
		void goto(`/visit/${session.id}/send-off`);
	}
</script>

<Station
	question="What neutralises what is there?"
	answer={session.head.toner.none
		? 'No toner'
		: formulaWords(parts) || (session.head.toner.found ? 'nothing found' : 'searching…')}
	words={tone.choice === 'open' && (session.head.toner.none || parts.length > 0) ? 'suggested' : ''}
	range="{start} {startWord}{session.lightens || session.head.seen
		? ` at ${session.head.toneStart.minute} min`
		: ''}: {toneTaskWords(
		undertone,
		session.head.aim.direction,
		session.head.isLifted(session.head.toneStart.fibre)
	)}."
	facts={session.head.toner.none
		? []
		: [
				{ value: `${tone.minutes} min`, label: 'then wipe and look' },
				{ value: developer, label: `developer, ${session.tonerVolume ?? 0} vol` },
				{
					value: distanceWords(toned.deltaE),
					label: figures.shown ? `ΔE ${toned.deltaE.toFixed(1)} from the aim` : 'to the aim'
				}
			]}
>
	{#snippet field()}
		<StrandRow
			name={session.head.toneStart.seen ? 'seen' : session.lightens ? 'lifted' : 'as it is'}
			colours={session.head.rawColours}
			value={formatLevel(session.head.rawLevel)}
			words={beside(startWord, withWhite(session.head.rawLevel, session.head.rawLab))}
			lab={session.head.rawLab}
			height={48}
		/>
		{#if tone.filler}
			<StrandRow
				name={tone.filler.isToner ? 'first' : 'filled'}
				colours={session.head.filledColours}
				value=""
				height={40}
			/>
		{/if}
		<StrandRow
			name="toned"
			strong
			colours={session.head.tonedColours}
			value={formatLevel(toned.level)}
			words={beside(tonedWord(session.head), withWhite(toned.level, toned.lab))}
			lab={toned.lab}
			height={88}
		/>
		{#if !session.head.toner.none && parts.length > 0}
			<StrandRow
				name="on the hair"
				colours={{ hair: session.head.toner.course.map(({ lab }) => rgbOf(lab)) }}
				value=""
				words={tooLate === undefined ? '' : `off before ${tooLate} min`}
				marks={minuteMarks}
				height={36}
			/>
		{/if}
		<StrandRow
			name="with weeks"
			colours={{ hair: session.head.toner.weeks.map(({ lab }) => rgbOf(lab)) }}
			value={formatLevel(session.head.faded.level)}
			words={beside(
				`after ${FADE_WEEKS} weeks`,
				withWhite(session.head.faded.level, session.head.faded.lab)
			)}
			lab={session.head.faded.lab}
			marks={WEEK_MARKS}
			height={36}
		/>
	{/snippet}
	{#snippet picture()}
		{#each warnings as warning (warning.code)}
			<p class="mb-3 border-l-4 border-ask pl-3" role="status">
				<b>Watch:</b>
				{toneWarningWords(warning)}
			</p>
		{/each}
		{#if held < 1 && !session.head.toner.none}
			<p class="mb-3 border-l-4 border-ask pl-3" role="status">
				<b>Holds little:</b>
				{holdsWords(held)}
			</p>
		{/if}
		{#if need !== undefined}
			<p class="mb-3 border-l-4 border-ask pl-3">
				<b>Nothing on this line comes close.</b> Lifted to {formatLevel(need)} it would. The nearest stand
				below with their distance.
			</p>
		{/if}
		{#if session.line && isPlainLine(session.line)}
			<p class="mb-3 border-l-4 border-ask pl-3" role="status">
				<b>These are not your tubes.</b> The shelf still holds the line that a new salon starts
				with:
				<a href="/shelf">enter your own shades</a> before you mix by this.
			</p>
		{/if}
		{#each session.head.lightsToned as piece (piece.zone)}
			<p class="mb-3 border-l-4 border-ask pl-3">
				<b>Old light pieces, {piece.zone}:</b>
				{lightsTonedWords(piece)}
			</p>
		{/each}
		<FillerLine {clocks} />
		{#snippet onHair()}
			{#if tonerClock}<ProcessClock one={tonerClock} after={clocks.of('filler')} />{/if}
		{/snippet}
		<!-- What was chosen is worked on first; what is only suggested is chosen first. -->
		{#if chosen}{@render onHair()}{/if}
		{#if !session.head.toner.none && parts.length > 0}<ZoneMinutes {clocks} />{/if}
		{#if !chosen}
			<Formulas />
			{#if !session.head.toner.none && parts.length > 0}{@render onHair()}{/if}
		{/if}
		<MixingBench />
		{#if chosen}<Formulas />{/if}
		<Ageing />
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
				disabled={tone.choice === 'open' && session.line !== undefined && !session.head.toner.found}
				>{tone.choice === 'open' && parts.length > 0 ? 'Use this, send off' : 'Send off'}</Button
			>
		</FootLine>
	{/snippet}
</Station>
