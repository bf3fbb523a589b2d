<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { formatLevel } from '../../core/hair';
	import { BOUNDS, POROSITIES, UNDERTONES } from '../../core/vocabulary';
	import { strandLine } from '../../model/commands/bench';
	import { mixOwn } from '../../model/commands/toner';
	import type { OwnFormula } from '../../model/visit/heard';
	import { uniform } from '../../model/head/hair';
	import type { BenchStrand } from '../../schema/records';
	import type { BenchStrandView } from '../../state/benchStrand.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import TextField from '../../ui/TextField.svelte';
	import SaidFormula from '../../widgets/SaidFormula.svelte';
	import { STRAND_KIND_OPTIONS, strandName } from '../../wording/bench';
	import { formulaWords } from '../../wording/tone';

	interface Props {
		view: BenchStrandView;
		index: number;
		change: (label: string, recipe: (draft: BenchStrand) => unknown) => void;
		onclose: () => void;
	}
	let { view, index, change, onclose }: Props = $props();
	const strand = $derived(view.strand);
	const line = $derived(view.line);
	const options = (values: readonly string[]) => values.map((value) => ({ value, label: value }));
	const undertones = options(UNDERTONES) as { value: BenchStrand['undertone']; label: string }[];
	const porosities = options(POROSITIES) as { value: BenchStrand['porosity']; label: string }[];
	const lines = $derived(view.lines.map(({ id, name }) => ({ value: id, label: name })));
	let heard = $state.raw<OwnFormula>();
	const shown = $derived(heard ? view.toner.with(heard.parts, heard) : undefined);
	function mixIt(formula: OwnFormula) {
		if (!line) return;
		const own = line;
		change('mixed for the strand', (draft) => mixOwn(draft.mix, formula, own));
	}
	const see = (label: string, told: NonNullable<BenchStrand['seen']>) =>
		change(label, (draft) => (draft.seen = { ...draft.seen, ...told }));
</script>

<Sheet open title={strandName(index)} {onclose}>
	<div class="grid gap-4">
		<Choice
			label="What it is"
			value={strand.kind}
			options={STRAND_KIND_OPTIONS}
			onchange={(kind) => change('kind of the strand', (draft) => (draft.kind = kind))}
		/>
		<div class="grid grid-cols-3 items-end gap-4 max-tablet:grid-cols-2">
			<NumberField
				label="Level before"
				value={strand.level}
				{...BOUNDS.level}
				step={0.5}
				onchange={(level) => change('level of the strand', (draft) => (draft.level = level))}
			/>
			<Select
				label="Warmth before"
				value={strand.undertone}
				options={undertones}
				onchange={(to) => change('warmth of the strand', (draft) => (draft.undertone = to))}
			/>
			<Select
				label="Porosity"
				value={strand.porosity}
				options={porosities}
				onchange={(to) => change('porosity of the strand', (draft) => (draft.porosity = to))}
			/>
		</div>
		{#if line}
			<Select
				label="Line"
				value={line.id}
				options={lines}
				hint={strand.mix.parts.length > 0
					? 'another line: what is mixed now is put away'
					: undefined}
				onchange={(id) => {
					const other = view.lines.find((each) => each.id === id);
					if (other && other.id !== line.id)
						change('line of the strand', (draft) => strandLine(draft, other));
				}}
			/>
			<SaidFormula
				{line}
				totalGrams={strand.mix.totalGrams}
				hint={strand.mix.parts.length > 0
					? `In the bowl: ${formulaWords(strand.mix.parts)}.`
					: `Such as ${line.shades[0]?.code ?? '9V'} 6 + clear 4.`}
				bind:heard
				onmix={mixIt}
			/>
			{#if shown}
				<div class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-4">
					<span class="block h-14 bg-field py-2 pl-2"
						><Strand colours={uniform(shown.lab)} seed={9} label="as it would be" /></span
					>
					<b class="figure text-28">{formatLevel(shown.level)}</b>
				</div>
			{/if}
			<NumberField
				label="Minutes"
				value={strand.mix.minutes}
				{...BOUNDS.toneMinutes}
				unit="min"
				onchange={(minutes) =>
					change('minutes on the strand', ({ mix }) => (mix.minutes = minutes))}
			/>
		{:else}
			<p class="text-ink-soft">No line of colour is on the shelf yet.</p>
		{/if}
		{#if view.isMixed}
			<div class="grid grid-cols-2 items-end gap-4">
				<NumberField
					label="Level seen, dry"
					value={strand.seen?.level}
					{...BOUNDS.level}
					step={0.1}
					onchange={(level) => see('level seen on the strand', { level })}
				/>
				<TextField
					label="Tone seen"
					value={strand.seen?.tone ?? ''}
					oninput={(text) => see('tone seen on the strand', { tone: text.slice(0, 40) })}
				/>
			</div>
			<TextField
				label="Words"
				value={strand.note}
				oninput={(text) =>
					change('words on the strand', (draft) => (draft.note = text.slice(0, 500)))}
			/>
		{/if}
	</div>
</Sheet>
