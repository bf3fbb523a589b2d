<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import type { Client } from '../../schema/records';
	import { useRecords } from '../../state/records';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { patchTestsWords, sensitivityWords } from '../../wording/client';

	interface Props {
		client: Client;
	}
	let { client }: Props = $props();
	const { workspace } = useRecords();
	const put = (change: Partial<Client>) =>
		workspace.transact(`client ${Object.keys(change).join(', ')}`, (draft) =>
			Object.assign(draft.client(client.id), change)
		);
</script>

<aside aria-label="About {client.name}" class="flex flex-col gap-3">
	<TextField
		label="Name"
		value={client.name}
		oninput={(v) => v.trim() && put({ name: v.slice(0, 120) })}
	/>
	<TextField
		label="Contact"
		value={client.contact}
		oninput={(v) => put({ contact: v.slice(0, 200) })}
	/>
	<TextField
		long
		label="Note"
		value={client.note}
		oninput={(v) => put({ note: v.slice(0, 4000) })}
	/>
	<NumberField
		inline
		label="Washes a week"
		value={client.washesPerWeek}
		{...BOUNDS.washesPerWeek}
		step={0.5}
		onchange={(v) => put({ washesPerWeek: v })}
	/>
	<NumberField
		inline
		label="Violet shampoo a week"
		value={client.violetPerWeek ?? 0}
		{...BOUNDS.violetPerWeek}
		onchange={(v) => put({ violetPerWeek: v })}
	/>
	<NumberField
		inline
		label="Blue shampoo a week"
		value={client.bluePerWeek ?? 0}
		{...BOUNDS.violetPerWeek}
		onchange={(v) => put({ bluePerWeek: v })}
	/>
	<Tick
		label="Under sixteen"
		checked={client.underSixteen}
		onchange={(v) => put({ underSixteen: v })}
	/>
	<dl class="flex flex-col gap-2 border-t border-line pt-3">
		<div>
			<dt class="text-14 text-ink-soft">Patch tests</dt>
			<dd>{patchTestsWords(client)}</dd>
		</div>
		<div>
			<dt class="text-14 text-ink-soft">Sensitivities</dt>
			<dd>{sensitivityWords(client)}</dd>
		</div>
	</dl>
</aside>
