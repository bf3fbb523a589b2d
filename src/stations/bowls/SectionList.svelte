<script lang="ts">
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { dragHandle, dragHandleZone } from 'svelte-dnd-action';
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { useVisit } from '../../state/visitContext';
	import type { SectionWork } from '../../model/visit/headWork';
	import { labelIn } from '../../wording/words';
	import { setSections } from '../../model/commands/sections';
	import { PICKING_OPTIONS, sectionNamer } from '../../wording/bowls';
	import { KEPT_WORDS } from '../../wording/kept';

	interface Props {
		/** The section that is looked at. */
		chosen: string | undefined;
		onchoose: (id: string) => void;
	}
	let { chosen, onchoose }: Props = $props();
	const session = useVisit();

	interface Row {
		readonly id: string;
		readonly work: SectionWork;
	}
	const planned: Row[] = $derived(
		session.bowls.sections.map((work) => ({ id: work.section.id, work }))
	);
	/** While a row is dragged the list shows where it would go; the record follows when it is let go. */
	let dragged = $state.raw<Row[]>();
	const rows = $derived(dragged ?? planned);
	const technique = $derived(session.visit.bowls.technique);
	const open = $derived(technique !== 'foils');
	const nameOf = $derived(sectionNamer(rows.map(({ work }) => work.section)));
	const ends = $derived(
		new Map(
			rows.map(({ id }) => [
				id,
				(session.bowls.staging?.finish ?? []).filter(({ section }) => section === id)
			])
		)
	);

	/** Minutes at which anything is rinsed: with several, each section says its own. */
	const rinses = $derived(
		new Set((session.bowls.staging?.finish ?? []).map(({ rinseMinute }) => Math.round(rinseMinute)))
	);

	function settle(items: Row[]) {
		dragged = undefined;
		if (items.every(({ id }, i) => id === planned[i]?.id)) return;
		session.change('order of the sections', (draft) =>
			setSections(
				draft.bowls,
				items.map(({ work }) => work.section)
			)
		);
	}
</script>

<div
	class="row grid min-h-7 grid-cols-[30px_minmax(120px,1fr)_44px_40px_40px_58px_208px] items-center gap-2 border-b border-line bg-room text-14 text-ink-soft @max-wide:grid-cols-[26px_minmax(90px,1fr)_40px_36px_36px_50px_130px] @max-wide:gap-2 @max-narrow:grid-cols-[26px_minmax(0,1fr)_34px_30px_30px_60px] @max-narrow:gap-1.5 @max-narrow:[&>:nth-child(6)]:hidden"
	aria-hidden="true"
>
	<span></span>
	<span>section</span>
	<span class="text-right whitespace-nowrap"
		>{technique === 'foils' ? 'foils' : technique === 'retouch' ? 'parting' : 'share'}</span
	>
	<span class="text-right whitespace-nowrap">min</span>
	<span class="text-right whitespace-nowrap">g</span>
	<span class="text-right whitespace-nowrap">bowl</span>
	<span
		class="block grid-cols-[72px_34px_1fr] items-center gap-x-2 gap-y-0.5 @max-wide:grid-cols-[48px_1fr] @max-narrow:grid-cols-[1fr] @max-narrow:text-13 @max-narrow:leading-tight"
		>at the rinse</span
	>
</div>
<!-- Rows jump and do not slide: the library then looks often enough that a quick hand is not missed. -->
<ol
	use:dragHandleZone={{ items: rows, flipDurationMs: 0, dropTargetStyle: {}, type: 'sections' }}
	onconsider={(event) => (dragged = event.detail.items)}
	onfinalize={(event) => settle(event.detail.items)}
	aria-label="Sections in the order of the work"
>
	{#each rows as { id, work }, i (id)}
		{@const { section, load } = work}
		{@const name = nameOf(id)}
		{@const finishes = ends.get(id) ?? []}
		<li
			class={[
				'row grid tap grid-cols-[30px_minmax(120px,1fr)_44px_40px_40px_58px_208px] items-center gap-2 border-b border-line bg-room @max-wide:grid-cols-[26px_minmax(90px,1fr)_40px_36px_36px_50px_130px] @max-wide:gap-2 @max-narrow:grid-cols-[26px_minmax(0,1fr)_34px_30px_30px_60px] @max-narrow:gap-1.5 @max-narrow:[&>:nth-child(6)]:hidden',
				id === chosen && 'shadow-[inset_3px_0_var(--ink)]',
				!load && 'text-ink-soft'
			]}
		>
			<span
				class="grid h-11 w-8 cursor-grab place-items-center text-ink-soft"
				use:dragHandle
				aria-label="Move {name}"
			>
				<GripVertical size={18} aria-hidden="true" />
			</span>
			<button
				class={[
					'flex tap items-center gap-2 text-left leading-close',
					id === chosen && 'font-bold'
				]}
				aria-pressed={id === chosen}
				onclick={() => onchoose(id)}
			>
				<b class="w-5 text-right figure">{i + 1}</b>
				<span
					>{name}<span class="font-normal text-ink-soft"
						>{load
							? open
								? ''
								: `, ${labelIn(PICKING_OPTIONS, section.picking)}`
							: work.kept
								? `, ${KEPT_WORDS[work.kept]}`
								: ', left out: already light'}{rinses.size > 1 && finishes[0]
							? `, rinsed at ${Math.round(finishes[0].rinseMinute)} min`
							: ''}</span
					></span
				>
			</button>
			<span class="text-right whitespace-nowrap"
				>{load
					? load.partingCm === undefined
						? (load.foils ?? `${Math.round(section.share * 100)} %`)
						: `${Math.round(load.partingCm)} cm`
					: ''}</span
			>
			<span class="text-right whitespace-nowrap"
				>{load ? Math.round(load.minutes * 10) / 10 : ''}</span
			>
			<span class="text-right whitespace-nowrap">{load ? Math.round(load.grams) : ''}</span>
			<span class="text-right whitespace-nowrap"
				>{[...new Set(finishes.map(({ bowl }) => bowl))].join(', ')}{section.lockedVolume ===
				undefined
					? ''
					: ' set'}</span
			>
			<span
				class="grid grid-cols-[72px_34px_1fr] items-center gap-x-2 gap-y-0.5 @max-wide:grid-cols-[48px_1fr] @max-narrow:grid-cols-[1fr]"
			>
				{#each finishes as one (one.part)}
					<span class="h-6 bg-field px-1 py-0.5 @max-narrow:hidden"
						><Strand
							colours={{ hair: [rgbOf(one.lab), rgbOf(one.lab)] }}
							seed={i + 3}
							label=""
						/></span
					>
					<b class="figure">{formatLevel(one.level)}</b>
					<span class="font-normal text-ink-soft @max-wide:hidden"
						>{formatLevel(one.low)}–{formatLevel(one.high)}</span
					>
				{/each}
			</span>
		</li>
	{/each}
</ol>
