<script lang="ts">
	import Strand from '../charts/strand/Strand.svelte';
	import { hexOf, type Lab, type StrandColours } from '../core/colour';
	import { figures } from '../state/figures.svelte';

	interface Props {
		name: string;
		colours: StrandColours;
		value: string;
		words?: string;
		/** Its colour, told in figures where those are shown. */
		lab?: Lab | undefined;
		/** A second line under the name. */
		note?: string;
		/** CSS height of the strand in px. */
		height?: number;
		strong?: boolean;
		/** Share of the strand the scalp keeps warm, and what to say of it. */
		warm?: { share: number; text: string } | undefined;
		/** Places along the strand that stand for a time: share of its length, and what to say there. */
		marks?: readonly { readonly at: number; readonly text: string; readonly strong?: boolean }[];
		/** Set where the strand can be chosen among others. */
		picked?: boolean;
		onpick?: () => void;
	}
	let {
		name,
		colours,
		value,
		words: told = '',
		lab,
		note = '',
		height = 44,
		strong = false,
		warm,
		marks = [],
		picked,
		onpick
	}: Props = $props();
	const words = $derived(lab && figures.shown ? `${told} ${hexOf(lab)}`.trim() : told);
</script>

<div
	class={[
		'row grid grid-cols-[84px_minmax(0,1fr)_116px] items-center gap-2 max-tablet:grid-cols-[1fr_auto] max-tablet:gap-x-2 max-tablet:gap-y-0',
		onpick && 'relative'
	]}
	class:choice={onpick}
>
	{#if onpick}
		<button
			class={[
				'min-h-6 text-left text-15 leading-tight text-inherit after:absolute after:-top-0.5 after:right-0 after:-bottom-0.5 after:left-0 max-tablet:leading-close',
				strong ? 'font-bold' : 'font-semibold'
			]}
			aria-pressed={picked}
			onclick={onpick}
			><span class={[!strong && 'underline underline-offset-3']}>{name}</span>{#if note}<span
					class="block text-13 leading-tight font-semibold">{note}</span
				>{/if}</button
		>
	{:else}
		<span class={['text-15 max-tablet:leading-close', strong ? 'font-bold' : 'font-semibold']}
			>{name}{#if note}<span class="block text-13 leading-tight font-semibold">{note}</span
				>{/if}</span
		>
	{/if}
	<div
		class={[
			'relative h-[var(--height)] min-w-0 max-tablet:col-span-full max-tablet:row-start-2 max-tablet:h-[calc(var(--height)_*_0.7)]',
			(warm !== undefined || marks.length > 0) && 'mb-5'
		]}
		style:--height="{height}px"
	>
		<Strand {colours} label="{name}: {value} {words}" />
		{#if warm}
			<span
				class="absolute -bottom-2 left-0 h-2 border-r-2 border-b-2 border-l-2 border-on-field"
				style:width="{Math.min(1, warm.share) * 100}%"
				><span class="absolute -bottom-3 left-full ml-2 text-13 whitespace-nowrap">{warm.text}</span
				></span
			>
		{/if}
		{#each marks as { at, text, strong: told }, i (i)}
			<span
				class={[
					'absolute top-0 -bottom-4 flex items-end figure text-13 leading-close whitespace-nowrap',
					told ? 'border-l-3 font-bold' : 'border-l',
					at > 0.9
						? '-translate-x-full border-t-0 border-r border-b-0 border-l-0 border-current py-0 pr-1 pl-0'
						: 'border-current pl-1'
				]}
				class:told
				style:left="{at * 100}%">{text}</span
			>
		{/each}
	</div>
	<span class="value text-right text-15 leading-tight font-semibold max-tablet:leading-close"
		><b
			class={[
				'figure',
				strong ? 'block text-28 leading-none max-tablet:inline max-tablet:text-18' : 'text-18'
			]}>{value}</b
		>
		{words}</span
	>
</div>
