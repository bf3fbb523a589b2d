<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { withFoils, type HeadSection } from '../../core/work';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { useVisit } from '../../state/visitContext';
	import type { SectionWork } from '../../model/visit/headWork';
	import { labelIn, PLACEMENT_OPTIONS, SECTION_OPTIONS } from '../../wording/words';
	import {
		editSection,
		keptApart,
		mergeWithNext,
		setSections,
		splitInTwo
	} from '../../model/commands/sections';
	import { ANGLE_OPTIONS, PICKING_OPTIONS, sectionNamer } from '../../wording/bowls';

	interface Props {
		one: SectionWork;
		onclose: () => void;
	}
	let { one, onclose }: Props = $props();
	const session = useVisit();
	const bowls = $derived(session.visit.bowls);
	const sections = $derived(session.bowls.sections.map((each) => each.section));
	const nameOf = $derived(sectionNamer(sections));
	const apart = $derived(keptApart(bowls, sections, one.section.id));
	const section = $derived(one.section);
	const load = $derived(one.load);
	const last = $derived(sections.at(-1)?.id === section.id);
	/** The choice of what holds for the rest. */
	const PLAIN = 'plain';
	const stock = $derived((session.shelf?.developers ?? []).toSorted((p, q) => p - q));
	/** What is stocked, and the middle between neighbours. */
	const strengths = $derived([
		{ value: PLAIN, label: 'as staged' },
		...[...new Set([...stock, ...stock.slice(1).map((high, i) => (stock[i]! + high) / 2)])]
			.filter((volume) => volume >= 5)
			.sort((p, q) => p - q)
			.map((volume) => ({ value: String(volume), label: `${volume} vol` }))
	]);

	function setFoils(foils: number) {
		const next = withFoils(sections, bowls.foils, section.id, foils);
		session.change('foils of a section', (draft) => {
			draft.bowls.foils = next.foils;
			setSections(draft.bowls, next.sections);
		});
	}
	const edit = (label: string, next: Partial<HeadSection>) =>
		session.change(label, (draft) => editSection(draft.bowls, sections, section.id, next));
</script>

<div class="flex items-center justify-between gap-3">
	<h2 class="figure text-18">{nameOf(section.id)}</h2>
	<TextButton onclick={onclose}>Whole head</TextButton>
</div>
{#if bowls.technique === 'foils' && load}
	<NumberField
		label="Foils in it"
		value={load.foils}
		{...BOUNDS.foils}
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
	label="Foils lie"
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
		{...BOUNDS.sectionMinutes}
		inline
		onchange={(minutes) => edit('minutes of a section', { minutes })}
	/>
{/if}
<Tick
	label="Skip: already light"
	checked={section.skip === true}
	onchange={(skip) => edit('skip', { skip: skip || undefined })}
/>
<div class="flex flex-wrap gap-2 pt-1.5 [&_button]:flex-1 [&_button]:px-2 [&_button]:py-0">
	<Button
		onclick={() => {
			const { id } = section;
			onclose();
			session.change('split', (draft) => splitInTwo(draft.bowls, sections, id));
		}}>Split in two</Button
	>
	<Button
		disabled={last || apart !== undefined}
		onclick={() =>
			session.change('merge', (draft) => mergeWithNext(draft.bowls, sections, section.id))}
		>Merge with the next</Button
	>
</div>
{#if apart}
	<p>
		Bowl {apart.one.number} is weighed for this section at {apart.one.volume} vol, bowl {apart.other
			.number} for the next at {apart.other.volume} vol: they stay apart.
	</p>
{/if}
