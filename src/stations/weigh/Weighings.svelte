<script lang="ts">
	import type { Weighing } from '../../state/mixing.svelte';
	import { shown } from '../../wording/weigh';

	interface Props {
		weighings: readonly Weighing[];
		index: number | undefined;
		/** What a part is called. */
		nameOf: (part: Weighing['part']) => string;
		onchoose: (index: number) => void;
	}
	let { weighings, index, nameOf, onchoose }: Props = $props();
	const WORDS = { empty: '', under: 'more', near: 'more', within: 'in', over: 'too much' } as const;
</script>

<ol class="flex flex-wrap gap-x-3">
	{#each weighings as { part, target, poured, state }, i (part.key)}
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
					>{poured > 0 ? `${shown(poured, part.unit)} ${WORDS[state]}` : ''}&nbsp;</span
				>
			</button>
		</li>
	{/each}
</ol>
