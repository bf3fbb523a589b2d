<script lang="ts">
	import type { Weighing } from '../../state/mixing.svelte';
	import { shown, tenth } from '../../wording/weigh';

	interface Props {
		weighings: readonly Weighing[];
		index: number | undefined;
		/** What a part is called. */
		nameOf: (part: Weighing['part']) => string;
		onchoose: (index: number) => void;
	}
	let { weighings, index, nameOf, onchoose }: Props = $props();
	/** What is in, and how far that is from what is to be in. */
	function inWords({ part, target, poured, state }: Weighing): string {
		if (poured <= 0) return '';
		const has = `${shown(poured, part.unit)} in`;
		const off = shown(tenth(Math.abs(target - poured)), part.unit);
		if (state === 'within') return has;
		return state === 'over' ? `${has}, ${off} too much` : `${has}, ${off} to go`;
	}
</script>

<ol class="flex flex-wrap gap-x-3">
	{#each weighings as weighing, i (weighing.part.key)}
		{@const { part, target, state } = weighing}
		<li class={['flex-[1_1_150px] border-t-3', i === index ? 'border-ink' : 'border-line']}>
			<button
				class="min-h-21 w-full py-2 text-left leading-close"
				aria-current={i === index ? 'step' : undefined}
				onclick={() => onchoose(i)}
			>
				<span class={['block', i === index ? 'font-bold text-ink' : 'text-ink-soft']}
					>{nameOf(part)}</span
				>
				<b class="figure text-28">{shown(target, part.unit)}</b>
				<span class={['state block', state === 'over' ? 'font-bold text-stop' : 'text-ink-soft']}
					>{inWords(weighing)}&nbsp;</span
				>
			</button>
		</li>
	{/each}
</ol>
