<script lang="ts">
	import { useClock } from '../state/clock.svelte';
	import { goto } from '$app/navigation';
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';
	import Sheet from '../ui/Sheet.svelte';
	import TextField from '../ui/TextField.svelte';
	import { beginVisit, newClient } from '../model/commands/newVisit';
	import type { Client } from '../schema/records';
	import { findClients } from '../model/findClients';

	interface Props {
		open: boolean;
		onclose: () => void;
	}
	let { open, onclose }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	let name = $state('');
	let fault = $state('');
	const known = $derived(
		name.trim() === '' ? [] : findClients([...workspace.clients.values()], name).slice(0, 4)
	);

	function begin(client: Client, isNew = false) {
		const { id } = client;
		const moment = clock.moment();
		const visit = beginVisit(client, workspace.visitsOf(id), workspace.shelf, moment);
		workspace.transact(isNew ? 'new client' : 'new visit', (draft) => {
			if (isNew) draft.put(client);
			draft.put(visit);
		});
		name = '';
		onclose();
		void goto(`/visit/${visit.id}/read`);
	}
	function beginNew() {
		const trimmed = name.trim().slice(0, 120);
		if (trimmed === '') {
			fault = 'A name is needed, any name you will know again.';
			return;
		}
		begin(newClient(trimmed, clock.now()), true);
	}
</script>

<Sheet {open} title="Who sits down?" {onclose}>
	<form
		onsubmit={(event) => {
			event.preventDefault();
			beginNew();
		}}
	>
		<TextField
			label="Name"
			value={name}
			oninput={(v) => {
				name = v;
				fault = '';
			}}
		/>
		{#if fault}<p class="font-semibold text-stop" role="alert">{fault}</p>{/if}
		{#if known.length > 0}
			<p class="mt-3 mb-1.5 text-ink-soft">Been here before</p>
			<ul class="flex flex-wrap gap-2">
				{#each known as client (client.id)}
					<li><Button onclick={() => begin(client)}>{client.name}</Button></li>
				{/each}
			</ul>
		{/if}
		<div class="mt-5"><Button primary type="submit">New client, read the hair</Button></div>
	</form>
</Sheet>
