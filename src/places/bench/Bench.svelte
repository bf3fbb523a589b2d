<script lang="ts">
	import { goto } from '$app/navigation';
	import { newTrial } from '../../model/commands/bench';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import TextField from '../../ui/TextField.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { formatDate } from '../../wording/words';

	const { workspace } = useRecords();
	const clock = useClock();
	const trials = $derived(
		[...workspace.trials.values()].sort(
			(p, q) => q.date.localeCompare(p.date) || q.createdAt.localeCompare(p.createdAt)
		)
	);
	/** Heads of today that still wait for their service, or are in the chair. */
	const heads = $derived(
		[...workspace.cards.values()]
			.filter(({ date, status }) => date === clock.today && status !== 'done')
			.map(({ id, clientId }) => ({
				id,
				name: workspace.clients.get(clientId)?.name ?? 'Unknown client'
			}))
			.sort((p, q) => p.name.localeCompare(q.name))
	);
	let name = $state('');
	function begin() {
		if (name.trim() === '') return;
		const trial = newTrial(name.trim().slice(0, 120), clock.moment());
		workspace.transact('a morning at the bench', (draft) => draft.put(trial));
		void goto(`/bench/${trial.id}`);
	}
	const tried = (strands: (typeof trials)[number]['strands']) => {
		const rated = strands.filter(({ rating = 0 }) => rating >= 4).length;
		return `${strands.length} strand${strands.length === 1 ? '' : 's'}${rated > 0 ? `, ${rated} of them right or nearly` : ''}`;
	};
</script>

<PlaceHead
	title={trials.length === 0
		? 'Try it on a strand first'
		: `${trials.length} morning${trials.length === 1 ? '' : 's'} at the bench`}
/>
<form
	class="grid max-w-128 grid-cols-[minmax(0,1fr)_auto] items-end gap-4"
	onsubmit={(event) => {
		event.preventDefault();
		begin();
	}}
>
	<TextField
		label="What is looked for"
		value={name}
		hint="sea glass, a dusty rose, a black that is blue"
		oninput={(text) => (name = text)}
	/>
	<Button primary type="submit" disabled={name.trim() === ''}>Lay strands down</Button>
</form>
{#if trials.length === 0}
	<p class="mt-4 max-w-128 text-ink-soft">
		Loose pre-lightened hair, a lock of an extension or a strand of the client’s own: brush a
		formula on each, watch their clocks, say what you see. The right one becomes the toner of a
		visit, with every gram written down.
	</p>
{/if}
<ul class="mt-5">
	{#each trials as trial (trial.id)}
		<li>
			<a
				class="flex tap flex-wrap items-baseline justify-between gap-x-6 border-t border-line py-3 no-underline hover:bg-sunk"
				href="/bench/{trial.id}"
			>
				<span class="figure text-22 leading-tight">{trial.name}</span>
				<span class="text-ink-soft"
					>{trial.clientId
						? `${workspace.clients.get(trial.clientId)?.name ?? 'Unknown client'} · `
						: ''}{tried(trial.strands)} · {formatDate(trial.date)}</span
				>
			</a>
		</li>
	{/each}
</ul>
{#if heads.length > 0}
	<section class="mt-8" aria-labelledby="before-title">
		<h2 id="before-title" class="text-15 text-ink-soft">A strand before the service, today</h2>
		<p class="text-14 text-ink-soft">
			Looked at minute by minute, it tells how fast that head lifts and whether old colour moves.
		</p>
		<ul class="mt-1 flex flex-wrap gap-x-6">
			{#each heads as { id, name } (id)}
				<li><a class="flex tap items-center" href="/visit/{id}/read#tests">{name}</a></li>
			{/each}
		</ul>
	</section>
{/if}
