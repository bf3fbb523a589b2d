<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { inOrder, ordersOf, usualFoils, type HeadWayResult } from '../../core/work';
	import { takeTechnique } from '../../model/commands/technique';
	import { STRAND_WAYS, type BowlsPlan } from '../../schema/records';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Options from '../../ui/Options.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { useVisit } from '../../state/visitContext';
	import { hasParts } from '../../model/visit/headStaging';
	import { sectionLevel } from '../../model/visit/headWork';
	import { SECTION_OPTIONS } from '../../wording/words';
	import { partWords } from '../../wording/part';
	import { setSections } from '../../model/commands/sections';
	import {
		formatSpread,
		ORDER_LABELS,
		ORDER_REASONS,
		PICKING_OPTIONS,
		STRAND_LABELS,
		STRAND_REASONS,
		TECHNIQUE_OPTIONS
	} from '../../wording/bowls';

	interface Props {
		/** How the head would come out in other orders. */
		ways: readonly HeadWayResult[];
	}
	let { ways }: Props = $props();
	const session = useVisit();
	const head = $derived({
		reading: session.visit.reading,
		aim: session.visit.aim,
		plan: session.plan
	});
	const bowls = $derived(session.visit.bowls);
	const usual = $derived(
		usualFoils(
			session.visit.aim.lightShare,
			session.visit.reading.density,
			bowls.picking,
			session.visit.lift.section
		)
	);
	const part = $derived(session.plan.part);
	const placed = $derived(
		session.bowls.sections.reduce((sum, { load }) => sum + (load?.foils ?? 0), 0)
	);
	const apart = (name: string) => {
		const outcome = ways.find((way) => way.name === name)?.outcome;
		return outcome ? `${formatSpread(outcome.spread)} apart` : '';
	};
	const change = (label: string, next: Partial<BowlsPlan>) =>
		session.change(label, (draft) => Object.assign(draft.bowls, next));

	function setOrder(order: BowlsPlan['order']) {
		session.change('order', (draft) => {
			draft.bowls.order = order;
			const own = draft.bowls.sections;
			if (own) {
				const level = sectionLevel(head);
				setSections(draft.bowls, inOrder(own, order, level));
			}
		});
	}
	function setPicking(picking: BowlsPlan['picking']) {
		session.change('picking', (draft) => {
			draft.bowls.picking = picking;
			for (const section of draft.bowls.sections ?? []) section.picking = picking;
		});
	}
</script>

<Choice
	label="Technique"
	value={bowls.technique}
	options={TECHNIQUE_OPTIONS}
	onchange={(technique) =>
		session.change('technique', (draft) =>
			takeTechnique(draft, technique, session.shelf?.ceilings)
		)}
/>
{#if bowls.technique === 'foils'}
	<NumberField
		label={part ? 'Foils, were it the whole head' : 'Foils'}
		value={bowls.foils}
		{...BOUNDS.foils}
		inline
		onchange={(foils) => change('foils', { foils })}
	/>
	<p class="text-right text-13 text-ink-soft">
		{part ? `${placed} of them in the ${partWords(part)}; ` : ''}about {usual} are usual for
		{part ? 'a whole head' : 'this'}
	</p>
	<Choice label="Picked up" value={bowls.picking} options={PICKING_OPTIONS} onchange={setPicking} />
{/if}
<Select
	label="Subsections"
	value={session.plan.section}
	options={SECTION_OPTIONS}
	onchange={(v) => session.change('sections', (draft) => (draft.lift.section = v))}
/>
<Options
	label="Order"
	value={bowls.order}
	options={ordersOf(bowls.technique).map((value) => ({
		value,
		label: ORDER_LABELS[value],
		note: ORDER_REASONS[value],
		aside: apart(value)
	}))}
	onchange={setOrder}
/>
{#if hasParts(head)}
	<Options
		label="Along the strand"
		value={bowls.strand}
		options={STRAND_WAYS.map((value) => ({
			value,
			label: STRAND_LABELS[value],
			note: STRAND_REASONS[value],
			aside: apart(value)
		}))}
		onchange={(strand) => change('along the strand', { strand })}
	/>
{/if}
{#if bowls.sections && bowls.mixed.some(({ sections }) => sections.length > 0)}
	<p class="text-right text-13 text-ink-soft">
		Sections stay as they are: bowls are weighed for them.
	</p>
{:else if bowls.sections}
	<TextButton
		onclick={() => session.change('sections as proposed', (draft) => delete draft.bowls.sections)}
		>Sections as proposed</TextButton
	>
{/if}
