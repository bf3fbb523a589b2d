<script lang="ts">
	import { newLearner } from '../../model/practice/learner';
	import { useClock } from '../../state/clock.svelte';
	import { learning } from '../../state/learning.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import TextField from '../../ui/TextField.svelte';

	interface Props {
		onmade?: () => void;
	}
	let { onmade }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	let name = $state('');
	function begin() {
		if (name.trim() === '') return;
		const learner = newLearner(name.trim().slice(0, 120), clock.now());
		workspace.transact('somebody practises', (draft) => draft.put(learner));
		learning.chosen = learner.id;
		name = '';
		onmade?.();
	}
</script>

<form
	class="mt-4 grid max-w-100 grid-cols-[minmax(0,1fr)_auto] items-end gap-4"
	onsubmit={(event) => {
		event.preventDefault();
		begin();
	}}
>
	<TextField label="Name" value={name} oninput={(text) => (name = text)} />
	<Button primary type="submit" disabled={name.trim() === ''}>Begin</Button>
</form>
