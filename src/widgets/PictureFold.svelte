<script lang="ts">
	import { isTakeable, type PictureReading } from '../core/picture';
	import { labOfSwatch } from '../model/shelf/ring';
	import { useRecords } from '../state/records';
	import { kindsWords, UNREAD_PICTURE } from '../wording/picture';
	import Button from '../ui/Button.svelte';
	import Tick from '../ui/Tick.svelte';
	import { buttonLook } from '../ui/look';
	import { CameraInUse } from '../state/cameraInUse.svelte';
	import LiveCamera from './LiveCamera.svelte';
	import PictureCanvas from './PictureCanvas.svelte';
	import PictureMarks from './PictureMarks.svelte';
	import PicturePointing from './PicturePointing.svelte';
	import PictureResult from './PictureResult.svelte';
	import { openPictureReader } from '../state/pictureReader.svelte';

	interface Props {
		/** What the button says that takes the reading. */
		action: string;
		/** Whether a small copy may be kept, if the person says so. */
		keepable?: boolean;
		/** Whether what was taken last still stands; undone, its words go too. */
		stands?: boolean;
		/** What is read. */
		of?: 'hair' | 'swatch';
		/** Takes what was read; says what came of it. */
		ontake: (reading: PictureReading, copy: Blob | undefined) => string;
		/** Takes it as two kinds of hair, where it shows two; says what came of it. */
		onkinds?: (reading: PictureReading) => string;
	}
	let { action, keepable = false, stands = true, of = 'hair', ontake, onkinds }: Props = $props();
	const { workspace } = useRecords();
	const reader = openPictureReader((level) => labOfSwatch(workspace.shelf, level));
	const reading = $derived(reader.reading);
	let taken = $state.raw('');
	let keep = $state(false);
	let live = $state(false);

	function pick(files: FileList | null | undefined) {
		const file = files?.[0];
		if (file) void reader.open(file);
	}
	function paste(event: ClipboardEvent) {
		if (!event.clipboardData?.files.length) return;
		event.preventDefault();
		pick(event.clipboardData.files);
	}
	function drop(event: DragEvent) {
		event.preventDefault();
		pick(event.dataTransfer?.files);
	}
	async function take() {
		if (reading) taken = ontake(reading, keep ? await reader.copy() : undefined);
	}
</script>

<svelte:window onpaste={paste} />

<div
	class="flex flex-col gap-2"
	role="group"
	aria-label="Picture"
	ondragover={(e) => e.preventDefault()}
	ondrop={drop}
>
	<div class="flex flex-wrap items-center gap-x-4 gap-y-2">
		<label
			class={buttonLook({
				class: 'outline-accent focus-within:outline-3 focus-within:outline-offset-2'
			})}
			>Open a picture<input
				class="absolute h-px w-px opacity-0"
				type="file"
				accept="image/*"
				onchange={(e) => pick(e.currentTarget.files)}
			/></label
		>
		{#if CameraInUse.isThere}
			<Button aria-pressed={live} onclick={() => (live = !live)}>Camera</Button>
		{:else}
			<label
				class={buttonLook({
					class: 'outline-accent focus-within:outline-3 focus-within:outline-offset-2'
				})}
				>Take one<input
					class="absolute h-px w-px opacity-0"
					type="file"
					accept="image/*"
					capture="environment"
					onchange={(e) => pick(e.currentTarget.files)}
				/></label
			>
		{/if}
		<span class="text-14 text-ink-soft"
			>Or drop or paste one here. It stays on this device{keepable
				? ' and is not kept unless you say so'
				: ' and is not kept'}.</span
		>
	</div>
	{#if live}
		<LiveCamera onshot={(picture) => void reader.open(picture)} onclose={() => (live = false)} />
	{/if}
	{#if reader.opening}<p role="status">Opening the picture…</p>{/if}
	{#if reader.problem}<p role="alert">{reader.problem}</p>{/if}
	{#if reader.unread}<p role="alert">{UNREAD_PICTURE[reader.unread]}</p>{/if}
	<!-- While another picture opens the one before cannot be pointed at: its marks would be lost. -->
	{#if reader.picture && !reader.opening}
		<PicturePointing {reader} {of} />
		<div
			class="work grid grid-cols-[minmax(0,1.5fr)_minmax(190px,1fr)] items-start gap-x-6 gap-y-3 max-tablet:grid-cols-1"
		>
			<PictureCanvas {reader} />
			<div class="flex min-h-30 flex-col gap-2 max-tablet:-order-1" role="status">
				{#if reading}
					<PictureResult {reading} />
					{#if keepable && isTakeable(reading)}<Tick
							label="Keep a small copy in the record"
							checked={keep}
							onchange={(value) => (keep = value)}
						/>{/if}
					{#if reading.kinds && onkinds && isTakeable(reading)}
						<p><b>Two kinds of hair:</b> {kindsWords(reading.kinds)}.</p>
						<Button onclick={() => (taken = onkinds(reading))}>Read it as two kinds</Button>
					{/if}
					{#if isTakeable(reading)}
						<Button onclick={() => void take()}>{action}</Button>
						<p class="text-14 text-ink-soft">{stands ? taken : ''}</p>
					{:else}
						<p class="font-semibold">Too unsure to be taken: look, and name it yourself.</p>
					{/if}
				{:else}
					<p class="text-14 text-ink-soft">
						{#if of === 'hair'}
							Point at what is known in the same light, then at the hair, once or more. Surest are
							two or three swatches of your own ring, one deeper and one lighter than the hair; then
						{:else}
							Point at what is known in the same light, then at the swatch. Surest is
						{/if}
						<a href="/card" target="_blank">a card that you print</a>, a grey card, a white towel.
					</p>
				{/if}
			</div>
		</div>
		<PictureMarks {reader} />
	{/if}
</div>
