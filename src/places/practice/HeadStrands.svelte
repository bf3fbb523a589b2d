<script lang="ts">
	import { COARSENESS } from '../../charts/strand/coarseness';
	import Strand from '../../charts/strand/Strand.svelte';
	import { HEAD_PARTS } from '../../core/vocabulary';
	import type { Act, Part } from '../../core/practice';
	import { eyes } from '../../state/eyes.svelte';
	import type { HeadRun } from '../../state/headRun.svelte';
	import Button from '../../ui/Button.svelte';
	import { HEAD_PART_NAMES } from '../../wording/practiceHead';

	interface Props {
		run: HeadRun;
	}
	let { run }: Props = $props();
	const now = $derived(run.state);
	function standing(part: Part): string {
		const lying = run.lyingOn(part);
		const seen = now.seenAt[part];
		if (lying) {
			const since =
				seen === undefined
					? 'not looked at'
					: now.minute - seen < 1
						? 'just seen'
						: `seen ${Math.round(now.minute - seen)} min ago`;
			return `${lying.volume} vol, ${Math.round(lying.minutes)} min, ${since}`;
		}
		const was = now.pieces.some((piece) => piece.part === part && piece.laid.length > 0);
		return was ? 'off, as it is now' : 'untouched';
	}
	const acts = (part: Part): readonly { act: Act; label: string }[] => [
		{ act: { act: 'check', part }, label: 'Look' },
		{ act: { act: 'measure', part }, label: 'Reader' },
		{ act: { act: 'wipe', part }, label: 'Wipe' }
	];
</script>

<ul class="grid grid-cols-3 gap-x-6 gap-y-4" aria-label="The head, part by part">
	{#each HEAD_PARTS as part, i (part)}
		<li class="min-w-0">
			<div class="h-56 bg-field px-4 max-tablet:h-44 max-tablet:px-1">
				<Strand
					hanging
					colours={run.coloursOf(part, eyes.sees)}
					seed={130 + i}
					coarseness={COARSENESS[run.head.texture]}
					label="{HEAD_PART_NAMES[part]}: {standing(part)}"
				/>
			</div>
			<h2 class="mt-2 figure text-22 leading-close">{HEAD_PART_NAMES[part]}</h2>
			<p class="min-h-11 text-14 leading-close text-ink-soft">{standing(part)}</p>
			<div class="flex flex-wrap gap-2">
				{#each acts(part) as { act, label } (label)}
					<Button
						disabled={!run.can(act)}
						aria-label="{label}: {HEAD_PART_NAMES[part]}"
						onclick={() => run.do(act)}>{label}</Button
					>
				{/each}
			</div>
		</li>
	{/each}
</ul>
