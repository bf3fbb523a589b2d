<script lang="ts">
	import type { Lab } from '../../core/colour';
	import { atLevel, type Question, type ShownStrand } from '../../core/practice';
	import { explainedWords } from '../../wording/practice';
	import PracticeStrand from './PracticeStrand.svelte';

	interface Props {
		question: Question;
		given: string | number | undefined;
	}
	let { question, given }: Props = $props();
	/** Along the strand, where a fault runs along it. */
	const lying = $derived(question.lesson === 'faults');
	const strandOf = (labs: readonly Lab[], i: number): ShownStrand => ({
		labs,
		texture: 'medium',
		breadth: 0.9,
		seed: 70 + i
	});
	/** A level that was named is held beside what is there. */
	const named = $derived.by(() => {
		const lab = question.strands[0]?.labs[0];
		if (question.lesson !== 'level' || typeof given !== 'number' || !lab) return [];
		return [
			{ of: 'there', labs: [lab], level: 0 },
			{ of: 'named', labs: [atLevel(lab, given)], level: given }
		];
	});
	const shown = $derived([...(question.explained ?? []), ...named]);
	const right = $derived(question.answer.form === 'choice' ? question.answer.right : '');
</script>

{#if shown.length > 0}
	<ol
		aria-label="The answers as hair"
		class={[
			'mt-4 bg-field text-on-field',
			lying
				? 'grid'
				: 'grid auto-cols-fr grid-flow-col max-tablet:grid-flow-row max-tablet:grid-cols-3'
		]}
	>
		{#each shown as each, i (each.of)}
			{@const { name, words } = explainedWords(question, each)}
			<li
				class={[
					'border-b-5 px-2 pb-2',
					each.of === right ? 'border-ink' : 'border-transparent',
					lying && 'grid grid-cols-[minmax(0,1fr)_120px] items-center gap-4'
				]}
			>
				<span class={['block', lying ? 'h-20' : 'mx-auto h-36 max-w-44']}
					><PracticeStrand strand={strandOf(each.labs, i)} hanging={!lying} label="" /></span
				>
				<span>
					<b class="block text-18">{name}</b>
					{#if words}<span class="block text-13">{words}</span>{/if}
				</span>
			</li>
		{/each}
	</ol>
{/if}
