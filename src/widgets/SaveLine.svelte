<script lang="ts">
	import { useRecords } from '../state/records';

	const records = useRecords();
	const WORDS = { saved: 'saved', saving: 'saving', failed: 'not saved' } as const;
</script>

<!-- Whether what was entered is kept: on every page, at every size. -->
<p role="status" class:failed={records.workspace.saveState.status === 'failed'}>
	{records.salon === 'demo' ? 'Demo · ' : ''}{WORDS[records.workspace.saveState.status]}
</p>

<style>
	p {
		font-size: 13px;
		color: inherit;
	}
	.failed {
		font-weight: 700;
		text-decoration: underline;
	}
</style>
