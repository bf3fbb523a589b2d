<script lang="ts">
	import { PATCH_RADIUS } from '../state/pictureFile';
	import type { PictureReader } from '../state/pictureReader.svelte';
	import { MARK_NAMES, markName } from '../wording/picture';

	interface Props {
		reader: PictureReader;
	}
	let { reader }: Props = $props();
	let canvas = $state<HTMLCanvasElement>();
	let pointing = $state(false);

	const picture = $derived(reader.picture);
	/** Radius of a patch in per cent of the picture's width. */
	const radius = $derived(
		picture ? (100 * PATCH_RADIUS * Math.min(picture.width, picture.height)) / picture.width : 0
	);

	$effect(() => {
		if (!canvas || !picture) return;
		canvas.width = picture.width;
		canvas.height = picture.height;
		canvas.getContext('2d')?.putImageData(picture, 0, 0);
	});

	function press(event: PointerEvent) {
		const box = canvas!.getBoundingClientRect();
		const x = (event.clientX - box.left) / box.width;
		const y = (event.clientY - box.top) / box.height;
		reader.cross = { x, y };
		void reader.mark(x, y);
	}

	const STEP = 0.02;
	const MOVES: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-STEP, 0],
		ArrowRight: [STEP, 0],
		ArrowUp: [0, -STEP],
		ArrowDown: [0, STEP]
	};
	function key(event: KeyboardEvent) {
		const move = MOVES[event.key];
		if (move) reader.move(...move);
		else if (event.key === 'Enter') void reader.mark(reader.cross.x, reader.cross.y);
		else return;
		event.preventDefault();
		event.stopPropagation();
	}
</script>

{#if picture}
	<button
		class="relative block w-fit max-w-full cursor-crosshair overflow-hidden bg-field"
		aria-label="Picture: point at {MARK_NAMES[
			reader.marking
		]}. Arrow keys move the crosshair, Enter marks."
		onpointerup={press}
		onkeydown={key}
		onfocus={() => (pointing = true)}
		onblur={() => (pointing = false)}
	>
		<canvas
			class="block max-h-83 max-w-full"
			bind:this={canvas}
			style:aspect-ratio="{picture.width} / {picture.height}"
		></canvas>
		{#if pointing}
			<span
				class="pointer-events-none absolute h-7 w-7 -translate-1/2 rounded-full border-2 border-white outline outline-black"
				style:left="{100 * reader.cross.x}%"
				style:top="{100 * reader.cross.y}%"
			></span>
		{/if}
		{#each reader.marks as mark, i (i)}
			<span
				class="pointer-events-none absolute aspect-square -translate-1/2 border-2 border-white outline outline-black"
				style:left="{100 * mark.x}%"
				style:top="{100 * mark.y}%"
				style:width="{2 * radius}%"
				><b class="absolute top-full -left-0.5 bg-black px-1 text-13 whitespace-nowrap text-white"
					>{markName(reader.marks, i)}</b
				></span
			>
		{/each}
	</button>
{/if}
