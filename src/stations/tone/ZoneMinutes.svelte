<script lang="ts">
	import { rgbOf } from '../../core/colour';
	import { describeTone, formatLevel, undertoneWord } from '../../core/hair';
	import { LEFT_LONGER_MINUTES } from '../../state/tonerView.svelte';
	import { useVisit } from '../../state/visitContext';
	import { inOrder, zoneCourses, type ZoneTone } from '../../state/zoneTones';
	import { zoneToner } from '../../model/day/processes';
	import type { DayClocks } from '../../state/dayClocks.svelte';
	import ProcessClock from '../../widgets/ProcessClock.svelte';
	import Choice from '../../ui/Choice.svelte';
	import { TONER_ORDERS } from '../../core/vocabulary';
	import { tonerPass } from '../../model/visit/work';
	import { areaWords } from '../../wording/words';
	import { ORDER_OF_TONER, pastWords } from '../../wording/tone';
	import StrandRow from '../../widgets/StrandRow.svelte';

	interface Props {
		clocks: DayClocks;
	}
	let { clocks }: Props = $props();
	const session = useVisit();
	const tone = $derived(session.visit.tone);
	const order = $derived(tone.order ?? 'warmestFirst');
	const passMinutes = $derived(tonerPass(session.visit.reading, session.visit.lift.part));
	const courses = $derived(zoneCourses(session));
	const by = (each: typeof order) =>
		inOrder(courses, tone.minutes, { order: each, minutes: passMinutes });
	const zones = $derived(by(order));
	/** What each order does: levels from the deepest to the lightest zone at the end. */
	const spreads = $derived(
		TONER_ORDERS.map((value) => {
			const levels = by(value).map(({ toned }) => toned.level);
			return { value, spread: Math.max(...levels) - Math.min(...levels) };
		})
	);
	const orderOptions = $derived(
		spreads.map(({ value, spread }) => ({
			value,
			label: `${ORDER_OF_TONER[value]}, ${spread.toFixed(1)}`
		}))
	);
	/** A zone, with the areas whose hair it is, or the pieces among it. */
	const nameOf = ({ zone, areas, lights }: Pick<ZoneTone, 'zone' | 'areas' | 'lights'>) =>
		[...(areas ? [areaWords(areas)] : []), lights ? `old light pieces, ${zone}` : zone].join(' ');
	const last = $derived(tone.minutes + LEFT_LONGER_MINUTES);
	const marksOf = ({ minutes, tooLate }: ZoneTone) => [
		{ at: minutes / last, text: `${minutes} min`, strong: true },
		...(tooLate === undefined || tooLate.minute <= minutes
			? []
			: [{ at: tooLate.minute / last, text: pastWords(tooLate) }])
	];
	/** Nobody begins a zone apart for less. */
	const APART_MINUTES = 2;
	const apart = $derived(
		Math.max(...zones.map(({ beginAfter }) => beginAfter)) -
			Math.min(...zones.map(({ beginAfter }) => beginAfter)) >=
			APART_MINUTES
	);
	/** Nobody sees a difference of less between zones, levels. */
	const ALIKE = 0.25;
	const differ = $derived(apart || (zones.at(-1)?.level ?? 0) - (zones[0]?.level ?? 0) >= ALIKE);
	const begun = $derived(zones.toSorted((p, q) => p.beginAfter - q.beginAfter));
	const first = $derived(begun[0]?.beginAfter ?? 0);
	/** The warmest first, each so much later that all of them end together. */
	const orderWords = $derived(
		begun
			.map((one, i) =>
				i === 0
					? `Begin with the ${nameOf(one)}`
					: `the ${nameOf(one)} ${one.beginAfter - first} min later`
			)
			.join(', ')
	);
</script>

{#if zones.length > 1 && !differ}
	<p class="mb-4 border-t border-line pt-3 text-ink-soft">
		{zones.map(nameOf).join(', ')}: alike, nearest the aim after {zones[0]!.minutes} min. All can be begun
		at once.
	</p>
{:else if zones.length > 1}
	<section aria-label="Zone by zone" class="mb-4 border-t border-line pt-3">
		<h2 class="text-15 font-semibold">Zone by zone, minute by minute</h2>
		<p class="text-ink-soft">
			Deepest: the {nameOf(zones[0]!)}. What shares a bowl with {zones[0]!.zone === 'root'
				? 'it'
				: 'them'} is chosen for {zones[0]!.zone === 'root' ? 'it' : 'them'}.
			{apart ? `${orderWords}: then all end together.` : 'All can be begun at once.'}
		</p>
		<div class="bg-field px-3 py-2 text-on-field">
			{#each zones as one (one.key)}
				<StrandRow
					name={nameOf(one)}
					colours={{ hair: one.course.map(({ lab }) => rgbOf(lab)) }}
					value={formatLevel(one.toned.level)}
					words={describeTone(one.toned.lab, 'toned')}
					note="{one.seen ? 'seen' : 'expected'} {formatLevel(one.level)} {undertoneWord(
						one.undertone.name,
						one.level
					)}"
					lab={one.toned.lab}
					marks={marksOf(one)}
					height={40}
				/>
			{/each}
		</div>
		<Choice
			label="Order, with how many levels then lie between the zones"
			value={order}
			options={orderOptions}
			onchange={(value) =>
				session.change('order of the toner', ({ tone: draft }) => {
					if (value === 'warmestFirst') delete draft.order;
					else draft.order = value;
				})}
		/>
		{#if apart}
			<!-- In the order in which they are begun; each is rinsed when it is there. -->
			{#each begun.filter(({ areas, lights }) => !areas && !lights) as { zone, minutes } (zone)}
				<ProcessClock one={clocks.at(zoneToner(zone, minutes))} words="Toner on the {zone}" />
			{/each}
		{/if}
	</section>
{/if}
