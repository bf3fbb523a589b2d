<script lang="ts">
	import { Popover } from '../../ui/headless';
	import Strand from '../../charts/strand/Strand.svelte';
	import { shadeColours } from '../../model/shelf/look';
	import type { ShelfLine } from '../../schema/records';
	import Tick from '../../ui/Tick.svelte';
	import Button from '../../ui/Button.svelte';
	import { strengthWords, toneWords } from '../../wording/tone';

	interface Props {
		line: ShelfLine;
		shade: ShelfLine['shades'][number];
		seed: number;
		onremove: () => void;
		onopen: (open: boolean) => void;
	}
	let { line, shade, seed, onremove, onopen }: Props = $props();
	const form = $derived(shade.form && shade.form !== 'based' ? `, ${shade.form}` : '');
</script>

<Popover.Root>
	<Popover.Trigger
		class="w-11 min-w-0 pb-1 text-center text-on-field focus-visible:-outline-offset-3 focus-visible:outline-on-field data-[state=open]:bg-room data-[state=open]:text-ink"
		aria-label="{shade.code}: level {shade.level} {toneWords(shade.tone)}{form}{shade.open
			? ', open'
			: ''}"
	>
		<span class="block h-17"
			><Strand hanging {seed} colours={shadeColours(line, shade)} label="" /></span
		>
		<span
			class={[
				'block truncate figure text-13 leading-close',
				shade.open && 'underline decoration-2 underline-offset-2'
			]}>{shade.code}</span
		>
	</Popover.Trigger>
	<Popover.Portal>
		<Popover.Content
			sideOffset={6}
			class="z-30 w-60 rounded-box border border-edge bg-raised px-4 py-3"
		>
			<p class="figure text-28 leading-tight">{shade.code}</p>
			<p>Level {shade.level}, {toneWords(shade.tone)}{form}</p>
			{#if shade.intensity !== undefined}
				<p class="text-14 text-ink-soft">{strengthWords(shade.code, shade.intensity)}</p>
			{/if}
			<Tick label="A tube is open" checked={shade.open === true} onchange={onopen} />
			<div class="mt-3"><Button onclick={onremove}>Take off the shelf</Button></div>
		</Popover.Content>
	</Popover.Portal>
</Popover.Root>
