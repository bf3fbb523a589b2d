<script lang="ts" generics="T extends object">
	import type { ComponentProps } from 'svelte';
	import { findByWords } from '../model/find';
	import Table from '../ui/Table.svelte';
	import TextField from '../ui/TextField.svelte';

	interface Props extends ComponentProps<typeof Table<T>> {
		/** What can be typed to find a row, as its field says it. */
		find: string;
		/** The text of a row that is searched. */
		textOf: (row: T) => string;
	}
	let { find, textOf, rows, ...table }: Props = $props();
	let query = $state('');
	const found = $derived(findByWords(rows, query, textOf));
</script>

<Table rows={found} {...table}>
	{#snippet tools()}
		<TextField type="search" label={find} value={query} oninput={(text) => (query = text)} />
	{/snippet}
</Table>
{#if found.length === 0 && query !== ''}
	<p class="pt-3 text-ink-soft" role="status">Nothing here matches “{query}”.</p>
{/if}
