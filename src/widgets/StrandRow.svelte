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

<div class="row" class:strong class:choice={onpick}>
	{#if onpick}
		<button class="name" aria-pressed={picked} onclick={onpick}
			><span class="word">{name}</span>{#if note}<span class="note">{note}</span>{/if}</button
		>
	{:else}
		<span class="name"
			>{name}{#if note}<span class="note">{note}</span>{/if}</span
		>
	{/if}
	<div
		class="strand"
		class:warmed={warm !== undefined || marks.length > 0}
		style:--height="{height}px"
	>
		<Strand {colours} label="{name}: {value} {words}" />
		{#if warm}
			<span class="warm" style:width="{Math.min(1, warm.share) * 100}%"
				><span>{warm.text}</span></span
			>
		{/if}
		{#each marks as { at, text, strong: told } (text)}
			<span class="mark figure" class:told class:last={at > 0.9} style:left="{at * 100}%"
				>{text}</span
			>
		{/each}
	</div>
	<span class="value"><b class="figure">{value}</b> {words}</span>
</div>

<style>
	.row {
		display: grid;
		grid-template-columns: 84px minmax(0, 1fr) 116px;
		align-items: center;
		gap: 10px;
	}
	.name,
	.value {
		font-size: 15px;
		font-weight: 500;
	}
	.note {
		display: block;
		font-size: 13px;
		font-weight: 500;
		line-height: 1.15;
	}
	.value {
		text-align: right;
		line-height: 1.15;
	}
	.value b {
		font-size: 17px;
	}
	.strong .value b {
		display: block;
		font-size: 30px;
		line-height: 1;
	}
	.strong .name {
		font-weight: 700;
	}
	.choice {
		position: relative;
	}
	button.name {
		border: 0;
		padding: 0;
		min-height: 24px;
		background: none;
		color: inherit;
		text-align: left;
		line-height: 1.1;
	}
	/* The whole row answers to a finger, not the name alone. */
	button.name::after {
		content: '';
		position: absolute;
		inset: -2px 0;
	}
	.choice:not(.strong) .word {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.strand {
		position: relative;
		min-width: 0;
		height: var(--height);
	}
	.warmed {
		margin-bottom: 20px;
	}
	.warm {
		position: absolute;
		left: 0;
		bottom: -8px;
		height: 7px;
		border: solid var(--on-field);
		border-width: 0 1.5px 1.5px;
	}
	.warm span {
		position: absolute;
		left: calc(100% + 8px);
		bottom: -11px;
		font-size: 13px;
		white-space: nowrap;
	}
	/* A stroke through the strand at its time, with the time under it. */
	.mark {
		position: absolute;
		top: 0;
		bottom: -18px;
		padding-left: 4px;
		border-left: 1px solid currentColor;
		display: flex;
		align-items: end;
		font-size: 13px;
		line-height: 1.2;
		white-space: nowrap;
	}
	.mark.told {
		border-left-width: 3px;
		font-weight: 700;
	}
	.mark.last {
		padding: 0 4px 0 0;
		border: 0 solid currentColor;
		border-right-width: 1px;
		translate: -100% 0;
	}
	@media (max-width: 760px) {
		.row {
			grid-template-columns: 1fr auto;
			gap: 0 10px;
		}
		.strand {
			grid-column: 1 / -1;
			grid-row: 2;
			height: calc(var(--height) * 0.7);
		}
		.name,
		.value {
			line-height: 1.2;
		}
		.strong .value b {
			display: inline;
			font-size: 20px;
		}
	}
</style>
