<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import { sayPace } from '../../model/commands/handPace';
	import { handPaceFrom } from '../../model/visit/handPace';
	import type { Shelf } from '../../schema/records';
	import Choice from '../../ui/Choice.svelte';
	import Select from '../../ui/Select.svelte';
	import { HAND_PACE_OPTIONS, handPaceWords } from '../../wording/handPace';

	interface Props {
		shelf: Shelf;
		onchange: (recipe: (draft: Shelf) => unknown) => void;
	}
	let { shelf, onchange }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	const colourists = $derived(
		[...new Set([...workspace.visits.values()].map(({ colourist }) => colourist))]
			.filter(Boolean)
			.sort((p, q) => p.localeCompare(q))
	);
	const options = [{ value: 'salon', label: 'as the salon' }, ...HAND_PACE_OPTIONS] as const;
	const learned = (name: string) =>
		handPaceWords(
			handPaceFrom(workspace.visits.values(), name, { id: '', date: clock.today }, shelf)
		);
</script>

<h3>Pace of the hands</h3>
<p class="soft">
	How long it takes to put colour on. “All on” in Chair corrects it, colourist by colourist.
</p>
<Choice
	label="In this salon"
	value={shelf.handPace ?? 'usual'}
	options={HAND_PACE_OPTIONS}
	onchange={(pace) => onchange((draft) => (draft.handPace = pace))}
/>
<div class="people">
	{#each colourists as name (name)}
		<Select
			label={name}
			value={shelf.handPaces?.[name] ?? 'salon'}
			{options}
			hint={learned(name)}
			onchange={(pace) =>
				onchange((draft) => sayPace(draft, name, pace === 'salon' ? undefined : pace))}
		/>
	{/each}
</div>

<style>
	.people {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
		gap: 8px 24px;
		margin-top: 8px;
	}
	h3 {
		font-size: 14px;
		margin-top: 14px;
	}
	.soft {
		color: var(--ink-soft);
		max-width: 46em;
	}
</style>
