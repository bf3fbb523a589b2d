<script lang="ts">
	import Choice from '../../ui/Choice.svelte';
	import Choices from '../../ui/Choices.svelte';
	import Combobox from '../../ui/Combobox.svelte';
	import Options from '../../ui/Options.svelte';
	import Select from '../../ui/Select.svelte';
	import Switch from '../../ui/Switch.svelte';
	import Tabs from '../../ui/Tabs.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { THREE, type One } from './three';

	let one = $state<One>('two');
	let some = $state.raw<One[]>(['one']);
	let tab = $state<One>('one');
	let ticked = $state(true);
	let switched = $state(false);
</script>

<section class="flex flex-col gap-3">
	<h2 class="text-18">One of several</h2>
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
	<Combobox
		label="Combobox"
		options={THREE}
		hint="What is typed narrows it, what is picked is handed on."
		onpick={(value) => (one = value as One)}
	/>
</section>

<section class="flex flex-col gap-3">
	<h2 class="text-18">Some, or none</h2>
	<Choices
		label="Choices"
		values={some}
		options={THREE.map((option, i) => ({ ...option, marked: i === 2 }))}
		none="all"
		onchange={(values) => (some = values)}
	/>
	<Switch
		label="Switch"
		checked={switched}
		hint="Something that works, or does not"
		onchange={(on) => (switched = on)}
	/>
	<Tick
		label="Tick"
		checked={ticked}
		hint="What it would do"
		onchange={(checked) => (ticked = checked)}
	/>
</section>

<section class="flex flex-col gap-3">
	<h2 class="text-18">Tabs</h2>
	<Tabs label="What to look at" value={tab} options={THREE} onchange={(value) => (tab = value)}>
		<p class="py-3">What stands under {tab}.</p>
	</Tabs>
</section>
