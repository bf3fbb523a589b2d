<script lang="ts">
	import type { Question } from '../../core/practice';
	import { formatLevel } from '../../core/hair';
	import { distanceWords } from '../../wording/tone';
	import type { Eye } from '../../wording/practice';
	import PracticeStrand from './PracticeStrand.svelte';

	interface Props {
		question: Question;
		eye: Eye;
	}
	let { question, eye }: Props = $props();
	const shown = $derived(
		question.because.lesson === 'toner'
			? [
					{ name: 'wished', words: 'what was wished', lab: question.because.wished },
					...question.because.outcomes.map(({ lab, level, off }, i) => ({
						name: `${i + 1}`,
						words: `${formatLevel(level)}, ${distanceWords(off)}`,
						lab
					}))
				]
			: []
	);
	const right = $derived(question.answer.form === 'choice' ? question.answer.right : '');
</script>

{#if shown.length > 0}
	<ol
		aria-label="What each of them makes of it"
		class="mt-4 grid grid-cols-5 bg-field text-on-field max-tablet:grid-cols-3"
	>
		{#each shown as { name, words, lab }, i (name)}
			<li class={['border-b-5 px-2 pb-2', name === right ? 'border-ink' : 'border-transparent']}>
				<span class="block h-36"
					><PracticeStrand
						strand={{ labs: [lab], texture: 'medium', breadth: 0.9, seed: 70 + i }}
						{eye}
						hanging
						label=""
					/></span
				>
				<b class="block figure text-18">{name === 'wished' ? 'wished' : name}</b>
				{#if i > 0}<span class="block text-13">{words}</span>{/if}
			</li>
		{/each}
	</ol>
{/if}
