<script lang="ts">
	import { untrack } from 'svelte';
	import type { Lesson } from '../../core/practice';
	import { LESSONS } from '../../core/vocabulary';
	import { useClock } from '../../state/clock.svelte';
	import { learning } from '../../state/learning.svelte';
	import { useRecords } from '../../state/records';
	import { Sitting } from '../../state/sitting.svelte';
	import Button from '../../ui/Button.svelte';
	import { actOf } from '../../ui/keys';
	import { becauseWords, LESSON_WORDS, questionWords, rightWords } from '../../wording/practice';
	import Answers from './Answers.svelte';
	import NewLearner from './NewLearner.svelte';
	import Outcomes from './Outcomes.svelte';
	import Shown from './Shown.svelte';

	interface Props {
		/** One lesson; left out, all that is due, mixed. */
		lesson?: Lesson | undefined;
		/** A teacher's set. */
		setId?: string | undefined;
	}
	let { lesson, setId }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	const learner = $derived(learning.learner(workspace));
	const learnerId = $derived(learner?.id);
	/** A sitting goes on while its answers are kept: it is made anew for somebody else alone. */
	const begin = (id: string) =>
		untrack(
			() =>
				new Sitting({
					workspace,
					learnerId: id,
					now: clock.now,
					seed: learning.seed,
					lessons: lesson ? [lesson] : LESSONS,
					setId
				})
		);
	const sitting = $derived(learnerId === undefined ? undefined : begin(learnerId));
	const question = $derived(sitting?.question);
	const words = $derived(question && questionWords(question));
	const name = $derived(
		setId === undefined
			? lesson
				? LESSON_WORDS[lesson].name
				: 'All that is due'
			: (learner?.sets.find(({ id }) => id === setId)?.name ?? 'A set')
	);
	const asked = $derived(sitting?.asked.length ?? 0);

	function answer(given: string | number) {
		sitting?.answer(given);
	}
	function press(event: KeyboardEvent) {
		const act = actOf(event, 'practice');
		if (!sitting || !question) return;
		if (act === 'next') {
			if (sitting.judged) sitting.next();
		} else if (act === 'pick' && question.answer.form === 'choice') {
			const option = question.answer.options[Number(event.key) - 1];
			if (option !== undefined) answer(option);
		}
	}
	let nextButton: HTMLElement | undefined = $state();
	// The hand that answered by Enter goes on by Enter.
	$effect(() => {
		if (sitting?.judged) nextButton?.querySelector('button')?.focus({ preventScroll: true });
	});
</script>

<svelte:window onkeydown={press} />

<p class="mb-3 text-ink-soft">
	<a href="/practice">Practice</a>
	{[
		'',
		name,
		...(asked > 0 ? [`${sitting!.right} of ${asked} right`] : []),
		...(sitting?.progress ? [`${sitting.progress.done} of ${sitting.progress.of} answered`] : [])
	].join(' · ')}
</p>

{#if !learner}
	<h1 class="figure text-40 leading-tight">Who practises?</h1>
	<NewLearner />
{:else if sitting && question && words}
	<h1 class="mb-1 figure text-28 leading-tight wrap-anywhere">{words.title}</h1>
	{#if question.ask.lesson === 'cautions'}
		<ul class="mb-4 max-w-160 list-disc pl-5 text-18">
			{#each words.facts as fact (fact)}<li>{fact}</li>{/each}
		</ul>
	{:else}
		{#each words.facts as fact (fact)}<p class="mb-3 max-w-160 text-18">{fact}</p>{/each}
	{/if}
	<div class="mt-2 max-w-220">
		<Shown {question} answered={sitting.judged !== undefined} />
		<div class="mt-5">
			{#key question.seed}
				<Answers {question} given={sitting.given} onanswer={answer} />
			{/key}
		</div>
		<div class="mt-4 grid grid-cols-[minmax(0,1fr)_auto] items-start gap-4">
			<div role="status">
				{#if sitting.judged}
					<p class="text-22 leading-close">
						{#if sitting.judged.right}<b>Right.</b>{:else}<b>No:</b>
							{rightWords(question)}.{/if}
						{#if sitting.judged.off !== undefined && sitting.judged.off !== 0}You named it {Math.abs(
								sitting.judged.off
							)}
							{sitting.judged.off > 0 ? 'too light' : 'too deep'}.{/if}
					</p>
					{#each becauseWords(question) as because (because)}
						<p class="max-w-160">{because}</p>
					{/each}
				{/if}
			</div>
			{#if sitting.judged}
				<div bind:this={nextButton}>
					<Button primary onclick={() => sitting.next()}>Next</Button>
				</div>
			{/if}
		</div>
		{#if sitting.judged}<Outcomes {question} given={sitting.given} />{/if}
	</div>
{:else if sitting}
	<h1 class="figure text-40 leading-tight">All of it is answered</h1>
	<p class="mt-2">
		{sitting.right} of {asked} right. What was missed comes again in the mixed sitting.
		<a href="/practice">Back to Practice</a>
	</p>
{/if}
