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

<ol>
	{#each weighings as { part, target, poured, state }, i (part.key)}
		<li class:now={i === index}>
			<button aria-current={i === index ? 'step' : undefined} onclick={() => onchoose(i)}>
				<span class="what">{nameOf(part)}</span>
				<b class="figure">{shown(target, part.unit)}</b>
				<span class="state" class:bad={state === 'over'}
					>{poured > 0 ? `${shown(poured, part.unit)} ${WORDS[state]}` : ''}&nbsp;</span
				>
			</button>
		</li>
	{/each}
</ol>

<style>
	ol {
		display: flex;
		flex-wrap: wrap;
		gap: 0 14px;
	}
	li {
		flex: 1 1 150px;
		border-top: 3px solid var(--line);
	}
	.now {
		border-top-color: var(--ink);
	}
	button {
		width: 100%;
		min-height: 84px;
		padding: 8px 0;
		border: 0;
		background: none;
		text-align: left;
		line-height: 1.2;
	}
	.what,
	.state {
		display: block;
		color: var(--ink-soft);
	}
	.now .what {
		color: var(--ink);
		font-weight: 700;
	}
	b {
		font-size: 30px;
	}
	.bad {
		color: var(--stop);
		font-weight: 700;
	}
</style>
