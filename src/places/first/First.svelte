<script lang="ts">
	import { untrack } from 'svelte';
	import { prefersReducedMotion } from 'svelte/motion';
	import LiftChart from '../../charts/lift/LiftChart.svelte';
	import { hexOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { levelOfFibre, readiness } from '../../core/lift';
	import type { DoneBefore } from '../../model/commands/firstFacts';
	import { levelRungs } from '../../model/visit/aim';
	import { blindRungs } from '../../model/visit/ladder';
	import { useClock } from '../../state/clock.svelte';
	import { FirstHead } from '../../state/firstHead.svelte';
	import { useRecords } from '../../state/records';
	import { loadDemo } from '../../store/open';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import { say } from '../../ui/say.svelte';
	import Ladder from '../../widgets/Ladder.svelte';
	import NewVisit from '../../widgets/NewVisit.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { verdictWords } from '../../wording/verdict';
	import { DEMO_DID_NOT_COME, formatRatio, labelIn, PRODUCT_OPTIONS } from '../../wording/words';

	const { workspace, salon } = useRecords();
	const clock = useClock();
	const head = new FirstHead(clock);
	const { session } = head;
	const view = $derived(session.view);
	const step = $derived(view.shown);
	const plan = $derived(step.plan);
	const answer = $derived(step.course);
	const moments = $derived(answer.course.map(({ lab, ...rest }) => ({ ...rest, hex: hexOf(lab) })));
	const verdict = $derived(head.answer && verdictWords(head.answer, () => ''));
	const nothingToLift = $derived(!session.lightens || head.answer?.verdict === 'already');
	const ready = $derived.by(() => {
		const when = readiness(step.ready, step.lastMinute);
		return typeof when === 'string' ? undefined : when;
	});
	let seating = $state(false);
	let reading = $state(false);

	const DONE: readonly { value: DoneBefore; label: string }[] = [
		{ value: 'nothing', label: 'nothing' },
		{ value: 'coloured', label: 'coloured' },
		{ value: 'lightened', label: 'lightened' }
	];
	const TAKEN_SO = {
		nothing: 'Its own colour from root to ends.',
		coloured: 'A permanent colour twice over, on hair one level lighter.',
		lightened:
			'Once, with a root of its own colour. The root is worked: light hair protects itself until somebody says why it is taken along.'
	} as const;
	const several = $derived(view.steps.length > 1);
	/** Where only the root is worked, the figures are the root's. */
	const rootOnly = $derived(view.zone.name === 'root' && head.facts.done === 'lightened');
	const GOALS = ['5', '6', '7', '8', '9', '10'];
	const depths = $derived(blindRungs(view.reading));
	const goals = $derived(
		levelRungs(view.reading, view.aim).rungs.filter(({ value }) => GOALS.includes(value))
	);

	/** The clock runs once over the lift, so that one sees it lighten. */
	const RUN_MS = 1800;
	let running = 0;
	const stopClock = () => cancelAnimationFrame(running);
	$effect(() => {
		// Only what is planned starts the clock; that it moves is no reason to start it again.
		if (!head.today || !untrack(() => head.takePlan()) || prefersReducedMotion.current) return;
		const until = untrack(() => session.visit.lift.minutes);
		const at = (minutes: number) =>
			session.changePlan('minute', (lift) => (lift.minutes = minutes));
		const begun = performance.now();
		running = requestAnimationFrame(function run(now) {
			const share = Math.min(1, (now - begun) / RUN_MS);
			at(Math.max(1, Math.round(until * share)));
			if (share < 1) running = requestAnimationFrame(run);
		});
		return stopClock;
	});
	/** A hand on the clock takes it over. */
	function setMinute(minutes: number) {
		stopClock();
		session.changePlan('minute', (lift) => (lift.minutes = minutes));
	}
</script>

<header class="mb-3 flex flex-wrap items-end justify-between gap-x-10 gap-y-3">
	<div>
		<h1 class="figure text-40 leading-tight">How far will it lift?</h1>
		<p class="max-w-124 text-ink-soft">
			Zelvant plans a lightening service: how far the hair lifts and when, what goes in the bowls,
			the toner that finishes it. Say three things of a head.
		</p>
	</div>
	<div class="flex flex-wrap gap-3">
		{#if salon === 'own'}
			<!-- Another salon is opened by a page that is loaded anew. -->
			<Button onclick={() => location.assign('/demo')}>Look at the demo salon</Button>
		{:else}
			<Button
				onclick={() => void loadDemo(workspace, clock.moment()).catch(() => say(DEMO_DID_NOT_COME))}
				>Load the demo again</Button
			>
		{/if}
		<Button onclick={() => (reading = true)}>New visit</Button>
		<Button primary onclick={() => (seating = true)}>Plan this head</Button>
	</div>
</header>

<div
	class="grid grid-cols-[minmax(0,10fr)_232px_minmax(0,6fr)] gap-x-6 gap-y-3 max-desk:grid-cols-[minmax(0,10fr)_minmax(0,6fr)] max-tablet:grid-cols-1"
>
	<section>
		<h2 class="mb-1 text-15">1 &ensp;How deep is it now?</h2>
		<Ladder
			label="Level now"
			rungs={depths}
			value={formatLevel(head.facts.level)}
			onpick={(value) => head.tell({ level: Number(value) })}
		/>
	</section>
	<section class="max-desk:order-last max-tablet:order-none">
		<h2 class="mb-1 text-15">2 &ensp;What was done to it?</h2>
		<Choice
			label="Done before"
			hideLabel
			value={head.facts.done}
			options={DONE}
			hint={TAKEN_SO[head.facts.done]}
			onchange={(done) => head.tell({ done })}
		/>
	</section>
	<section>
		<h2 class="mb-1 text-15">3 &ensp;Where should it go?</h2>
		<Ladder
			label="Level of the aim"
			rungs={goals}
			value={formatLevel(head.facts.goal)}
			onpick={(value) => head.tell({ goal: Number(value) })}
		/>
	</section>
</div>

<div class="mt-3 bg-field px-4 py-2 text-on-field">
	<StrandRow
		name="now"
		colours={view.nowColours}
		value={formatLevel(levelOfFibre(view.zone.fibre))}
		words={rootOnly ? 'its root' : ''}
		height={30}
	/>
	{#each several ? [view.main, view.final] : [view.main] as each (each)}
		{@const last = each === view.final}
		<StrandRow
			name={several ? `after ${each.number + 1}` : 'lifted'}
			strong={last}
			colours={each.liftedColours}
			value={formatLevel(levelOfFibre(each.fibre))}
			words={view.liftedWord(each.fibre)}
			height={last ? (several ? 64 : 92) : 28}
		/>
	{/each}
</div>
<div
	class="mt-3 grid grid-cols-[minmax(230px,2fr)_minmax(0,5fr)] gap-x-9 gap-y-3 max-tablet:grid-cols-1"
>
	<div aria-live="polite">
		<p class="figure text-60 leading-none">
			{verdict?.short ?? '…'}
		</p>
		<p class="mt-1 text-18 font-semibold text-ink-soft">{verdict?.label ?? ''}</p>
		<p class="mt-1 text-18">{verdict?.sentence ?? 'Working out the visits…'}</p>
		{#if !nothingToLift}
			<p class="mt-2 text-ink-soft">
				{labelIn(PRODUCT_OPTIONS, plan.product)}, {plan.volume} vol, {formatRatio(plan.ratio)}; at {plan.minutes}
				min {formatLevel(step.lift.level)}, likely {formatLevel(step.lift.low)} to {formatLevel(
					step.lift.high
				)}{several ? '; then once more, fresh' : ''}. Medium hair of {view.reading.lengthCm} cm is taken
				for granted; all of it can be changed.
			</p>
		{/if}
	</div>
	<div class="h-68 min-w-0 pt-6 [--tools-left:auto] [--tools-right:0] [--tools-top:-28px]">
		{#if !nothingToLift}
			<LiftChart
				{moments}
				window={ready}
				minute={plan.minutes}
				spent={answer.spent}
				onminute={setMinute}
			/>
		{/if}
	</div>
</div>
<NewVisit
	open={seating}
	station="lift"
	prepare={(visit) => head.laidOn(visit)}
	onclose={() => (seating = false)}
/>
<NewVisit open={reading} onclose={() => (reading = false)} />
