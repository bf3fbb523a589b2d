<script lang="ts">
	import type { AreaName } from '../../core/lift';
	import { partShare, type WorkedPart } from '../../core/work';
	import { edgesOf, insideOf } from './partShape';
	import { HEAD_DRAWINGS } from './views';

	interface Props {
		/** Colour of the hair of every area, #rrggbb. */
		colours: Readonly<Record<AreaName, string>>;
		chosen: readonly AreaName[];
		/** The part of the head that is worked alone, and the hair outside it. */
		part?: WorkedPart | undefined;
		bare?: Readonly<Record<AreaName, string>> | undefined;
		/** What the map shows, in words. */
		label: string;
		ontoggle: (area: AreaName) => void;
	}
	let { colours, chosen, part, bare, label, ontoggle }: Props = $props();
	const uid = $props.id();
	const NAMES = { left: 'left', top: 'top', back: 'back', right: 'right' } as const;
</script>

<!-- Pointing is one way to choose; the list of areas beside the map is the one for keys and readers. -->
<div class="map" role="img" aria-label={label}>
	{#each HEAD_DRAWINGS as { name, outline, areas } (name)}
		{@const inside = part && insideOf(part, name)}
		<figure>
			<svg viewBox="4 2 96 118" class:mirrored={name === 'right'} aria-hidden="true">
				<path class="skin" d={outline} />
				{#each areas as { area, path } (area)}
					<path
						class="area"
						role="presentation"
						data-area={area}
						style:--hair={part ? (bare ?? colours)[area] : colours[area]}
						d={path}
						onclick={() => ontoggle(area)}
					/>
				{/each}
				{#if part && inside}
					<clipPath id="{uid}-{name}"><path d={inside} clip-rule="evenodd" /></clipPath>
					<g clip-path="url(#{uid}-{name})">
						{#each areas.filter(({ area }) => partShare(part, area) > 0) as { area, path } (area)}
							<path class="area worked" style:--hair={colours[area]} d={path} />
						{/each}
					</g>
					{#each edgesOf(part, name) as { cm, under, ...line } (cm)}
						<line class="edge" {...line} />
						<text class="figure" x={line.x2 + 8} y={line.y2 + (under ? 9.5 : -2)} text-anchor="end"
							>{cm} cm</text
						>
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
	.worked {
		pointer-events: none;
	}
	.edge {
		stroke: var(--on-field);
		stroke-width: 0.8;
		pointer-events: none;
	}
	text {
		font-size: 13px;
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
