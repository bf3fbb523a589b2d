<script lang="ts" generics="T extends object">
	import type { ComponentProps } from 'svelte';
	import { findByWords, searchable, warmUp } from '../model/find';
	import Button from '../ui/Button.svelte';
	import Table from '../ui/Table.svelte';
	import { sortedRows } from '../ui/table';
	import TextField from '../ui/TextField.svelte';

	interface Props extends ComponentProps<typeof Table<T>> {
		/** What can be typed to find a row, as its field says it. */
		find: string;
		/** The text of a row that is searched. */
		textOf: (row: T) => string;
	}
	let { find, textOf, rows, columns, sortedBy, ...table }: Props = $props();
	let query = $state('');
	// svelte-ignore state_referenced_locally
	// What a table begins with; after that the person sorts it.
	let by = $state.raw(sortedBy);
	// svelte-ignore state_referenced_locally
	// What is searched of a row stays what it was when the page was opened.
	const searched = searchable(textOf);
	$effect(() => warmUp(rows, searched));
	function sortBy(to: NonNullable<typeof sortedBy>) {
		by = to;
	}
	/** Sorted before they are searched: to type another letter need not sort them anew. */
	const sorted = $derived.by(() => {
		const column = columns.find(({ id }) => id === by?.id);
		return column ? sortedRows(rows, column.value, by?.desc) : rows;
	});
	const found = $derived(findByWords(sorted, query, searched));
	/** Nobody scrolls through more; typing goes on. */
	const PAGE = 500;
	let pages = $state(1);
	const shown = $derived(found.slice(0, pages * PAGE));
</script>

<Table rows={shown} {columns} {sortedBy} onsort={sortBy} {...table}>
	{#snippet tools()}
		<TextField type="search" label={find} value={query} oninput={(text) => (query = text)} />
	{/snippet}
</Table>
{#if found.length > shown.length}
	<p class="flex flex-wrap items-center gap-4 pt-3" role="status">
		The first {shown.length} of {found.length}.
		<Button onclick={() => pages++}>Show more</Button>
	</p>
{/if}
{#if found.length === 0 && query !== ''}
	<p class="pt-3 text-ink-soft" role="status">Nothing here matches “{query}”.</p>
{/if}
