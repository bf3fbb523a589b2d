<script lang="ts">
	import type { AreaName } from '../../core/lift';
	import { partShare, type WorkedPart } from '../../core/work';
	import { edgesOf, outsideOf } from './partShape';
	import { HEAD_DRAWINGS } from './views';

	interface Props {
		/** Colour of the hair of every area, #rrggbb. */
		colours: Readonly<Record<AreaName, string>>;
		chosen: readonly AreaName[];
		/** The part of the head that is worked alone: what lies outside it stands back. */
		part?: WorkedPart | undefined;
		/** What the map shows, in words. */
		label: string;
		ontoggle: (area: AreaName) => void;
	}
	let { colours, chosen, part, label, ontoggle }: Props = $props();
	const NAMES = { left: 'left', top: 'top', back: 'back', right: 'right' } as const;
</script>

<!-- Pointing is one way to choose; the list of areas beside the map is the one for keys and readers. -->
<div class="map" role="img" aria-label={label}>
	{#each HEAD_DRAWINGS as { name, outline, areas } (name)}
		<figure>
			<svg viewBox="4 2 96 118" class:mirrored={name === 'right'} aria-hidden="true">
				<path class="skin" d={outline} />
				{#each areas as { area, path } (area)}
					<path
						class="area"
						role="presentation"
						data-area={area}
						style:--hair={colours[area]}
						d={path}
						onclick={() => ontoggle(area)}
					/>
				{/each}
				{#if part}
					{@const outside = outsideOf(part, name)}
					{#if outside}<path class="outside" d={outside} />{/if}
					{#each areas.filter(({ area }) => partShare(part, area) === 0) as { area, path } (area)}
						<path class="outside" d={path} />
					{/each}
					<path class="skin" d={outline} />
					{#each edgesOf(part, name) as { cm, ...line } (cm)}
						<line class="edge" {...line} />
						<text class="figure" x={line.x2 + 2} y={line.y2 - 1.5} text-anchor="end">{cm} cm</text>
					{/each}
				{/if}
				{#each areas.filter(({ area }) => chosen.includes(area)) as { area, path } (area)}
					<path class="chosen" d={path} />
				{/each}
			</svg>
			<figcaption>{NAMES[name]}</figcaption>
		</figure>
	{/each}
</div>

<style>
	.map {
		display: grid;
		grid-template-columns: repeat(4, minmax(0, 1fr));
		gap: 8px;
	}
	figure {
		margin: 0;
		min-width: 0;
	}
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
	.mirrored {
		transform: scaleX(-1);
	}
	figcaption {
		text-align: center;
		font-size: 13px;
		line-height: 1.2;
	}
	.skin {
		fill: none;
		stroke: var(--on-field);
		stroke-width: 1.2;
		stroke-linecap: round;
		stroke-linejoin: round;
	}
	.area {
		fill: var(--hair);
		stroke: var(--field);
		stroke-width: 1.6;
		cursor: pointer;
	}
	.outside {
		fill: var(--field);
		fill-opacity: 0.6;
		fill-rule: evenodd;
		pointer-events: none;
	}
	.edge {
		stroke: var(--on-field);
		stroke-width: 0.8;
		pointer-events: none;
	}
	text {
		font-size: 11px;
		font-weight: 700;
		fill: var(--on-field);
		pointer-events: none;
	}
	.chosen {
		fill: none;
		stroke: var(--on-field);
		stroke-width: 3;
		stroke-linejoin: round;
		pointer-events: none;
	}
</style>
