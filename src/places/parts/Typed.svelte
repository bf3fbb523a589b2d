<script lang="ts">
	import DateField from '../../ui/DateField.svelte';
	import Dial from '../../ui/Dial.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import TimeField from '../../ui/TimeField.svelte';

	let turned = $state(20);
	let number = $state<number | undefined>(38);
	let words = $state('Warm at the nape');
	let day = $state('2026-03-02');
	let time = $state<string | undefined>('10:20');
</script>

<section class="flex flex-col gap-3">
	<h2 class="text-18">Numbers</h2>
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
	<TimeField label="A time of day" value={time} onchange={(next) => (time = next)} />
	<TimeField disabled label="It has begun" value="09:00" onchange={(next) => (time = next)} />
</section>

<section class="flex flex-col gap-3">
	<h2 class="text-18">Words</h2>
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
