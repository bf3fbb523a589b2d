<script lang="ts">
	import { useClock } from '../state/clock.svelte';
	import { goto } from '$app/navigation';
	import { useRecords } from '../state/records';
	import Sheet from '../ui/Sheet.svelte';
	import { beginVisit, newClient } from '../model/commands/newVisit';
	import type { Client, Visit } from '../schema/records';

	interface Props {
		open: boolean;
		/** Where the visit opens. */
		station?: 'read' | 'lift';
		/** What is known of the head before anybody sits down, laid on the visit that begins. */
		prepare?: (visit: Visit) => Visit;
		onclose: () => void;
	}
	let { open, station = 'read', prepare = (visit) => visit, onclose }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	async function begin(client: Client, isNew = false) {
		const { id } = client;
		await workspace.readVisitsOf(id);
		const moment = clock.moment();
		const visit = prepare(beginVisit(client, workspace.visitsOf(id), workspace.shelf, moment));
		workspace.transact(isNew ? 'new client' : 'new visit', (draft) => {
			if (isNew) draft.put(client);
			draft.put(visit);
		});
		onclose();
		void goto(`/visit/${visit.id}/${station}`);
	}
</script>

<Sheet {open} title="Who sits down?" {onclose}>
	{#await import('./NewClientForm.svelte') then { default: NewClientForm }}
		<NewClientForm
			act="New client, {station === 'read' ? 'read the hair' : 'plan the lift'}"
			onknown={(client) => void begin(client)}
			onnew={(name) => void begin(newClient(name, clock.now()), true)}
		/>
	{/await}
</Sheet>
