<script lang="ts">
	import { useRecords } from '../state/records';
	import type { FieldClash } from '../store/workspace.svelte';
	import Button from '../ui/Button.svelte';

	const { workspace } = useRecords();
	const MOST = 3;

	/** Whose record it is. */
	function nameOf({ key }: FieldClash): string {
		const [kind, id = ''] = key.split(':');
		if (kind === 'shelf') return 'the Shelf';
		const clientId = kind === 'client' ? id : workspace.cards.get(id)?.clientId;
		return workspace.clients.get(clientId ?? '')?.name ?? 'a record';
	}
	/** The field as it is written down: “lift minutes”. */
	const fieldOf = ({ path }: FieldClash): string =>
		path
			.map((part) => part.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`))
			.slice(-2)
			.join(' ') || 'the whole record';
	function shown(value: unknown): string {
		if (value === undefined) return 'removed';
		if (typeof value === 'string') return value === '' ? 'empty' : value;
		if (typeof value === 'boolean') return value ? 'yes' : 'no';
		return typeof value === 'number' ? String(value) : 'as it was changed there';
	}
</script>

<section class="no-print border-b-2 border-ask px-6 py-3" role="alert">
	<p><b>Changed in two windows at once.</b> What the other one set stands until you say.</p>
	<ul class="mt-2">
		{#each workspace.clashes.slice(0, MOST) as clash (clash.id)}
			<li class="flex flex-wrap items-center gap-x-4 gap-y-2 py-1">
				<span class="flex-[1_1_20em]"
					>{nameOf(clash)}, {fieldOf(clash)}: here <b>{shown(clash.mine)}</b>, there
					<b>{shown(clash.theirs)}</b></span
				>
				<Button onclick={() => workspace.keepMine(clash)}>Keep {shown(clash.mine)}</Button>
				<Button onclick={() => workspace.keepTheirs(clash)}>Leave {shown(clash.theirs)}</Button>
			</li>
		{/each}
	</ul>
	{#if workspace.clashes.length > MOST}
		<p>And {workspace.clashes.length - MOST} more after these.</p>
	{/if}
</section>
