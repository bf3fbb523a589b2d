<script lang="ts">
	import { formatDate } from '../../wording/words';
	import { useClock } from '../../state/clock.svelte';
	import { newId } from '../../model/identity';
	import type { StrandTest } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import DateField from '../../ui/DateField.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Tick from '../../ui/Tick.svelte';
	import StrandTestRow from './StrandTestRow.svelte';
	import { useVisit } from '../../state/visitContext';
	import { patchTestOf } from '../../model/visit/dueTests';
	import { strandTestOf } from '../../model/visit/cautions';
	import { patchWords, strandWords } from '../../wording/tests';

	const session = useVisit();
	const clock = useClock();
	const reading = $derived(session.head.reading);
	const latest = <T extends { date: string }>(tests: readonly T[]): T[] =>
		[...tests].sort((p, q) => q.date.localeCompare(p.date));
	const patches = $derived(latest(session.client?.patchTests ?? []));
	const strands = $derived(latest(reading.strandTests));
	const today = $derived(clock.today);
	// svelte-ignore state_referenced_locally
	// Where one begins; the day of a test is often another.
	let date = $state(today);

	const addPatch = () =>
		session.changeClient(
			'patch test',
			(client) => void client.patchTests.push({ date, reacted: false })
		);
	const setPatch = (date: string, reacted: boolean) =>
		session.changeClient('patch test', (client) => {
			for (const test of client.patchTests) if (test.date === date) test.reacted = reacted;
		});
	const dropPatch = (date: string) =>
		session.changeClient(
			'patch test',
			(client) => (client.patchTests = client.patchTests.filter((test) => test.date !== date))
		);

	const addStrand = () =>
		session.change('strand test', (draft) => {
			draft.reading.strandTests.push({ id: newId(), date, result: 'pending', note: '' });
		});
	const editStrand = (id: string, recipe: (test: StrandTest) => void) =>
		session.change('strand test', (draft) => {
			const test = draft.reading.strandTests.find((other) => other.id === id);
			if (test) recipe(test);
		});
	const dropStrand = (id: string) =>
		session.change('removed a strand test', (draft) => {
			draft.reading.strandTests = draft.reading.strandTests.filter((test) => test.id !== id);
		});
</script>

<div class="flex flex-wrap items-end gap-x-5 gap-y-1">
	<DateField
		label="Set on"
		value={date}
		min="1950-01-01"
		max={today}
		onchange={(day) => (date = day)}
	/>
	<Button disabled={patches.some((p) => p.date === date)} onclick={addPatch}>Patch test</Button>
	<Button onclick={addStrand}>Strand test</Button>
</div>

<section>
	<h2 class="mb-1 text-15 font-semibold">
		Patch tests: {patchWords(patchTestOf(session.client, clock.today))}
	</h2>
	{#each patches as test (test.date)}
		<div class="flex flex-wrap items-center gap-x-5 gap-y-1 border-t border-line py-1">
			<span class="figure">{formatDate(test.date)}</span>
			<Tick label="Reacted" checked={test.reacted} onchange={(v) => setPatch(test.date, v)} />
			<TextButton onclick={() => dropPatch(test.date)}
				>Remove<span class="sr-only"> patch test of {formatDate(test.date)}</span></TextButton
			>
		</div>
	{/each}
</section>
<section>
	<h2 class="mb-1 text-15 font-semibold">
		Strand tests of this hair: {strandWords(strandTestOf(reading, clock.today))}
	</h2>
	{#each strands as test (test.id)}
		<StrandTestRow
			{test}
			onchange={(recipe) => editStrand(test.id, recipe)}
			onremove={() => dropStrand(test.id)}
		/>
	{/each}
	{#if session.learning.taught.strandLooks}
		<p class="text-14 text-ink-soft">
			Looks at hair without old colour teach how fast this head lifts; every prediction reckons with
			it.
		</p>
	{/if}
</section>
