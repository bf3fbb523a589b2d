<script lang="ts">
	import { goto } from '$app/navigation';
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import { formatLevel, labOfPigment, naturalPigment } from '../../core/hair';
	import { hiddenHead, TWELVE_HEADS, type HiddenHead } from '../../core/practice';
	import { targetLab, warmthKept } from '../../core/tone';
	import { learning } from '../../state/learning.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { formatDate } from '../../wording/words';

	const { workspace } = useRecords();
	const learner = $derived(learning.learner(workspace));
	const twelve = Array.from({ length: TWELVE_HEADS }, (_, i) => hiddenHead(i + 1));
	const runs = $derived(learner?.heads.toReversed() ?? []);
	const bestOf = (seed: number) =>
		runs
			.filter((run) => run.seed === seed)
			.reduce((most, { score = -1 }) => Math.max(most, score), -1);
	const isOpen = (seed: number) => runs.some((run) => run.seed === seed && run.score === undefined);
	let number = $state<number>();
	/** From what grew to what is wished, along one strand. */
	function colours({ naturalLevel, warmth, wish }: HiddenHead) {
		const natural = labOfPigment(naturalPigment(naturalLevel, warmth));
		const wished = targetLab({ ...wish, keepWarmth: warmthKept(wish.direction) }, natural);
		return { hair: [rgbOf(natural), rgbOf(natural), rgbOf(wished), rgbOf(wished)] };
	}
	const workedWords = (seed: number) => {
		const best = bestOf(seed);
		if (isOpen(seed)) return 'begun: go on';
		return best < 0 ? 'not worked yet' : `best ${Math.round(best)} of 100`;
	};
	const MOST_SHOWN = 12;
</script>

<PlaceHead title="Twelve heads, and as many more as you like" above="Practice">
	<Button
		primary
		onclick={() => void goto(`/practice/head/${TWELVE_HEADS + 1 + (learning.seed() % 1_000_000)}`)}
		>A head nobody has seen</Button
	>
</PlaceHead>
<div class="grid grid-cols-[minmax(0,1fr)_300px] gap-x-12 gap-y-8 max-desk:grid-cols-1">
	<ol>
		{#each twelve as head (head.seed)}
			<li>
				<a
					class="grid tap grid-cols-[36px_minmax(0,1fr)_128px_124px] items-center gap-x-4 border-t border-line py-1 no-underline hover:bg-sunk max-tablet:grid-cols-[28px_minmax(0,1fr)_104px]"
					href="/practice/head/{head.seed}"
				>
					<b class="figure text-22">{head.seed}</b>
					<span class="leading-close"
						>{head.texture}, natural {formatLevel(head.naturalLevel)}
						<span class="block text-14 text-ink-soft"
							>{head.solid ? 'all of it' : 'foils'} at {formatLevel(head.wish.level)}
							{head.wish.direction}</span
						></span
					>
					<span class="block h-9 bg-field py-1 pl-1" aria-hidden="true"
						><Strand colours={colours(head)} seed={50 + head.seed} label="" /></span
					>
					<span
						class="text-14 text-ink-soft max-tablet:col-span-2 max-tablet:col-start-2 max-tablet:text-13"
						>{workedWords(head.seed)}</span
					>
				</a>
			</li>
		{/each}
	</ol>
	<div class="grid content-start gap-8">
		<section aria-labelledby="by-number">
			<h2 id="by-number" class="mb-1 text-15 text-ink-soft">A head by its number</h2>
			<form
				class="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-4"
				onsubmit={(event) => {
					event.preventDefault();
					if (number !== undefined) void goto(`/practice/head/${number}`);
				}}
			>
				<NumberField
					label="Number"
					value={number}
					min={1}
					max={2 ** 31 - 1}
					onchange={(value) => (number = value)}
				/>
				<Button type="submit">Work it</Button>
			</form>
			<p class="mt-2 text-14 text-ink-soft">
				The same number is the same head on any machine: hand one to somebody, and compare.
			</p>
		</section>
		{#if runs.length > 0}
			<section aria-labelledby="runs-title">
				<h2 id="runs-title" class="mb-1 text-15 text-ink-soft">Worked before</h2>
				<ul>
					{#each runs.slice(0, MOST_SHOWN) as { id, seed, score, at } (id)}
						<li>
							<a
								class="flex tap items-center justify-between border-t border-line no-underline hover:bg-sunk"
								href="/practice/head/{seed}?run={id}"
								><span>Head {seed}, {formatDate(at.slice(0, 10))}</span
								>{#if score === undefined}<span class="text-ink-soft">begun</span>{:else}<b
										class="figure text-18">{Math.round(score)}</b
									>{/if}</a
							>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	</div>
</div>
