<script lang="ts">
	import Choice from '../../ui/Choice.svelte';
	import Choices from '../../ui/Choices.svelte';
	import { AREA_OPTIONS } from '../../wording/areas';
	import { useVisit } from '../../state/visitContext';
	import { CURL_OPTIONS, LAYERS_OPTIONS } from '../../wording/read';

	const session = useVisit();
	const reading = $derived(session.head.reading);
</script>

<Choice
	label="Curl"
	value={reading.curl}
	options={CURL_OPTIONS}
	hint="Curl springs up: what is lightened under it shows later, and lengths look shorter than they are."
	onchange={(v) => session.changeHead('curl', (r) => (r.curl = v))}
/>
<Choice
	label="Layers"
	value={reading.haircut.layers}
	options={LAYERS_OPTIONS}
	hint="More layers, more and shorter sections."
	onchange={(v) => session.changeHead('layers', (r) => (r.haircut.layers = v))}
/>
<Choices
	label="Undercut at"
	none="nowhere"
	values={reading.haircut.undercut}
	options={AREA_OPTIONS}
	onchange={(v) => session.changeHead('undercut', (r) => (r.haircut.undercut = v))}
/>
