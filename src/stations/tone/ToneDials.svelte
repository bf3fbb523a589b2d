<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import type { TonePlan } from '../../schema/records';
	import { chooseLine } from '../../model/commands/toner';
	import { depositShares } from '../../core/tone';
	import Choice from '../../ui/Choice.svelte';
	import Dial from '../../ui/Dial.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import { useVisit } from '../../state/visitContext';
	import { VEHICLE_NAMES, formatRatio } from '../../wording/words';

	const session = useVisit();
	const tone = $derived(session.visit.tone);
	const lines = $derived(
		(session.shelf?.lines ?? []).map(({ id, name, vehicle }) => ({
			value: id,
			label: `${name}, ${VEHICLE_NAMES[vehicle]}`
		}))
	);
	const taken = $derived(
		Math.round(
			depositShares(session.head.toner.conditions, session.head.raw.pigment.eumelanin).tone * 100
		)
	);
	const CHOICES = [
		{ value: 'open', label: 'suggest' },
		{ value: 'formula', label: 'my choice' },
		{ value: 'none', label: 'no toner' }
	] as const;

	function takeLine(id: string) {
		const line = session.shelf?.lines.find((candidate) => candidate.id === id);
		if (line) session.change('line', ({ tone }) => chooseLine(tone, line));
	}
	function setDeveloper(draft: TonePlan, volume: number) {
		if (volume === session.line?.developerVolume) delete draft.developerVolume;
		else draft.developerVolume = volume;
	}
	function choose(choice: (typeof CHOICES)[number]['value']) {
		const parts = session.head.toner.parts;
		session.change('toner or none', (draft) => {
			if (choice === 'formula' && draft.tone.parts.length === 0) draft.tone.parts = [...parts];
			draft.tone.choice = choice;
		});
	}
</script>

{#if session.line}
	<Select label="Line" value={session.line.id} options={lines} onchange={takeLine} />
{/if}
<Choice label="Toner" value={tone.choice} options={CHOICES} onchange={choose} />
{#if tone.choice !== 'none'}
	<Dial
		label="Minutes"
		value={tone.minutes}
		{...BOUNDS.lineMinutes}
		shown="{tone.minutes} min"
		hint="{taken} % of the dye stays."
		onchange={(v) => session.change('toner minutes', (draft) => (draft.tone.minutes = v))}
	/>
	{#if session.line?.vehicle !== 'direct'}
		<Dial
			label="Ratio"
			value={tone.ratio}
			{...BOUNDS.ratio}
			shown={formatRatio(tone.ratio)}
			onchange={(v) => session.change('toner ratio', (draft) => (draft.tone.ratio = v))}
		/>
	{/if}
	{#if session.line && session.line.developerVolume > 0}
		<NumberField
			label="Developer"
			value={session.tonerVolume}
			{...BOUNDS.volumeOrNone}
			unit="vol"
			onchange={(v) => session.change('toner developer', (draft) => setDeveloper(draft.tone, v))}
		/>
	{/if}
	<NumberField
		label="Colour in the bowl"
		value={tone.totalGrams}
		{...BOUNDS.toneGrams}
		unit="g"
		onchange={(v) => session.change('toner grams', (draft) => (draft.tone.totalGrams = v))}
	/>
{/if}
