<script lang="ts">
	import { greyTables } from '../core/picture';
	import { decodePicture, patchAt, type Place } from '../state/pictureFile';
	import { useRecords } from '../state/records';

	interface Props {
		/** What the copy goes by in the records. */
		id: string;
		alt: string;
		/** Where its grey card lies; left out, it is shown as it was taken. */
		card?: Place | undefined;
		/** Somebody points at it. */
		onpoint?: ((place: Place) => void) | undefined;
	}
	let { id, alt, card, onpoint }: Props = $props();
	const { workspace } = useRecords();
	const kept = $derived(workspace.pictures.get(id));
	let canvas = $state<HTMLCanvasElement>();
	let pixels = $state.raw<ImageData>();
	let unread = $state(false);
	$effect(() => {
		if (!kept) return;
		decodePicture(kept.image).then(
			(read) => (pixels = read),
			() => (unread = true)
		);
	});
	$effect(() => {
		if (!canvas || !pixels) return;
		canvas.width = pixels.width;
		canvas.height = pixels.height;
		canvas.getContext('2d')?.putImageData(card ? balanced(pixels, card) : pixels, 0, 0);
	});
	function balanced(from: ImageData, at: Place): ImageData {
		const tables = greyTables(patchAt(from, at).pixels);
		const data = from.data.map((value, i) => (i % 4 === 3 ? value : tables[i % 4]![value]!));
		return new ImageData(data, from.width, from.height);
	}
	function point(event: MouseEvent & { currentTarget: HTMLElement }) {
		const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
		onpoint?.({ x: (event.clientX - left) / width, y: (event.clientY - top) / height });
	}
</script>

{#if unread}
	<p class="text-ink-soft">This picture can no longer be opened. It is kept in the record.</p>
{:else if kept}
	{#if onpoint}
		<button
			class="block w-full cursor-crosshair"
			aria-label="{alt}: point at the grey card"
			onclick={point}
		>
			<canvas bind:this={canvas} class="block w-full"></canvas>
		</button>
	{:else}
		<canvas bind:this={canvas} class="block w-full" aria-label={alt}></canvas>
	{/if}
{/if}
