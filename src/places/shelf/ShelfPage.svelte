<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { say } from '../../ui/say.svelte';
	import { useRecords } from '../../state/records';
	import { newId } from '../../model/identity';
	import type { Shelf, ShelfLine } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import IconButton from '../../ui/IconButton.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import X from '@lucide/svelte/icons/x';
	import LineForm from './LineForm.svelte';
	import ShelfBoard from './ShelfBoard.svelte';
	import ShelfTable from './ShelfTable.svelte';
	import Tabs from '../../ui/Tabs.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';

	const { workspace } = useRecords();
	const shelf = $derived(workspace.shelf);
	const stock = $derived((shelf?.developers ?? []).toSorted((a, b) => a - b));
	let volume = $state<number | undefined>(undefined);

	const change = (recipe: (draft: Shelf) => unknown, label = 'shelf'): string | undefined =>
		shelf && workspace.transact(label, (draft) => recipe(draft.shelf(shelf.id)));
	function addDeveloper() {
		if (volume === undefined) return;
		const added = volume;
		change((draft) => {
			if (!draft.developers.includes(added)) draft.developers.push(added);
		});
		volume = undefined;
	}
	const LOOKS = [
		{ value: 'hanging', label: 'as it hangs' },
		{ value: 'table', label: 'as a table' }
	] as const;
	let looked = $state<(typeof LOOKS)[number]['value']>('hanging');
	let adding = $state(false);
	function addLine(
		line: Pick<ShelfLine, 'name' | 'vehicle' | 'ratio' | 'minutes' | 'developerVolume'>
	) {
		change((draft) => draft.lines.push({ id: newId(), ...line, key: {}, shades: [] }));
		adding = false;
	}
	/** Takes something off the shelf, and offers to put it back. */
	function drop(words: string, recipe: (draft: Shelf) => unknown) {
		const step = change(recipe, words);
		say(`${words}.`, () => workspace.undo(step));
	}
	const dropLine = ({ id, name }: ShelfLine) =>
		drop(
			`${name} removed`,
			(draft) => (draft.lines = draft.lines.filter((line) => line.id !== id))
		);
</script>

<PlaceHead title="Shelf">
	<a class="inline-flex tap items-center" href="/shelf/stock">Stock and money</a>
	<a class="inline-flex tap items-center" href="/shelf/salon">How this salon works</a>
	<a class="inline-flex tap items-center" href="/shelf/ring"
		>{shelf?.ladder ? 'Swatch ring: your own levels' : 'Swatch ring: the usual levels'}</a
	>
	<Button primary onclick={() => (adding = true)}>Add a line</Button>
</PlaceHead>

{#if shelf}
	<section aria-labelledby="developers" class="flex flex-wrap items-end gap-x-8 gap-y-2">
		<h2 id="developers" class="sr-only">Developers in stock</h2>
		<ul class="flex flex-wrap gap-x-5">
			{#each stock as strength (strength)}
				<li class="flex items-center">
					<span
						><b class="figure text-28 leading-tight">{strength}</b> vol
						<span class="block text-13 leading-close text-ink-soft"
							>{Math.round(strength * 3) / 10} %</span
						></span
					>
					<IconButton
						label="Take {strength} vol off the shelf"
						icon={X}
						onclick={() =>
							drop(
								`${strength} vol off the shelf`,
								(draft) => (draft.developers = draft.developers.filter((v) => v !== strength))
							)}
					/>
				</li>
			{/each}
		</ul>
		<form
			class="flex items-end gap-3"
			onsubmit={(event) => {
				event.preventDefault();
				addDeveloper();
			}}
		>
			<div class="w-32">
				<NumberField
					label="Another strength"
					value={volume}
					{...BOUNDS.volume}
					step={0.5}
					unit="vol"
					onchange={(v) => (volume = v)}
				/>
			</div>
			<Button type="submit" disabled={volume === undefined}>Add</Button>
		</form>
	</section>
	{#if shelf.lines.length === 0}
		<p class="mt-6 text-ink-soft">
			No colour yet. Add a line with the shades you own; Tone searches among them.
		</p>
	{/if}
	<div class="mt-5">
		<Tabs label="Look at the shelf" value={looked} options={LOOKS} onchange={(to) => (looked = to)}>
			{#if looked === 'table'}
				<div class="mt-3"><ShelfTable lines={shelf.lines} /></div>
			{:else}
				{#each shelf.lines as line, i (line.id)}
					<ShelfBoard
						{line}
						onchange={(recipe) => change((draft) => recipe(draft.lines[i]!))}
						ondrop={(words, recipe) => drop(words, (draft) => recipe(draft.lines[i]!))}
						onremove={() => dropLine(line)}
					/>
				{/each}
			{/if}
		</Tabs>
	</div>
{/if}

<Sheet open={adding} title="A line of colour" onclose={() => (adding = false)}>
	<LineForm onsend={addLine} />
</Sheet>
