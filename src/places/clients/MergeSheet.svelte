<script lang="ts">
	import { mergeClients } from '../../model/commands/mergeClients';
	import { findClients } from '../../model/find';
	import type { Client } from '../../schema/records';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import { say } from '../../ui/say.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import TextField from '../../ui/TextField.svelte';

	interface Props {
		client: Client;
		open: boolean;
		onclose: () => void;
	}
	let { client, open, onclose }: Props = $props();
	const { workspace } = useRecords();
	let query = $state('');
	let chosen = $state.raw<Client>();
	const MOST = 6;
	const found = $derived(
		query.trim() === ''
			? []
			: findClients(
					[...workspace.clients.values()].filter(({ id }) => id !== client.id),
					query
				).slice(0, MOST)
	);
	const visits = $derived(chosen ? workspace.visitsOf(chosen.id) : []);
	async function choose(other: Client) {
		await workspace.readVisitsOf(other.id);
		chosen = other;
	}
	function merge() {
		if (!chosen) return;
		const { id, name } = chosen;
		const moved = visits;
		const step = workspace.transact(`${name} merged`, (draft) =>
			mergeClients(draft, client.id, id, moved, [...workspace.trials.values()])
		);
		say(`${name} and ${client.name} are one record now.`, () => workspace.undo(step));
		close();
	}
	function close() {
		query = '';
		chosen = undefined;
		onclose();
	}
</script>

<Sheet {open} title="Two records of one person" onclose={close}>
	{#if chosen}
		<p>
			{visits.length} visit{visits.length === 1 ? '' : 's'} of {chosen.name} come over to {client.name};
			tests, sensitivities and notes are joined. The record of {chosen.name} is gone then. It can be taken
			back.
		</p>
		<div class="flex flex-wrap gap-3 pt-3">
			<Button onclick={() => (chosen = undefined)}>Another one</Button>
			<Button primary onclick={merge}>Make them one</Button>
		</div>
	{:else}
		<TextField
			type="search"
			label="The other record"
			value={query}
			oninput={(text) => (query = text)}
		/>
		<ul class="grid gap-2 pt-3">
			{#each found as other (other.id)}
				<li><Button onclick={() => void choose(other)}>{other.name}</Button></li>
			{/each}
		</ul>
		{#if query.trim() !== '' && found.length === 0}
			<p class="text-ink-soft" role="status">Nobody else here is called “{query}”.</p>
		{/if}
	{/if}
</Sheet>
