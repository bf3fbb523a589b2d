<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { blendDeveloper, keepRatio, type Poured } from '../../core/mix';
	import Choice from '../../ui/Choice.svelte';
	import Fold from '../../ui/Fold.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { useVisit } from '../../state/visitContext';
	import { productWords } from '../../wording/bowls';
	import { formatRatio } from '../../wording/words';

	interface Props {
		/** Grams as they are shown: grams or ounces. */
		weigh: (grams: number) => string;
	}
	let { weigh }: Props = $props();
	const session = useVisit();
	const plan = $derived(session.plan);
	let part = $state<Poured['part']>('lightener');
	let grams = $state<number>();
	const PARTS = [
		{ value: 'lightener', label: 'lightener' },
		{ value: 'developer', label: 'developer' }
	] as const;

	const mixed = $derived(grams === undefined ? undefined : keepRatio({ part, grams }, plan.ratio));
	const developer = $derived.by(() => {
		if (!mixed) return '';
		const stock = session.shelf?.developers ?? [];
		const blend = blendDeveloper(plan.volume, mixed.developerGrams, stock);
		return blend
			? blend.parts.map((each) => `${weigh(each.grams)} of ${each.volume} vol`).join(' + ')
			: `${weigh(mixed.developerGrams)} of ${plan.volume} vol, which is not in stock`;
	});
</script>

<Fold title="From what is in the bowl" summary="18 g left, or too much poured">
	<Choice label="What is there" value={part} options={PARTS} onchange={(v) => (part = v)} />
	<NumberField
		label="Grams of {part}"
		value={grams}
		{...BOUNDS.pouredGrams}
		unit="g"
		onchange={(v) => (grams = v)}
	/>
	{#if mixed}
		<p role="status">
			{part === 'lightener'
				? `Add ${developer}.`
				: `Add ${weigh(mixed.lightenerGrams)} of ${productWords(session.plan.product, session.shelf)}.`}
			{weigh(mixed.lightenerGrams + mixed.developerGrams)} in all, {formatRatio(plan.ratio)}.
		</p>
	{/if}
</Fold>
