<script lang="ts">
	import { chooseWorkspace, chosenWorkspace } from '../store/open';

	// The demo has a database of its own; opening it touches nobody's records.
	const already = chosenWorkspace() === 'demo';
	chooseWorkspace('demo');
	location.replace('/');
</script>

<svelte:head><title>Demo · Zelvant</title></svelte:head>
<p>{already ? 'Opening' : 'Setting up'} the demo…</p>
