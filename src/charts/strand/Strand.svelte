<script lang="ts">
	import { paintStrand, turnPixels } from './paint';
	import type { StrandColours } from '../../core/colour';
	import { weaveFor } from './weaves';

	interface Props {
		colours: StrandColours;
		/** What the strand shows, for those who cannot see it; empty where text beside it says so. */
		label: string;
		seed?: number;
		/** Hangs from its root instead of lying. */
		hanging?: boolean;
		/** How coarse its fibres are against those of medium hair. */
		coarseness?: number;
	}
	let { colours, label, seed = 11, hanging = false, coarseness = 1 }: Props = $props();

	let canvas: HTMLCanvasElement;
	let width = $state(0);
	let height = $state(0);
	let ratio = $state(1);
	let image: ImageData | undefined;

	$effect(() => {
		// It tells the first size too, after the page is laid out: asking for it would lay it out once a strand.
		const observer = new ResizeObserver(([entry]) => {
			ratio = Math.min(window.devicePixelRatio || 1, 3);
			width = Math.round(entry!.contentRect.width * ratio);
			height = Math.round(entry!.contentRect.height * ratio);
		});
		observer.observe(canvas);
		return () => observer.disconnect();
	});

	$effect(() => {
		if (width < 4 || height < 4) return;
		// The weave always lies; a hanging strand is painted lying and then turned.
		const weave = hanging
			? weaveFor(height, width, seed, coarseness)
			: weaveFor(width, height, seed, coarseness);
		if (canvas.width !== width || canvas.height !== height || !image) {
			canvas.width = width;
			canvas.height = height;
			image = new ImageData(width, height);
		}
		if (hanging) {
			const lying = new Uint8ClampedArray(width * height * 4);
			paintStrand(weave, colours, lying);
			turnPixels(lying, height, width, image.data);
		} else paintStrand(weave, colours, image.data);
		canvas.getContext('2d')?.putImageData(image, 0, 0);
	});
</script>

<span
	class="frame"
	role={label ? 'img' : undefined}
	aria-label={label || undefined}
	aria-hidden={label ? undefined : 'true'}
>
	<canvas bind:this={canvas}></canvas>
</span>

<style>
	.frame,
	canvas {
		display: block;
		width: 100%;
		height: 100%;
	}
</style>
