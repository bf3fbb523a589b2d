<script lang="ts">
	import { BOUNDS, inPercent } from '../../core/vocabulary';
	import Choice from '../../ui/Choice.svelte';
	import Dial from '../../ui/Dial.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { useVisit } from '../../state/visitContext';
	import {
		DENSITY_OPTIONS,
		POROSITY_OPTIONS,
		TEXTURE_OPTIONS,
		WARMTH_OPTIONS
	} from '../../wording/words';
	import type { Reading } from '../../schema/records';

	const session = useVisit();
	const reading = $derived(session.view.reading);
	const set = (label: string, recipe: (draft: Reading) => void) =>
		session.changeReading(label, recipe);
</script>

<Choice
	label="Natural warmth"
	value={reading.warmth}
	options={WARMTH_OPTIONS}
	onchange={(v) => set('warmth', (r) => (r.warmth = v))}
/>
<Choice
	label="Texture"
	value={reading.texture}
	options={TEXTURE_OPTIONS}
	onchange={(v) => set('texture', (r) => (r.texture = v))}
/>
<Choice
	label="Density"
	value={reading.density}
	options={DENSITY_OPTIONS}
	onchange={(v) => session.changeHead('density', (r) => (r.density = v))}
/>
<Choice
	label="Porosity"
	value={reading.porosity}
	options={POROSITY_OPTIONS}
	onchange={(v) => set('porosity', (r) => (r.porosity = v))}
/>
<NumberField
	label="Length"
	value={reading.lengthCm}
	{...BOUNDS.lengthCm}
	step={0.5}
	unit="cm"
	onchange={(v) => set('length', (r) => (r.lengthCm = v))}
/>
<Dial
	label="White hair"
	value={Math.round(reading.whiteShare * 100)}
	{...inPercent(BOUNDS.share)}
	shown="{Math.round(reading.whiteShare * 100)} %"
	onchange={(v) => set('white hair', (r) => (r.whiteShare = v / 100))}
/>
