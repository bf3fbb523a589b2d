<script lang="ts">
	import { figures } from '../../state/figures.svelte';
	import { DOOR_WORDS } from '../../wording/doors';
	import { useClock } from '../../state/clock.svelte';
	import Strand from '../../charts/strand/Strand.svelte';
	import { STANDING_CAUTIONS } from '../../wording/cautions';
	import { depthName, formatLevel } from '../../core/hair';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import { aimVerdict, verdictWords } from '../../wording/verdict';
	import { contrastWords, KIND_OPTIONS, panelWords } from '../../wording/aim';
	import { AimView } from '../../state/aimView.svelte';
	import { AFTERCARE } from '../../wording/aftercare';
	import { openVisit } from '../../state/openVisit';
	import { formatHours, formatPrice, formatWeeks, labelIn, formatDay } from '../../wording/words';
	import { isUntouched } from '../../model/commands/takePlan';
	import { deciding, isWorkedSo } from '../../model/visit/planDay';
	import { cost, fadeWeeks, freshenIn, returnDates } from '../../model/visit/upkeep';

	interface Props {
		id: string;
	}
	let { id }: Props = $props();
	const clock = useClock();
	// svelte-ignore state_referenced_locally
	// The route remounts this component for another visit.
	const session = openVisit(useRecords().workspace, clock, id);
	const aimView = new AimView(session);

	const aim = $derived(session.visit.aim);
	const words = $derived(aimView.judgement && verdictWords(aimView.judgement));
	const weeks = $derived(fadeWeeks(aimView.strands, session.washesPerWeek));
	const freshen = $derived(freshenIn(aimView.strands, session.washesPerWeek));
	/** The visits that the day which is planned asks for, as Lift says. */
	const planned = $derived(session.lightens ? session.view.sessions : undefined);
	const costs = $derived(
		planned && cost(session.visit, session.work, planned.visits, aimView.judgement)
	);
	const aimsPlan = $derived(aimView.judgement && deciding(aimView.judgement)?.plan);
	/** The day is worked otherwise than Aim's plan. */
	const otherwise = $derived(
		planned && aimsPlan && !isUntouched(session.visit) && !isWorkedSo(session.visit, aimsPlan)
			? planned
			: undefined
	);
	const planning = $derived(otherwise && aimVerdict(otherwise, session.view.target));
	const back = $derived(returnDates(session.visit, costs?.visits.at(-1)?.week ?? 0));
</script>

<svelte:head><title>Upkeep · {session.client?.name ?? 'Visit'} · Zelvant</title></svelte:head>

<main class="handout">
	<header>
		<div>
			<p class="soft">
				{session.client?.name ?? 'Client'} · {session.visit.date}{session.visit.colourist
					? ` · ${session.visit.colourist}`
					: ''}
			</p>
			<h1>{formatLevel(aim.level)} {aim.direction}, {labelIn(KIND_OPTIONS, aim.kind)}</h1>
			<p class="soft">
				{depthName(aim.level)}, {contrastWords(aim)}{aim.panel
					? `; panel: ${panelWords(aim, aimView.panel)}`
					: ''}
			</p>
		</div>
		<div class="acts no-print">
			<a href="/visit/{id}/aim">Back to the aim</a>
			<Button primary onclick={() => window.print()}>Print</Button>
		</div>
	</header>

	{#if aim.lightShare < 1}<p class="soft">The light strands, as they fade:</p>{/if}
	<section class="field">
		{#each weeks as { week, rgb, level, hex, words: told, left } (week)}
			<span class="when">{week === 0 ? 'that day' : formatWeeks(week)}</span>
			<span class="strand"
				><Strand
					colours={{ hair: [rgb] }}
					seed={51 + week}
					label="{told}, level {formatLevel(level)}"
				/></span
			>
			<span class="told"
				><b class="figure">{formatLevel(level)}</b>
				{told}
				{figures.shown ? hex : ''}{week > 0
					? `, ${Math.round(left * 100)} % of the toner left`
					: ''}</span
			>
		{/each}
	</section>

	<div class="answers">
		<section>
			<h2>Come back</h2>
			<p class="big figure">
				{back.weeks.from < 13
					? `${back.weeks.from} to ${formatWeeks(back.weeks.to)}`
					: `${Math.round(back.weeks.from / 4.35)} to ${Math.round(back.weeks.to / 4.35)} months`}
			</p>
			<p>
				{formatDay(back.from)} to {formatDay(back.to)}{(costs?.visits.length ?? 1) > 1
					? ', counted from the last visit'
					: ''}.
			</p>
			<p>
				{freshen === undefined
					? 'Nothing to freshen in between.'
					: `Toner worth freshening after ${formatWeeks(freshen)}: half of it is gone by then, at ${session.washesPerWeek} wash${session.washesPerWeek === 1 ? '' : 'es'} a week.`}
			</p>
		</section>
		<section>
			<h2>Getting there</h2>
			<p class="big figure">{planning?.visits ?? words?.short ?? '…'}</p>
			{#if planning}
				<p>As it is planned now. {planning.sentence}</p>
				<p class="soft">What else the aim allows: {words?.short}. <span>{words?.sentence}</span></p>
			{:else}
				<p>{words?.sentence ?? 'Working it out…'}</p>
			{/if}
			{#if words && words.instead.length > 0}
				<ul>
					{#each words.instead as text (text)}<li>{text}</li>{/each}
				</ul>
			{/if}
		</section>
		<section>
			<h2>Hours and price</h2>
			{#if costs}
				<p class="big figure">{formatHours(costs.chairMinutes)}</p>
				{#if costs.price}
					<p>
						{formatPrice(costs.price.low, session.shelf)} to {formatPrice(
							costs.price.high,
							session.shelf
						)} in all.
					</p>
				{:else}
					<p class="no-print">No prices yet: <a href="/shelf">set them on the shelf</a>.</p>
				{/if}
				{#if costs.visits.length > 1}
					<ul>
						{#each costs.visits as { week, chairMinutes, price } (week)}
							<li>
								{week === 0 ? 'Today' : `Week ${week}`}: {formatHours(chairMinutes)}{price ===
								undefined
									? ''
									: `, about ${formatPrice(Math.round(price / 10) * 10, session.shelf)}`}
							</li>
						{/each}
					</ul>
				{/if}
			{:else}
				<p>
					{planned
						? 'Nothing is reached with what is planned.'
						: 'Toning only: see the toner’s own time.'}
				</p>
			{/if}
		</section>
		<section>
			<h2>Until then</h2>
			<ul>
				{#each AFTERCARE as line (line)}<li>{line}</li>{/each}
			</ul>
		</section>
		{#if aimView.doors.length > 0}
			<section>
				<h2>What this closes</h2>
				<ul>
					{#each aimView.doors as door (door)}
						{@const { closes, instead } = DOOR_WORDS[door]}
						<li>
							{closes}
							{instead}
						</li>{/each}
				</ul>
			</section>
		{/if}
	</div>
	<footer class="soft">
		{STANDING_CAUTIONS.read} What is said here is expected, not promised.
	</footer>
</main>

<style>
	.handout {
		width: 100%;
		max-width: 1080px;
		margin: 0 auto;
		padding: 26px 30px 40px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: flex-start;
		gap: 12px 40px;
		margin-bottom: 16px;
	}
	h1 {
		font-size: 40px;
		line-height: 1.1;
	}
	h2 {
		font-size: 15px;
		font-weight: 600;
		color: var(--ink-soft);
	}
	.soft {
		color: var(--ink-soft);
	}
	.acts {
		display: flex;
		gap: 20px;
		align-items: center;
	}
	.acts a {
		min-height: 44px;
		display: inline-grid;
		place-items: center;
	}
	.field {
		background: var(--field);
		color: var(--on-field);
		padding: 12px 20px;
		display: grid;
		grid-template-columns: 84px minmax(0, 1fr) 320px;
		gap: 4px 16px;
		align-items: center;
	}
	.strand {
		display: block;
		height: 44px;
	}
	.when,
	.told b {
		font-weight: 600;
	}
	.answers {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(290px, 1fr));
		gap: 22px 40px;
		margin: 22px 0;
	}
	.big {
		font-size: 32px;
		line-height: 1.2;
	}
	section ul {
		padding-left: 0;
	}
	section li {
		padding: 3px 0;
	}
	@media (max-width: 760px) {
		.handout {
			padding: 16px;
		}
		h1 {
			font-size: 28px;
		}
		.field {
			grid-template-columns: 70px minmax(0, 1fr);
			padding: 10px 12px;
		}
		.told {
			grid-column: 1 / -1;
			font-size: 14px;
			margin-bottom: 6px;
		}
	}
	@media print {
		.handout {
			padding: 0;
		}
		.field {
			print-color-adjust: exact;
		}
	}
</style>
