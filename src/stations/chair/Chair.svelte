<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { goto } from '$app/navigation';
	import LiftChart from '../../charts/lift/LiftChart.svelte';
	import { hexOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import Button from '../../ui/Button.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import Station from '../../widgets/Station.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { useVisit } from '../../state/visitContext';
	import { coloursOf, seenFibre, seenLab, uniform } from '../../model/visit/hair';
	import { actOf } from '../../ui/keys';
	import { actWords } from '../../wording/chair';
	import { ChairRun, keyOf } from './chairRun.svelte';
	import ChairClock from './ChairClock.svelte';
	import PuttingOn from './PuttingOn.svelte';
	import SectionLocks from './SectionLocks.svelte';
	import SectionNow from './SectionNow.svelte';
	import CheckForm from './CheckForm.svelte';
	import CheckList from './CheckList.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import { elapsedSeconds, isSetBack, rebaseRun, rinse, toggleRun } from '../../model/commands/run';
	import { expectedAt, readyLine, readyOf } from './chair';

	const session = useVisit();
	const clock = useClock();
	$effect(clock.run);
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
	const fibres = $derived(session.head.liftedAt(minute));
	const colours = $derived(coloursOf(fibres, session.head.reading.whiteShare));
	const expected = $derived(expectedAt(session, minute));
	const when = $derived(readyOf(session));
	const ready = $derived(readyLine(session, when, minute));
	const readyFibre = $derived(seenFibre(session.head.reading, session.head.target));
	const readyLab = $derived(labOfFibre(readyFibre));
	/** A stop holds back the beginning; where lightener lies already, the clock is never blocked. */
	const begun = $derived(run.startedAt !== undefined || seconds > 0);
	const blocked = $derived(session.stops.length > 0 && !begun);
	const moments = $derived(
		session.head.course.course.map(({ lab, ...rest }) => ({ ...rest, hex: hexOf(lab) }))
	);
	const seen = $derived(run.notes.filter(({ zone }) => zone === session.head.zone.name));
	let noting = $state(false);

	const service = new ChairRun(session, () => seconds);
	const head = $derived(service.head);
	const act = $derived(service.next);
	const [putting, ...then] = $derived(service.putting);

	function toggle() {
		if (blocked) return;
		session.change(running ? 'hold' : 'start', (draft) => {
			session.seat(draft);
			toggleRun(draft.run, clock.now(), seconds);
		});
	}
	function press(event: KeyboardEvent) {
		const act = actOf(event, 'chair');
		if (act === 'timer') toggle();
		else if (act === 'check') noting = true;
		else if (act === 'tapOn' && putting) service.tap(putting, 'on');
	}
	function next() {
		session.change('rinsed', (draft) => rinse(draft, clock.now(), seconds));
		void goto(`/visit/${session.id}/tone`);
	}
</script>

<svelte:window onkeydown={press} />

{#snippet theSection()}
	{#if service.looked && service.looked !== putting}
		{@const section = service.looked}
		<SectionNow
			{section}
			nameOf={service.nameOf}
			minute={service.minute}
			ontap={(what) => service.tap(section, what)}
			onuntap={(what) => service.untap(section, what)}
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
		oncheck={() => (noting = true)}
		onallon={() => service.allOn()}
		onnotallon={() => service.notAllOn()}
		>{#if !small}{@render theSection()}{/if}</ChairClock
	>
{/snippet}

{#if !session.lightens && !begun}
	{#await import('../../widgets/NoLift.svelte') then { default: NoLift }}<NoLift
			question="Is it ready?"
		/>{/await}
{:else}
	<Station
		question={act ? 'What comes next?' : 'Is it ready?'}
		answer={act ? actWords(act, service.nameOf) : formatLevel(expected.level)}
		words={act
			? service.due(act)
			: minute < 1
				? 'before the first minute'
				: `${expected.tone} expected now`}
		range={head && head.acts.length > 1
			? `Then: ${head.acts
					.slice(1, 3)
					.map((each) => service.said(each))
					.join('; ')}.`
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
			{#if head}
				<SectionLocks
					sections={head.sections}
					nameOf={service.nameOf}
					minute={service.minute}
					chosen={service.looked && keyOf(service.looked)}
					onchoose={(key) => service.point(key)}
				/>
			{:else}
				<StrandRow
					name="expected"
					strong
					{colours}
					value={formatLevel(expected.level)}
					lab={expected.lab}
					height={92}
				/>
			{/if}
			<StrandRow
				name="ready"
				colours={uniform(readyLab)}
				value={formatLevel(session.head.target)}
				lab={readyLab}
				height={38}
			/>
			{#if session.head.seen}
				{@const { level, undertone, minute } = session.head.seen}
				<StrandRow
					name="seen"
					colours={uniform(seenLab(session.head.reading, level, undertone))}
					value={formatLevel(level)}
					words="{undertone ?? ''} at {minute} min"
					height={38}
				/>
			{/if}
		{/snippet}
		{#snippet picture()}
			{#if putting && session.bowls.staging}
				<PuttingOn
					section={putting}
					{then}
					staging={session.bowls.staging}
					nameOf={service.nameOf}
					minute={service.minute}
					onon={() => service.tap(putting, 'on')}
					followsPlan={run.followsPlan === true}
					onfollow={(follows) => service.follow(follows)}
				/>
				{@render theClock(true)}
			{/if}
			<div
				class="grid flex-1 grid-cols-[minmax(0,400px)_minmax(0,1fr)] gap-9 max-desk:grid-cols-[300px_minmax(0,1fr)] max-desk:gap-6 max-tablet:grid-cols-1 max-tablet:gap-4"
			>
				<div>
					{#if !putting}{@render theClock(false)}{/if}
					{#if putting}{@render theSection()}{/if}
					<CheckList />
				</div>
				<div class="min-h-75 overflow-x-clip">
					<LiftChart
						{moments}
						{seen}
						window={typeof when === 'string' ? undefined : when}
						minute={Math.min(minute, session.head.main.lastMinute)}
						spent={session.head.course.spent}
					/>
				</div>
			</div>
		{/snippet}
		{#snippet foot()}
			<FootLine
				station="chair"
				cautions={session.cautions.filter((c) => c.severity === 'stop')}
				onpass={(code, reason) => session.pass(code, reason)}
			>
				<Button primary={run.notes.length > 0 && !putting} onclick={next}>Rinsed, go to Tone</Button
				>
			</FootLine>
		{/snippet}
	</Station>
{/if}
<CheckForm open={noting} {minute} expected={expected.level} onclose={() => (noting = false)} />
