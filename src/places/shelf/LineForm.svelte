<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { lineForm } from '../../schema/forms';
	import type { ShelfLine } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import { askedForm } from '../../state/sentForm.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { VEHICLE_NAMES } from '../../wording/words';
	import FormClashes from '../../widgets/FormClashes.svelte';
	import { fieldWords } from '../../wording/forms';

	type Line = Pick<ShelfLine, 'name' | 'vehicle' | 'ratio' | 'minutes' | 'developerVolume'>;
	interface Props {
		/** The line that is changed; left out, a new one is entered. */
		line?: ShelfLine | undefined;
		onsend: (line: Line) => void;
	}
	let { line, onsend }: Props = $props();
	const NEW: Line = { name: '', vehicle: 'demi', ratio: 2, minutes: 20, developerVolume: 10 };
	// svelte-ignore state_referenced_locally
	// A form stands for one line as long as it is open.
	const { name, vehicle, ratio, minutes, developerVolume } = line ?? NEW;
	// svelte-ignore state_referenced_locally
	const asked = askedForm({
		name: `line ${line?.id ?? ''}`,
		title: line ? `the line ${line.name}` : 'a line of colour',
		path: '/shelf',
		schema: lineForm,
		initial: { name, vehicle, ratio, minutes, developerVolume },
		current: line && (() => lineForm.parse(line)),
		send: (sent) => onsend(sent)
	});
	const { form, errors, enhance } = asked.form;
	const kinds = Object.entries(VEHICLE_NAMES).map(([value, label]) => ({
		value: value as ShelfLine['vehicle'],
		label
	}));
</script>

<form
	method="post"
	novalidate
	use:enhance
	class="grid grid-cols-2 items-start gap-x-6 gap-y-3 max-tablet:grid-cols-1"
>
	<div class="col-span-full">
		<FormClashes clashes={asked.clashes} nameOf={fieldWords} ondecide={asked.decide} />
	</div>
	<div class="col-span-full">
		<TextField
			label="Name of the line"
			value={$form.name}
			fault={$errors.name?.[0]}
			oninput={(text) => ($form.name = text)}
		/>
	</div>
	<Select
		label="Kind"
		value={$form.vehicle}
		options={kinds}
		onchange={(kind) => ($form.vehicle = kind)}
	/>
	<NumberField
		label="Developer"
		value={$form.developerVolume}
		{...BOUNDS.volumeOrNone}
		step={0.5}
		unit="vol"
		onchange={(volume) => ($form.developerVolume = volume)}
	/>
	<NumberField
		label="Ratio 1 :"
		value={$form.ratio}
		{...BOUNDS.ratio}
		step={0.25}
		onchange={(parts) => ($form.ratio = parts)}
	/>
	<NumberField
		label="Minutes"
		value={$form.minutes}
		{...BOUNDS.lineMinutes}
		unit="min"
		onchange={(min) => ($form.minutes = min)}
	/>
	<div class="col-span-full mt-2">
		<Button primary type="submit">{line ? 'Keep it so' : 'Put it on the shelf'}</Button>
	</div>
</form>
