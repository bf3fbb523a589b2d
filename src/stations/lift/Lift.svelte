<script lang="ts">
	import { goto } from '$app/navigation';
	import LiftChart from '../../charts/lift/LiftChart.svelte';
	import type { ChartTrack } from '../../charts/lift/liftChart';
	import { hexOf } from '../../core/colour';
	import { conditionBand, formatLevel } from '../../core/hair';
	import Button from '../../ui/Button.svelte';
	import Tabs from '../../ui/Tabs.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import Station from '../../widgets/Station.svelte';
	import { MAIN_STEP, tintOf } from '../../model/day/steps';
	import { useVisit } from '../../state/visitContext';
	import { formatHours, headWords, whenWords } from '../../wording/words';
	import { answerWords, namerOf } from '../../widgets/answerWords';
	import { hairOfHead } from '../../state/hairOfHead';
	import { levelOfFibre, readiness } from '../../core/lift';
	import { factsOf } from '../../core/vocabulary';
	import { mayBeginWords, readyWords } from '../../wording/ready';
	import { slowestWords } from '../../wording/bowls';
	import AddStep from './AddStep.svelte';
	import LiftDials from './LiftDials.svelte';
	import LiftField from './LiftField.svelte';
	import StallFold from './StallFold.svelte';
	import Why from './Why.svelte';
	import type * as Ways from '../../state/liftWays';
	import Part from '../../widgets/Part.svelte';

	const session = useVisit();
	const view = $derived(session.view);
	const step = $derived(view.shown);
	const lift = $derived(step.lift);
	const course = $derived(step.course);
	const moments = $derived(course.course.map(({ lab, ...rest }) => ({ ...rest, hex: hexOf(lab) })));
	const { verdict } = session;
	const answer = $derived(answerWords(verdict));
	const heads = $derived(hairOfHead(session));
	const ready = $derived(
		readyWords(
			readiness(
				heads.flatMap((head) => head.view.shown.ready),
				step.lastMinute
			)
		)
	);
	/** How sure one may be of that minute, for the hair that is looked at. */
	const mayBegin = $derived.by(() => {
		const range = view.readySearch.found;
		return range && Number.isFinite(range.low)
			? `, ${mayBeginWords({ low: step.sinceItBegan(range.low), high: step.sinceItBegan(range.high) })}`
			: '';
	});
	/** The bracket on the clock: when all of this strand is inside the aim. */
	function windowOf({ ready, lastMinute }: typeof step) {
		const when = readiness(ready, lastMinute);
		return typeof when === 'string' ? undefined : when;
	}
	/** Where the head is one, its warm root and other zones; else the other hair of the head. */
	const tracks: ChartTrack[] = $derived(
		heads.length === 1
			? step.tracks.map(({ name, moments }) => ({ name, moments }))
			: heads
					.filter((head) => head.view !== view)
					.map((head) => ({
						name: headWords(head.areas),
						moments: head.view.shown.course.course
							.filter(everyOther)
							.map(({ lab, minute, level }) => ({
								minute,
								level,
								hex: hexOf(lab)
							}))
					}))
	);
	const everyOther = (_: unknown, i: number) => i % 2 === 0;
	const several = $derived(view.steps.length > 1);

	/** Aim’s plan, where the day is worked otherwise. */
	const otherwise = $derived(verdict.otherwise);

	/** Once it is off, its minutes are those that it lay. */
	const lay = $derived(session.isOff(step.step.id) ? 'lay' : 'expected at');

	const PICTURES = [
		{ value: 'clock', label: 'Clock' },
		{ value: 'ways', label: 'Side by side' },
		{ value: 'visits', label: 'Visits' }
	] as const;
	let looked = $state<(typeof PICTURES)[number]['value']>('clock');

	// What only the comparison needs comes when somebody compares.
	let waysOf = $state.raw<typeof Ways.waysOf>();
	const ways = $derived(looked === 'ways' && waysOf ? waysOf(session) : []);
	async function look(at: typeof looked) {
		if (at === 'ways') ({ waysOf } = await import('../../state/liftWays'));
		looked = at;
	}

	$effect(() => () => (session.stepId = MAIN_STEP));

	/** What it was read as, off and dry, and what was expected of it before. */
	const read = $derived(view.readAfter(step.step.id));
	const foreseen = $derived(
		read === undefined ? undefined : view.foreseenOn(view.zone, step.number + 1)
	);

	/** What is expected where nobody has read it. */
	const expectedWords = $derived.by(() => {
		const comesOut = tintOf(step.plan)
			? `comes out ${formatLevel(levelOfFibre(step.fibre))} ${view.liftedWord(step.fibre)}; the lift `
			: '';
		const white = view.reading.whiteShare > 0 ? ', the pigmented hair' : '';
		const unread = view.reading.guess ? '; the hair is not read yet' : '';
		return `${comesOut}${lay} ${step.plan.minutes} min, likely ${formatLevel(lift.low)} to ${formatLevel(lift.high)}${white}${unread}${
			slowest === '' || step.step.id !== MAIN_STEP || session.isOff(MAIN_STEP) ? '' : `; ${slowest}`
		}`;
	});
	const slowest = $derived(slowestWords(session.bowls.slowest, namerOf(verdict)));
	const setMinute = (minutes: number) => session.changeMinutes(minutes);
	function next() {
		session.settle('lift');
		void goto(`/visit/${session.id}/bowls`);
	}
</script>

{#if !session.lightens}
	{#await import('../../widgets/NoLift.svelte') then { default: NoLift }}<NoLift
			question="Where will it get to, and when?"
		/>{/await}
{:else}
	<Station
		question="Where will it get to, and when?"
		answer={formatLevel(read ?? lift.level)}
		words={read === undefined ? lift.tone : 'seen, dry'}
		range={foreseen === undefined
			? expectedWords
			: `${formatLevel(foreseen)} was expected; it lay ${step.plan.minutes} min`}
		guess={view.reading.guess === true}
		facts={[
			...(step === view.final
				? [{ value: ready, label: `all of it inside the aim${mayBegin}` }]
				: []),
			{
				value: `${Math.round(lift.condition)} ${conditionBand(lift.condition)}`,
				label: `condition after, from ${Math.round(view.conditionBefore)}`
			},
			several
				? { value: formatLevel(view.lift.level), label: 'at the end of the day' }
				: {
						value: answer?.short ?? '…',
						label:
							otherwise && !verdict.answer?.behind
								? `Aim’s plan: ${whenWords(otherwise.visits.length)}`
								: `${answer?.label ?? 'being worked out'}, ${formatHours(session.chairMinutes)}${(verdict.answer?.visits ?? 0) > 1 ? ' each' : ''}`
					}
		]}
	>
		{#snippet field()}
			{#if looked === 'ways'}
				{#await import('./WaysField.svelte') then { default: WaysField }}<WaysField
						{ways}
					/>{/await}
			{:else}<Part name="strands on one clock"><LiftField /></Part>{/if}
		{/snippet}
		{#snippet picture()}
			<Tabs label="What to look at" value={looked} options={PICTURES} onchange={look}>
				<!-- The chart’s own tools stand on the line of the choice above it. -->
				<div class="contents [--tools-left:auto] [--tools-right:0] [--tools-top:-46px]">
					{#if looked === 'clock'}
						{#if several}
							{#await import('./DaySteps.svelte') then { default: DaySteps }}<DaySteps />{/await}
						{/if}
						<Part name="course"
							><LiftChart
								{moments}
								{tracks}
								window={windowOf(step)}
								minute={step.plan.minutes}
								spent={course.spent}
								onminute={setMinute}
							/></Part
						>
					{:else if looked === 'ways'}
						{#await import('./SideBySide.svelte') then { default: SideBySide }}
							<Part name="side by side"><SideBySide {moments} {ways} /></Part>
						{/await}
					{:else}
						{#await import('./VisitPlans.svelte') then { default: VisitPlans }}<VisitPlans
							/>{/await}
					{/if}
				</div>
			</Tabs>
		{/snippet}
		{#snippet dials()}
			{#if verdict.answer?.behind && !session.isOff(MAIN_STEP)}
				{#await import('../../widgets/BestHelp.svelte') then { default: BestHelp }}
					<BestHelp {verdict} />
				{/await}
			{/if}
			{#if otherwise}
				{#await import('../../widgets/AimsPlan.svelte') then { default: AimsPlan }}
					<div class="border-t border-line pt-2"><AimsPlan plan={otherwise} /></div>
				{/await}
			{/if}
			<LiftDials />
			{#if factsOf(step.plan.product).kind === 'tint'}
				{#await import('./TintFold.svelte') then { default: TintFold }}<TintFold />{/await}
			{/if}
			<AddStep />
			<Part name="why"><Why /></Part>
			{#if session.learning.taught.visits > 0 || session.learning.taught.strandLooks}
				{#await import('./LearnedFold.svelte') then { default: LearnedFold }}<LearnedFold />{/await}
			{/if}
			<Part name="if it stops short"><StallFold /></Part>
		{/snippet}
		{#snippet foot()}
			<FootLine
				station="lift"
				cautions={session.cautions.filter(
					(c) => c.station === 'lift' || (c.station === 'read' && c.severity !== 'note')
				)}
				onpass={(code, reason) => session.pass(code, reason)}
			>
				<Button primary onclick={next}>Set bowls</Button>
			</FootLine>
		{/snippet}
	</Station>
{/if}
