<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import { sayPace } from '../../model/commands/handPace';
	import { handPaceFrom } from '../../model/visit/handPace';
	import type { SalonSettings } from '../../schema/forms';
	import type { Shelf } from '../../schema/records';
	import Choice from '../../ui/Choice.svelte';
	import Select from '../../ui/Select.svelte';
	import { HAND_PACE_OPTIONS, handPaceWords } from '../../wording/handPace';

	interface Props {
		shelf: Shelf;
		onchange: (recipe: (draft: SalonSettings) => unknown) => void;
	}
	let { shelf, onchange }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	const colourists = $derived(
		[...new Set([...workspace.cards.values()].map(({ colourist }) => colourist))]
			.filter(Boolean)
			.sort((p, q) => p.localeCompare(q))
	);
	const options = [{ value: 'salon', label: 'as the salon' }, ...HAND_PACE_OPTIONS] as const;
	const learned = (name: string) =>
		handPaceWords(
			handPaceFrom(workspace.cards.values(), name, { id: '', date: clock.today }, shelf)
		);
</script>

<h3 class="mt-3 text-14">Pace of the hands</h3>
<p class="max-w-173 text-ink-soft">
	How long it takes to put colour on. “All on” in Chair corrects it, colourist by colourist.
</p>
<Choice
	label="In this salon"
	value={shelf.handPace ?? 'usual'}
	options={HAND_PACE_OPTIONS}
	onchange={(pace) => onchange((draft) => (draft.handPace = pace))}
/>
<div class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(240px,1fr))] gap-x-6 gap-y-2">
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
