<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { formatLevel } from '../../core/hair';
	import { betweenStrands, variationsOf } from '../../model/bench/strands';
	import { strandWith, toggleStrand } from '../../model/commands/bench';
	import type { BenchStrandView } from '../../state/benchStrand.svelte';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import { RunTimer } from '../../state/runTimer.svelte';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Menu from '../../ui/Menu.svelte';
	import { startWords, strandName, VARIATION_WORDS } from '../../wording/bench';
	import { formulaWords } from '../../wording/tone';
	import { formatRatio, formatTimer, unbroken } from '../../wording/words';
	import type { BenchStrand } from '../../schema/records';

	interface Props {
		view: BenchStrandView;
		/** Its place on the table. */
		index: number;
		/** The strand that hangs beside it, where one does. */
		next: BenchStrandView | undefined;
		change: (label: string, recipe: (draft: BenchStrand) => unknown) => void;
		/** Lays another strand down beside it. */
		onlay: (strand: BenchStrand) => void;
		onedit: () => void;
		onuse: () => void;
		onremove: () => void;
	}
	let { view, index, next, change, onlay, onedit, onuse, onremove }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	const timer = new RunTimer(clock);
	const strand = $derived(view.strand);
	const name = $derived(strandName(index));
	const seconds = $derived(timer.seconds(strand.clock));
	const lies = $derived(strand.clock.runningSince !== undefined);
	const isOff = $derived(strand.clock.offAt !== undefined);
	const left = $derived(strand.mix.minutes * 60 - seconds);
	const step = $derived(workspace.shelf?.scaleStep ?? 1);
	const variations = $derived(view.line ? variationsOf(strand, view.line, step) : []);
	const halfway = $derived(
		next?.isMixed && next.line?.id === view.line?.id
			? betweenStrands(strand, next.strand, step)
			: undefined
	);
	const acts = $derived([
		{ id: 'edit', label: 'Change it' },
		...(view.isMixed ? [{ id: 'use', label: 'Use it for a visit' }] : []),
		...variations.map(({ what }) => ({
			id: what,
			label: `Next: ${VARIATION_WORDS[what].toLowerCase()}`
		})),
		...(view.isMixed && halfway
			? [{ id: 'between', label: `Next: between ${index + 1} and ${index + 2}` }]
			: []),
		{ id: 'remove', label: 'Take it away' }
	]);
	function act(id: string) {
		if (id === 'edit') onedit();
		else if (id === 'use') onuse();
		else if (id === 'remove') onremove();
		else if (id === 'between') {
			if (halfway) onlay(strandWith(strand, halfway));
		} else {
			const found = variations.find(({ what }) => what === id);
			if (found) onlay(strandWith(strand, found.parts));
		}
	}
	/** While it lies as it should be by now, else as it should come off. */
	const then = $derived(lies ? view.coloursAt(seconds / 60) : view.endColours);
	const thenWords = $derived(
		!view.isMixed
			? 'nothing on it'
			: lies
				? `by now, ${Math.floor(seconds / 60)} min`
				: `at ${view.minutes} min`
	);
	const RATINGS = ['1', '2', '3', '4', '5'].map((value) => ({ value, label: value }));
	const rate = (value: string) =>
		change('rated', (draft) => {
			draft.rating = Number(value);
		});
</script>

<li class="row-span-7 grid min-w-0 grid-rows-subgrid gap-y-2">
	<div class="flex items-center justify-between gap-2">
		<h2 class="text-15">{index + 1}. <b>{startWords(strand)}</b></h2>
		<Menu label="{name}: more" shown="More" items={acts} onpick={act} />
	</div>
	<div class="grid h-60 grid-cols-2 gap-3 bg-field px-3 pt-2 text-on-field">
		<div class="flex min-h-0 flex-col">
			<span class="text-13">before</span>
			<span class="block min-h-0 flex-1"
				><Strand
					hanging
					colours={view.startColours}
					seed={40 + index}
					label="{name} before: {startWords(strand)}"
				/></span
			>
		</div>
		<div class="flex min-h-0 flex-col">
			<span class="text-13">{thenWords}</span>
			<span class="block min-h-0 flex-1"
				>{#if view.isMixed}<Strand
						hanging
						colours={then}
						seed={60 + index}
						label="{name} expected: {formatLevel(view.expected.level)} {view.expected.word}"
					/>{/if}</span
			>
		</div>
	</div>
	{#if view.isMixed}
		<p class="leading-close">
			<b class="figure text-18 wrap-anywhere">{unbroken(formulaWords(strand.mix.parts))}</b>
			<span class="block text-14 text-ink-soft"
				>{view.line?.name ?? 'its line is gone'}, {formatRatio(strand.mix.ratio)}</span
			>
		</p>
		<p>
			expected <b class="figure">{formatLevel(strand.seen?.expected ?? view.expected.level)}</b>
			{view.expected.word}{#if strand.seen?.level !== undefined}, seen <b class="figure"
					>{formatLevel(strand.seen.level)}</b
				>
				{strand.seen.tone ?? ''}{:else if strand.seen?.tone}, seen {strand.seen.tone}{/if}
		</p>
		<Button
			primary={!lies && !isOff}
			onclick={() =>
				change(lies ? 'off the strand' : 'on the strand', (draft) =>
					toggleStrand(draft, clock.now())
				)}
			>{lies
				? `Off: ${left >= 0 ? `${formatTimer(Math.ceil(left))} left` : `${formatTimer(Math.floor(-left))} over`}`
				: isOff
					? `Once more (lay ${formatTimer(Math.round(seconds))})`
					: 'On'}</Button
		>
		<Choice
			label="How near"
			value={strand.rating === undefined ? '' : String(strand.rating)}
			options={RATINGS}
			onchange={rate}
		/>
		{#if strand.note}<p class="text-14 wrap-anywhere text-ink-soft">{strand.note}</p>{/if}
	{:else}
		<Button primary onclick={onedit}>Mix something for it</Button>
	{/if}
</li>
