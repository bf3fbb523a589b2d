<script lang="ts">
	import { findClients } from '../model/find';
	import { newClientForm } from '../schema/forms';
	import type { Client } from '../schema/records';
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';
	import { sentForm } from '../state/sentForm.svelte';
	import TextField from '../ui/TextField.svelte';

	interface Props {
		/** What sending it does, on the button. */
		act: string;
		/** Somebody who has been here before. */
		onknown: (client: Client) => void;
		onnew: (name: string) => void;
	}
	let { act, onknown, onnew }: Props = $props();
	const { workspace } = useRecords();
	const { form, errors, enhance } = sentForm({
		name: 'new client',
		title: 'a new client',
		path: '/clients',
		schema: newClientForm,
		initial: { name: '' },
		send: ({ name }) => onnew(name.trim())
	});
	const known = $derived(
		$form.name.trim() === ''
			? []
			: findClients([...workspace.clients.values()], $form.name).slice(0, 4)
	);
</script>

<form method="post" novalidate use:enhance>
	<TextField
		label="Name"
		value={$form.name}
		fault={$errors.name?.[0]}
		oninput={(text) => ($form.name = text)}
	/>
	{#if known.length > 0}
		<p class="mt-3 mb-1.5 text-ink-soft">Been here before</p>
		<ul class="flex flex-wrap gap-2">
			{#each known as client (client.id)}
				<li>
					<Button
						onclick={() => {
							$form.name = '';
							onknown(client);
						}}>{client.name}</Button
					>
				</li>
			{/each}
		</ul>
	{/if}
	<div class="mt-5"><Button primary type="submit">{act}</Button></div>
</form>
