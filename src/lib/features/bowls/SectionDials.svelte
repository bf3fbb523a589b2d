<script lang="ts">
	import {
		inOrder,
		mergeSections,
		ORDER_NAMES,
		ORDER_REASONS,
		splitSection,
		usualFoils,
		withFoils,
		type HeadWayResult
	} from '../../core/work';
	import { STRAND_WAYS, type BowlsPlan } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Options from '../../ui/Options.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { useVisit } from '../visit/context';
	import { hasParts, sectionLevel } from '../visit/headWork';
	import { labelIn, PLACEMENT_OPTIONS, SECTION_OPTIONS } from '../visit/words';
	import { editSection, editSections, setSections } from './edits';
	import {
		ANGLE_OPTIONS,
		formatSpread,
		ORDER_LABELS,
		PICKING_OPTIONS,
		STRAND_LABELS,
		STRAND_REASONS
	} from './words';

	interface Props {
		chosen: string | undefined;
		/** How the head would come out in other orders. */
		ways: readonly HeadWayResult[];
		onclose: () => void;
	}
	let { chosen, ways, onclose }: Props = $props();
	const session = useVisit();
	const bowls = $derived(session.visit.bowls);
	const named = $derived(session.bowls.sections);
	const one = $derived(named.find(({ section }) => section.id === chosen));
	const last = $derived(named.at(-1)?.section.id === chosen);
	const inFoils = $derived(bowls.technique === 'foils');
	const apart = (name: string) => {
		const outcome = ways.find((way) => way.name === name)?.outcome;
		return outcome ? `${formatSpread(outcome.spread)} apart` : '';
	};
	const change = (label: string, next: Partial<BowlsPlan>) =>
		session.change(label, (draft) => Object.assign(draft.bowls, next));

	const TECHNIQUES = [
		{ value: 'foils', label: 'foils' },
		{ value: 'open', label: 'open work' }
	] as const;
	const usual = $derived(
		usualFoils(session.visit.aim.lightShare, session.visit.reading.density, bowls.picking)
	);
	const PLAIN = 'plain';
	const stock = $derived((session.shelf?.developers ?? []).toSorted((p, q) => p - q));
	const strengths = $derived([
		{ value: PLAIN, label: 'as staged' },
		...[...new Set([...stock, ...stock.slice(1).map((high, i) => (stock[i]! + high) / 2)])]
			.filter((volume) => volume >= 5)
			.sort((p, q) => p - q)
			.map((volume) => ({ value: String(volume), label: `${volume} vol` }))
	]);

	function setOrder(order: BowlsPlan['order']) {
		session.change('order', (draft) => {
			draft.bowls.order = order;
			const own = draft.bowls.sections;
			if (own) {
				const level = sectionLevel(session.visit.reading, session.plan);
				setSections(draft.bowls, inOrder(own, order, level));
			}
		});
	}
	function setFoils(foils: number) {
		if (!one) return;
		const sections = named.map(({ section }) => section);
		const next = withFoils(sections, bowls.foils, one.section.id, foils);
		session.change('foils of a section', (draft) => {
			draft.bowls.foils = next.foils;
			setSections(draft.bowls, next.sections);
		});
	}
	function setPicking(picking: BowlsPlan['picking']) {
		session.change('picking', (draft) => {
			draft.bowls.picking = picking;
			for (const section of draft.bowls.sections ?? []) section.picking = picking;
		});
	}
	const edit = (label: string, next: Parameters<typeof editSection>[3]) =>
		one && editSection(session, one.section.id, label, next);
</script>

{#if one}
	{@const { section, name, load } = one}
	<div class="title">
		<h2 class="figure">{name}</h2>
		<TextButton onclick={onclose}>Whole head</TextButton>
	</div>
	{#if inFoils && load}
		<NumberField
			label="Foils in it"
			value={load.foils}
			min={1}
			max={120}
			inline
			onchange={setFoils}
		/>
		<Choice
			label="Picked up"
			value={section.picking}
			options={PICKING_OPTIONS}
			onchange={(picking) => edit('picking of a section', { picking })}
		/>
	{/if}
	<Choice
		label="Partings"
		value={section.angle}
		options={ANGLE_OPTIONS}
		onchange={(angle) => edit('partings', { angle })}
	/>
	<Select
		label="Subsections"
		value={section.thickness ?? PLAIN}
		options={[
			{ value: PLAIN, label: `as the rest: ${labelIn(SECTION_OPTIONS, session.plan.section)}` },
			...SECTION_OPTIONS
		]}
		onchange={(value) =>
			edit('thickness of a section', { thickness: value === PLAIN ? undefined : value })}
	/>
	<Select
		label="Packets"
		value={section.placement ?? PLAIN}
		options={[
			{ value: PLAIN, label: `as the rest: ${labelIn(PLACEMENT_OPTIONS, one.placement)}` },
			...PLACEMENT_OPTIONS
		]}
		onchange={(value) =>
			edit('place of a section', { placement: value === PLAIN ? undefined : value })}
	/>
	<Select
		label="Its bowl"
		value={section.lockedVolume === undefined ? PLAIN : String(section.lockedVolume)}
		options={strengths}
		hint={section.lockedVolume === undefined ? '' : 'set by hand: staging works around it'}
		onchange={(value) =>
			edit('strength of a section', {
				lockedVolume: value === PLAIN ? undefined : Number(value)
			})}
	/>
	{#if load}
		<NumberField
			label="Minutes to put it on"
			value={load.minutes}
			min={0.5}
			max={120}
			step={0.5}
			inline
			onchange={(minutes) => edit('minutes of a section', { minutes })}
		/>
	{/if}
	<Tick
		label="Skip: already light"
		checked={section.skip === true}
		onchange={(skip) => edit('skip', { skip: skip || undefined })}
	/>
	<div class="acts">
		<Button
			onclick={() => {
				const { id } = section;
				onclose();
				editSections(session, 'split', (sections) => splitSection(sections, id));
			}}>Split in two</Button
		>
		<Button
			disabled={last}
			onclick={() =>
				editSections(session, 'merge', (sections) => mergeSections(sections, section.id))}
			>Merge with the next</Button
		>
	</div>
{:else}
	<Choice
		label="Technique"
		value={bowls.technique}
		options={TECHNIQUES}
		onchange={(technique) => change('technique', { technique })}
	/>
	{#if inFoils}
		<NumberField
			label="Foils"
			value={bowls.foils}
			min={1}
			max={300}
			inline
			onchange={(foils) => change('foils', { foils })}
		/>
		<p class="usual">about {usual} are usual for this</p>
		<Choice
			label="Picked up"
			value={bowls.picking}
			options={PICKING_OPTIONS}
			onchange={setPicking}
		/>
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
		options={ORDER_NAMES.map((value) => ({
			value,
			label: ORDER_LABELS[value],
			note: ORDER_REASONS[value],
			aside: apart(value)
		}))}
		onchange={setOrder}
	/>
	{#if hasParts(session.visit.reading, session.plan)}
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
	{#if bowls.sections}
		<TextButton
			onclick={() => session.change('sections as proposed', (draft) => delete draft.bowls.sections)}
			>Sections as proposed</TextButton
		>
	{/if}
{/if}

<style>
	.title {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 12px;
	}
	.usual {
		color: var(--ink-soft);
		font-size: 13px;
		text-align: right;
	}
	h2 {
		font-size: 20px;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
		padding-top: 6px;
	}
	.acts :global(button) {
		flex: 1;
		padding: 0 10px;
	}
</style>
