<script lang="ts">
	import { goto } from '$app/navigation';
	import { formatLevel } from '../../core/hair';
	import type { LedgerRow } from '../../model/ledger/rows';
	import { headName, ledgerRows, rowPath } from '../../state/ledger';
	import {
		ledgerCsv,
		readLedgerCsv,
		type FileLedgerRow,
		type LedgerFile
	} from '../../model/ledger/csv';
	import { mixAgain } from '../../model/commands/mixAgain';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import { buttonLook } from '../../ui/look';
	import SideBySide from './SideBySide.svelte';
	import { downloadText, fileName } from '../../ui/download';
	import Button from '../../ui/Button.svelte';
	import { say } from '../../ui/say.svelte';
	import Choice from '../../ui/Choice.svelte';
	import type { TableColumn } from '../../ui/table';
	import FoundTable from '../../widgets/FoundTable.svelte';
	import ReadingBook from '../../widgets/ReadingBook.svelte';
	import ForWhom from '../../widgets/ForWhom.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { LEDGER_KINDS, ledgerText, ledgerWords } from '../../wording/ledger';
	import { formatDate, unbroken } from '../../wording/words';

	const { workspace } = useRecords();
	const clock = useClock();
	/** Rows of a file that lie here beside one's own until they are put away. */
	let file = $state.raw<{ readonly name: string; readonly read: LedgerFile }>();
	const { book } = workspace;
	void book.read();
	const own = $derived(ledgerRows(workspace));
	const all: readonly LedgerRow[] = $derived(file?.read.ok ? file.read.rows : own);
	const nameOf = (row: LedgerRow) =>
		'name' in row ? (row as FileLedgerRow).name : headName(workspace, row);
	let kind = $state<LedgerRow['kind'] | 'all'>('all');
	const rows = $derived(kind === 'all' ? all : all.filter((row) => row.kind === kind));
	const KINDS = [
		{ value: 'all', label: 'everything' },
		...(['lightening', 'toner', 'cure', 'trial', 'bench', 'visit'] as const).map((value) => ({
			value,
			label: LEDGER_KINDS[value]
		}))
	] as const;
	/** The formula that is to be mixed again, until somebody says for whom. */
	let again = $state.raw<LedgerRow & { kind: 'toner' | 'bench' }>();
	const line = $derived(workspace.shelf?.lines.find(({ id }) => id === again?.lineId));

	function mixFor(visitId: string) {
		if (!again || !line) return;
		const { parts } = again;
		const own = line;
		const step = workspace.shelf?.scaleStep ?? 1;
		workspace.transact('mixed a formula again', (draft) =>
			mixAgain(draft.visit(visitId), parts, own, step)
		);
		again = undefined;
		void goto(`/visit/${visitId}/tone`);
	}
	/** What is laid beside another: the one that was chosen first stays until it is taken up again. */
	let besideKeys = $state.raw<readonly string[]>([]);
	const [first, second] = $derived(
		besideKeys.flatMap((key) => all.find((row) => row.key === key) ?? [])
	);
	function layBeside({ key }: LedgerRow) {
		if (besideKeys.includes(key)) besideKeys = besideKeys.filter((other) => other !== key);
		else besideKeys = [...besideKeys, key];
		if (besideKeys.length === 1) say('Choose another to lay beside it.');
	}

	async function readFile(files: FileList | null) {
		const picked = files?.[0];
		if (!picked) return;
		besideKeys = [];
		file = { name: picked.name, read: readLedgerCsv(await picked.text()) };
	}
	const exportRows = () =>
		downloadText(
			fileName('ledger', clock.today, 'csv'),
			'text/csv',
			ledgerCsv(rows, nameOf, ledgerWords)
		);
	const COLUMNS: readonly TableColumn<LedgerRow>[] = [
		{ id: 'date', head: 'Day', value: ({ date }) => date, track: '92px', fixed: true },
		{ id: 'client', head: 'Head', value: nameOf, track: 'minmax(96px,1fr)' },
		{
			id: 'what',
			head: 'What',
			value: ledgerWords,
			track: 'minmax(172px,2.4fr)',
			fixed: true
		},
		{
			id: 'minutes',
			head: 'Minutes',
			value: ({ minutes }) => minutes,
			track: '64px',
			end: true
		},
		{
			id: 'expected',
			head: 'Expected',
			value: ({ expected }) => expected,
			track: '72px',
			end: true
		},
		{ id: 'seen', head: 'Seen', value: ({ seen }) => seen, track: '40px', end: true },
		{ id: 'again', head: 'Again', value: () => undefined, track: '72px' },
		{ id: 'beside', head: 'Beside', value: () => undefined, track: '66px' }
	];
	const level = (value: number | undefined) => (value === undefined ? '' : formatLevel(value));
</script>

<PlaceHead
	title="{all.length} entr{all.length === 1 ? 'y' : 'ies'}, and what came of {all.length === 1
		? 'it'
		: 'them'}"
>
	<a class="inline-grid tap place-items-center" href="/ledger/learned">What was learned</a>
	<label
		class={buttonLook({
			class: 'outline-accent focus-within:outline-3 focus-within:outline-offset-2'
		})}
		>Read a CSV<input
			class="absolute h-px w-px opacity-0"
			type="file"
			accept=".csv,text/csv"
			onchange={(e) => {
				void readFile(e.currentTarget.files);
				e.currentTarget.value = '';
			}}
		/></label
	>
	{#if rows.length > 0}<Button onclick={exportRows}>Export as CSV</Button>{/if}
</PlaceHead>

{#if file}
	<div class="mb-4 flex flex-wrap items-center gap-4" role="status">
		{#if file.read.ok}
			<p>
				From {file.name}: {file.read.rows.length} row{file.read.rows.length === 1 ? '' : 's'}{file
					.read.refused.length > 0
					? `; lines ${file.read.refused.slice(0, 8).join(', ')} are no rows of a ledger`
					: ''}. Your own records are as they were.
			</p>
		{:else}
			<p>{file.name} is no table of a ledger. Nothing was changed.</p>
		{/if}
		<Button onclick={() => (file = undefined)}>Back to your own</Button>
	</div>
{/if}
{#if !file}<ReadingBook />{/if}
{#if all.length === 0 && (file || book.isRead)}
	<p class="text-ink-soft">
		Every formula that is mixed and every application stands here once a service has begun, with
		what came of it.
	</p>
{:else if all.length > 0}
	<div class="mb-4">
		<Choice
			hideLabel
			label="Which of it"
			value={kind}
			options={KINDS}
			onchange={(to) => (kind = to)}
		/>
	</div>
	<FoundTable
		label="Ledger"
		find="A shade, a strength, a level, a word, a name, a month"
		textOf={(row) => ledgerText(row, nameOf(row))}
		{rows}
		columns={COLUMNS}
		keyOf={({ key }) => key}
		hrefOf={rowPath}
		sortedBy={{ id: 'date', desc: true }}
		isMarked={({ key }) => besideKeys.includes(key)}
	>
		{#snippet cell(row, column)}
			{#if column === 'date'}{formatDate(row.date)}
			{:else if column === 'client'}<b>{nameOf(row)}</b>
			{:else if column === 'what'}<span class="wrap-anywhere">{unbroken(ledgerWords(row))}</span>
			{:else if column === 'minutes'}{row.minutes ?? ''}
			{:else if column === 'expected'}<span class="text-ink-soft">{level(row.expected)}</span>
			{:else if column === 'seen'}<b class="figure">{level(row.seen)}</b>
			{:else if column === 'beside'}
				<span class="relative z-1"
					><Button
						onclick={() => layBeside(row)}
						aria-pressed={besideKeys.includes(row.key)}
						aria-label="Lay beside: {ledgerWords(row)}"
						>{besideKeys.includes(row.key) ? 'Laid' : 'Lay'}</Button
					></span
				>
			{:else if row.kind === 'toner' || row.kind === 'bench'}
				<!-- Above the link that the whole row is. -->
				<span class="relative z-1"
					><Button onclick={() => (again = row)} aria-label="Mix again: {ledgerWords(row)}"
						>Mix it</Button
					></span
				>
			{/if}
		{/snippet}
	</FoundTable>
{/if}

{#if first && second}
	<SideBySide rows={[first, second]} {nameOf} onclose={() => (besideKeys = [first.key])} />
{/if}
<ForWhom
	formula={again && ledgerWords(again)}
	note="Scaled to what that head takes, in the way of {line?.name ?? ''}."
	fault={line ? undefined : 'Its line is no longer on the shelf: enter it there, then mix it.'}
	onchoose={mixFor}
	onclose={() => (again = undefined)}
/>
