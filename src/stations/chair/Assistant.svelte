<script lang="ts">
	import { labOfFibre } from '../../core/lift';
	import { seenFibre } from '../../model/head/hair';
	import { Awake } from '../../devices/awake.svelte';
	import { useClock } from '../../state/clock.svelte';
	import { DayClocks } from '../../state/dayClocks.svelte';
	import { openVisit } from '../../state/openVisit';
	import { useRecords } from '../../state/records';
	import { keyOf } from '../../state/runningView.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import { provideVisit } from '../../state/visitContext';
	import { formatTimer } from '../../wording/words';
	import { bowlsNow } from './bowlsNow';
	import BowlRing from './BowlRing.svelte';
	import { chairAnswer } from './chairAnswer';
	import { ChairRun } from './chairRun.svelte';
	import { expectedAt } from './chair';
	import HeadNow from './HeadNow.svelte';
	import SectionLocks from './SectionLocks.svelte';

	interface Props {
		id: string;
	}
	let { id }: Props = $props();
	const clock = useClock();
	$effect(clock.run);
	// svelte-ignore state_referenced_locally
	// The route remounts this component for another visit.
	const session = openVisit(useRecords().workspace, clock, id, `assist ${id}`);
	provideVisit(session);
	const awake = new Awake();
	$effect(() => awake.hold());
	const timer = new RunTimer(clock);
	const run = $derived(session.visit.run);
	const seconds = $derived(timer.seconds(run));
	const service = new ChairRun(session, () => seconds);
	const clocks = new DayClocks(session, clock);
	const head = $derived(service.head);
	const readyLab = $derived(labOfFibre(seenFibre(session.head.reading, session.head.target)));
	const begun = $derived(run.startedAt !== undefined);
	const minute = $derived(Math.floor(seconds / 60));
	const answer = $derived(
		chairAnswer(session, service, clocks, begun, run.rinsedAtMinute ?? service.allOffMinute, {
			...expectedAt(session, minute),
			words: begun ? 'expected now' : 'nothing is on yet',
			range: ''
		})
	);
	/** What comes next, and after it. */
	const acts = $derived((head?.acts ?? []).slice(0, 3));
	const until = $derived(acts[0] && !answer.process ? acts[0].minute - seconds / 60 : undefined);
	const bowls = $derived(
		session.bowls.laid ? bowlsNow(session.bowls.laid, head, service.minute) : []
	);
	const isWeighed = (id: string) => session.visit.bowls.mixed.some((bowl) => bowl.id === id);
</script>

<svelte:head><title>{session.client?.name ?? 'Visit'} · Assistant · Zelvant</title></svelte:head>

<main class="flex min-h-view flex-col px-7 py-4 max-tablet:px-4">
	<p class="flex flex-wrap items-baseline justify-between gap-x-6">
		<span
			><b class="figure text-22">{session.client?.name ?? 'Visit'}</b>
			<span class="text-ink-soft">followed live, from the chair</span></span
		>
		<a href="/visit/{id}/chair">To the chair</a>
	</p>
	<h1 class="figure text-name leading-none wrap-anywhere max-desk:text-60 max-tablet:text-40">
		{answer.answer}
	</h1>
	<div class="flex flex-wrap items-baseline gap-x-6">
		{#if until !== undefined && until > 0}
			<span class="figure text-act leading-none tracking-giant tabular-nums"
				>{formatTimer(until * 60)}</span
			>
		{:else}
			<span class="figure text-60 leading-tight max-tablet:text-40">{answer.words}</span>
		{/if}
		<span class="min-w-60 flex-1 text-22 text-ink-soft">{answer.range}</span>
		{#if head}<span class="w-93 self-center max-tablet:w-full"
				><HeadNow sections={head.sections} /></span
			>{/if}
	</div>
	{#if bowls.length > 0}
		<ul class="mt-3 flex flex-wrap gap-x-8 gap-y-2 border-t border-line pt-3" aria-label="Bowls">
			{#each bowls as bowl (bowl.id)}
				<li class="flex items-center gap-3">
					<BowlRing
						number={bowl.number}
						left={bowl.left}
						label="Bowl {bowl.number}, {bowl.words}"
					/>
					<span class="leading-close">
						<b class="figure text-22">{bowl.volume} vol, {bowl.grams} g</b>
						<span class="block text-ink-soft">{bowl.words}</span>
						{#if isWeighed(bowl.id)}weighed{:else}<a href="/visit/{id}/mix?bowl={bowl.number}"
								>Weigh it</a
							>{/if}
					</span>
				</li>
			{/each}
		</ul>
	{/if}
	{#if head}
		<div class="@container mt-4 bg-field px-4 py-3 text-on-field">
			<SectionLocks
				sections={head.sections}
				nameOf={service.nameOf}
				minute={service.minute}
				chosen={service.looked && keyOf(service.looked)}
				ready={{ level: session.head.target, lab: readyLab }}
				onchoose={(key) => service.point(key)}
			/>
		</div>
	{/if}
</main>
