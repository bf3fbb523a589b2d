<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import type { LedgerRow } from '../../model/ledger/rows';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import { ledgerWords } from '../../wording/ledger';
	import { formatDate } from '../../wording/words';
	import WhenRead from '../../widgets/WhenRead.svelte';
	import RowStrands from './RowStrands.svelte';

	interface Props {
		/** One or two. */
		rows: readonly LedgerRow[];
		nameOf: (row: LedgerRow) => string;
		onclear: () => void;
	}
	let { rows, nameOf, onclear }: Props = $props();
	const { workspace } = useRecords();
	const level = (value: number | undefined) => (value === undefined ? '–' : formatLevel(value));
	const FACTS: readonly { readonly name: string; readonly of: (row: LedgerRow) => string }[] = [
		{ name: 'Head', of: (row) => nameOf(row) },
		{
			name: 'Hair',
			of: ({ head: { naturalLevel, texture, warmth } }) =>
				`${formatLevel(naturalLevel)} ${warmth}, ${texture}`
		},
		{ name: 'What', of: ledgerWords },
		{ name: 'Minutes', of: ({ minutes }) => minutes?.toString() ?? '–' },
		{ name: 'Expected', of: ({ expected }) => level(expected) },
		{ name: 'Seen', of: ({ seen }) => level(seen) },
		{ name: 'By', of: ({ colourist }) => colourist || '–' },
		{ name: 'Words', of: ({ notes }) => notes || '–' }
	];
	const [first, second] = $derived(rows);
	const differs = (of: (row: LedgerRow) => string) =>
		first !== undefined && second !== undefined && of(first) !== of(second);
</script>

<section aria-label="Side by side" class="mb-5">
	<div class="flex items-end justify-between gap-4 pb-2">
		<h2 class="text-18">Side by side</h2>
		<Button onclick={onclear}>Put away</Button>
	</div>
	<div class="grid grid-cols-[84px_minmax(0,1fr)_minmax(0,1fr)] gap-x-5">
		<span></span>
		{#each rows as row (row.key)}
			<div>
				<b class="block">{formatDate(row.date)}</b>
				{#if workspace.cards.has(row.visitId)}
					<WhenRead clientId={row.clientId}><RowStrands id={row.visitId} /></WhenRead>
				{/if}
			</div>
		{/each}
		{#if !second}<p class="text-ink-soft">Choose another row to lay beside it.</p>{/if}
		{#each FACTS as { name, of } (name)}
			<span class="border-b border-line py-1 text-ink-soft">{name}</span>
			{#each [first, second] as row, i (i)}
				<span class={['border-b border-line py-1 wrap-anywhere', differs(of) && 'font-semibold']}
					>{row ? of(row) : ''}</span
				>
			{/each}
		{/each}
	</div>
</section>
