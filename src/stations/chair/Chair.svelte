<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { goto } from '$app/navigation';
	import LiftChart from '../../charts/lift/LiftChart.svelte';
	import { hexOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { Awake } from '../../devices/awake.svelte';
	import Button from '../../ui/Button.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import Station from '../../widgets/Station.svelte';
	import { useVisit } from '../../state/visitContext';
	import { levelsSeen } from '../../model/visit/seen';
	import { seenFibre } from '../../model/visit/hair';
	import { actOf } from '../../ui/keys';
	import { CHECK_WORDS } from '../../core/vocabulary';
	import { actWords } from '../../wording/chair';
	import { formatTime } from '../../wording/words';
	import { isLying } from '../../core/work';
	import { keyOf } from '../../state/runningView.svelte';
	import { ChairRun, stopsAll } from './chairRun.svelte';
	import DryReading from './DryReading.svelte';
	import LogFold from './LogFold.svelte';
	import RateLine from './RateLine.svelte';
	import RinseNow from './RinseNow.svelte';
	import StopNow from './StopNow.svelte';
	import ChairField from './ChairField.svelte';
	import ChairClock from './ChairClock.svelte';
	import PuttingOn from './PuttingOn.svelte';
	import SectionCourse from './SectionCourse.svelte';
	import SectionNow from './SectionNow.svelte';
	import CallsFold from './CallsFold.svelte';
	import CheckForm from './CheckForm.svelte';
	import CheckList from './CheckList.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import { dryOf } from '../../model/commands/checks';
	import { elapsedSeconds, isSetBack, rebaseRun, rinse, toggleRun } from '../../model/commands/run';
	import { expectedAt, readyLine, readyOf } from './chair';

	const session = useVisit();
	const clock = useClock();
	$effect(clock.run);
	// Whoever has their hands full taps no screen awake.
	const awake = new Awake();
	$effect(() => (running ? awake.hold() : undefined));
	const timer = new RunTimer(clock);

	const run = $derived(session.visit.run);
	const running = $derived(run.runningSince !== undefined);
	const seconds = $derived(timer.seconds(run));
	// The clock on the wall was put back: what is stored follows, so that a reload counts right too.
	$effect(() => {
		if (running && isSetBack(elapsedSeconds(run, clock.shown), seconds)) {
			session.change('the clock was set', (draft) => rebaseRun(draft.run, clock.now(), seconds));
		}
	});
	const minute = $derived(Math.floor(seconds / 60));
	const expected = $derived(expectedAt(session, minute));
	const when = $derived(readyOf(session));
	const ready = $derived(readyLine(session, when, minute));
	const readyFibre = $derived(seenFibre(session.head.reading, session.head.target));
	/** A stop holds back the beginning; where lightener lies already, the clock is never blocked. */
	const begun = $derived(run.startedAt !== undefined || seconds > 0);
	const blocked = $derived(session.stops.length > 0 && !begun);
	const moments = $derived(
		session.head.course.course.map(({ lab, ...rest }) => ({ ...rest, hex: hexOf(lab) }))
	);
	const seen = $derived(levelsSeen(run).filter(({ zone }) => zone === session.head.zone.name));
	/** What is told of: the head, or the look at a section that was just taken. */
	let noting = $state<'head' | 'section'>();

	const service = new ChairRun(session, () => seconds);
	const head = $derived(service.head);
	const act = $derived(service.next);
	const [putting, ...then] = $derived(service.putting);
	const looked = $derived(service.looked !== putting ? service.looked : undefined);
	const sectionFirst = $derived(looked !== undefined && service.looksFirst);
	let top = $state<HTMLElement>();
	const first = $derived(sectionFirst ? looked && keyOf(looked) : putting && keyOf(putting));
	// What comes next is in sight, wherever somebody had scrolled to for the last.
	$effect(() => {
		if (first) top?.scrollIntoView({ block: 'nearest' });
	});
	const rinsing = $derived(service.rinsing);
	/** When the last of it came off; nothing while something lies, or is still to be put on. */
	const offMinute = $derived(run.rinsedAtMinute ?? service.allOffMinute);
	/** Once all is off: as it was read again, or as it is expected to have come out. */
	const ended = $derived.by(() => {
		if (offMinute === undefined) return undefined;
		const zone = session.head.zone.name;
		const read = dryOf(run, zone)?.level;
		return read === undefined
			? { level: service.expectedOn(zone) ?? expected.level, words: 'expected, not read yet' }
			: { level: read, words: 'seen, dry' };
	});
	const timeOf = (at: number) =>
		formatTime(new Date(clock.shown.getTime() + (at - seconds / 60) * 60_000));
	const alarm = $derived(service.alarm);

	function toggle() {
		if (blocked) return;
		session.change(running ? 'hold' : 'start', (draft) => {
			session.seat(draft);
			toggleRun(draft.run, clock.now(), seconds);
		});
	}
	function press(event: KeyboardEvent) {
		const key = actOf(event, 'chair');
		const word = CHECK_WORDS.find((one) => one === key);
		if (key === 'timer') toggle();
		else if (key === 'check') noting = 'head';
		else if (key === 'done') service.doNext();
		else if (key === 'sectionBefore') service.move(-1);
		else if (key === 'sectionNext') service.move(1);
		else if (word && looked && isLying(looked)) service.look(looked, { word });
	}
	function next() {
		session.change('rinsed', (draft) => rinse(draft, clock.now(), seconds));
		void goto(`/visit/${session.id}/tone`);
	}
</script>

<svelte:window onkeydown={press} />

{#snippet putOn(small: boolean)}
	{#if putting && session.bowls.staging}
		<PuttingOn
			section={putting}
			{then}
			staging={session.bowls.staging}
			nameOf={service.nameOf}
			minute={service.minute}
			onon={() => service.tap([putting], 'on')}
			{small}
			followsPlan={run.followsPlan === true}
			onfollow={(follows) => service.follow(follows)}
		/>
	{/if}
{/snippet}
{#snippet theSection()}
	{#if looked}
		{@const section = looked}
		<SectionNow
			{section}
			nameOf={service.nameOf}
			minute={service.minute}
			check={service.check}
			consequencesOf={() => service.view.consequencesOf(section)}
			sectionIn={(minutes) => service.view.sectionIn(section, minutes)}
			ontap={(what, volume) => service.tap([section], what, volume)}
			onuntap={(what) => service.untap([section], what)}
			onlook={(told) => service.look(section, told)}
			ontell={(told) => service.check && service.tell(service.check.id, told)}
			onmore={() => (noting = 'section')}
			ondone={() => service.checkDone()}
		/>
	{/if}
{/snippet}
{#snippet theClock(small: boolean)}
	<ChairClock
		{seconds}
		{begun}
		{blocked}
		{small}
		ontoggle={toggle}
		oncheck={() => (noting = 'head')}
		onallon={() => service.allOn()}
		onnotallon={() => service.notAllOn()}
	/>
{/snippet}

{#if !session.lightens && !begun}
	{#await import('../../widgets/NoLift.svelte') then { default: NoLift }}<NoLift
			question="Is it ready?"
		/>{/await}
{:else}
	<Station
		question={act ? 'What comes next?' : ended ? 'Where did it end?' : 'Is it ready?'}
		answer={act ? actWords(act, service.nameOf) : formatLevel(ended?.level ?? expected.level)}
		words={act
			? service.due(act)
			: ended
				? ended.words
				: minute < 1
					? 'before the first minute'
					: `${expected.tone} expected now`}
		range={head && head.acts.length > 1
			? `Then: ${head.acts
					.slice(1, 3)
					.map((each) => service.said(each))
					.join('; ')}.`
			: ended
				? 'All is off. Read it again dry, then tone it.'
				: ready}
		facts={[
			{ value: `${session.plan.minutes} min`, label: 'planned' },
			{
				value: `${formatLevel(session.head.target)} ${session.head.liftedWord(readyFibre)}`,
				label: 'ready looks'
			}
		]}
	>
		{#snippet field()}
			<ChairField {service} {minute} {expected} />
		{/snippet}
		{#snippet picture()}
			<div bind:this={top}></div>
			{#if offMinute !== undefined}
				<DryReading minute={offMinute} expectedOf={(zone) => service.expectedOn(zone)} />
			{/if}
			{#if !sectionFirst}{@render putOn(false)}{/if}
			{#if rinsing && !service.check}
				<RinseNow
					of={rinsing}
					nameOf={service.nameOf}
					others={(head?.sections.filter(isLying).length ?? 0) > rinsing.length}
					onrinsed={() => service.tap(rinsing, 'off')}
				/>
			{/if}
			{@render theSection()}
			{#if head && service.view.seenRate}
				<RateLine
					rate={service.view.seenRate}
					proposal={service.view.proposal}
					bends={service.view.rate !== undefined}
					{head}
					nameOf={service.nameOf}
					{timeOf}
					ondecide={(takes) => service.decide(takes)}
				/>
			{/if}
			{#if sectionFirst}{@render putOn(true)}{/if}
			{#if head}{@render theClock(true)}{/if}
			<div
				class="grid flex-1 grid-cols-[minmax(0,400px)_minmax(0,1fr)] gap-9 max-desk:grid-cols-[300px_minmax(0,1fr)] max-desk:gap-6 max-tablet:grid-cols-1 max-tablet:gap-4"
			>
				<div>
					{#if !head}{@render theClock(false)}{/if}
					<CheckList nameOf={service.nameOf} />
					<CallsFold />
					{#if begun}<LogFold log={service.view.log} nameOf={service.nameOf} />{/if}
				</div>
				<div class="min-h-75 overflow-x-clip">
					{#if looked && isLying(looked)}
						<SectionCourse section={looked} view={service.view} nameOf={service.nameOf} />
					{:else}
						<LiftChart
							{moments}
							{seen}
							window={typeof when === 'string' ? undefined : when}
							minute={Math.min(minute, session.head.main.lastMinute)}
							spent={session.head.course.spent}
						/>
					{/if}
				</div>
			</div>
		{/snippet}
		{#snippet foot()}
			<FootLine
				station="chair"
				cautions={session.cautions.filter((c) => c.severity === 'stop')}
				onpass={(code, reason) => session.pass(code, reason)}
			>
				<Button
					primary={!head?.sections.some(isLying) && !putting && run.notes.length > 0}
					onclick={next}
					>{offMinute === undefined ? 'Rinsed, go to Tone' : 'Enough, go to Tone'}</Button
				>
			</FootLine>
		{/snippet}
	</Station>
{/if}
<CheckForm
	open={noting !== undefined}
	{minute}
	expected={expected.level}
	about={noting === 'section' && service.check && looked
		? { check: service.check, name: service.nameOf(looked.section) }
		: undefined}
	ontell={(told) => service.check && service.tell(service.check.id, told)}
	onclose={() => (noting = undefined)}
/>
{#if alarm}
	<StopNow
		check={alarm}
		name={stopsAll(alarm) ? undefined : service.nameOf(alarm.section!)}
		onrinsed={(all) => {
			if (!all) service.tap([{ section: alarm.section!, part: alarm.part }], 'off');
			else if (head) service.allOff();
			else session.change('rinsed', (draft) => rinse(draft, clock.now(), seconds));
		}}
		onmistake={() => service.tell(alarm.id, { stretch: undefined, scalp: undefined })}
		onclose={() => service.answer(alarm.id)}
	/>
{/if}
