<script lang="ts">
	import { page } from '$app/state';
	import { figures } from '../../state/figures.svelte';
	import { DOOR_WORDS } from '../../wording/doors';
	import { useClock } from '../../state/clock.svelte';
	import Strand from '../../charts/strand/Strand.svelte';
	import { STANDING_CAUTIONS } from '../../wording/cautions';
	import { depthName, formatLevel } from '../../core/hair';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import { printPage } from '../../ui/paper.svelte';
	import Progress from '../../ui/Progress.svelte';
	import { answerWords } from '../../widgets/answerWords';
	import { contrastWords, KIND_OPTIONS, panelWords } from '../../wording/aim';
	import { AimView } from '../../state/aimView.svelte';
	import { freshenWords } from '../../wording/ageing';
	import { aftercareWords, backWords, rangeWords } from '../../wording/aftercare';
	import { dayAfter, DAYS_PER_WEEK } from '../../model/time';
	import { SendOffView } from '../../state/sendOffView.svelte';
	import BackDates from '../../widgets/BackDates.svelte';
	import PhoneCode from './PhoneCode.svelte';
	import { openVisit } from '../../state/openVisit';
	import {
		formatHours,
		formatPrice,
		formatWeeks,
		labelIn,
		formatDate,
		formatDay
	} from '../../wording/words';
	import { priceRange } from '../../core/plan';
	import { cost, fadeWeeks, freshenIn, isUnderway } from '../../model/visit/upkeep';

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
	const { aimVerdict } = session;
	const words = $derived(answerWords(aimVerdict));
	const end = new SendOffView(session);
	/** The hair as it goes home, once something was put on; before that what is wished for. */
	const goesHome = $derived(isUnderway(session.visit));
	const toner = $derived(session.head.toner);
	const weeks = $derived(
		fadeWeeks(goesHome ? { after: (week) => toner.weeks[week]! } : aimView.strands)
	);
	const freshen = $derived(goesHome ? end.fadesBy : freshenIn(aimView.strands));
	const { tookMinutes, price: asked } = $derived(session.visit.result);
	const caption = $derived(
		[goesHome ? 'As it goes home' : '', aim.lightShare < 1 ? 'the light strands, as they fade' : '']
			.filter(Boolean)
			.join(': ')
	);
	const costs = $derived(
		session.lightens ? cost(session.planHead, aimVerdict.answer, aimVerdict.plan) : undefined
	);
	const quote = $derived(session.visit.quote);
	/** What today is asked for, in a range. */
	const today = $derived(
		session.work.price === undefined ? undefined : priceRange(session.work.price)
	);
	const nameIt = () =>
		session.change('price named', (draft) => {
			if (today) draft.quote = { ...today, date: clock.today };
		});
	/** Weeks to the last visit that the plan asks for, from which is counted; once something is on, from today. */
	const lastWeek = $derived(goesHome ? 0 : (costs?.visits.at(-1)?.week ?? 0));
	const dates = $derived(end.dates(dayAfter(session.visit.date, lastWeek * DAYS_PER_WEEK)));
	const care = $derived(aftercareWords(end.aftercare));
	/** Whoever comes for the code has a phone in hand: it stands first. */
	const codeFirst = $derived(page.url.hash === '#code');
</script>

<svelte:head><title>Upkeep · {session.client?.name ?? 'Visit'} · Zelvant</title></svelte:head>

{#snippet code()}
	<div id="code"><PhoneCode name={session.client?.name ?? 'Client'} {dates} {care} /></div>
{/snippet}

<main class="mx-auto w-full max-w-270 px-8 pt-6 pb-10 max-tablet:p-4 print:p-0">
	<header class="mb-4 flex flex-wrap items-start justify-between gap-x-10 gap-y-3">
		<div>
			<p class="text-ink-soft">
				{session.client?.name ?? 'Client'} · {formatDate(session.visit.date)}{session.visit
					.colourist
					? ` · ${session.visit.colourist}`
					: ''}
			</p>
			<h1 class="text-40 leading-tight max-tablet:text-28">
				{formatLevel(aim.level)}
				{aim.direction}, {labelIn(KIND_OPTIONS, aim.kind)}
			</h1>
			<p class="text-ink-soft">
				{depthName(aim.level)}, {contrastWords(aim)}{aim.panel
					? `; panel: ${panelWords(aim, aimView.panel)}`
					: ''}
			</p>
		</div>
		<div class="no-print flex items-center gap-5">
			<a
				class="inline-grid tap place-items-center"
				href="/visit/{id}/{goesHome ? 'send-off' : 'aim'}"
				>Back to {goesHome ? 'Send-off' : 'the aim'}</a
			>
			<Button primary onclick={printPage}>Print</Button>
		</div>
	</header>

	{#if codeFirst}{@render code()}{/if}
	{#if caption}<p class="text-ink-soft first-letter:uppercase">{caption}:</p>{/if}
	<section
		class="grid grid-cols-[84px_minmax(0,1fr)_320px] items-center gap-x-4 gap-y-1 bg-field px-5 py-3 text-on-field max-tablet:grid-cols-[70px_minmax(0,1fr)] max-tablet:px-3 max-tablet:py-2 print:print-exact"
	>
		{#each weeks as { week, rgb, level, hex, words: told, left } (week)}
			<span class="font-semibold">{week === 0 ? 'that day' : formatWeeks(week)}</span>
			<span class="block h-11"
				><Strand
					colours={{ hair: [rgb] }}
					seed={51 + week}
					label="{told}, level {formatLevel(level)}"
				/></span
			>
			<span class="told max-tablet:col-span-full max-tablet:mb-1.5 max-tablet:text-14"
				><b class="figure font-semibold">{formatLevel(level)}</b>
				{told}{figures.shown ? ` ${hex}` : ''}{week > 0 && left > 0
					? `, ${Math.round(left * 100)} % of the toner left`
					: ''}</span
			>
		{/each}
	</section>

	<div class="my-5 grid grid-cols-[repeat(auto-fit,minmax(290px,1fr))] gap-x-10 gap-y-5">
		<section>
			<h2 class="text-15 font-semibold text-ink-soft">Come back</h2>
			<p class="big figure text-28 leading-close">{rangeWords(end.agreed)}</p>
			<BackDates {dates} />
			<p class="text-ink-soft">
				{backWords(end.back)}{lastWeek > 0 ? ' Counted from the last visit.' : ''}
			</p>
			<p>
				{freshenWords(freshen, session.habit)}
			</p>
		</section>
		{#if !goesHome}<section>
				<h2 class="text-15 font-semibold text-ink-soft">Getting there</h2>
				<p class="big figure text-28 leading-close">{words?.short ?? '…'}</p>
				<p>
					{#if words}{words.sentence}{:else}<Progress
							label="Working it out…"
							share={undefined}
						/>{/if}
				</p>
				{#if words && (words.plan || words.instead.length > 0)}
					<ul>
						{#if words.plan}<li class="py-1">{words.plan}</li>{/if}
						{#each words.instead as text, i (i)}<li class="py-1">{text}</li>{/each}
					</ul>
				{/if}
			</section>{/if}
		<section>
			<h2 class="text-15 font-semibold text-ink-soft">Hours and price</h2>
			{#if goesHome && (tookMinutes ?? asked) !== undefined}
				<p class="big figure text-28 leading-close">
					{tookMinutes === undefined
						? formatPrice(asked!, session.shelf)
						: formatHours(tookMinutes)}
				</p>
				<p>
					{tookMinutes === undefined || asked === undefined
						? 'As it came.'
						: `${formatPrice(asked, session.shelf)}, as it came.`}
				</p>
			{:else if costs}
				<p class="big figure text-28 leading-close">{formatHours(costs.chairMinutes)}</p>
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
				{#if quote}
					<p>
						Named on {formatDay(quote.date)}: {formatPrice(quote.low, session.shelf)} to {formatPrice(
							quote.high,
							session.shelf
						)} for today.
					</p>
				{/if}
				{#if today && !goesHome}
					<p class="no-print pt-1">
						<Button onclick={nameIt}
							>{quote ? 'Name it anew' : 'Name this price'}: {formatPrice(today.low, session.shelf)} to
							{formatPrice(today.high, session.shelf)} for today</Button
						>
					</p>
				{/if}
				{#if costs.visits.length > 1}
					<ul>
						{#each costs.visits as { week, chairMinutes, price } (week)}
							<li class="py-1">
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
					{session.lightens && !aimVerdict.answer
						? '…'
						: session.lightens
							? 'Nothing is reached with what is planned.'
							: 'Toning only: see the toner’s own time.'}
				</p>
			{/if}
		</section>
		<section class="col-span-full">
			<h2 class="text-15 font-semibold text-ink-soft">Until then</h2>
			<ul class="columns-narrow gap-11">
				{#each care as line, i (i)}<li class="break-inside-avoid py-1">{line}</li>{/each}
			</ul>
		</section>
		{#if aimView.doors.length > 0}
			<section>
				<h2 class="text-15 font-semibold text-ink-soft">What this closes</h2>
				<ul>
					{#each aimView.doors as door (door)}
						{@const { closes, instead } = DOOR_WORDS[door]}
						<li class="py-1">
							{closes}
							{instead}
						</li>{/each}
				</ul>
			</section>
		{/if}
	</div>
	{#if !codeFirst}{@render code()}{/if}
	<footer class="text-ink-soft">
		{STANDING_CAUTIONS.read} What is said here is expected, not promised.
	</footer>
</main>
