<script lang="ts">
	import { eyes } from '../../state/eyes.svelte';
	import Select from '../../ui/Select.svelte';
	import { EYE_OPTIONS } from '../../wording/practice';
</script>

<div class="w-48">
	<Select
		label="Colours drawn"
		value={eyes.eye}
		options={EYE_OPTIONS}
		onchange={(eye) => (eyes.eye = eye)}
	/>
</div>
