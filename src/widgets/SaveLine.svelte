<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { starting } from '../state/starting.svelte';
	import { useRecords } from '../state/records';
	import { waitingForms, type WaitingForm } from '../state/waitingForms.svelte';
	import IconButton from '../ui/IconButton.svelte';
	import { typing } from '../ui/typing.svelte';
	import { letGo } from './letGo';

	const records = useRecords();
	/** What stands in a field and is not taken yet, or waits to be sent and is not written down, is not saved either. */
	const status = $derived.by(() => {
		const { status } = records.workspace.saveState;
		if (status !== 'saved') return status;
		if (typing.fields > 0 || waitingForms.saving === 'refused') return 'typed';
		return waitingForms.saving;
	});
	/** A new client is entered over any page. */
	const goOn =
		({ name }: WaitingForm) =>
		(event: MouseEvent) => {
			if (name !== 'new client') return;
			event.preventDefault();
			starting.open = true;
		};
	const WORDS = {
		saved: 'saved',
		saving: 'saving',
		failed: 'not saved',
		typed: 'not saved yet'
	} as const;
</script>

<!-- Whether what was entered is kept: on every page, at every size. -->
<p
	class={[
		'text-13 text-inherit',
		records.workspace.saveState.status === 'failed' && 'font-bold underline'
	]}
	role="status"
>
	{records.salon === 'demo' ? 'Demo · ' : ''}{WORDS[status]}
</p>
{#each waitingForms.list as form (form.name)}
	<p class="flex items-center gap-1 text-13">
		<a class="font-semibold text-inherit" href={form.path} onclick={goOn(form)}
			>Not sent: {form.title}</a
		>
		<IconButton rail label="Discard {form.title}" icon={X} onclick={() => letGo(form)} />
	</p>
{/each}
