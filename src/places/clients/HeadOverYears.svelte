<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import RateBand from '../../charts/years/RateBand.svelte';
	import { yearsAxis } from '../../charts/years/years';
	import { grownOut, grownSince, knownOverTime } from '../../model/client/history';
	import { weeksBetween } from '../../model/time';
	import type { Client, Visit } from '../../schema/records';
	import { useClock } from '../../state/clock.svelte';
	import { openVisit } from '../../state/openVisit';
	import { useRecords } from '../../state/records';
	import { habitsWords, personalWords } from '../../wording/learned';
	import { formatMonth } from '../../wording/words';
	import HungVisit from './HungVisit.svelte';

	interface Props {
		client: Client;
		/** Recorded visits, newest first. */
		visits: readonly Visit[];
		chosen: string | undefined;
		onchoose: (id: string) => void;
	}
	let { client, visits, chosen, onchoose }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	let width = $state(800);
	/** A pair of strands, before and after, px. */
	const PAIR = 40;
	const HANGS = 170;
	/** As many as stand side by side; earlier ones when somebody asks for them. */
	let back = $state(0);
	const most = $derived(Math.max(2, Math.floor((width - 40) / (PAIR + 4)) - 1));
	const end = $derived(visits.length - Math.min(back, Math.max(0, visits.length - most)));
	const drawn = $derived(visits.toReversed().slice(Math.max(0, end - most), end));
	/** The latest hang first, a few at a time: each is worked out, and the page answers in between. */
	const AT_ONCE = 2;
	let hung = $state(AT_ONCE);
	$effect(() => {
		if (hung >= drawn.length) return;
		const timer = setTimeout(() => (hung += AT_ONCE), 0);
		return () => clearTimeout(timer);
	});
	const until = $derived(back === 0 ? clock.today : (drawn.at(-1)?.date ?? clock.today));
	const axis = $derived(yearsAxis(drawn, until, width, PAIR + 4));
	const scale = $derived(HANGS / Math.max(1, ...visits.map(({ reading }) => reading.lengthCm)));
	const last = $derived(visits[0]);
	const known = $derived(
		knownOverTime(
			visits,
			clock.today,
			{
				salon: workspace.shelf?.textureRates?.[visits[0]!.reading.texture],
				off: client.learnOff
			},
			drawn[0]?.date
		)
	);
	const now = $derived(known.at(-1)?.learned);
	// svelte-ignore state_referenced_locally
	// The page is keyed by the last visit.
	const lastSession = last && openVisit(workspace, clock, last.id, `today ${last.id}`);
	const weeks = $derived(last ? Math.round(weeksBetween(last.date, clock.today)) : 0);
	const today = $derived(
		last && lastSession && grownOut(lastSession.head.coloursAfter(weeks), last, clock.today)
	);
	const grownCm = $derived(last ? Math.round(10 * grownSince(last, clock.today)) / 10 : 0);
</script>

<section aria-labelledby="years" bind:clientWidth={width}>
	<h2 id="years" class="sr-only">The head over the years</h2>
	<div class="relative bg-field text-on-field" style:height="{HANGS + 44}px">
		<!-- What hangs here hangs from one rod of time. -->
		{#each axis.ticks as tick (tick.at)}
			<span
				class={['absolute top-0 w-px bg-on-field', tick.year ? 'h-3' : 'h-1.5']}
				style:left="{tick.x}px"
			></span>
			{#if tick.year}<span class="absolute bottom-1 text-13" style:left="{tick.x}px"
					>{tick.year}</span
				>{/if}
		{/each}
		{#each drawn as visit, i (visit.id)}
			{#if i >= drawn.length - hung}<HungVisit
					{visit}
					x={axis.places[i]!}
					{scale}
					width={PAIR}
					seed={(7 * i) % 40}
					chosen={visit.id === chosen}
					onchoose={() => onchoose(visit.id)}
				/>{/if}
		{/each}
		{#if back === 0 && last && today}
			<span
				class="absolute top-0 block pt-2"
				style:left="{axis.today - PAIR * 0.6}px"
				style:width="{PAIR * 0.6}px"
				style:height="{Math.max(28, last.reading.lengthCm * scale) + 8}px"
				><Strand
					hanging
					seed={44}
					colours={today}
					label="today, expected: {grownCm} cm grown, faded for {weeks} weeks"
				/></span
			>
			<span class="absolute right-1 bottom-1 text-13">today</span>
		{/if}
	</div>
	{#if known.length > 0}
		<RateBand
			known={known
				.filter(({ date }) => date >= drawn[0]!.date && date <= until)
				.map(({ date, learned: { personal } }) => ({ date, ...personal }))}
			at={axis.at}
			{width}
			label="How fast this head was known to lift, over the years"
		/>
		{#if now}
			<p>
				This head {personalWords(now.personal, now.visits)}{habitsWords(now.areas)
					? `; ${habitsWords(now.areas)}`
					: ''}.
				<a href="/ledger/learned">All that was learned</a>
			</p>
		{/if}
	{/if}
	{#if last}
		<p class="text-ink-soft">
			Expected today: {grownCm} cm grown, the toner {weeks} weeks old.
		</p>
	{/if}
	{#if visits.length > most}
		<p class="flex flex-wrap gap-4 text-14">
			{#if end > most}<button class="tap underline" onclick={() => (back += most)}
					>Earlier than {formatMonth(drawn[0]!.date)}</button
				>{/if}
			{#if back > 0}<button class="tap underline" onclick={() => (back = Math.max(0, back - most))}
					>Later</button
				>{/if}
		</p>
	{/if}
</section>
