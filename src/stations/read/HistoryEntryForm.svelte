<script lang="ts">
	import { BOUNDS, VEHICLES as ALL_VEHICLES } from '../../core/vocabulary';
	import { FAMILIES } from '../../core/tone';
	import type { HistoryEntry } from '../../schema/records';
	import DateField from '../../ui/DateField.svelte';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import { VEHICLE_NAMES } from '../../wording/words';
	import { ONTO_OPTIONS } from '../../wording/history';

	interface Props {
		entry: HistoryEntry;
		/** The day of the visit: nothing was done after it. */
		latest: string;
		onchange: (entry: HistoryEntry) => void;
		onremove: () => void;
	}
	let { entry, latest, onchange, onremove }: Props = $props();

	const VEHICLES = ALL_VEHICLES.map((value) => ({ value, label: VEHICLE_NAMES[value] }));
	const TONES = ['N', ...Object.keys(FAMILIES)].map((value) => ({ value, label: value }));
</script>

<div
	class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] items-end gap-x-5 gap-y-2 pt-1 pb-4"
>
	<DateField
		label="When"
		value={entry.date}
		min="1950-01-01"
		max={latest}
		onchange={(date) => onchange({ ...entry, date })}
	/>
	{#if entry.kind === 'cut'}
		<NumberField
			label="Cut off"
			value={entry.cm}
			{...BOUNDS.cutCm}
			step={0.5}
			unit="cm"
			onchange={(cm) => onchange({ ...entry, cm })}
		/>
	{:else}
		<Select
			label="Went on"
			value={entry.onto}
			options={ONTO_OPTIONS}
			onchange={(onto) => onchange({ ...entry, onto })}
		/>
	{/if}
	{#if entry.kind === 'colour'}
		<Select
			label="Kind"
			value={entry.vehicle}
			options={VEHICLES}
			onchange={(vehicle) => onchange({ ...entry, vehicle })}
		/>
		<NumberField
			label="Level on the box"
			value={entry.level}
			{...BOUNDS.level}
			step={0.5}
			onchange={(level) => onchange({ ...entry, level })}
		/>
		<Select
			label="Tone"
			value={entry.tone}
			options={TONES.some((tone) => tone.value === entry.tone)
				? TONES
				: [...TONES, { value: entry.tone, label: entry.tone }]}
			onchange={(tone) => onchange({ ...entry, tone })}
		/>
	{:else if entry.kind === 'lightening'}
		<NumberField
			label="Reached level"
			value={entry.toLevel}
			{...BOUNDS.level}
			step={0.5}
			onchange={(toLevel) => onchange({ ...entry, toLevel })}
		/>
	{/if}
	<Button onclick={onremove}>Remove</Button>
</div>
