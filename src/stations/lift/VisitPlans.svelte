<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { useClock } from '../../state/clock.svelte';
	import { say } from '../../ui/say.svelte';
	import { compute } from '../../compute/browser';
	import { conditionBand, formatLevel } from '../../core/hair';
	import { PLAN, type ServicePlan, type VisitPlan } from '../../core/plan';
	import { useRecords } from '../../state/records';
	import { seriesOf } from '../../model/commands/series';
	import { dayAfter } from '../../model/time';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Progress from '../../ui/Progress.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { Search } from '../../state/search.svelte';
	import { useVisit } from '../../state/visitContext';
	import {
		formatDay,
		formatHours,
		formatPrice,
		formatWeeks,
		labelIn,
		PACE_OPTIONS,
		PRODUCT_OPTIONS
	} from '../../wording/words';
	import PlanStands from '../../widgets/PlanStands.svelte';
	import SeriesDates from './SeriesDates.svelte';
	import { planProblem, takePlan, type PlanWishes } from '../../model/commands/takePlan';
	import { deciding } from '../../model/visit/planDay';
	import { planWork, sumOf } from '../../model/visit/planWork';

	import { DARK_COLOUR, hairWords } from '../../wording/verdict';
	const session = useVisit();
	const { workspace } = useRecords();
	const clock = useClock();
	let wishes = $state.raw<PlanWishes>({
		pace: session.shelf?.pace ?? 'gentle',
		restWeeks: PLAN.restWeeks,
		maxVisits: PLAN.mostVisits
	});
	// A plan that was taken changes the day, not what is asked: the plans stand until the head, the aim or
	// a wish changes.
	const search = new Search(compute, 'judgeAim', `plans ${session.id}`, () =>
		planProblem(session, wishes)
	);

	const judgement = $derived(search.found);
	const hair = $derived(judgement && deciding(judgement));
	const series = $derived(seriesOf(workspace.visitsOf(session.visit.clientId), session.visit));

	const priced = (price: number | undefined) =>
		price === undefined ? '' : `, ${formatPrice(price, session.shelf)}`;
	const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
	/** Each step of a visit; with several, the level and the condition that each leaves. */
	const worked = ({ applications, after }: VisitPlan) =>
		applications
			.map(({ product, volume, minutes }, i) => {
				const { level, condition } = after[i]!;
				const left =
					applications.length > 1
						? ` (to ${formatLevel(level)}, condition ${Math.round(condition)})`
						: '';
				return `${labelIn(PRODUCT_OPTIONS, product === 'alkalineDemi' ? 'permanent' : product)} ${volume} vol ${minutes} min${left}`;
			})
			.join(', then ');
	const day = (week: number) => formatDay(dayAfter(session.visit.date, week * 7));
	const STOPPED = {
		condition: 'the hair would not stand more',
		visits: 'that is as many visits as were asked for',
		spent: 'another visit would gain nothing'
	} as const;

	function take(plan: ServicePlan) {
		const step = workspace.transact(`plan of ${plan.visits.length}`, (draft) =>
			takePlan(draft, session.visit, workspace.visitsOf(session.visit.clientId), plan, clock.now())
		);
		const later = plan.visits.length - 1;
		say(
			later === 0
				? 'Today is worked by this plan.'
				: `${later} visit${later === 1 ? '' : 's'} made, from ${day(plan.visits[1]!.week)}.`,
			() => workspace.undo(step)
		);
	}
</script>

{#snippet planned(plan: ServicePlan)}
	{@const costs = planWork(plan, session.planHead)}
	<ol>
		{#each plan.visits as visit, i (visit.week)}
			<li
				class="grid grid-cols-[100px_128px_100px_108px_minmax(0,1fr)] items-baseline gap-x-4 gap-y-0.5 py-1 @max-wide:grid-cols-[92px_116px_minmax(0,1fr)_minmax(0,1fr)] @max-narrow:grid-cols-[92px_minmax(0,1fr)] @max-narrow:border-t @max-narrow:border-line @max-narrow:[&>:nth-child(n+3)]:col-start-2"
			>
				<span
					><b>{i === 0 ? 'today' : day(visit.week)}</b>
					{#if i > 0}<span class="text-14 text-ink-soft">week {visit.week}</span>{/if}</span
				>
				<span class="level"
					><b class="figure text-22">{formatLevel(visit.level)}</b>
					<span class="range text-14 text-ink-soft"
						>{formatLevel(visit.low)} to {formatLevel(visit.high)}</span
					></span
				>
				<span
					><b class="figure">{Math.round(visit.condition)}</b>
					{conditionBand(visit.condition)}</span
				>
				<span class="text-14 text-ink-soft"
					>{formatHours(costs[i]!.chairMinutes)}{priced(costs[i]!.price)}{visit.tonerWaits
						? ', tone a day later'
						: ''}</span
				>
				<span class="-col-end-1 text-14 text-ink-soft @max-wide:col-start-2">{worked(visit)}</span>
			</li>
		{/each}
	</ol>
{/snippet}

{#if series.length > 1}
	<PlanStands visit={session.visit} />
	<SeriesDates {series} />
{/if}
<div
	class="mb-3 grid grid-cols-[auto_120px_120px] items-end justify-start gap-x-8 gap-y-1 @max-narrow:grid-cols-[1fr_1fr]"
>
	<Choice
		label="Pace"
		value={wishes.pace}
		options={PACE_OPTIONS}
		onchange={(pace) => (wishes = { ...wishes, pace })}
	/>
	<NumberField
		label="Weeks between"
		value={wishes.restWeeks}
		{...BOUNDS.restWeeks}
		onchange={(restWeeks) => (wishes = { ...wishes, restWeeks })}
	/>
	<NumberField
		label="Visits at most"
		value={wishes.maxVisits}
		{...BOUNDS.plannedVisits}
		onchange={(maxVisits) => (wishes = { ...wishes, maxVisits })}
	/>
</div>
{#if search.searching}
	<p class="flex items-center gap-3" role="status">
		<Progress label="Looking for ways…" share={search.progress} />
		<TextButton onclick={() => search.stop()}>Stop</TextButton>
	</p>
{:else if search.trouble}
	<p role="alert">
		{search.trouble}
		<TextButton onclick={() => search.again()}>Search again</TextButton>
	</p>
{/if}
{#if judgement}
	<div class={[search.searching && 'opacity-70']}>
		{#if judgement.darkColour}<p class="mb-1.5">{DARK_COLOUR}</p>{/if}
		{#if !hair}
			<p>Nothing is put on: choose in Product and place where it goes.</p>
		{:else if hair.already}
			<p>The hair is there already: no lift is needed.</p>
		{:else if hair.plans.length === 0}
			<p>
				<b>Not with this hair within {wishes.maxVisits} visit{wishes.maxVisits === 1 ? '' : 's'}.</b
				>
				{#if hair.nearest}
					The nearest is {formatLevel(hair.nearest.level)}; {STOPPED[hair.nearest.stoppedBy]}.
				{:else}
					Nothing that this salon works with lifts it.
				{/if}
			</p>
			{#if hair.nearest}{@render planned(hair.nearest)}{/if}
		{:else}
			{#if judgement.hardest}<p class="text-14 text-ink-soft">
					Needs most: {hairWords(judgement.hardest)}.
				</p>{/if}
			{#each hair.plans as plan (plan.name)}
				{@const costs = sumOf(planWork(plan, session.planHead))}
				<section class="mt-2 border-t border-line pt-2 pb-1" aria-label={plan.name}>
					<header class="flex flex-wrap items-center gap-x-4 gap-y-1 pb-1.5 [&_button]:ml-auto">
						<h2 class="text-18">{capital([plan.name, ...plan.also].join(', '))}</h2>
						<p class="text-14 text-ink-soft">
							{plan.visits.length === 1
								? '1 visit'
								: `${plan.visits.length} visits in ${formatWeeks(plan.weeks)}, ${formatHours(costs.chairMinutes)}${priced(costs.price)}`}
						</p>
						<Button onclick={() => take(plan)}>Take this plan</Button>
					</header>
					{@render planned(plan)}
				</section>
			{/each}
		{/if}
	</div>
{/if}
