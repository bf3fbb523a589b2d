<script lang="ts">
	import { untrack } from 'svelte';
	import { CameraInUse } from '../state/cameraInUse.svelte';
	import Button from '../ui/Button.svelte';

	interface Props {
		onshot: (picture: Blob) => void;
		onclose: () => void;
	}
	let { onshot, onclose }: Props = $props();
	const camera = new CameraInUse();
	let video = $state<HTMLVideoElement>();
	$effect(() => {
		const shown = video;
		return shown && untrack(() => camera.show(shown));
	});
	async function take() {
		const picture = video && (await camera.take(video));
		if (!picture) return;
		onshot(picture);
		onclose();
	}
</script>

{#if camera.state === 'cannot'}
	<p role="alert">
		No camera can be used here: it is forbidden, in use, or there is none. Open a picture, or name
		the level by eye.
	</p>
	<div><Button onclick={onclose}>Without the camera</Button></div>
{:else}
	<div class="flex flex-wrap items-center gap-3 [&_button]:min-h-16">
		<Button primary disabled={camera.state !== 'live'} onclick={() => void take()}
			>Take the picture</Button
		>
		<Button onclick={onclose}>Close the camera</Button>
		<p class="min-w-60 flex-1 text-ink-soft">
			A strand that was wiped clean, a grey card beside it, both in the same light.
		</p>
	</div>
	<!-- Nobody speaks in it: there is nothing to caption. -->
	<video bind:this={video} class="w-full max-w-180 bg-field" muted playsinline></video>
{/if}
