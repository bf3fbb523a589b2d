<script lang="ts">
	import { noonOf } from '../../model/time';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import DayRow from './DayRow.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { dueTests } from '../../model/visit/dueTests';
	import { dueWords } from '../../wording/tests';
	import NewVisit from '../../widgets/NewVisit.svelte';

	const { workspace } = useRecords();
	const clock = useClock();
	// A page that is left open turns over at midnight.
	$effect(clock.run);
	const today = $derived(clock.today);
	/** Those of today and those that are open: few of all there are. */
	const visits = $derived(
		[...workspace.cards.values()]
			.filter(({ status, date }) => status !== 'done' || date === today)
			.sort((p, q) => p.createdAt.localeCompare(q.createdAt))
	);
	const inChair = $derived(visits.filter(({ status }) => status === 'inChair'));
	const waiting = $derived(
		visits.filter(({ status, date }) => status === 'waiting' && date <= today)
	);
	const coming = $derived(
		visits
			.filter(({ status, date }) => status === 'waiting' && date > today)
			.toSorted((p, q) => p.date.localeCompare(q.date))
	);
	const done = $derived(visits.filter(({ status, date }) => status === 'done' && date === today));
	const date = $derived(
		noonOf(today).toLocaleDateString([], {
			weekday: 'long',
			day: 'numeric',
			month: 'long'
		})
	);
	const groups = $derived(
		[
			{ name: 'In the chair', list: inChair },
			{ name: 'Waiting', list: waiting },
			{ name: 'Done today', list: done },
			{ name: 'Coming', list: coming }
		].filter(({ list }) => list.length > 0)
	);
	/** Each row works out a whole visit, so a crowded day is shown in parts. */
	const PAGE = 12;
	let shown = $state(PAGE);
	let starting = $state(false);
	const DUE_SHOWN = 12;
	/** So many of those who sit or wait are asked for their tests: more are seen on no day. */
	const ASKED = 60;
	const asked = $derived([...inChair, ...waiting].slice(0, ASKED).map(({ id }) => id));
	// Where the browser refuses, the rows themselves say so.
	$effect(() => void workspace.readVisits(asked).catch(() => undefined));
	const due = $derived(
		dueTests(
			asked.flatMap((id) => workspace.visits.get(id) ?? []),
			(id) => workspace.clients.get(id),
			today
		)
	);
</script>

<PlaceHead
	title="{inChair.length === 0
		? 'Nobody in the chair'
		: `${inChair.length} in the chair`}{waiting.length > 0 ? `, ${waiting.length} waiting` : ''}"
	above="{date}{due.length > 0 ? ` · ${due.length} test${due.length === 1 ? '' : 's'} due` : ''}"
>
	<Button primary onclick={() => (starting = true)}>New visit</Button>
</PlaceHead>

{#if groups.length === 0}
	<div class="max-w-128 text-18">
		<p>The day shows who is in the chair and who waits. Begin with a client: a name is enough.</p>
		<div class="mt-4"><Button onclick={() => (starting = true)}>New visit</Button></div>
	</div>
{/if}

{#each groups as group (group.name)}
	<section>
		<h2 class="mt-5 mb-1.5 text-15">{group.name}</h2>
		<ul>
			{#each group.list.slice(0, shown) as visit (visit.id)}
				<DayRow id={visit.id} />
			{/each}
		</ul>
		{#if group.list.length > shown}
			<Button onclick={() => (shown += PAGE)}>Show more of {group.list.length}</Button>
		{/if}
	</section>
{/each}

{#if due.length > 0}
	<section>
		<h2 class="mt-5 mb-1.5 text-15">Tests due</h2>
		<ul
			class="grid grid-cols-[repeat(auto-fill,minmax(330px,1fr))] gap-x-10 max-tablet:grid-cols-1"
		>
			{#each due.slice(0, DUE_SHOWN) as test (test.visitId + test.test)}
				{@const { visitId, client, stops } = test}
				{@const name = client?.name ?? 'Unknown client'}
				{@const what = dueWords(test)}
				<li>
					<a
						class="flex tap items-center justify-between gap-4 border-t border-line no-underline"
						href="/visit/{visitId}/read"
					>
						<b>{name}</b>
						<span class="text-right text-ink-soft">{what}{stops ? ', nothing before it' : ''}</span>
					</a>
				</li>
			{/each}
		</ul>
		{#if due.length > DUE_SHOWN}<p>And {due.length - DUE_SHOWN} more.</p>{/if}
	</section>
{/if}

<NewVisit open={starting} onclose={() => (starting = false)} />
