<script lang="ts">
	import { useRecords } from '../state/records';

	const records = useRecords();
	const WORDS = { saved: 'saved', saving: 'saving', failed: 'not saved' } as const;
</script>

<!-- Whether what was entered is kept: on every page, at every size. -->
<p
	class={[
		'text-13 text-inherit',
		records.workspace.saveState.status === 'failed' && 'font-bold underline'
	]}
	role="status"
>
	{records.salon === 'demo' ? 'Demo · ' : ''}{WORDS[records.workspace.saveState.status]}
</p>
