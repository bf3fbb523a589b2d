<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import Strand from '../../charts/strand/Strand.svelte';
	import { formatLevel } from '../../core/hair';
	import type { HistoryEntry } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { useVisit } from '../../state/visitContext';
	import { coloursOf } from '../../model/head/hair';
	import HistoryEntryForm from './HistoryEntryForm.svelte';
	import { headHistory, takeHistory, toldStrand, weeksBefore } from '../../model/visit/history';
	import { agoWords, entryWords } from '../../wording/history';
	import { placeOf } from '../../charts/history/historyLine';

	const session = useVisit();
	const reading = $derived(session.head.reading);
	const date = $derived(session.visit.date);
	const washes = $derived(session.client?.washesPerWeek ?? 2);
	/** What is being told, while its form is open: drawn with the rest before it is sent. */
	let draft = $state.raw<HistoryEntry>();
	const history = $derived(
		draft === undefined
			? reading.history
			: [...reading.history.filter(({ id }) => id !== draft!.id), draft]
	);
	/** Latest first, numbered as on the line; a form that is open stays where it is while its day is typed. */
	const kept = $derived(new Map(reading.history.map((entry) => [entry.id, entry])));
	const dayOf = ({ id, date }: HistoryEntry) => kept.get(id)?.date ?? date;
	const entries = $derived([...history].sort((p, q) => dayOf(q).localeCompare(dayOf(p))));
	const oldest = $derived(Math.max(0, ...entries.map((entry) => weeksBefore(entry.date, date))));
	const told = $derived(
		toldStrand(headHistory({ ...reading, history }, date, washes), session.head.zones)
	);
	const colours = $derived(
		coloursOf(
			told.strand.points.map(({ fibre }) => fibre),
			reading.whiteShare
		)
	);
	/** The entry whose form is open, or a new one. */
	const NEW = 'new';
	let open = $state<string>();
	function close() {
		open = undefined;
		draft = undefined;
	}
	function keep(entry: HistoryEntry) {
		const known = kept.has(entry.id);
		session.change(known ? 'history' : `added ${entry.kind}`, (visit) => {
			const { history } = visit.reading;
			visit.reading.history = known
				? history.map((old) => (old.id === entry.id ? entry : old))
				: [...history, entry];
		});
		close();
	}
	function remove(id: string) {
		session.change('removed from the history', (draft) => {
			draft.reading.history = draft.reading.history.filter((entry) => entry.id !== id);
		});
		close();
	}
	const take = () =>
		session.change('took the history', (draft) => takeHistory(draft.reading, date, washes));

	const MARKS = [
		{ weeks: 0, label: 'now' },
		{ weeks: 13, label: '3 months' },
		{ weeks: 52, label: '1 year' },
		{ weeks: 104, label: '2 years' },
		{ weeks: 208, label: '4 years' }
	];
</script>

<div class="flex flex-wrap items-end justify-between gap-x-5 gap-y-2">
	<Button aria-expanded={open === NEW} onclick={() => (open === NEW ? close() : (open = NEW))}
		>Tell what was done</Button
	>
	<div class="w-36">
		<NumberField
			label="Growth a month"
			value={reading.growthCmPerMonth}
			{...BOUNDS.growthCmPerMonth}
			step={0.05}
			unit="cm"
			onchange={(v) =>
				session.change(
					'growth',
					(draft) => (draft.reading.growthCmPerMonth = Math.round(v * 100) / 100)
				)}
		/>
	</div>
</div>
{#if open === NEW}
	<HistoryEntryForm ondraft={(told) => (draft = told)} onsend={keep} onclose={close} />
{/if}

{#if entries.length === 0}
	<p class="text-ink-soft">
		Nothing told yet. Add what was done to this hair, and the strand that it made is worked out.
	</p>
{:else}
	<div class="relative mr-6 ml-8 h-15 border-b-2 border-ink" aria-hidden="true">
		{#each MARKS.filter(({ weeks }) => weeks <= Math.max(52, oldest)) as { weeks, label } (weeks)}
			<span
				class="absolute -bottom-6 -translate-x-1/2 text-13 whitespace-nowrap text-ink-soft"
				style:left="{placeOf(weeks, oldest) * 100}%">{label}</span
			>
		{/each}
		{#each entries as entry, i (entry.id)}
			<span
				class={[
					'absolute bottom-1 min-w-7 -translate-x-1/2 rounded-box border-2 border-ink px-1 py-0.5 text-center font-semibold',
					open === entry.id ? 'bg-ink text-room' : 'bg-room'
				]}
				style:left="{placeOf(weeksBefore(entry.date, date), oldest) * 100}%">{i + 1}</span
			>
		{/each}
	</div>
	<ol class="mt-6" aria-label="History of this hair, latest first">
		{#each entries as entry, i (entry.id)}
			<li>
				<button
					disabled={!kept.has(entry.id)}
					class="row flex tap w-full flex-wrap items-center gap-x-3 text-left"
					aria-expanded={open === entry.id}
					onclick={() => {
						const again = open === entry.id;
						close();
						if (!again) open = entry.id;
					}}
				>
					<span
						class={[
							'min-w-7 rounded-box border-2 border-ink px-1 py-0.5 text-center font-semibold',
							open === entry.id ? 'bg-ink text-room' : 'bg-room'
						]}>{i + 1}</span
					>
					<b>{entryWords(entry)}</b>
					<span class="text-ink-soft"
						>{agoWords(weeksBefore(entry.date, date))}{kept.has(entry.id)
							? ''
							: ', not kept yet'}</span
					>
				</button>
				{#if open === entry.id}
					<HistoryEntryForm
						entry={kept.get(entry.id)}
						ondraft={(told) => (draft = told)}
						onsend={keep}
						onclose={close}
						onremove={() => remove(entry.id)}
					/>
				{/if}
			</li>
		{/each}
	</ol>
	<div
		class="told grid grid-cols-[70px_minmax(0,1fr)] items-center bg-field px-3 py-2 text-on-field"
	>
		<span class="text-14">as told</span>
		<span class="block h-13"
			><Strand {colours} seed={17} label="The strand that the history makes" /></span
		>
	</div>
	{#if told.disagreements.length > 0}
		<p role="status">
			<b>History and eye differ.</b>
			{told.disagreements
				.map(
					({ zone, seen, expected }) =>
						`${zone}: told ${formatLevel(expected)}, read ${formatLevel(seen)}`
				)
				.join('; ')}. The reading counts until you take the history.
		</p>
	{:else}
		<p class="text-ink-soft">The history agrees with what was read.</p>
	{/if}
	<div>
		<Button disabled={draft !== undefined} onclick={take}>Take zones from the history</Button>
	</div>
{/if}
