<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { levelOfFibre } from '../../core/lift';
	import { BOUNDS } from '../../core/vocabulary';
	import { addTintShade, chooseTint, weighTintPart } from '../../model/commands/tint';
	import { recordParts } from '../../model/visit/tone';
	import type { ShelfLine } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import Combobox from '../../ui/Combobox.svelte';
	import Fold from '../../ui/Fold.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { distanceWords, formulaWords, toneWords } from '../../wording/tone';
	import { labelIn, PRODUCT_OPTIONS } from '../../wording/words';

	const session = useVisit();
	const view = $derived(session.view);
	const plan = $derived(view.shown.plan);
	const parts = $derived(plan.tint?.parts ?? []);
	const line = $derived(view.tintLine);
	const found = $derived(view.tintSearch.found?.formulas.slice(0, 3) ?? []);
	const product = $derived(labelIn(PRODUCT_OPTIONS, plan.product));
	const comesOut = $derived(
		`${formatLevel(levelOfFibre(view.shown.fibre))} ${view.liftedWord(view.shown.fibre)}`
	);
	const lines = $derived(view.tintLines.map(({ id, name }) => ({ value: id, label: name })));
	const shades = $derived(
		(line?.shades ?? []).map(({ id, code, level, tone }) => ({
			value: id,
			label: `${code}, ${formatLevel(level)} ${toneWords(tone)}`
		}))
	);
	const change = (label: string, recipe: (plan: Parameters<typeof chooseTint>[0]) => void) =>
		session.changePlan(label, recipe);
	const take = (of: ShelfLine, own: typeof parts) =>
		change('shade of the tint', (draft) => chooseTint(draft, of, own));
</script>

<Fold title="Shade" summary={parts.length === 0 ? 'none yet: lifts alone' : formulaWords(parts)}>
	{#if !line}
		<p class="text-14 text-ink-soft">
			No {product} line stands on <a href="/shelf">the Shelf</a>: without its shades it is reckoned
			as lifting alone.
		</p>
	{:else}
		{#if lines.length > 1}
			<Select
				label="Line"
				value={line.id}
				options={lines}
				onchange={(id) => {
					const other = view.tintLines.find((one) => one.id === id);
					const [shade] = other?.shades ?? [];
					if (other && shade)
						change('line of the tint', (draft) => addTintShade(draft, other, shade.id));
				}}
			/>
		{/if}
		{#if parts.length > 0}
			<p>Comes out <b>{comesOut}</b>, lifted to {formatLevel(view.shown.lift.level)} under it.</p>
			{#each parts as part, i (part.shadeId ?? part.name)}
				<NumberField
					label={part.name}
					value={part.grams}
					{...BOUNDS.partGrams}
					unit="parts"
					onchange={(v) => change(`parts of ${part.name}`, (draft) => weighTintPart(draft, i, v))}
				/>
			{/each}
			<p><TextButton onclick={() => take(line, [])}>Without a shade</TextButton></p>
		{/if}
		<Combobox
			label="Add a shade"
			options={shades}
			hint="by its code or its tone"
			onpick={(id) => change('added a shade', (draft) => addTintShade(draft, line, id))}
		/>
		{#if view.tintSearch.trouble}<p role="status" class="text-14 text-ink-soft">
				{view.tintSearch.trouble}
			</p>{/if}
		{#if found.length > 0}
			<ul aria-label="Shades that hold the warmth it exposes">
				{#each found as formula, i (i)}
					{@const own = recordParts(formula, line)}
					<li class="flex flex-col items-start py-1 leading-close">
						<TextButton onclick={() => take(line, own)}
							>{own.length === 0 ? 'Without a shade' : formulaWords(own)}</TextButton
						>
						<span class="text-14 text-ink-soft"
							>{distanceWords(formula.deltaE)} to the aim, level {formatLevel(formula.level)}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
	{/if}
</Fold>
