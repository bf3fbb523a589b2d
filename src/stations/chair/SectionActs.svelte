<script lang="ts">
	import { hexOf } from '../../core/colour';
	import { formatLevel, undertoneWord } from '../../core/hair';
	import type { Consequence } from '../../core/work';
	import { choiceCaution, choiceWords } from '../../wording/chair';

	interface Props {
		/** What may be done now, and what each of it leads to; the first is to do nothing. */
		consequences: readonly Consequence[];
		/** Minutes from the first brush stroke. */
		minute: number;
		onact: (act: NonNullable<Consequence['act']>, volume: number | undefined) => void;
	}
	let { consequences, minute, onact }: Props = $props();
	const plain = $derived(consequences[0]);
	const signed = (by: number, digits: number) =>
		Math.abs(by) < 0.5 * 10 ** -digits
			? ''
			: `${by > 0 ? '+' : '−'}${Math.abs(by).toFixed(digits)}`;
</script>

{#snippet outcome({ level, undertone, condition, offMinute }: Consequence)}
	<span
		><b class="figure text-18">{formatLevel(level)}</b>
		{undertoneWord(undertone.name, level)}
		{#if plain}<span class="text-ink-soft">{signed(level - plain.level, 1)}</span>{/if}</span
	>
	<span
		>condition {Math.round(condition)}
		{#if plain}<span class="text-ink-soft">{signed(condition - plain.condition, 0)}</span
			>{/if}</span
	>
	<span
		>{offMinute - minute < 0.5 ? 'off now' : `off in ${Math.round(offMinute - minute)} min`}</span
	>
{/snippet}

<ul aria-label="What can be done with it, and what it leads to">
	{#each consequences as one (`${one.act} ${one.volume}`)}
		{@const { act, volume } = one}
		<li class="border-b border-line">
			<svelte:element
				this={act === undefined ? 'div' : 'button'}
				role={act === undefined ? undefined : 'button'}
				class="grid min-h-16 w-full grid-cols-[28px_minmax(0,1.6fr)_minmax(0,1.6fr)_minmax(0,1fr)_minmax(0,0.8fr)] items-center gap-3 text-left @max-wide:grid-cols-[28px_minmax(0,1fr)_minmax(0,1fr)] @max-wide:py-1"
				onclick={act === undefined ? undefined : () => onact(act, volume)}
			>
				<span class="h-9 @max-wide:row-span-2" style:background={hexOf(one.lab)}></span>
				<span
					><span
						class={[
							act === undefined ? 'text-ink-soft' : 'font-semibold underline underline-offset-3'
						]}>{choiceWords(one)}</span
					>
					<span class="block text-13 leading-close text-ink-soft">{choiceCaution(one)}</span></span
				>
				{@render outcome(one)}
			</svelte:element>
		</li>
	{/each}
</ul>
