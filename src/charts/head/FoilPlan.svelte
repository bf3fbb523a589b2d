<script lang="ts">
	import type { AreaName } from '../../core/lift';
	import { DASHES, drawSections, type PlannedSection } from './foils';
	import { partShare, type WorkedPart } from '../../core/work';
	import { insideOf } from './partShape';
	import { HEAD_DRAWINGS } from './views';

	interface Props {
		sections: readonly PlannedSection[];
		/** Colour of the hair of every area, #rrggbb. */
		colours: Readonly<Record<AreaName, string>>;
		/** The part of the head that is worked alone, and the hair outside it. */
		part?: WorkedPart | undefined;
		bare?: Readonly<Record<AreaName, string>> | undefined;
		/** Number of the section that is looked at. */
		chosen?: number | undefined;
		label: string;
		svg?: SVGSVGElement | undefined;
		onpick?: (number: number) => void;
	}
	let { sections, colours, part, bare, chosen, label, svg = $bindable(), onpick }: Props = $props();
	const drawn = $derived(drawSections(sections));
	const uid = $props.id();

	const WIDTH = 108;
	const INK = '#0d0d0d';
</script>

<!-- Everything is said in attributes, so that the drawing stands for itself when it is saved. -->
<svg
	bind:this={svg}
	viewBox="0 0 {WIDTH * HEAD_DRAWINGS.length} 128"
	xmlns="http://www.w3.org/2000/svg"
	font-family="'Hanken Grotesk Variable', system-ui, sans-serif"
	role="img"
	aria-label={label}
>
	<title>{label}</title>
	{#each HEAD_DRAWINGS as { name, outline, areas }, i (name)}
		{@const mirror = name === 'right'}
		{@const inside = part && insideOf(part, name)}
		<g transform="translate({i * WIDTH + 4} -1)">
			<g transform={mirror ? 'translate(100 0) scale(-1 1)' : undefined}>
				<path
					d={outline}
					fill="none"
					stroke={INK}
					stroke-width="1.2"
					stroke-linecap="round"
					stroke-linejoin="round"
				/>
				{#each areas as { area, path } (area)}
					<path
						d={path}
						fill={part ? (bare ?? colours)[area] : colours[area]}
						stroke="#8a8a8a"
						stroke-width="1.4"
					/>
				{/each}
				{#if part && inside}
					<clipPath id="{uid}-{name}"><path d={inside} clip-rule="evenodd" /></clipPath>
					<g clip-path="url(#{uid}-{name})">
						{#each areas.filter(({ area }) => partShare(part, area) > 0) as { area, path } (area)}
							<path d={path} fill={colours[area]} stroke="#8a8a8a" stroke-width="1.4" />
						{/each}
					</g>
				{/if}
				{#each areas as { area, path } (area)}
					{@const here = drawn.filter((one) => one.drawing === name && one.area === area)}
					{#if here.length > 0}
						<clipPath id="{uid}-{name}-{area}"><path d={path} /></clipPath>
						<g clip-path="url(#{uid}-{name}-{area})">
							{#each here as one (one.number)}
								{#each one.lines as line, k (k)}
									<line {...line} stroke="#ffffff" stroke-opacity="0.55" stroke-width="1.5" />
									<line
										{...line}
										stroke={INK}
										stroke-width={one.number === chosen ? 1.3 : 0.7}
										stroke-dasharray={DASHES[one.picking] ?? 'none'}
									/>
								{/each}
							{/each}
						</g>
					{/if}
				{/each}
			</g>
			{#each drawn.filter((one) => one.drawing === name) as one (`${one.number} ${one.area}`)}
				{@const x = mirror ? 100 - one.label.x : one.label.x}
				<!-- Pointing is one way to choose; the list beside the drawing is the one for keys and readers. -->
				<g
					role="presentation"
					transform="translate({x} {one.label.y})"
					onclick={() => onpick?.(one.number)}
				>
					<circle
						r="6.2"
						fill={one.number === chosen ? INK : '#ffffff'}
						stroke={INK}
						stroke-width="0.8"
					/>
					<text
						y="2.6"
						text-anchor="middle"
						font-size="7.4"
						font-weight="700"
						fill={one.number === chosen ? '#ffffff' : INK}>{one.number}</text
					>
				</g>
			{/each}
			<text x="50" y="127" text-anchor="middle" font-size="6.4" fill={INK}>{name}</text>
		</g>
	{/each}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
	g[role='presentation'] {
		cursor: pointer;
	}
</style>
