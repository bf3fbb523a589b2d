<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import type { LedgerRow } from '../../model/ledger/rows';
	import { useRecords } from '../../state/records';
	import Sheet from '../../ui/Sheet.svelte';
	import { ledgerWords } from '../../wording/ledger';
	import { formatDate, unbroken } from '../../wording/words';
	import WhenRead from '../../widgets/WhenRead.svelte';
	import RowStrands from './RowStrands.svelte';

	interface Props {
		rows: readonly [first: LedgerRow, second: LedgerRow];
		nameOf: (row: LedgerRow) => string;
		onclose: () => void;
	}
	let { rows, nameOf, onclose }: Props = $props();
	const { workspace } = useRecords();
	const level = (value: number | undefined) => (value === undefined ? '–' : formatLevel(value));
	const FACTS: readonly { readonly name: string; readonly of: (row: LedgerRow) => string }[] = [
		{ name: 'Head', of: (row) => nameOf(row) },
		{
			name: 'Hair',
			of: ({ head: { naturalLevel, texture, warmth } }) =>
				`${formatLevel(naturalLevel)} ${warmth}, ${texture}`
		},
		{ name: 'What', of: (row) => unbroken(ledgerWords(row)) },
		{ name: 'Minutes', of: ({ minutes }) => minutes?.toString() ?? '–' },
		{ name: 'Expected', of: ({ expected }) => level(expected) },
		{ name: 'Seen', of: ({ seen }) => level(seen) },
		{ name: 'By', of: ({ colourist }) => colourist || '–' },
		{ name: 'Words', of: ({ notes }) => notes || '–' }
	];
	const differs = (of: (row: LedgerRow) => string) => of(rows[0]) !== of(rows[1]);
</script>

<!-- Over the table: whoever is far down among its rows sees it at once, and stays there. -->
<Sheet open wide title="Side by side" {onclose}>
	<div
		class="grid grid-cols-[84px_minmax(0,1fr)_minmax(0,1fr)] gap-x-5 max-tablet:grid-cols-[68px_minmax(0,1fr)_minmax(0,1fr)] max-tablet:gap-x-3"
	>
		<span></span>
		{#each rows as row (row.key)}
			<div>
				<b class="block">{formatDate(row.date)}</b>
				{#if workspace.cards.has(row.visitId)}
					<WhenRead clientId={row.clientId}><RowStrands id={row.visitId} /></WhenRead>
				{/if}
			</div>
		{/each}
		{#each FACTS as { name, of } (name)}
			<span class="border-b border-line py-1 text-ink-soft">{name}</span>
			{#each rows as row (row.key)}
				<span class={['border-b border-line py-1 wrap-anywhere', differs(of) && 'font-semibold']}
					>{of(row)}</span
				>
			{/each}
		{/each}
	</div>
</Sheet>
