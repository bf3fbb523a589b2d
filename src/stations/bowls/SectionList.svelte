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

<div class="row head" aria-hidden="true">
	<span></span>
	<span>section</span>
	<span class="n"
		>{technique === 'foils' ? 'foils' : technique === 'retouch' ? 'parting' : 'share'}</span
	>
	<span class="n">min</span>
	<span class="n">g</span>
	<span class="n">bowl</span>
	<span class="end">at the rinse</span>
</div>
<ol
	use:dragHandleZone={{ items: rows, flipDurationMs: 120, dropTargetStyle: {}, type: 'sections' }}
	onconsider={(event) => (dragged = event.detail.items)}
	onfinalize={(event) => settle(event.detail.items)}
	aria-label="Sections in the order of the work"
>
	{#each rows as { id, work }, i (id)}
		{@const { section, load } = work}
		{@const name = nameOf(id)}
		{@const finishes = ends.get(id) ?? []}
		<li class="row" class:chosen={id === chosen} class:skipped={!load}>
			<span class="grip" use:dragHandle aria-label="Move {name}">
				<GripVertical size={18} aria-hidden="true" />
			</span>
			<button class="name" aria-pressed={id === chosen} onclick={() => onchoose(id)}>
				<b class="figure">{i + 1}</b>
				<span
					>{name}<span class="soft"
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
			<span class="n"
				>{load
					? load.partingCm === undefined
						? (load.foils ?? `${Math.round(section.share * 100)} %`)
						: `${Math.round(load.partingCm)} cm`
					: ''}</span
			>
			<span class="n">{load ? Math.round(load.minutes * 10) / 10 : ''}</span>
			<span class="n">{load ? Math.round(load.grams) : ''}</span>
			<span class="n"
				>{[...new Set(finishes.map(({ bowl }) => bowl))].join(', ')}{section.lockedVolume ===
				undefined
					? ''
					: ' set'}</span
			>
			<span class="end">
				{#each finishes as one (one.part)}
					<span class="lock"
						><Strand
							colours={{ hair: [rgbOf(one.lab), rgbOf(one.lab)] }}
							seed={i + 3}
							label=""
						/></span
					>
					<b class="figure">{formatLevel(one.level)}</b>
					<span class="soft">{formatLevel(one.low)}–{formatLevel(one.high)}</span>
				{/each}
			</span>
		</li>
	{/each}
</ol>

<style>
	.row {
		display: grid;
		grid-template-columns: 30px minmax(120px, 1fr) 44px 40px 40px 58px 208px;
		align-items: center;
		gap: 10px;
		min-height: 44px;
		border-bottom: 1px solid var(--line);
		background: var(--room);
	}
	.head {
		min-height: 26px;
		color: var(--ink-soft);
		font-size: 14px;
	}
	.grip {
		display: grid;
		place-items: center;
		width: 30px;
		height: 44px;
		color: var(--ink-soft);
		cursor: grab;
	}
	.name {
		display: flex;
		align-items: baseline;
		gap: 10px;
		min-height: 44px;
		padding: 0;
		border: 0;
		background: none;
		text-align: left;
		line-height: 1.2;
		align-items: center;
	}
	.name b {
		width: 20px;
		text-align: right;
	}
	.chosen {
		box-shadow: inset 3px 0 var(--ink);
	}
	.chosen .name {
		font-weight: 700;
	}
	.skipped {
		color: var(--ink-soft);
	}
	.n {
		text-align: right;
		white-space: nowrap;
	}
	.end {
		display: grid;
		grid-template-columns: 72px 34px 1fr;
		align-items: center;
		gap: 2px 10px;
	}
	.head .end {
		display: block;
	}
	.lock {
		height: 22px;
		padding: 2px 4px;
		background: var(--field);
	}
	.soft {
		color: var(--ink-soft);
		font-weight: 400;
	}
	@media (max-width: 1100px) {
		.row {
			grid-template-columns: 26px minmax(90px, 1fr) 40px 36px 36px 50px 130px;
			gap: 8px;
		}
		.end {
			grid-template-columns: 48px 1fr;
		}
		.end .soft {
			display: none;
		}
	}
	@media (max-width: 760px) {
		.row {
			grid-template-columns: 26px minmax(0, 1fr) 34px 30px 30px 60px;
			gap: 6px;
		}
		.row > :nth-child(6) {
			display: none;
		}
		.end {
			grid-template-columns: 1fr;
		}
		.end .lock {
			display: none;
		}
		.head .end {
			font-size: 13px;
			line-height: 1.1;
		}
	}
</style>
