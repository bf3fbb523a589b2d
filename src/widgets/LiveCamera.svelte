<script lang="ts">
	import { closeCamera, openCamera, snapshot } from '../devices/camera';
	import Button from '../ui/Button.svelte';

	interface Props {
		onshot: (picture: Blob) => void;
		onclose: () => void;
	}
	let { onshot, onclose }: Props = $props();
	let video = $state<HTMLVideoElement>();
	let problem = $state('');
	let live = $state(false);
	$effect(() => {
		const shown = video;
		if (!shown) return undefined;
		let stream: MediaStream | undefined;
		let gone = false;
		void openCamera()
			.then((opened) => {
				stream = opened;
				if (gone) {
					closeCamera(opened);
					return undefined;
				}
				shown.srcObject = opened;
				return shown.play();
			})
			.then(() => (live = true))
			.catch(() => {
				problem =
					'No camera can be used here: it is forbidden, in use, or there is none. Open a picture, or name the level by eye.';
			});
		return () => {
			gone = true;
			closeCamera(stream);
		};
	});
	async function take() {
		const picture = video && (await snapshot(video));
		if (!picture) return;
		onshot(picture);
		onclose();
	}
</script>

{#if problem}
	<p role="alert">{problem}</p>
	<div><Button onclick={onclose}>Without the camera</Button></div>
{:else}
	<div class="flex flex-wrap items-center gap-3 [&_button]:min-h-16">
		<Button primary disabled={!live} onclick={() => void take()}>Take the picture</Button>
		<Button onclick={onclose}>Close the camera</Button>
		<p class="min-w-60 flex-1 text-ink-soft">
			A strand that was wiped clean, a grey card beside it, both in the same light.
		</p>
	</div>
	<!-- Nobody speaks in it: there is nothing to caption. -->
	<video bind:this={video} class="w-full max-w-180 bg-field" muted playsinline></video>
{/if}
