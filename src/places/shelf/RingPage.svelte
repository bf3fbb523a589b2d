<script lang="ts" module>
	/** A ladder that is kept draws the page anew: it stays at the swatch that was read. */
	let last = 6;
	/** And whoever works by keys stays at the acts. */
	let acted = false;
</script>

<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import { dropLadder, dropSwatch, keepLadder, readSwatch } from '../../model/commands/ring';
	import { ladderCsv } from '../../model/shelf/ladderCsv';
	import { isKept, ringRungs } from '../../model/shelf/ring';
	import type { Shelf } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import { downloadText, fileName } from '../../ui/download';
	import { say } from '../../ui/say.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { ladderWords } from '../../wording/ring';
	import RingLadder from './RingLadder.svelte';
	import SwatchReading from './SwatchReading.svelte';

	const { workspace } = useRecords();
	const clock = useClock();
	const shelf = $derived(workspace.shelf);
	let level = $state(last);
	$effect(() => {
		last = level;
	});
	let acts = $state<HTMLElement>();
	$effect(() => {
		if (!acts || !acted) return;
		acted = false;
		acts.querySelector<HTMLElement>('button:not([disabled])')?.focus();
	});
	const ring = $derived(shelf && ringRungs(shelf));
	const rung = $derived(ring?.rungs.find((one) => one.level === level));
	const kept = $derived(!!shelf && !!ring && isKept(shelf, ring.answer));

	function change(words: string, recipe: (draft: Shelf) => void): void {
		if (!shelf) return;
		const step = workspace.transact(words, (draft) => recipe(draft.shelf(shelf.id)));
		say(words, () => workspace.undo(step));
	}
	function tell(words: string, recipe: (draft: Shelf) => void): void {
		acted = true;
		change(words, recipe);
	}
</script>

<PlaceHead title="The ring" above="Shelf" />

{#if shelf && ring && rung}
	<p class="mb-4 max-w-195">
		One maker’s 7 is another’s 7½. Read the swatches of your own ring, and every level on every
		screen means what your ring shows.
		<b>
			{kept
				? 'This ladder is in use.'
				: shelf.ladder
					? `An earlier ladder of yours is in use. ${ladderWords(ring.answer)}`
					: `The usual levels are in use. ${ladderWords(ring.answer)}`}
		</b>
	</p>
	<RingLadder rungs={ring.rungs} value={level} onpick={(picked) => (level = picked)} />
	<div class="mt-4 mb-1 flex flex-wrap gap-3" bind:this={acts}>
		<Button
			primary
			disabled={!ring.answer.ok || kept}
			onclick={() => tell('Levels are those of your ring', keepLadder)}>Keep this ladder</Button
		>
		{#if shelf.ladder}
			<Button onclick={() => tell('Levels are the usual ones again', dropLadder)}
				>Back to the usual levels</Button
			>
		{/if}
		<Button
			onclick={() =>
				downloadText(fileName('ladder', clock.today, 'csv'), 'text/csv', ladderCsv(shelf))}
			>Export the ladder</Button
		>
	</div>
	<SwatchReading
		{rung}
		onread={(read) =>
			change(`Swatch ${level} read`, (draft) => readSwatch(draft, level, read, clock.today))}
		ondrop={() => change(`Swatch ${level} taken out`, (draft) => dropSwatch(draft, level))}
	/>
	<p class="mt-6 max-w-195 text-ink-soft">
		Readings of earlier visits keep their numbers: a 6 that was written down stays a 6, of the
		ladder in use. Answers over HTTP are told in the usual levels.
	</p>
{/if}
