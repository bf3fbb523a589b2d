<script lang="ts">
	import Choice from '../../ui/Choice.svelte';
	import Choices from '../../ui/Choices.svelte';
	import { AREA_OPTIONS } from '../visit/areas';
	import { useVisit } from '../visit/context';
	import { CURL_OPTIONS, LAYERS_OPTIONS } from './told';
	import type { Reading } from '../../schema/records';

	const session = useVisit();
	const reading = $derived(session.head.reading);
	const set = (label: string, recipe: (draft: Reading) => void) =>
		session.change(label, (draft) => recipe(draft.reading));
</script>

<Choice
	label="Curl"
	value={reading.curl}
	options={CURL_OPTIONS}
	hint="Curl springs up: what is lightened under it shows later, and lengths look shorter than they are."
	onchange={(v) => set('curl', (r) => (r.curl = v))}
/>
<Choice
	label="Layers"
	value={reading.haircut.layers}
	options={LAYERS_OPTIONS}
	hint="More layers, more and shorter sections."
	onchange={(v) => set('layers', (r) => (r.haircut.layers = v))}
/>
<Choices
	label="Undercut at"
	none="nowhere"
	values={reading.haircut.undercut}
	options={AREA_OPTIONS}
	onchange={(v) => set('undercut', (r) => (r.haircut.undercut = v))}
/>
