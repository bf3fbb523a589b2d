<script lang="ts">
	import type { OwnFormula } from '../model/visit/heard';
	import { hearFormula } from '../model/visit/heard';
	import type { ShelfLine } from '../schema/records';
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';
	import TextField from '../ui/TextField.svelte';
	import { formulaWords, unspokenWords } from '../wording/tone';
	import { formatRatio } from '../wording/words';

	interface Props {
		line: ShelfLine;
		/** Shades that may be meant, those of the line first. */
		shades?: ShelfLine['shades'];
		/** Grams of colour in the bowl, where it is not said. */
		totalGrams: number;
		/** What stands below while nothing is said. */
		hint: string;
		/** What is heard so far; nothing while it is none. */
		heard: OwnFormula | undefined;
		onmix: (formula: OwnFormula) => unknown;
	}
	let {
		line,
		shades = line.shades,
		totalGrams,
		hint,
		heard = $bindable(),
		onmix
	}: Props = $props();
	const { workspace } = useRecords();
	let said = $state('');
	const read = $derived(hearFormula(said, line, shades, totalGrams, workspace.shelf?.scaleStep));
	$effect(() => {
		heard = read.formula;
	});
	const fault = $derived(read.fault ? unspokenWords(read.fault, line.name) : '');
	const heardWords = ({ parts, ratio, developerVolume, minutes }: OwnFormula) =>
		`Heard: ${formulaWords(parts)}${ratio ? `, ${formatRatio(ratio)}` : ''}${developerVolume === undefined ? '' : `, ${developerVolume} vol`}${minutes ? `, ${minutes} min` : ''}.`;
	function mix(event: SubmitEvent) {
		event.preventDefault();
		if (!read.formula) return;
		onmix(read.formula);
		said = '';
	}
</script>

<form class="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-3" onsubmit={mix}>
	<TextField
		label="A formula, as you say it"
		value={said}
		hint={fault ? undefined : read.formula ? heardWords(read.formula) : hint}
		fault={fault || undefined}
		oninput={(text) => (said = text)}
	/>
	<div class="pt-6">
		<Button primary={read.formula !== undefined} disabled={!read.formula} type="submit"
			>Mix it</Button
		>
	</div>
</form>
