<script lang="ts" generics="T extends object">
	import {
		columnVisibilityFeature,
		createSortedRowModel,
		createTable,
		rowSortingFeature,
		sortFn_basic,
		tableFeatures
	} from '@tanstack/svelte-table';
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import { tick, type Snippet } from 'svelte';
	import { collate, type CellValue, type SortedBy, type TableColumn } from './table';
	import { LongRows } from './longRows.svelte';
	import Menu from './Menu.svelte';

	interface Props {
		label: string;
		rows: readonly T[];
		columns: readonly TableColumn<T>[];
		keyOf: (row: T) => string;
		/** What stands in a cell; left out, the words of its column. */
		cell?: Snippet<[row: T, column: string]>;
		/** Where a row leads; nothing where it leads nowhere. */
		hrefOf?: (row: T) => string | undefined;
		/** Column it is sorted by at first. */
		sortedBy?: SortedBy | undefined;
		/** Told how it is to be sorted, where the rows come sorted so; left out, it sorts them itself. */
		onsort?: (by: SortedBy) => unknown;
		/** What stands above it, beside its columns. */
		tools?: Snippet;
		/** Marks the row that is looked at. */
		isMarked?: (row: T) => boolean;
	}
	let {
		label,
		rows,
		columns,
		keyOf,
		cell,
		hrefOf,
		sortedBy,
		onsort,
		tools,
		isMarked = () => false
	}: Props = $props();
	/** Up to so many rows all of them are drawn; of more, those that are seen. */
	const ALL_DRAWN = 80;

	const features = tableFeatures({
		rowSortingFeature,
		columnVisibilityFeature,
		sortedRowModel: createSortedRowModel(),
		sortFns: {
			basic: sortFn_basic,
			words: (p, q, id) => collate(p.getValue<CellValue>(id), q.getValue<CellValue>(id))
		}
	});
	// svelte-ignore state_referenced_locally
	// What a table begins with; after that the person sorts it.
	const table = createTable({
		features,
		// A head that is pressed turns the order round: there is no third.
		enableSortingRemoval: false,
		manualSorting: onsort !== undefined,
		get columns() {
			return columns.map(({ id, head, value }) => ({
				id,
				header: head,
				accessorFn: value,
				sortFn: 'words' as const,
				// What is missing comes last either way.
				sortUndefined: 'last' as const
			}));
		},
		get data() {
			return rows as T[];
		},
		getRowId: keyOf,
		initialState: { sorting: sortedBy ? [{ id: sortedBy.id, desc: sortedBy.desc ?? false }] : [] }
	});
	const sorted = $derived(table.getRowModel().rows);
	function sortBy(column: ReturnType<typeof table.getColumn>) {
		column?.toggleSorting();
		const by = column?.getIsSorted();
		if (column && by) onsort?.({ id: column.id, desc: by === 'desc' });
	}
	const byId = $derived(new Map(columns.map((column) => [column.id, column])));
	const shown = $derived(table.getVisibleLeafColumns().map(({ id }) => byId.get(id)!));
	const tracks = $derived(shown.map(({ track }) => track ?? 'minmax(0,1fr)').join(' '));

	let body = $state<HTMLDivElement>();
	const long = new LongRows(
		() => sorted.map(({ id }) => id),
		() => body
	);
	const isLong = $derived(sorted.length > ALL_DRAWN);
	const items = $derived(long.drawn.filter(({ index }) => sorted[index]));
	const FLOWING =
		'grid min-h-11 grid-cols-[var(--tracks)] items-center gap-x-4 gap-y-1 border-b border-line py-1.5 wrap-anywhere @max-narrow:flex @max-narrow:flex-wrap';

	/** The rows are walked by the arrows, also those that are not drawn yet. */
	async function walk(event: KeyboardEvent) {
		const at = Number(
			(event.target as HTMLElement).closest('[data-index]')?.getAttribute('data-index')
		);
		const to = {
			ArrowDown: at + 1,
			ArrowUp: at - 1,
			Home: 0,
			End: sorted.length - 1
		}[event.key];
		if (to === undefined || !sorted[to]) return;
		event.preventDefault();
		if (isLong) long.scrollTo(to);
		for (let tries = 0; tries < 10; tries++) {
			await tick();
			const row = body?.querySelector<HTMLElement>(`[data-index="${to}"] a`);
			if (row) {
				row.focus();
				return;
			}
			await new Promise(requestAnimationFrame);
		}
	}
	const headLook = (end: boolean | undefined) => [
		'flex min-h-11 items-center gap-1 text-left text-14 text-ink-soft',
		end && 'justify-end text-right'
	];
	const LIT = 'focus-within:bg-sunk hover:bg-sunk';
</script>

{#snippet cells(row: T)}
	{@const href = hrefOf?.(row)}
	{#each shown as column, i (column.id)}
		<div
			role="cell"
			class={[
				'min-w-0',
				column.end && 'text-right',
				i === 0 && '@max-narrow:w-full',
				i > 0 && '@max-narrow:empty:hidden',
				i > 0 && column.end && column.value(row) === undefined && '@max-narrow:hidden'
			]}
		>
			<!-- Where a row flows its figures stand under no head; a cell in which nothing stands has not even a space. -->
			{#if i > 0 && column.end}<span
					class="mr-1 hidden text-14 text-ink-soft @max-narrow:inline"
					aria-hidden="true">{column.head}</span
				>{/if}{#if i === 0 && href}
				<a
					class="block no-underline after:absolute after:inset-0"
					{href}
					onkeydown={(event) => void walk(event)}
					>{#if cell}{@render cell(row, column.id)}{:else}{column.value(row)}{/if}</a
				>
			{:else if cell}{@render cell(row, column.id)}
			{:else}{column.value(row)}{/if}
		</div>
	{/each}
{/snippet}

<div class="@container relative">
	<div class="flex flex-wrap items-end justify-between gap-x-6">
		<div class="max-w-110 flex-1">{@render tools?.()}</div>
		{#if columns.some(({ fixed }) => !fixed)}
			<Menu
				label="Columns"
				items={columns
					.filter(({ fixed }) => !fixed)
					.map(({ id, head }) => ({
						id,
						label: head,
						checked: shown.some((column) => column.id === id)
					}))}
				onpick={(id) => table.getColumn(id)?.toggleVisibility()}
			/>
		{/if}
	</div>
	<!-- Where its columns have no room they are reached sideways, inside. -->
	<div class="overflow-x-auto">
		<div
			class="min-w-fit"
			role="table"
			aria-label={label}
			aria-rowcount={sorted.length + 1}
			style:--tracks={tracks}
		>
			<div role="rowgroup" class="relative border-b border-edge">
				<div
					role="row"
					aria-rowindex={1}
					class="grid grid-cols-[var(--tracks)] gap-x-4 @max-narrow:flex @max-narrow:flex-wrap"
				>
					{#each shown as { id, head, end } (id)}
						{@const column = table.getColumn(id)!}
						{@const by = column.getIsSorted()}
						<div
							role="columnheader"
							aria-sort={by === 'asc' ? 'ascending' : by === 'desc' ? 'descending' : 'none'}
						>
							<button
								class={[headLook(end), 'w-full', by && 'font-bold text-ink']}
								onclick={() => sortBy(column)}
								>{head}{#if by === 'asc'}<ArrowUp
										size={15}
										class="flex-none"
										aria-hidden="true"
									/>{:else if by === 'desc'}<ArrowDown
										size={15}
										class="flex-none"
										aria-hidden="true"
									/>{/if}</button
							>
						</div>
					{/each}
				</div>
			</div>
			<div
				bind:this={body}
				role="rowgroup"
				class="relative"
				style:height={isLong ? `${long.height}px` : undefined}
			>
				{#if isLong}
					<!-- By their place, not by what stands there: when something is typed, rows are filled anew and not built anew. -->
					{#each items as item (item.index)}
						{@const row = sorted[item.index]!}
						<div
							role="row"
							aria-rowindex={item.index + 2}
							data-index={item.index}
							use:long.measured
							class={[
								'absolute top-0 right-0 left-0',
								FLOWING,
								LIT,
								isMarked(row.original) && 'bg-sunk'
							]}
							style:transform="translateY({long.startOf(item)}px)"
						>
							{@render cells(row.original)}
						</div>
					{/each}
				{:else}
					{#each sorted as row, i (row.id)}
						<div
							role="row"
							aria-rowindex={i + 2}
							data-index={i}
							class={['relative', FLOWING, LIT, isMarked(row.original) && 'bg-sunk']}
						>
							{@render cells(row.original)}
						</div>
					{/each}
				{/if}
			</div>
		</div>
	</div>
</div>
