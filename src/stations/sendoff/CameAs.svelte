<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { satMinutes, type PlannedDay } from '../../model/commands/result';
	import { usedAt, weighedCost } from '../../model/shelf/stock';
	import { weighedGrams } from '../../model/day/weighed';
	import { useClock } from '../../state/clock.svelte';
	import { useVisit } from '../../state/visitContext';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { formatDay, formatHours, formatPrice } from '../../wording/words';

	interface Props {
		/** What the visit was to take. */
		planned: PlannedDay;
	}
	let { planned }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	const result = $derived(session.visit.result);
	const mixed = $derived(weighedGrams(session.visit, 'lightener'));
	/** Minutes since they sat down, while they sit. */
	const sat = $derived(satMinutes(session.visit, clock.now()));
	const cost = $derived(weighedCost(usedAt(session.visit), session.shelf));
	const weighed = $derived(
		(mixed > 0 ? `; weighed ${Math.round(mixed)} g` : '') +
			(cost === undefined ? '' : `, materials worth ${formatPrice(cost, session.shelf)}`)
	);
	/** What was named beforehand, and how what was asked stands to it. */
	const quoted = $derived.by(() => {
		const { quote } = session.visit;
		if (!quote) return '';
		const { low, high, date } = quote;
		const told = `${formatPrice(low, session.shelf)} to ${formatPrice(high, session.shelf)} was named on ${formatDay(date)}`;
		const { price: asked } = result;
		if (asked === undefined) return `${told}.`;
		const gap = asked > high ? asked - high : Math.max(0, low - asked);
		return gap === 0
			? `${told}: within it.`
			: `${told}: ${formatPrice(gap, session.shelf)} ${asked > high ? 'over' : 'under'} it.`;
	});
	const currency = $derived(session.shelf?.rates?.currency ?? '');
</script>

<section aria-labelledby="came">
	<h2 id="came" class="text-18">As it came</h2>
	<div class="grid grid-cols-2 items-end gap-x-5 gap-y-3 pt-1">
		<NumberField
			label="At the chair"
			value={result.tookMinutes ?? sat}
			{...BOUNDS.tookMinutes}
			step={5}
			unit="min"
			onchange={(v) => session.change('time taken', (draft) => (draft.result.tookMinutes = v))}
		/>
		<NumberField
			label="Asked for it"
			value={result.price}
			{...BOUNDS.price}
			unit={currency}
			onchange={(v) => session.change('price', (draft) => (draft.result.price = v))}
		/>
		<NumberField
			label="Left over"
			value={result.leftoverGrams}
			{...BOUNDS.leftoverGrams}
			unit="g"
			onchange={(v) => session.change('leftover', (draft) => (draft.result.leftoverGrams = v))}
		/>
		<TextField
			label="Done by"
			value={session.visit.colourist}
			oninput={(v) => session.change('colourist', (draft) => (draft.colourist = v.slice(0, 120)))}
		/>
	</div>
	{#if quoted}<p class="pt-2">{quoted}</p>{/if}
	<p class="pt-2 text-14 text-ink-soft">
		Planned {formatHours(planned.minutes)}{planned.price === undefined
			? ''
			: `, ${formatPrice(Math.round(planned.price / 10) * 10, session.shelf)}`}, {planned.grams} g of
		lightener mixed{weighed}.
	</p>
</section>
