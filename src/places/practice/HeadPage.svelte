<script lang="ts">
	import { untrack } from 'svelte';
	import { compute } from '../../compute/browser';
	import type { WorkedHead } from '../../schema/records';
	import { useClock } from '../../state/clock.svelte';
	import { HeadRun } from '../../state/headRun.svelte';
	import { KeptRun } from '../../state/keptRun.svelte';
	import { learning } from '../../state/learning.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import { say } from '../../ui/say.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { briefWords, toldWords } from '../../wording/practiceHead';
	import { formatHours } from '../../wording/words';
	import EyeChoice from './EyeChoice.svelte';
	import HeadActs from './HeadActs.svelte';
	import HeadClock from './HeadClock.svelte';
	import HeadReview from './HeadReview.svelte';
	import HeadStrands from './HeadStrands.svelte';
	import NewLearner from './NewLearner.svelte';

	interface Props {
		seed: number;
		/** A run that was worked before, to be looked back at. */
		worked?: WorkedHead | undefined;
	}
	let { seed, worked }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	const learner = $derived(learning.learner(workspace));
	// The page is made anew for another head.
	// svelte-ignore state_referenced_locally
	const run = new HeadRun(seed, compute, worked?.acts);
	const review = $derived(run.reviewing.found);
	const kept = new KeptRun(
		run,
		{ workspace, now: clock.now, learner: () => learner?.id },
		// svelte-ignore state_referenced_locally
		worked
	);
	// A clock that runs adds to its act twice a second: what is kept follows a little behind.
	const KEPT_AFTER_MS = 700;
	$effect(() => {
		if (!kept.isBehind) return undefined;
		const timer = setTimeout(() => kept.keep(), KEPT_AFTER_MS);
		return () => clearTimeout(timer);
	});
	$effect(() => () => untrack(() => kept.keep()));
	/** Begins the same head anew; what was done so far can be had back. */
	function anew() {
		const back = kept.anew();
		if (back) say('It begins anew.', back);
	}
	/** What was told last, all of it: a reader tells of every stretch at once. */
	const news = $derived.by(() => {
		const { told } = run.state;
		const minute = told.at(-1)?.minute;
		return told.filter((each) => each.minute === minute);
	});
	const logged = $derived(run.state.told.filter(({ told }) => told !== 'seen').toReversed());
</script>

{#if !learner}
	<PlaceHead title="Who practises?" />
	<NewLearner />
{:else}
	<PlaceHead
		title={run.state.finished
			? review
				? `${Math.round(review.outcome.score)} of 100`
				: 'Looking back…'
			: formatHours(Math.round(run.state.minute))}
		above="Practice · head {seed}, {run.head.rank} of 12 for difficulty"
	>
		{#if !run.state.finished}
			{#if run.acts.length > 0}<span class="self-end"
					><Button onclick={anew}>Begin anew</Button></span
				>{/if}
			<span class="self-end"><EyeChoice /></span>
			<HeadClock {run} />
		{/if}
	</PlaceHead>
	<p class="mb-4 max-w-160 text-18">{briefWords(run.head)}</p>
	{#if run.state.finished}
		<HeadReview {run} />
	{:else}
		<HeadStrands {run} />
		<p role="status" class="mt-3 mb-3 min-h-7 text-18 font-semibold">
			{news.map((told) => toldWords(told, run.head)).join(' ')}
		</p>
		<HeadActs {run} />
		{#if logged.length > 1}
			<section class="mt-6 max-w-160" aria-labelledby="told-title">
				<h2 id="told-title" class="mb-1 text-15 text-ink-soft">What was told</h2>
				<ol>
					{#each logged as told, i (logged.length - i)}
						<li class="grid grid-cols-[72px_minmax(0,1fr)] border-t border-line py-1">
							<span class="text-ink-soft">{Math.round(told.minute)} min</span>
							{toldWords(told, run.head)}
						</li>
					{/each}
				</ol>
			</section>
		{/if}
	{/if}
{/if}
