<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Choices from '../../ui/Choices.svelte';
	import DateField from '../../ui/DateField.svelte';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import IconButton from '../../ui/IconButton.svelte';
	import Menu from '../../ui/Menu.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Options from '../../ui/Options.svelte';
	import Select from '../../ui/Select.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';
	import Tabs from '../../ui/Tabs.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import TextField from '../../ui/TextField.svelte';
	import Tick from '../../ui/Tick.svelte';

	/** Every part in every state, for whoever builds a screen. Nothing here is kept. */
	const THREE = [
		{ value: 'one', label: 'one' },
		{ value: 'two', label: 'two' },
		{ value: 'three', label: 'three' }
	] as const;
	type One = (typeof THREE)[number]['value'];

	let pressed = $state(false);
	let one = $state<One>('two');
	let some = $state.raw<One[]>(['one']);
	let tab = $state<One>('one');
	let ticked = $state(true);
	let turned = $state(20);
	let number = $state<number | undefined>(38);
	let words = $state('Warm at the nape');
	let open = $state(false);
	let day = $state('2026-03-02');

	/** Puts one of them in or out. */
	const pick = (id: string) =>
		(some = THREE.map(({ value }) => value).filter(
			(value) => some.includes(value) !== (value === id)
		));
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

<svelte:head><title>Parts · Zelvant</title></svelte:head>

<main class="mx-auto w-full max-w-280 px-gap pt-6 pb-16">
	<h1 class="figure text-40 leading-tight">Parts</h1>
	<p class="mb-6 text-ink-soft">
		What every screen is built of, in every state. Nothing that is done here is kept.
	</p>

	<div class="grid grid-cols-2 gap-x-12 gap-y-8 max-tablet:grid-cols-1">
		<section>
			<h2 class="mb-3 text-18">Acts</h2>
			<div class="flex flex-wrap items-center gap-3">
				<Button primary>Primary</Button>
				<Button>Quiet</Button>
				<Button disabled>Not now</Button>
				<Button primary disabled>Not now either</Button>
				<TextButton onclick={() => undefined}>Among words</TextButton>
				<TextButton {pressed} onclick={() => (pressed = !pressed)}
					>{pressed ? 'Switched on' : 'Switched off'}</TextButton
				>
				<Button onclick={() => (open = true)}>Open a sheet</Button>
			</div>
		</section>

		<section>
			<h2 class="mb-3 text-18">One of several</h2>
			<Choice label="Choice" value={one} options={THREE} onchange={(value) => (one = value)} />
			<Options
				label="Options"
				value={one}
				options={THREE.map((option) => ({
					...option,
					note: 'What it does, once it is chosen.',
					aside: 'aside'
				}))}
				onchange={(value) => (one = value)}
			/>
			<Select
				label="Select"
				value={one}
				options={THREE}
				hint="What the next one would do."
				onchange={(value) => (one = value)}
			/>
		</section>

		<section>
			<h2 class="mb-3 text-18">Some, or none</h2>
			<Choices
				label="Choices"
				values={some}
				options={THREE.map((option, i) => ({ ...option, marked: i === 2 }))}
				none="all"
				onchange={(values) => (some = values)}
			/>
			<Tick
				label="Tick"
				checked={ticked}
				hint="What it would do"
				onchange={(checked) => (ticked = checked)}
			/>
		</section>

		<section>
			<h2 class="mb-3 text-18">Tabs</h2>
			<Tabs label="What to look at" value={tab} options={THREE} onchange={(value) => (tab = value)}>
				<p class="py-3">What stands under {tab}.</p>
			</Tabs>
		</section>

		<section>
			<h2 class="mb-3 text-18">Numbers</h2>
			<Dial
				label="Dial"
				value={turned}
				min={5}
				max={40}
				step={2.5}
				shown="{turned} vol"
				ceiling={30}
				hint={turned > 30 ? 'Over the ceiling of 30 vol.' : 'The mark is a ceiling.'}
				onchange={(value) => (turned = value)}
			/>
			<NumberField
				label="On one line"
				inline
				value={number}
				min={1}
				max={60}
				unit="min"
				onchange={(value) => (number = value)}
			/>
			<NumberField
				label="Nothing in it yet"
				value={undefined}
				min={1}
				max={60}
				unit="g"
				onchange={(value) => (number = value)}
			/>
		</section>

		<section>
			<h2 class="mb-3 text-18">Words</h2>
			<TextField label="Short" value={words} oninput={(text) => (words = text)} />
			<TextField label="Long" long value={words} oninput={(text) => (words = text)} />
			<DateField
				label="A day"
				value={day}
				min="2020-01-01"
				max="2030-12-31"
				onchange={(next) => (day = next)}
			/>
			<TextField
				label="With what is meant"
				hint="as it stands on the tube"
				value=""
				oninput={(text) => (words = text)}
			/>
			<TextField
				label="Not so"
				fault="Something has to stand here."
				value=""
				oninput={(text) => (words = text)}
			/>
		</section>

		<section>
			<h2 class="mb-3 text-18">Menus and acts without words</h2>
			<div class="flex items-center gap-4">
				<Menu
					label="Acts"
					items={THREE.map(({ value: id, label }) => ({ id, label }))}
					onpick={pick}
				/>
				<Menu
					label="What is shown"
					items={THREE.map(({ value: id, label }) => ({ id, label, checked: some.includes(id) }))}
					onpick={pick}
				/>
				<IconButton label="Take it off" icon={X} onclick={() => (words = '')} />
			</div>
		</section>

		<section>
			<h2 class="mb-3 text-18">What folds away</h2>
			<Fold title="Closed" summary="says what stands inside"><p>Inside.</p></Fold>
			<Fold title="Open" summary="from the beginning" open><p>Inside.</p></Fold>
		</section>

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
	</div>
</main>

<Sheet {open} title="A sheet" onclose={() => (open = false)}>
	<p>What is asked before it goes on.</p>
	{#snippet actions()}<Button primary onclick={() => (open = false)}>Go on</Button>{/snippet}
</Sheet>
