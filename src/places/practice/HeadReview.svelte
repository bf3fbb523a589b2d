<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { formatLevel } from '../../core/hair';
	import {
		endOfPiece,
		pieceAt,
		replay,
		type Act,
		type Part,
		type RunState
	} from '../../core/practice';
	import { HEAD_PARTS } from '../../core/vocabulary';
	import { coloursAlong, type HeadRun } from '../../state/headRun.svelte';
	import Fold from '../../ui/Fold.svelte';
	import Working from '../../ui/Working.svelte';
	import {
		actWords,
		breachWords,
		gainWords,
		HEAD_PART_NAMES,
		hiddenWords,
		knowableWords,
		otherWords,
		outcomeRows
	} from '../../wording/practiceHead';

	interface Props {
		run: HeadRun;
	}
	let { run }: Props = $props();
	const review = $derived(run.reviewing.found);
	const best = $derived(review && replay(run.head, review.best.acts));
	const endColours = (end: RunState, part: Part) =>
		coloursAlong(end, part, (piece) => endOfPiece(end, piece).lab);
	const levelOf = (state: RunState, part: Part) => {
		const lengths = state.pieces.find(
			(piece) => piece.part === part && piece.stretch === 'lengths'
		)!;
		return formatLevel(endOfPiece(state, lengths).level);
	};
	/** What was read at the start, beside what was there. */
	const readings = $derived(
		run.acts.flatMap((act) =>
			act.act === 'read'
				? [
						{
							...act,
							there: pieceAt(
								run.head,
								run.state.pieces.find((piece) => piece.stretch === act.stretch)!,
								0
							).level
						}
					]
				: []
		)
	);
	/** Each act of the best run with the minute at which it begins. */
	const bestActs = $derived.by(() => {
		const acts = review?.best.acts ?? [];
		return acts.map((act: Act, i: number) => ({
			words: actWords(act),
			minute: Math.round(replay(run.head, acts.slice(0, i)).minute)
		}));
	});
</script>

{#if !review || !best}
	{#if run.reviewing.trouble}
		<p role="alert">{run.reviewing.trouble}</p>
	{:else}
		<Working
			label="Every decision is tried otherwise…"
			share={run.reviewing.progress}
			onstop={() => run.reviewing.stop()}
		/>
	{/if}
{:else}
	<div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-12 gap-y-8 max-desk:grid-cols-1">
		<section aria-labelledby="ends-title">
			<h2 id="ends-title" class="mb-2 text-15 text-ink-soft">
				Yours, and the best run of the same head ({Math.round(review.best.outcome.score)})
			</h2>
			<div class="grid grid-cols-3 gap-4">
				{#each HEAD_PARTS as part, i (part)}
					<div>
						<div class="grid h-52 grid-cols-2 gap-2 bg-field px-2">
							<Strand
								hanging
								colours={endColours(run.state, part)}
								seed={130 + i}
								label="{HEAD_PART_NAMES[part]}, yours: {levelOf(run.state, part)}"
							/>
							<Strand
								hanging
								colours={endColours(best, part)}
								seed={140 + i}
								label="{HEAD_PART_NAMES[part]}, best run: {levelOf(best, part)}"
							/>
						</div>
						<p class="leading-close">
							{HEAD_PART_NAMES[part]}
							<b class="figure text-18">{levelOf(run.state, part)}</b>
							<span class="text-ink-soft">best {levelOf(best, part)}</span>
						</p>
					</div>
				{/each}
			</div>
			<table class="mt-4 w-full text-left">
				<thead class="text-14 text-ink-soft">
					<tr
						><th class="py-1 font-normal" scope="col">What came of it</th><th
							class="font-normal"
							scope="col">yours</th
						><th class="font-normal" scope="col">best</th></tr
					>
				</thead>
				<tbody>
					{#each outcomeRows(review.outcome) as { name, value }, i (name)}
						<tr class="border-t border-line">
							<th class="py-1.5 font-normal" scope="row">{name}</th>
							<td class="figure text-18">{value}</td>
							<td>{outcomeRows(review.best.outcome)[i]!.value}</td>
						</tr>
					{/each}
				</tbody>
			</table>
			<h2 class="mt-6 mb-1 text-15 text-ink-soft">What it hid</h2>
			<ul>
				{#each hiddenWords(run.head) as words, i (i)}<li>{words}</li>{/each}
				{#each readings as { stretch, level, there } (stretch)}
					<li>
						You read the {stretch} as {formatLevel(level)}; it was {formatLevel(there)}.
					</li>
				{/each}
			</ul>
		</section>
		<section aria-labelledby="decisions-title">
			<h2 id="decisions-title" class="mb-2 text-15 text-ink-soft">What would have been better</h2>
			{#each review.outcome.breaches as breach (breach)}
				<p class="border-l-4 border-stop py-1 pl-3 font-semibold">{breachWords(breach)}</p>
			{/each}
			{#if review.items.length === 0}
				<p>Nothing, decision by decision, that is worth half a point.</p>
			{/if}
			<ol>
				{#each review.items as item, i (i)}
					<li class="border-t border-line py-2">
						<b class="text-18">{otherWords(item.other)}</b>
						<span class="block">{gainWords(item, review.outcome)}</span>
						<span class="block text-14 text-ink-soft">{knowableWords(item.knowable)}</span>
					</li>
				{/each}
			</ol>
			<Fold title="The best run, act by act">
				<ol>
					{#each bestActs as { words, minute }, i (i)}
						<li class="grid grid-cols-[72px_minmax(0,1fr)] border-t border-line py-1">
							<span class="text-ink-soft">{minute} min</span>{words}
						</li>
					{/each}
				</ol>
			</Fold>
			<p class="mt-4">
				<a href="/practice/heads">Another head</a>
			</p>
		</section>
	</div>
{/if}
