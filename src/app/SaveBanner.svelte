<script lang="ts">
	import { useClock } from '../state/clock.svelte';
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';

	const { workspace } = useRecords();
	const clock = useClock();
	const WORDS = {
		full: 'This device’s storage is full.',
		silent: 'The storage of this device does not answer.',
		refused: 'This browser refuses to save.'
	} as const;
	const failed = $derived(
		workspace.saveState.status === 'failed' ? workspace.saveState : undefined
	);
	async function save() {
		const { downloadRecords } = await import('../widgets/downloadRecords');
		await downloadRecords(workspace, clock.moment(), 'zelvant');
	}
</script>

{#if failed}
	<div
		class="no-print flex flex-wrap items-center gap-x-4 gap-y-2 bg-stop px-6 py-3 text-room"
		role="alert"
	>
		<p class="flex-[1_1_24em]">
			<b>{WORDS[failed.problem]}</b> What you change is kept in this window and saving is tried
			again by itself. Until this line goes, only a file holds it{failed.told
				? ` (${failed.told})`
				: ''}.
		</p>
		<Button onclick={() => void save()}>Export everything</Button>
	</div>
{/if}
