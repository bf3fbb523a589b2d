<script lang="ts">
	import { CARD_STEPS } from '../core/picture';
	import { BOUNDS } from '../core/vocabulary';
	import Choice from '../ui/Choice.svelte';
	import NumberField from '../ui/NumberField.svelte';
	import Select from '../ui/Select.svelte';
	import type { PictureReader } from '../state/pictureReader.svelte';
	import { LAMP_OPTIONS } from '../wording/picture';

	interface Props {
		reader: PictureReader;
		/** What is read: hair, or a swatch of the ring, which others of it cannot judge. */
		of?: 'hair' | 'swatch';
	}
	let { reader, of = 'hair' }: Props = $props();

	type Pointed = 'hair' | 'swatch' | 'greyCard' | 'whiteTowel' | 'card';
	const POINTED = $derived<readonly { value: Pointed; label: string }[]>([
		{ value: 'hair', label: of },
		...(of === 'hair' ? [{ value: 'swatch', label: 'swatch of the ring' } as const] : []),
		{ value: 'greyCard', label: 'grey card' },
		{ value: 'whiteTowel', label: 'white towel' },
		{ value: 'card', label: 'printed card' }
	]);
	const STEPS = [
		{ value: 'cardWhite', label: 'its white' },
		{ value: 'cardGrey', label: 'its grey' },
		{ value: 'cardBlack', label: 'its black' }
	] as const;
	const step = $derived(CARD_STEPS.find((one) => one === reader.marking));
	const pointed = $derived<Pointed>(step ? 'card' : (reader.marking as Exclude<Pointed, 'card'>));
</script>

<div class="flex flex-wrap items-end gap-x-8 gap-y-1.5">
	<Choice
		label="Point at"
		value={pointed}
		options={POINTED}
		onchange={(value) => (reader.marking = value === 'card' ? 'cardWhite' : value)}
	/>
	{#if step}
		<Choice
			label="Of the card"
			value={step}
			options={STEPS}
			onchange={(value) => (reader.marking = value)}
		/>
	{/if}
	{#if pointed === 'swatch'}
		<NumberField
			label="Level of the swatch"
			value={reader.swatch}
			{...BOUNDS.level}
			step={0.5}
			onchange={(level) => (reader.swatch = level)}
		/>
	{/if}
	<Select
		label="The light"
		value={reader.lamp}
		options={LAMP_OPTIONS}
		onchange={(lamp) => (reader.lamp = lamp)}
	/>
</div>
