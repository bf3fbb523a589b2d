<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { toast } from 'svelte-sonner';
	import { compute } from '../../compute/browser';
	import { conditionBand, formatLevel } from '../../core/hair';
	import { PLAN, type ServicePlan, type VisitPlan } from '../../core/plan';
	import { useRecords } from '../../state/records';
	import { seriesOf } from '../../model/commands/series';
	import { dayAfter } from '../../model/time';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { Finder } from '../../state/finder.svelte';
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
	import SeriesDates from './SeriesDates.svelte';
	import { deciding, planProblem, takePlan, type PlanWishes } from '../../model/commands/takePlan';

	import { hairWords } from '../../wording/verdict';
	const session = useVisit();
	const { workspace } = useRecords();
	const clock = useClock();
	const finder = new Finder(compute, 'judgeAim', `plans ${session.id}`);
	let wishes = $state.raw<PlanWishes>({
		pace: session.shelf?.pace ?? 'gentle',
		restWeeks: PLAN.restWeeks,
		maxVisits: PLAN.mostVisits
	});
	// A plan that was taken changes the day, not what is asked: the plans stand until the head, the aim or
	// a wish changes.
	const asked = $derived(JSON.stringify(planProblem(session, wishes)));
	const problem = $derived(JSON.parse(asked) as ReturnType<typeof planProblem>);
	$effect(() => void finder.ask(problem));

	const judgement = $derived(finder.found);
	const hair = $derived(judgement && deciding(judgement));
	const series = $derived(seriesOf(workspace.visits.values(), session.visit));

	const priced = (price: number | undefined) =>
		price === undefined ? '' : `, ${formatPrice(price, session.shelf)}`;
	const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
	const worked = ({ applications }: VisitPlan) =>
		applications
			.map(
				({ product, volume, minutes }) =>
					`${labelIn(PRODUCT_OPTIONS, product === 'alkalineDemi' ? 'permanent' : product)} ${volume} vol ${minutes} min`
			)
			.join(', then ');
	const day = (week: number) => formatDay(dayAfter(session.visit.date, week * 7));
	const STOPPED = {
		condition: 'the hair would not stand more',
		visits: 'that is as many visits as were asked for',
		spent: 'another visit would gain nothing'
	} as const;

	function take(plan: ServicePlan) {
		const step = workspace.transact(`plan of ${plan.visits.length}`, (draft) =>
			takePlan(draft, session.visit, workspace.visits.values(), plan, clock.now())
		);
		const later = plan.visits.length - 1;
		toast(
			later === 0
				? 'Today is worked by this plan.'
				: `${later} visit${later === 1 ? '' : 's'} made, from ${day(plan.visits[1]!.week)}.`,
			{ duration: 20_000, action: { label: 'Undo', onClick: () => workspace.undo(step) } }
		);
	}
</script>

{#snippet planned(plan: ServicePlan)}
	<ol>
		{#each plan.visits as visit, i (visit.week)}
			<li>
				<span class="when"
					><b>{i === 0 ? 'today' : day(visit.week)}</b>
					{#if i > 0}<span class="soft">week {visit.week}</span>{/if}</span
				>
				<span class="level"
					><b class="figure">{formatLevel(visit.level)}</b>
					<span class="soft range">{formatLevel(visit.low)} to {formatLevel(visit.high)}</span
					></span
				>
				<span
					><b class="figure">{Math.round(visit.condition)}</b>
					{conditionBand(visit.condition)}</span
				>
				<span class="soft"
					>{formatHours(visit.chairMinutes)}{priced(visit.price)}{visit.tonerWaits
						? ', tone a day later'
						: ''}</span
				>
				<span class="soft what">{worked(visit)}</span>
			</li>
		{/each}
	</ol>
{/snippet}

{#if series.length > 1}<SeriesDates {series} />{/if}
<div class="wishes">
	<Choice
		label="Pace"
		value={wishes.pace}
		options={PACE_OPTIONS}
		onchange={(pace) => (wishes = { ...wishes, pace })}
	/>
	<NumberField
		label="Weeks between"
		value={wishes.restWeeks}
		min={1}
		max={26}
		onchange={(restWeeks) => (wishes = { ...wishes, restWeeks })}
	/>
	<NumberField
		label="Visits at most"
		value={wishes.maxVisits}
		min={1}
		max={12}
		onchange={(maxVisits) => (wishes = { ...wishes, maxVisits })}
	/>
</div>
{#if finder.searching}
	<p class="searching" role="status">
		<progress max="1" value={finder.progress}>{Math.round(finder.progress * 100)} %</progress>
		Looking for ways…
		<TextButton onclick={() => finder.stop()}>Stop</TextButton>
	</p>
{:else if finder.trouble}
	<p role="alert">
		{finder.trouble}
		<TextButton onclick={() => void finder.ask(problem)}>Search again</TextButton>
	</p>
{/if}
{#if judgement}
	<div class:stale={finder.searching}>
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
			{#if judgement.hardest}<p class="soft">Needs most: {hairWords(judgement.hardest)}.</p>{/if}
			{#each hair.plans as plan (plan.name)}
				<section aria-label={plan.name}>
					<header>
						<h2>{capital([plan.name, ...plan.also].join(', '))}</h2>
						<p class="soft">
							{plan.visits.length === 1
								? '1 visit'
								: `${plan.visits.length} visits in ${formatWeeks(plan.weeks)}, ${formatHours(plan.chairMinutes)}${priced(plan.price)}`}
						</p>
						<Button onclick={() => take(plan)}>Take this plan</Button>
					</header>
					{@render planned(plan)}
				</section>
			{/each}
		{/if}
	</div>
{/if}

<style>
	.wishes {
		display: grid;
		grid-template-columns: auto 120px 120px;
		justify-content: start;
		align-items: end;
		gap: 4px 30px;
		margin-bottom: 12px;
	}
	.searching {
		display: flex;
		align-items: center;
		gap: 12px;
	}
	progress {
		width: 120px;
		accent-color: var(--ink);
	}
	.stale {
		opacity: 0.7;
	}
	section {
		margin-top: 8px;
		padding: 10px 0 4px;
		border-top: 1px solid var(--line);
	}
	header {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 18px;
		padding-bottom: 6px;
	}
	h2 {
		font-size: 17px;
	}
	header :global(button) {
		margin-left: auto;
	}
	li {
		display: grid;
		grid-template-columns: 100px 128px 100px 108px minmax(0, 1fr);
		gap: 2px 18px;
		align-items: baseline;
		padding: 5px 0;
	}
	.level b {
		font-size: 22px;
	}
	.soft {
		color: var(--ink-soft);
		font-size: 14px;
	}
	@media (max-width: 1100px) {
		li {
			grid-template-columns: 92px 116px minmax(0, 1fr) minmax(0, 1fr);
		}
		.what {
			grid-column: 2 / -1;
		}
	}
	@media (max-width: 760px) {
		.wishes {
			grid-template-columns: 1fr 1fr;
		}
		li {
			grid-template-columns: 92px minmax(0, 1fr);
			border-top: 1px solid var(--line);
		}
		li > :nth-child(n + 3) {
			grid-column: 2;
		}
	}
</style>
