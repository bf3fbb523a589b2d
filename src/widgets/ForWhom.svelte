<script lang="ts">
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';
	import Sheet from '../ui/Sheet.svelte';

	interface Props {
		/** What is to be mixed, in words; nothing while nobody asks. */
		formula: string | undefined;
		/** How it is mixed for a head. */
		note: string;
		/** Why it cannot be mixed. */
		fault?: string | undefined;
		/** Who is offered first. */
		first?: string | undefined;
		/** A visit was chosen, and is read. */
		onchoose: (visitId: string) => unknown;
		onclose: () => void;
	}
	let { formula, note, fault, first, onchoose, onclose }: Props = $props();
	const { workspace } = useRecords();
	/** Those who sit or wait, the next ones first; more than a screen holds are asked for nowhere. */
	const MOST = 24;
	const heads = $derived(
		formula === undefined
			? []
			: [...workspace.cards.values()]
					.filter(({ status }) => status !== 'done')
					.sort(
						(p, q) =>
							Number(q.clientId === first) - Number(p.clientId === first) ||
							q.date.localeCompare(p.date)
					)
					.slice(0, MOST)
	);
	async function choose(visitId: string) {
		await workspace.readVisits([visitId]);
		onchoose(visitId);
	}
</script>

<Sheet open={formula !== undefined} title="For whom?" {onclose}>
	<p class="mb-2">{formula}</p>
	{#if fault}
		<p class="text-ask">{fault}</p>
	{:else if heads.length === 0}
		<p class="text-ink-soft">Nobody waits and nobody is in the chair.</p>
	{:else}
		<p class="mb-2 text-ink-soft">{note}</p>
		<ul class="grid gap-2">
			{#each heads as head (head.id)}
				<li>
					<Button onclick={() => void choose(head.id)}
						>{workspace.clients.get(head.clientId)?.name ?? 'Unknown client'}</Button
					>
				</li>
			{/each}
		</ul>
	{/if}
</Sheet>
