<script lang="ts">
	import { hexOf, levelOf, type Lab } from '../../core/colour';
	import { formatLevel, labOfPigment, naturalPigment } from '../../core/hair';
	import { underLight, type Question } from '../../core/practice';
	import { eyes } from '../../state/eyes.svelte';
	import { LIGHT_WORDS } from '../../wording/practice';
	import EyeChoice from './EyeChoice.svelte';
	import PracticeStrand from './PracticeStrand.svelte';

	interface Props {
		question: Question;
		/** Whether it is answered: then the strands are named. */
		answered: boolean;
	}
	let { question, answered }: Props = $props();
	const { ask, strands, light } = $derived(question);
	/** A white card and the grey behind lie in the same light, so that an eye can tell what is the light's. */
	const lit = (lab: Lab) => hexOf(eyes.sees(underLight(lab, light)));
	const CARD: Lab = { l: 95, a: 0, b: 0 };
	const FIELD: Lab = { l: 57.3, a: 0, b: 0 };
	const ladder = $derived(ask.lesson === 'level' && ask.ladder ? [2, 3, 4, 5, 6, 7, 8, 9, 10] : []);
	const isGrey = $derived(question.matter.startsWith('grey'));
	const rungLab = (level: number): Lab => {
		const lab = labOfPigment(naturalPigment(level, 'neutral'));
		return isGrey ? { l: lab.l, a: 0, b: 0 } : lab;
	};
	const along = $derived(ask.lesson === 'faults');
	const nameOf = (i: number) =>
		strands.length > 1 ? (i === 0 ? 'the left strand' : 'the right strand') : 'the strand';
	const levelAt = (i: number) =>
		formatLevel(levelOf(strands[i]!.labs[Math.floor(strands[i]!.labs.length / 2)]!));
</script>

{#if strands.length > 0}
	<div class="relative" style:background={lit(FIELD)}>
		<div
			class={[
				'grid gap-8 px-8 max-tablet:gap-4 max-tablet:px-4',
				along ? 'h-52 py-8' : 'h-76 pb-3 max-tablet:h-60',
				strands.length > 1 && 'grid-cols-2',
				!along && strands.length === 1 && 'mx-auto max-w-90'
			]}
		>
			{#each strands as strand, i (i)}
				<div class="relative min-h-0 min-w-0">
					<PracticeStrand
						{strand}
						{light}
						hanging={!along}
						label={answered ? `${nameOf(i)}: ${levelAt(i)}` : nameOf(i)}
					/>
					{#if answered && strands.length > 1}
						<b class="absolute top-2 left-0 bg-room px-2 figure text-22" aria-hidden="true"
							>{levelAt(i)}</b
						>
					{/if}
				</div>
			{/each}
		</div>
		<span
			class="absolute top-4 right-4 block h-14 w-10 max-tablet:h-10 max-tablet:w-7"
			style:background={lit(CARD)}
			aria-hidden="true"
		></span>
	</div>
	<div class="mt-1 flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
		<p class="text-13 text-ink-soft">Hair and a white card, {LIGHT_WORDS[light]}.</p>
		<EyeChoice />
	</div>
	{#if ladder.length > 0}
		<ol
			aria-label="Levels to compare with"
			class="mt-3 grid grid-cols-9 gap-2 px-2"
			style:background={lit(FIELD)}
		>
			{#each ladder as level (level)}
				<li class="text-center text-on-field">
					<span class="block h-20"
						><PracticeStrand
							strand={{ labs: [rungLab(level)], texture: 'medium', breadth: 1, seed: 20 + level }}
							{light}
							hanging
							label=""
						/></span
					>
					<span class="figure text-15">{level}</span>
				</li>
			{/each}
		</ol>
	{/if}
{/if}
