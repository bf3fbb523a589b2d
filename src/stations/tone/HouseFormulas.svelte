<script lang="ts">
	import { newId } from '../../model/identity';
	import { dropFormula, keepFormula, mixOwn } from '../../model/commands/toner';
	import type { HouseFormula } from '../../schema/records';
	import { useRecords } from '../../state/records';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import Fold from '../../ui/Fold.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { say } from '../../ui/say.svelte';
	import { formulaWords } from '../../wording/tone';

	const session = useVisit();
	const { workspace } = useRecords();
	const toner = $derived(session.toner);
	const line = $derived(toner.line);
	const kept = $derived(
		(session.shelf?.formulas ?? []).filter(({ lineId }) => lineId === line?.id)
	);
	const parts = $derived(toner.parts);
	const tone = $derived(toner.mix);
	let name = $state('');

	function keep() {
		const { shelf } = session;
		const own = name.trim();
		if (!shelf || !line || own === '' || parts.length === 0) return;
		const formula: HouseFormula = {
			id: newId(),
			name: own,
			lineId: line.id,
			parts: parts.map((part) => ({ ...part })),
			ratio: tone.ratio,
			minutes: tone.minutes,
			...(tone.developerVolume === undefined ? {} : { developerVolume: tone.developerVolume })
		};
		workspace.transact(`kept ${own}`, (draft) => keepFormula(draft.shelf(shelf.id), formula));
		say(`${own} is kept on the shelf.`);
		name = '';
	}
	function take(formula: HouseFormula) {
		if (line) session.changeToner(`mixed ${formula.name}`, (draft) => mixOwn(draft, formula, line));
	}
	function drop({ id, name: gone }: HouseFormula) {
		const { shelf } = session;
		if (shelf)
			workspace.transact(`let ${gone} go`, (draft) => dropFormula(draft.shelf(shelf.id), id));
	}
</script>

<Fold
	title="House formulas"
	summary={kept.length === 0
		? 'blends by a name of your own'
		: kept.map((one) => one.name).join(', ')}
>
	<ul aria-label="House formulas">
		{#each kept as formula (formula.id)}
			<li class="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
				<span class="min-w-40 flex-1"
					><b>{formula.name}</b>
					<span class="text-ink-soft">{formulaWords(formula.parts)}, {formula.minutes} min</span
					></span
				>
				<Button onclick={() => take(formula)}>Mix {formula.name}</Button>
				<TextButton onclick={() => drop(formula)}>Let it go</TextButton>
			</li>
		{/each}
	</ul>
	<form
		class="mt-2 flex flex-wrap items-end gap-3"
		onsubmit={(event) => {
			event.preventDefault();
			keep();
		}}
	>
		<div class="min-w-50 flex-1">
			<TextField
				label="Keep what is in the bowl as"
				value={name}
				oninput={(value) => (name = value)}
			/>
		</div>
		<Button type="submit" disabled={name.trim() === '' || parts.length === 0}>Keep it</Button>
	</form>
</Fold>
