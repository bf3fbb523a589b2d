<script lang="ts">
	import { hexOf, type Lab } from '../../core/colour';
	import { apart, ray, wheelScale } from './wheel';

	interface Point {
		readonly name: string;
		readonly lab: Lab;
	}
	interface Props {
		path: readonly (Point & { readonly level: number })[];
		/** The hair that the toner goes on first, then others beside it. */
		starts: readonly Point[];
		toned: Pick<Point, 'lab'>;
		aim: Pick<Lab, 'a' | 'b'>;
		pulls: readonly {
			readonly dye: string;
			readonly a: number;
			readonly b: number;
			readonly used: boolean;
		}[];
		/** What the aim is called, and what all of it says, for those who cannot see it. */
		spoken: string;
		/** Warmth that the aim keeps, percent. */
		warmth: number;
		/** The aim is dragged to a place. */
		onaim: (to: Pick<Lab, 'a' | 'b'>) => void;
		/** It is stepped by keys: to the next direction, or to more or less warmth. */
		onstep: (direction: number, warmth: number) => void;
	}
	let { path, starts, toned, aim, pulls, spoken, warmth, onaim, onstep }: Props = $props();

	let size = $state(280);
	let svg = $state<SVGSVGElement>();
	let dragging = $state(false);
	/** Where the finger is while it drags: what is asked for follows in its own steps. */
	let finger = $state<Pick<Lab, 'a' | 'b'>>();

	const scale = $derived(wheelScale(size));
	const stops = $derived(path.map((point) => ({ ...point, ...scale.at(point.lab) })));
	/** Whole levels, so far as they do not lie on one another. */
	const shownStops = $derived(
		stops.filter(
			({ x, y, level }, i) =>
				Number.isInteger(level) &&
				!stops.slice(i + 1).some((next) => Math.hypot(next.x - x, next.y - y) < APART)
		)
	);
	const start = $derived(scale.at(starts[0]!.lab));
	const end = $derived(scale.at(toned.lab));
	const target = $derived(scale.at(dragging && finger ? finger : aim));
	const middle = $derived(scale.at({ a: 0, b: 0 }));
	const RAY = 30;
	/** Nearer than this two marks are one, px. */
	const APART = 14;
	const rays = $derived(
		pulls.map((pull) => {
			const to = scale.at({ a: starts[0]!.lab.a + pull.a, b: starts[0]!.lab.b + pull.b });
			return { ...pull, end: ray(start, to, RAY), ...ray(start, to, RAY + 8) };
		})
	);
	/** What is used is named beside its way, the rest where its pull points to. */
	const names = $derived(
		apart(
			rays.map((pull) =>
				pull.used
					? { ...pull, x: (start.x + end.x) / 2 + 12, y: (start.y + end.y) / 2, anchor: 'start' }
					: {
							...pull,
							anchor: pull.x < start.x - 8 ? 'end' : pull.x > start.x + 8 ? 'start' : 'middle'
						}
			),
			13,
			42
		).map((name) => ({ ...name, y: Math.max(name.y, 8) }))
	);
	/** Zones that stand apart from the one that is looked at; what lies under it needs no name. */
	const others = $derived(
		starts
			.slice(1)
			.map((one) => ({ ...one, ...scale.at(one.lab) }))
			.filter(({ x, y }) => Math.hypot(x - start.x, y - start.y) > APART)
	);

	function follow(event: PointerEvent) {
		if (!svg) return;
		const box = svg.getBoundingClientRect();
		const within = (value: number) => Math.min(size, Math.max(0, value));
		finger = scale.under({
			x: within(event.clientX - box.left),
			y: within(event.clientY - box.top)
		});
		onaim(finger);
	}
	/** A finger that begins further from the ring scrolls the page, px. */
	const GRASP = 30;
	function grab(event: PointerEvent) {
		if (event.button !== 0 || !svg) return;
		const box = svg.getBoundingClientRect();
		const off = Math.hypot(event.clientX - box.left - target.x, event.clientY - box.top - target.y);
		if (event.pointerType === 'touch' && off > GRASP) return;
		dragging = true;
		svg.setPointerCapture(event.pointerId);
		follow(event);
	}
	const STEPS: Readonly<Record<string, readonly [number, number]>> = {
		ArrowRight: [1, 0],
		ArrowLeft: [-1, 0],
		ArrowUp: [0, 1],
		ArrowDown: [0, -1]
	};
	function press(event: KeyboardEvent) {
		const step = STEPS[event.key];
		if (!step) return;
		event.preventDefault();
		onstep(...step);
	}
</script>

<div class="wheel" bind:clientWidth={size}>
	<svg
		bind:this={svg}
		width={size}
		height={size}
		role="slider"
		tabindex="0"
		aria-label="The aim on the wheel"
		aria-valuemin={0}
		aria-valuemax={100}
		aria-valuenow={warmth}
		aria-valuetext={spoken}
		onpointerdown={grab}
		onpointermove={(event) => dragging && follow(event)}
		onpointerup={() => (dragging = false)}
		onpointercancel={() => (dragging = false)}
		onkeydown={press}
	>
		<path class="cross" d="M{middle.x - 7} {middle.y}h14M{middle.x} {middle.y - 7}v14" />
		<text class="soft" x={middle.x + 10} y={middle.y + 14}>no tone</text>
		{#each stops.slice(1) as stop, i (stop.level)}
			<line
				class="hair"
				x1={stops[i]!.x}
				y1={stops[i]!.y}
				x2={stop.x}
				y2={stop.y}
				style:stroke={hexOf(stop.lab)}
			/>
		{/each}
		{#each shownStops as stop (stop.level)}
			<text class="level" x={stop.x} y={stop.y + 4}>{stop.level}</text>
		{/each}
		{#each rays as { dye, end: tip, used } (dye)}
			<line class="pull" class:used x1={start.x} y1={start.y} x2={tip.x} y2={tip.y} />
		{/each}
		{#each names as { dye, x, y, used, anchor } (dye)}
			<text class="name" class:used {x} y={y + 4} text-anchor={anchor as 'start' | 'middle' | 'end'}
				>{dye}</text
			>
		{/each}
		{#each others as { name, x, y, lab }, i (i)}
			<circle class="zone" cx={x} cy={y} r="6" style:fill={hexOf(lab)} />
			<text class="soft" x={x - 10} y={y - 8} text-anchor="end">{name}</text>
		{/each}
		<line class="way" x1={start.x} y1={start.y} x2={end.x} y2={end.y} />
		<circle class="zone" cx={start.x} cy={start.y} r="8" style:fill={hexOf(starts[0]!.lab)} />
		<circle class="zone" cx={end.x} cy={end.y} r="8" style:fill={hexOf(toned.lab)} />
		<circle class="grasp" cx={target.x} cy={target.y} r={GRASP} />
		<circle class="aim" cx={target.x} cy={target.y} r="13" />
		<path
			class="aim"
			d="M{target.x - 19} {target.y}h8M{target.x + 11} {target.y}h8M{target.x} {target.y -
				19}v8M{target.x} {target.y + 11}v8"
		/>
	</svg>
</div>

<style>
	.wheel {
		width: 100%;
		background: var(--field);
	}
	svg {
		display: block;
		touch-action: pan-y;
		cursor: crosshair;
		user-select: none;
	}
	text {
		fill: var(--on-field);
		font: 600 13px var(--text);
	}
	.soft {
		font-weight: 500;
	}
	.cross {
		stroke: var(--on-field);
		stroke-width: 1;
	}
	.level {
		font-size: 13px;
		text-anchor: middle;
	}
	.hair {
		stroke-width: 20;
		stroke-linecap: round;
	}
	.pull {
		stroke: var(--on-field);
		stroke-width: 1;
		stroke-dasharray: 2 3;
	}
	.pull.used {
		stroke-width: 2.5;
		stroke-dasharray: none;
	}
	.name {
		stroke: var(--field);
		stroke-width: 4;
		paint-order: stroke;
		font-weight: 500;
	}
	.name.used {
		font-weight: 800;
	}
	.way {
		stroke: var(--on-field);
		stroke-width: 3;
	}
	.zone {
		stroke: var(--on-field);
		stroke-width: 2;
	}
	.grasp {
		fill: transparent;
		touch-action: none;
	}
	.aim {
		fill: none;
		stroke: var(--on-field);
		stroke-width: 2;
	}
</style>
