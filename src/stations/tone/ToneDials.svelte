<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import type { TonerMix } from '../../schema/records';
	import { setMinutes } from '../../model/commands/acts';
	import { placedBowlId } from '../../model/day/placed';
	import { chooseLine, setDamp, setEvened } from '../../model/commands/toner';
	import { depositShares } from '../../core/tone';
	import Choice from '../../ui/Choice.svelte';
	import Dial from '../../ui/Dial.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import Switch from '../../ui/Switch.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { placedGrams, restNeeds } from '../../model/visit/tonerNeed';
	import PlacedDials from './PlacedDials.svelte';
	import { needWords, PLACE_NAMES } from '../../wording/tone';
	import { useVisit } from '../../state/visitContext';
	import { VEHICLE_NAMES, formatRatio } from '../../wording/words';

	const session = useVisit();
	const toner = $derived(session.toner);
	const tone = $derived(toner.mix);
	/** What the clock of the toner that is looked at goes by. */
	const clockOfToner = $derived(
		session.placedToner ? placedBowlId(session.placedToner.id) : 'toner'
	);
	const minutesLabel = $derived(
		session.placedToner ? `toner minutes, ${session.placedToner.mix.place}` : 'toner minutes'
	);
	const lines = $derived(
		(session.shelf?.lines ?? []).map(({ id, name, vehicle }) => ({
			value: id,
			label: `${name}, ${VEHICLE_NAMES[vehicle]}`
		}))
	);
	const taken = $derived(
		Math.round(depositShares(toner.conditions, toner.hair.raw.pigment.eumelanin).tone * 100)
	);
	/** What the hair takes by its length and density, zone by zone. */
	const needs = $derived.by(() => {
		const { placedToner, visit } = session;
		if (placedToner)
			return [
				{ of: PLACE_NAMES[placedToner.mix.place], grams: placedGrams(visit, placedToner.mix) }
			];
		return restNeeds(
			visit,
			tone.ratio,
			session.placed.map(({ mix }) => mix)
		);
	});
	const need = $derived(needs.reduce((sum, { grams }) => sum + grams, 0));
	const porous = $derived(session.head.zones.some(({ porosity }) => porosity === 'high'));
	const CHOICES = [
		{ value: 'open', label: 'suggest' },
		{ value: 'formula', label: 'my choice' },
		{ value: 'none', label: 'no toner' }
	] as const;

	function takeLine(id: string) {
		const line = session.shelf?.lines.find((candidate) => candidate.id === id);
		if (line) session.changeToner('line', (draft) => chooseLine(draft, line));
	}
	function setDeveloper(draft: TonerMix, volume: number) {
		if (volume === toner.line?.developerVolume) delete draft.developerVolume;
		else draft.developerVolume = volume;
	}
	function choose(choice: (typeof CHOICES)[number]['value']) {
		const { parts } = toner;
		session.changeToner('toner or none', (draft) => {
			if (choice === 'formula' && draft.parts.length === 0) draft.parts = [...parts];
			draft.choice = choice;
		});
	}
</script>

{#if session.placedToner}<PlacedDials placed={session.placedToner} />{/if}
{#if toner.line}
	<Select label="Line" value={toner.line.id} options={lines} onchange={takeLine} />
{/if}
<Choice label="Toner" value={tone.choice} options={CHOICES} onchange={choose} />
{#if tone.choice !== 'none'}
	<Dial
		label={session.isOff(clockOfToner) ? 'It lay' : 'Minutes'}
		value={tone.minutes}
		{...BOUNDS.lineMinutes}
		shown="{tone.minutes} min"
		hint="{taken} % of the dye stays."
		onchange={(v) => session.change(minutesLabel, (draft) => setMinutes(draft, clockOfToner, v))}
	/>
	{#if toner.line?.vehicle !== 'direct'}
		<Dial
			label="Ratio"
			value={tone.ratio}
			{...BOUNDS.ratio}
			shown={formatRatio(tone.ratio)}
			onchange={(v) => session.changeToner('toner ratio', (draft) => (draft.ratio = v))}
		/>
	{/if}
	{#if toner.line && toner.line.developerVolume > 0}
		<NumberField
			label="Developer"
			value={toner.volume}
			{...BOUNDS.volumeOrNone}
			unit="vol"
			onchange={(v) => session.changeToner('toner developer', (draft) => setDeveloper(draft, v))}
		/>
	{/if}
	<NumberField
		label="Colour in the bowl"
		value={tone.totalGrams}
		{...BOUNDS.toneGrams}
		unit="g"
		onchange={(v) => session.changeToner('toner grams', (draft) => (draft.totalGrams = v))}
	/>
	<p class="text-13 leading-close text-ink-soft">
		{needWords(needs)}
		{#if need !== tone.totalGrams}
			<TextButton
				onclick={() => session.changeToner('toner grams', (draft) => (draft.totalGrams = need))}
				>Take {need} g</TextButton
			>
		{/if}
	</p>
	{#if !session.placedToner}
		<div class="mt-2">
			<Switch
				label="On damp hair"
				checked={session.visit.tone.damp === true}
				hint="Water thins it by a fifth."
				onchange={(on) => session.change('damp hair', ({ tone: draft }) => setDamp(draft, on))}
			/>
			{#if porous}
				<Switch
					label="Porosity evened first"
					checked={session.visit.tone.evened === true}
					hint="Porous hair then takes as the rest does."
					onchange={(on) =>
						session.change('porosity evened', ({ tone: draft }) => setEvened(draft, on))}
				/>
			{/if}
		</div>
	{/if}
{/if}
