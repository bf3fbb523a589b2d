<script lang="ts">
	import { exportRecords } from '../store/transfer';
	import { useClock } from '../state/clock.svelte';
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';
	import { downloadRecords } from '../widgets/downloadRecords';

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
	const save = async () =>
		downloadRecords(await exportRecords(workspace, clock.moment().at), 'zelvant');
</script>

{#if failed}
	<div class="failed no-print" role="alert">
		<p>
			<b>{WORDS[failed.problem]}</b> What you change is kept in this window and saving is tried
			again by itself. Until this line goes, only a file holds it{failed.told
				? ` (${failed.told})`
				: ''}.
		</p>
		<Button onclick={() => void save()}>Export everything</Button>
	</div>
{/if}

<style>
	.failed {
		position: sticky;
		top: 0;
		z-index: 30;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 16px;
		padding: 12px 24px;
		background: var(--stop);
		color: var(--room);
	}
	p {
		flex: 1 1 24em;
	}
</style>
