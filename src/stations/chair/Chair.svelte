<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { formatLevel } from '../../core/hair';
	import { steady } from '../../state/steady';
	import { DayClocks } from '../../state/dayClocks.svelte';
	import { chairAnswer, expectedAfter, lastOff } from './chairAnswer';
	import DayProcesses from './DayProcesses.svelte';
	import { Awake } from '../../devices/awake.svelte';
	import Station from '../../widgets/Station.svelte';
	import { useVisit } from '../../state/visitContext';
	import { seenFibre } from '../../model/head/hair';
	import { actOf } from '../../ui/keys';
	import { CHECK_WORDS } from '../../core/vocabulary';
	import { formatTime } from '../../wording/words';
	import { isLying } from '../../core/work';
	import { keyOf } from '../../state/runningView.svelte';
	import { ChairRun, stopsAll } from './chairRun.svelte';
	import DryReading from './DryReading.svelte';
	import RateLine from './RateLine.svelte';
	import HeadNow from './HeadNow.svelte';
	import NextUp from './NextUp.svelte';
	import RinseGuide from './RinseGuide.svelte';
	import RinseNow from './RinseNow.svelte';
	import StopNow from './StopNow.svelte';
	import ChairAside from './ChairAside.svelte';
	import ChairField from './ChairField.svelte';
	import ChairFoot from './ChairFoot.svelte';
	import ChairClock from './ChairClock.svelte';
	import PuttingOn from './PuttingOn.svelte';
	import SectionNow from './SectionNow.svelte';
	import CheckForm from './CheckForm.svelte';
	import { ServiceClock } from './serviceClock.svelte';
	import { expectedAt, readyLine, readyOf } from './chair';
	import Part from '../../widgets/Part.svelte';

	const session = useVisit();
	const clock = useClock();
	$effect(clock.run);
	// Whoever has their hands full taps no screen awake.
	const awake = new Awake();
	$effect(() => (running ? awake.hold() : undefined));
	const time = new ServiceClock(session, clock);
	const run = $derived(session.visit.run);
	const { running, seconds, minute, begun, blocked } = $derived(time);
	/** Once it is off it stays as it was then. */
	const expected = $derived(expectedAt(session, run.lain?.minutes ?? minute));
	const ready = $derived(readyLine(session, readyOf(session), minute));
	const readyFibre = $derived(seenFibre(session.head.reading, session.head.target));
	/** What is told of: the head, or the look at a section that was just taken. */
	let noting = $state<'head' | 'section'>();

	const service = new ChairRun(session, () => seconds);
	const head = $derived(service.head);
	const [putting, ...then] = $derived(service.putting);
	const looked = $derived(service.looked !== putting ? service.looked : undefined);
	const sectionFirst = $derived(looked !== undefined && service.looksFirst);
	let top = $state<HTMLElement>();
	const first = $derived(sectionFirst ? looked && keyOf(looked) : putting && keyOf(putting));
	// What comes next is in sight, wherever somebody had scrolled to for the last.
	$effect(() => {
		if (first && run.taps) top?.scrollIntoView({ block: 'nearest' });
	});
	const rinsing = $derived(service.rinsing);
	/** When the last of it came off; nothing while something lies, or is still to be put on. */
	const offMinute = $derived(run.rinsedAtMinute ?? service.allOffMinute);
	const clocks = new DayClocks(session, clock);
	/** What came off last, once nothing lies. */
	const off = $derived.by(steady(() => lastOff(session, clocks, offMinute)));
	const expectedOf = $derived(off && expectedAfter(session, service, off.step));
	const answer = $derived(
		chairAnswer(session, service, clocks, begun, offMinute, {
			level: expected.level,
			words: minute < 1 ? 'before the first minute' : `${expected.tone} expected now`,
			range: ready
		})
	);
	const timeOf = (at: number) =>
		formatTime(new Date(clock.shown.getTime() + (at - seconds / 60) * 60_000));
	const alarm = $derived(service.alarm);

	function press(event: KeyboardEvent) {
		const key = actOf(event, 'chair');
		const word = CHECK_WORDS.find((one) => one === key);
		if (key === 'timer') time.toggle();
		else if (key === 'check') noting = 'head';
		else if (key === 'done') service.doNext();
		else if (key === 'sectionBefore') service.move(-1);
		else if (key === 'sectionNext') service.move(1);
		else if (word && looked && isLying(looked)) service.look(looked, { word });
	}
</script>

<svelte:window onkeydown={press} />

{#snippet putOn(small: boolean)}
	{#if putting && session.bowls.laid}
		<PuttingOn
			section={putting}
			{then}
			staging={session.bowls.laid}
			nameOf={service.nameOf}
			minute={service.minute}
			justOn={service.justOn}
			onon={() => service.tapBar(putting)}
			{small}
			followsPlan={run.followsPlan === true}
			onfollow={(follows) => service.follow(follows)}
		/>
	{/if}
{/snippet}
{#snippet theSection()}
	{#if looked}
		{@const section = looked}
		<Part name="section"
			><SectionNow
				{section}
				nameOf={service.nameOf}
				minute={service.minute}
				check={service.check}
				consequencesOf={() => service.view.consequencesOf(section)}
				sectionIn={(minutes) => service.view.sectionIn(section, minutes)}
				ontap={(what, volume) => service.tap([section], what, volume)}
				onuntap={(what) => service.untap([section], what)}
				isTapped={service.isTappedOn(section)}
				onearlier={(minutes) => service.wasOnEarlier(section, minutes)}
				onlook={(told) => service.look(section, told)}
				ontell={(told) => service.check && service.tell(service.check.id, told)}
				onmore={() => (noting = 'section')}
				ondone={() => service.checkDone()}
				readyIn={() => service.readyIn(section)}
				zone={service.zoneOf(section)}
				onstop={() => service.stopHere()}
			>
				{#if sectionFirst}{@render putOn(true)}{/if}
			</SectionNow></Part
		>
	{/if}
{/snippet}
{#snippet processes()}
	<DayProcesses
		{clocks}
		next={answer.process}
		main={offMinute !== undefined ? 'off' : begun ? 'on' : 'waiting'}
	/>
{/snippet}
{#snippet theClock(small: boolean)}
	<ChairClock
		{seconds}
		{begun}
		{blocked}
		{small}
		waits={!begun && answer.process !== undefined}
		ontoggle={() => time.toggle()}
		oncheck={() => (noting = 'head')}
		onallon={() => service.allOn()}
		onnotallon={() => service.notAllOn()}
		onearlier={(minutes) => service.beganEarlier(minutes)}
	/>
{/snippet}

{#if !session.lightens && !begun}
	{#await import('../../widgets/NoLift.svelte') then { default: NoLift }}<NoLift
			question="Is it ready?"
		/>{/await}
{:else}
	<Station
		question={answer.question}
		answer={answer.answer}
		words={answer.words}
		range={answer.range}
		facts={[
			{ value: `${session.plan.minutes} min`, label: 'planned' },
			{
				value: `${formatLevel(session.head.target)} ${session.head.liftedWord(readyFibre)}`,
				label: 'ready looks'
			}
		]}
	>
		{#snippet field()}
			<Part name="head now"><ChairField {service} {minute} {expected} /></Part>
		{/snippet}
		{#snippet picture()}
			<div bind:this={top}></div>
			{#if answer.process}{@render processes()}{/if}
			{#if !service.pressing}<RinseGuide small={false} />{/if}
			{#if off && expectedOf}
				<Part name="dry reading"
					><DryReading
						{...off}
						{expectedOf}
						pointed={looked}
						zoneOf={(section) => service.zoneOf(section)}
						nameOf={service.nameOf}
					/></Part
				>
			{/if}
			{#if head && service.next && service.minutesUntil !== undefined}
				<NextUp words={service.act(service.next)} minutes={service.minutesUntil}>
					<Part name="sections"
						><HeadNow sections={head.sections} onpoint={(key) => service.point(key)} /></Part
					>
				</NextUp>
			{/if}
			{#if !sectionFirst}{@render putOn(false)}{/if}
			{#if rinsing && !service.check}
				<RinseNow
					of={rinsing}
					nameOf={service.nameOf}
					others={(head?.sections.filter(isLying).length ?? 0) > rinsing.length}
					deposit={clocks.all.some((one) => one.of === 'lowlights' && one.state !== 'off')}
					onwater={() => service.underWater(rinsing)}
				/>
			{/if}
			{@render theSection()}
			{#if head && service.view.seenRate}
				<Part name="rate"
					><RateLine
						rate={service.view.seenRate}
						proposal={service.view.proposal}
						bends={service.view.rate !== undefined}
						{head}
						nameOf={service.nameOf}
						{timeOf}
						ondecide={(takes) => service.decide(takes)}
					/></Part
				>
			{/if}
			{#if service.pressing}<RinseGuide small />{/if}
			{#if head}{@render theClock(true)}{/if}
			{#if !answer.process}{@render processes()}{/if}
			<ChairAside {service} {looked} {minute} {begun}>
				{#if !head}{@render theClock(false)}{/if}
			</ChairAside>
		{/snippet}
		{#snippet foot()}
			<ChairFoot {service} {clocks} {offMinute} />
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
			else service.rinsed();
		}}
		onmistake={() => service.tell(alarm.id, { stretch: undefined, scalp: undefined })}
		onclose={() => service.answer(alarm.id)}
	/>
{/if}
