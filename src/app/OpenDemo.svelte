<script lang="ts">
	import { chooseSalon, chosenSalon } from '../store/open';
	import { forgetDrafts } from '../ui/form.svelte';

	// The demo has a database of its own; opening it touches nobody's records.
	const already = chosenSalon() === 'demo';
	if (!already) forgetDrafts();
	chooseSalon('demo');
	location.replace('/');
</script>

<svelte:head><title>Demo · Zelvant</title></svelte:head>
<p>{already ? 'Opening' : 'Setting up'} the demo…</p>
