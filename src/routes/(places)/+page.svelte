<script lang="ts">
	import DayOrFirst from '../../app/DayOrFirst.svelte';
</script>

<DayOrFirst />
