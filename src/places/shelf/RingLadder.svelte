<script lang="ts">
	import { RadioGroup } from '../../ui/headless';
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import type { RingRung } from '../../model/shelf/ring';
	import { liesWords } from '../../wording/ring';

	interface Props {
		rungs: readonly RingRung[];
		/** Level that is being read. */
		value: number;
		onpick: (level: number) => void;
	}
	let { rungs, value, onpick }: Props = $props();
	const sign = (lies: number, level: number) => {
		const off = Math.round((lies - level) * 10) / 10;
		return off === 0 ? '=' : `${off > 0 ? '+' : '−'}${Math.abs(off).toFixed(1)}`;
	};
</script>

<div
	class="relative bg-field pr-3 pl-19 text-on-field max-tablet:-mx-4 max-tablet:my-0 max-tablet:px-0.5 max-tablet:pt-5 max-tablet:pb-0"
>
	<p
		class="absolute top-11 left-4 font-semibold max-tablet:top-0.5 max-tablet:left-2 max-tablet:text-13"
	>
		Usual
	</p>
	<p
		class="absolute top-47 left-4 font-semibold max-tablet:left-2 max-tablet:hidden max-tablet:text-13"
	>
		Yours
	</p>
	<RadioGroup.Root
		bind:value={() => String(value), (level) => onpick(Number(level))}
		aria-label="Swatch to read"
		orientation="horizontal"
		class="grid auto-cols-[minmax(0,76px)] grid-flow-col justify-between"
	>
		{#each rungs as rung, i (rung.level)}
			<RadioGroup.Item
				value={String(rung.level)}
				class="min-w-0 border-b-5 border-transparent px-px pb-1 text-inherit focus-visible:-outline-offset-3 focus-visible:outline-on-field data-[state=checked]:border-on-field"
				aria-label="Level {rung.level}: {rung.read
					? `read, ${liesWords(rung.lies, rung.level)}`
					: rung.lies === undefined
						? 'not read'
						: `not read, ${liesWords(rung.lies, rung.level)} by its neighbours`}"
			>
				<span class="block h-27 max-tablet:h-21"
					><Strand
						hanging
						seed={20 + (i % 3)}
						colours={{ hair: [rgbOf(rung.usual)] }}
						label=""
					/></span
				>
				<span class="level block figure text-18 leading-body max-tablet:text-15">{rung.level}</span>
				<span
					class={[
						'block',
						!rung.read ? 'mb-12 h-16 max-tablet:mb-9 max-tablet:h-12' : 'h-27 max-tablet:h-21'
					]}
				>
					{#if rung.own}<Strand
							hanging
							seed={40 + (i % 3)}
							colours={{ hair: [rgbOf(rung.own)] }}
							label=""
						/>{/if}
				</span>
				<span
					class={[
						'block min-h-6 max-tablet:text-13 max-tablet:tracking-figure',
						!rung.read ? 'font-normal' : 'font-bold'
					]}>{rung.lies === undefined ? '' : sign(rung.lies, rung.level)}</span
				>
			</RadioGroup.Item>
		{/each}
	</RadioGroup.Root>
</div>
