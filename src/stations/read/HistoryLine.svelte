<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import Strand from '../../charts/strand/Strand.svelte';
	import { formatLevel } from '../../core/hair';
	import type { HistoryEntry } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import { useVisit } from '../../state/visitContext';
	import { coloursOf } from '../../model/visit/hair';
	import HistoryEntryForm from './HistoryEntryForm.svelte';
	import {
		headHistory,
		newEntry,
		takeHistory,
		toldStrand,
		weeksBefore,
		type HistoryKind
	} from '../../model/visit/history';
	import { agoWords, entryWords, KIND_OPTIONS } from '../../wording/history';
	import { placeOf } from '../../charts/history/historyLine';

	const session = useVisit();
	const reading = $derived(session.head.reading);
	const date = $derived(session.visit.date);
	const washes = $derived(session.client?.washesPerWeek ?? 2);
	/** Latest first, numbered as on the line. */
	const entries = $derived([...reading.history].sort((p, q) => q.date.localeCompare(p.date)));
	const oldest = $derived(Math.max(0, ...entries.map((entry) => weeksBefore(entry.date, date))));
	const told = $derived(toldStrand(headHistory(reading, date, washes), session.head.zones));
	const colours = $derived(
		coloursOf(
			told.strand.points.map(({ fibre }) => fibre),
			reading.whiteShare
		)
	);
	let open = $state<string>();
	let kind = $state<HistoryKind>('colour');

	function add() {
		const entry = newEntry(kind, date, reading);
		session.change(`added ${kind}`, (draft) => void draft.reading.history.push(entry));
		open = entry.id;
	}
	function edit(id: string, entry: HistoryEntry) {
		session.change('history', (draft) => {
			draft.reading.history = draft.reading.history.map((old) => (old.id === id ? entry : old));
		});
	}
	function remove(id: string) {
		session.change('removed from the history', (draft) => {
			draft.reading.history = draft.reading.history.filter((entry) => entry.id !== id);
		});
		open = undefined;
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

<div
	class="grid grid-cols-[minmax(140px,1fr)_auto_minmax(120px,1fr)] items-end gap-x-5 gap-y-2 max-tablet:grid-cols-1"
>
	<Select label="What was done" value={kind} options={KIND_OPTIONS} onchange={(v) => (kind = v)} />
	<Button onclick={add}>Add to the history</Button>
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
					class="row flex tap w-full flex-wrap items-center gap-x-3 text-left"
					aria-expanded={open === entry.id}
					onclick={() => (open = open === entry.id ? undefined : entry.id)}
				>
					<span
						class={[
							'min-w-7 rounded-box border-2 border-ink px-1 py-0.5 text-center font-semibold',
							open === entry.id ? 'bg-ink text-room' : 'bg-room'
						]}>{i + 1}</span
					>
					<b>{entryWords(entry)}</b>
					<span class="text-ink-soft">{agoWords(weeksBefore(entry.date, date))}</span>
				</button>
				{#if open === entry.id}
					<HistoryEntryForm
						{entry}
						latest={date}
						onchange={(changed) => edit(entry.id, changed)}
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
	<div><Button onclick={take}>Take zones from the history</Button></div>
{/if}
