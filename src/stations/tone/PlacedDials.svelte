<script lang="ts">
	import { formatLevel, LEAST_SEEN_STEP } from '../../core/hair';
	import { levelOfFibre } from '../../core/lift';
	import { regrowthShows } from '../../core/plan';
	import { turnedTo, type Direction } from '../../core/tone';
	import { BOUNDS, DIRECTIONS, inPercent, UNDERTONES } from '../../core/vocabulary';
	import type { PlacedToner } from '../../schema/records';
	import { changePlaced, dropPlaced } from '../../model/commands/placed';
	import { placedGrams } from '../../model/visit/tonerNeed';
	import type { PlacedTonerView } from '../../state/placedToner.svelte';
	import { useVisit } from '../../state/visitContext';
	import Dial from '../../ui/Dial.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { placeWords, regrowthWords } from '../../wording/tone';
	import { formatShare } from '../../wording/words';

	interface Props {
		placed: PlacedTonerView;
	}
	let { placed }: Props = $props();
	const session = useVisit();
	const mix = $derived(placed.mix);
	const start = $derived(mix.start);
	const optionsOf = <T extends string>(values: readonly T[]) =>
		values.map((value) => ({ value, label: value }));

	function change(label: string, to: Parameters<typeof changePlaced>[2]) {
		const { id } = placed;
		session.change(`${label}, ${mix.place}`, ({ tone }) => changePlaced(tone, id, to));
	}
	const aimAt = (label: string, to: Partial<PlacedToner['aim']>) =>
		change(label, { aim: { ...mix.aim, ...to } });
	/** What reaches further takes more of it. */
	const reachTo = (cm: number) =>
		change('how far it reaches', {
			cm,
			totalGrams: placedGrams(session.visit, { ...mix, cm })
		});
	function remove() {
		const { id } = placed;
		session.change(`without the toner, ${mix.place}`, ({ tone }) => dropPlaced(tone, id));
		session.tonerId = undefined;
	}
	/** A shadow is worth its bowl by how late the regrowth then shows. */
	const regrowth = $derived.by(() => {
		if (mix.place !== 'root') return '';
		const { reading, rawFibres } = session.head;
		const { naturalLevel, growthCmPerMonth } = reading;
		const atScalp = rawFibres[0]!;
		if (levelOfFibre(atScalp) - naturalLevel < LEAST_SEEN_STEP)
			return 'The scalp stays as it grows: no line there.';
		const shows = (toner: typeof placed.toner) =>
			regrowthShows((week) => toner.levelAfter(week, atScalp) - naturalLevel, growthCmPerMonth);
		return regrowthWords(shows(placed.toner), shows(session.head.toner));
	});
</script>

<h2 class="text-18 font-semibold">{placeWords(mix)}</h2>
{#if mix.cm !== undefined}
	<Dial
		label="Reaches from the {mix.place === 'ends' ? 'tips' : 'scalp'}"
		value={mix.cm}
		{...BOUNDS.rootDepthCm}
		max={Math.max(1, Math.min(BOUNDS.rootDepthCm.max, session.head.reading.lengthCm))}
		shown="{mix.cm} cm"
		hint={regrowth || 'Then it runs out into the rest: no line.'}
		onchange={reachTo}
	/>
{/if}
{#if start}
	<Dial
		label="The added hair is"
		value={start.level}
		{...BOUNDS.level}
		step={0.5}
		shown={formatLevel(start.level)}
		onchange={(level) => change('level of the added hair', { start: { ...start, level } })}
	/>
	<Select
		label="Its undertone"
		value={start.undertone}
		options={optionsOf(UNDERTONES)}
		onchange={(undertone) =>
			change('undertone of the added hair', { start: { ...start, undertone } })}
	/>
{/if}
<Dial
	label="To be level"
	value={mix.aim.level}
	{...BOUNDS.level}
	step={0.25}
	shown={formatLevel(mix.aim.level)}
	onchange={(level) => aimAt('level aimed at', { level })}
/>
<Select
	label="To lean"
	value={mix.aim.direction}
	options={optionsOf(DIRECTIONS)}
	onchange={(direction: Direction) => aimAt('direction aimed at', turnedTo(mix.aim, direction))}
/>
<Dial
	label="Warmth kept"
	value={Math.round(mix.aim.keepWarmth * 100)}
	{...inPercent(BOUNDS.share)}
	shown={formatShare(mix.aim.keepWarmth)}
	onchange={(v) => aimAt('warmth kept', { keepWarmth: v / 100 })}
/>
<TextButton onclick={remove}>Take this toner out</TextButton>
