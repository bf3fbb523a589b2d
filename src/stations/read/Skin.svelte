<script lang="ts">
	import Choice from '../../ui/Choice.svelte';
	import Choices from '../../ui/Choices.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { useVisit } from '../../state/visitContext';
	import { SCALP_OPTIONS, SENSITIVITY_OPTIONS, WATER_OPTIONS } from '../../wording/read';

	const session = useVisit();
	const reading = $derived(session.head.reading);
</script>

<Choice
	label="Scalp"
	value={reading.scalp}
	options={SCALP_OPTIONS}
	onchange={(v) => session.changeHead('scalp', (r) => (r.scalp = v))}
/>
<Choice
	label="Water at home"
	value={reading.water}
	options={WATER_OPTIONS}
	onchange={(v) => session.changeHead('water', (r) => (r.water = v))}
/>
<Choices
	label="Sensitivities, known or asked about"
	none="nothing known"
	values={session.client?.sensitivities ?? []}
	options={SENSITIVITY_OPTIONS}
	onchange={(v) => session.changeClient('sensitivities', (c) => (c.sensitivities = v))}
/>
<Tick
	label="Under sixteen"
	checked={session.client?.underSixteen ?? false}
	onchange={(v) => session.changeClient('under sixteen', (c) => (c.underSixteen = v))}
/>
