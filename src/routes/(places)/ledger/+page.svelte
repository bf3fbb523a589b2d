<script lang="ts">
	import Ledger from '../../../places/ledger/Ledger.svelte';
</script>

<svelte:head><title>Ledger · Zelvant</title></svelte:head>
<Ledger />
