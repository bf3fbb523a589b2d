<script lang="ts">
	import { formatTimer } from '../../wording/words';
	import { useClock } from '../../state/clock.svelte';
	import { goto } from '$app/navigation';
	import LiftChart from '../../charts/lift/LiftChart.svelte';
	import { hexOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import Station from '../../widgets/Station.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { MAIN_STEP } from '../../model/visit/day';
	import { useVisit } from '../../state/visitContext';
	import { labelIn, PRODUCT_OPTIONS, STEP_NAMES } from '../../wording/words';
	import { coloursOf, seenFibre, seenLab, uniform } from '../../model/visit/hair';
	import { actOf } from '../../ui/keys';
	import CheckForm from './CheckForm.svelte';
	import CheckList from './CheckList.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import {
		elapsedSeconds,
		isSetBack,
		logAllOn,
		rebaseRun,
		rinse,
		toggleRun
	} from '../../model/commands/run';
	import { cautionWords } from '../../wording/cautions';
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
	}
	function allOn() {
		session.change('all on', ({ run }) =>
			logAllOn(run, seconds, session.bowls.workMinutes / session.handPace.factor)
		);
	}
	function next() {
		session.change('rinsed', (draft) => rinse(draft, clock.now(), seconds));
		void goto(`/visit/${session.id}/tone`);
	}
</script>

<svelte:window onkeydown={press} />

{#if !session.lightens && !begun}
	{#await import('../../widgets/NoLift.svelte') then { default: NoLift }}<NoLift
			question="Is it ready?"
		/>{/await}
{:else}
	<Station
		question="Is it ready?"
		answer={formatLevel(expected.level)}
		words={minute < 1 ? 'before the first minute' : `${expected.tone} expected now`}
		range={ready}
		facts={[
			{ value: `${session.plan.minutes} min`, label: 'planned' },
			{
				value: `${formatLevel(session.head.target)} ${session.head.liftedWord(readyFibre)}`,
				label: 'ready looks'
			}
		]}
	>
		{#snippet field()}
			<StrandRow
				name="expected"
				strong
				{colours}
				value={formatLevel(expected.level)}
				lab={expected.lab}
				height={92}
			/>
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
			<div
				class="grid flex-1 grid-cols-[minmax(0,400px)_minmax(0,1fr)] gap-9 max-desk:grid-cols-[300px_minmax(0,1fr)] max-desk:gap-6 max-tablet:grid-cols-1 max-tablet:gap-4"
			>
				<div>
					{#if begun && run.rinsedAtMinute === undefined && session.stops.length > 0}
						<p class="font-semibold text-stop" role="alert">
							{cautionWords(session.stops[0]!).title} The clock goes on: the lightener lies on the hair.
						</p>
					{/if}
					<p
						class={[
							'figure text-act leading-none tracking-giant tabular-nums max-desk:text-name',
							running ? 'text-ink' : 'text-ink-soft'
						]}
						role="timer"
						aria-label="Time on the hair"
					>
						{formatTimer(seconds)}
					</p>
					<div
						class="mt-3 mb-2 flex gap-3 [&_button]:min-h-16 [&_button]:flex-1 [&_button]:text-18"
					>
						<Button primary={!running} disabled={blocked} onclick={toggle}
							>{running ? 'Hold' : begun ? 'Go on' : 'Start'}</Button
						>
						<Button primary={running} onclick={() => (noting = true)}>Note a check</Button>
						{#if running && !run.allOn}<Button onclick={allOn}>All on</Button>{/if}
					</div>
					{#if blocked}
						<p class="font-semibold text-stop" role="alert">
							{cautionWords(session.stops[0]!).title} The timer starts when this stop is passed or gone.
						</p>
					{:else}
						{#if begun}<p class="text-ink-soft">
								{run.allOn
									? `All on at ${run.allOn.minute} min; ${Math.round(session.bowls.workMinutes)} were planned.`
									: `All on is planned at ${Math.round(session.bowls.workMinutes)} min.`}
								{#if run.allOn}<TextButton
										onclick={() =>
											session.change('not all on yet', (draft) => delete draft.run.allOn)}
										>Not yet</TextButton
									>{/if}
							</p>{/if}
						<p class="text-ink-soft">
							{running
								? 'Check from half time on, then every five to ten minutes: wipe a strand clean, name level and undertone, test the stretch.'
								: 'Space starts and holds; k notes a check.'}
						</p>
					{/if}
					{#if session.steps.length > 1}
						<!-- The clock is that of the main application; the others are told, so that none is forgotten. -->
						<ol
							class="mt-3 list-inside list-decimal text-ink-soft"
							aria-label="Applications of the day"
						>
							{#each session.steps as { id, kind, plan } (id)}
								<li class={[id === MAIN_STEP && 'font-semibold text-ink']}>
									{STEP_NAMES[kind]}, {labelIn(PRODUCT_OPTIONS, plan.product)}
									{plan.volume} vol, {plan.minutes} min{id === MAIN_STEP
										? ': this clock'
										: ', rinsed'}
								</li>
							{/each}
						</ol>
					{/if}
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
				<Button primary={run.notes.length > 0} onclick={next}>Rinsed, go to Tone</Button>
			</FootLine>
		{/snippet}
	</Station>
{/if}
<CheckForm open={noting} {minute} expected={expected.level} onclose={() => (noting = false)} />
