<script lang="ts">
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';

	interface Row {
		readonly name: string;
		readonly level?: number;
	}
	const ROWS: readonly Row[] = [
		{ name: 'light brown', level: 5 },
		{ name: 'light blonde', level: 8 },
		{ name: 'not read yet' }
	];
	const COLUMNS: readonly TableColumn<Row>[] = [
		{ id: 'name', head: 'Name', value: ({ name }) => name, fixed: true },
		{ id: 'level', head: 'Level', value: ({ level }) => level, track: '80px', end: true }
	];
	const STEPS = [
		'text-13',
		'text-14',
		'text-15',
		'text-18',
		'text-22',
		'text-28',
		'text-40',
		'text-60'
	];
	const GREYS = [
		['bg-room', 'room'],
		['bg-raised', 'raised'],
		['bg-sunk', 'sunk'],
		['bg-line', 'line'],
		['bg-edge', 'edge'],
		['bg-field', 'field'],
		['bg-ink-soft', 'ink soft'],
		['bg-ink', 'ink'],
		['bg-rail', 'rail'],
		['bg-accent', 'accent'],
		['bg-ask', 'ask'],
		['bg-stop', 'stop']
	];
</script>

<section>
	<h2 class="mb-3 text-18">Rows that are looked through</h2>
	<Table
		label="Levels"
		rows={ROWS}
		columns={COLUMNS}
		keyOf={({ name }) => name}
		sortedBy={{ id: 'level', desc: true }}
	/>
</section>

<section>
	<h2 class="mb-3 text-18">Type</h2>
	{#each STEPS as step (step)}
		<p class={['figure leading-close', step]}>{step.slice(5)} level</p>
	{/each}
</section>

<section>
	<h2 class="mb-3 text-18">Greys, and what stands out</h2>
	<ul class="grid grid-cols-4 gap-3">
		{#each GREYS as [look, name] (name)}
			<li class="text-13 text-ink-soft">
				<span class={['block h-12 border border-edge', look]}></span>{name}
			</li>
		{/each}
	</ul>
</section>
