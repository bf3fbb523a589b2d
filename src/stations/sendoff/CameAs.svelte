<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { useClock } from '../../state/clock.svelte';
	import { useVisit } from '../../state/visitContext';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { formatHours, formatPrice } from '../../wording/words';

	const session = useVisit();
	const clock = useClock();
	const result = $derived(session.visit.result);
	const mixed = $derived(
		session.visit.bowls.mixed
			.filter(({ kind }) => kind === 'lightener')
			.flatMap(({ parts }) => parts.map(({ grams }) => grams))
			.reduce((sum, grams) => sum + grams, 0)
	);
	/** Minutes since they sat down, while they sit. */
	const sat = $derived.by(() => {
		const { chairSince, status } = session.visit;
		if (!chairSince || status !== 'inChair') return undefined;
		const minutes = Math.round((clock.now().getTime() - new Date(chairSince).getTime()) / 60_000);
		return minutes >= 1 && minutes <= BOUNDS.tookMinutes.max ? minutes : undefined;
	});
	const price = $derived(session.work.price);
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
	<p class="pt-2 text-14 text-ink-soft">
		Planned {formatHours(session.chairMinutes)}{price === undefined
			? ''
			: `, ${formatPrice(Math.round(price / 10) * 10, session.shelf)}`}, {session.work.grams} g of lightener
		mixed{mixed > 0 ? `; weighed ${Math.round(mixed)} g` : ''}. Section by section it stands in
		<a href="/visit/{session.id}/chair">Chair</a>.
	</p>
</section>
