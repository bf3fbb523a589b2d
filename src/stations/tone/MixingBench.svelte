<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { formatLevel } from '../../core/hair';
	import { tradeLevel } from '../../core/tone';
	import { BOUNDS } from '../../core/vocabulary';
	import { mixOwn } from '../../model/commands/toner';
	import type { OwnFormula } from '../../model/visit/heard';
	import { corePart } from '../../model/day/parts';
	import { uniform } from '../../model/head/hair';
	import { shadeColours } from '../../model/shelf/look';
	import type { ChosenPart } from '../../schema/records';
	import { figures } from '../../state/figures.svelte';
	import { useVisit } from '../../state/visitContext';
	import Strand from '../../charts/strand/Strand.svelte';
	import Dial from '../../ui/Dial.svelte';
	import SaidFormula from '../../widgets/SaidFormula.svelte';
	import { contributionWords, distanceWords } from '../../wording/tone';
	import HouseFormulas from './HouseFormulas.svelte';

	const session = useVisit();
	const toner = $derived(session.toner);
	const mix = $derived(toner.mix);
	const line = $derived(toner.line);
	/** Shades of this line first; of others only those that are mixed the same way. */
	const shades = $derived(
		line
			? [
					line,
					...session.lines.filter(({ id, vehicle }) => id !== line.id && vehicle === line.vehicle)
				].flatMap((one) => one.shades)
			: []
	);
	const isOwn = (part: ChosenPart): boolean =>
		part.shadeId === undefined || line?.shades.some(({ id }) => id === part.shadeId) === true;

	let heard = $state.raw<OwnFormula>();
	/** What is looked at: what is being written, or else what is mixed. */
	const shown = $derived(heard?.parts ?? toner.parts);
	const preview = $derived(toner.with(shown, heard));
	const trade = $derived(tradeLevel(shown.map(corePart)));
	const strange = $derived(shown.filter((part) => !isOwn(part)));
	const grams = $derived(shown.reduce((sum, part) => sum + part.grams, 0));

	function mixIt(formula: OwnFormula) {
		if (!line) return;
		const own = line;
		session.changeToner('mixed a formula', (draft) => mixOwn(draft, formula, own));
	}
	function setParts(label: string, recipe: (parts: ChosenPart[]) => ChosenPart[]) {
		if (!line) return;
		// What was only suggested is chosen by changing it.
		const parts = recipe(toner.parts.map((part) => ({ ...part })));
		session.changeToner(label, (draft) => mixOwn(draft, { parts }, line));
	}
	const weigh = (at: number, to: number) =>
		setParts(`grams of ${toner.parts[at]!.name}`, (parts) =>
			parts.with(at, { ...parts[at]!, grams: to })
		);
	const without = (at: number) =>
		setParts(`without ${toner.parts[at]!.name}`, (parts) => parts.toSpliced(at, 1));
	/** A dial spans twice what stands in the bowl. */
	const most = $derived(Math.max(20, Math.min(BOUNDS.partGrams.max, 2 * mix.totalGrams)));
	const lockOf = (part: ChosenPart) => {
		const shade = shades.find(({ id }) => id === part.shadeId);
		return shade && line ? shadeColours(line, shade) : undefined;
	};
</script>

{#if line}
	<section aria-label="Mix your own" class="@container mb-4 border-t border-line pt-3">
		<h2 class="text-15 font-semibold">Mix your own</h2>
		<SaidFormula
			{line}
			{shades}
			totalGrams={mix.totalGrams}
			hint="Such as {line.shades.at(line.shades.length / 2)?.code ??
				'9V'} 20 + clear 10, 1:2, 15 min."
			bind:heard
			onmix={mixIt}
		/>
		<div class="mt-2 grid grid-cols-[minmax(0,1fr)_auto] items-center gap-4">
			<span class="block h-16 bg-field py-2 pl-2"
				><Strand
					colours={uniform(preview.lab)}
					seed={9}
					label="toned: {formatLevel(preview.level)}"
				/></span
			>
			<p class="leading-close">
				<b class="figure text-28">{formatLevel(preview.level)}</b>
				<span class="block text-ink-soft"
					>{trade === undefined ? '' : `${formatLevel(trade)} by the tubes, `}{distanceWords(
						preview.deltaE
					)}{figures.shown ? ` (ΔE ${preview.deltaE.toFixed(1)})` : ''}, {Math.round(grams * 10) /
						10} g</span
				>
			</p>
		</div>
		{#if strange.length > 0}
			<p class="mt-2 border-l-4 border-ask pl-3" role="status">
				<b>Two lines in one bowl:</b>
				{strange.map(({ name }) => name).join(', ')} is not of {line.name}. Their makers do not say
				how they go together.
			</p>
		{/if}
		{#if !heard && toner.parts.length > 0}
			<ol aria-label="What is in the bowl" class="mt-2">
				{#each toner.parts as part, i (`${part.name} ${i}`)}
					{@const colours = lockOf(part)}
					{@const own = toner.contributions[i]}
					<li
						class="grid grid-cols-[48px_minmax(0,1fr)_minmax(0,1.4fr)_44px] items-center gap-x-4 border-b border-line py-1 @max-narrow:grid-cols-[40px_minmax(0,1fr)_44px]"
					>
						<span class="h-12 bg-field"
							>{#if colours}<Strand hanging seed={i + 60} {colours} label="" />{/if}</span
						>
						<div class="leading-close">
							<b class="figure text-18">{part.name}</b>
							<span class="block text-13 text-ink-soft">{own ? contributionWords(own) : ''}</span>
						</div>
						<div class="@max-narrow:col-span-full @max-narrow:row-start-2">
							<Dial
								label="Grams of {part.name}"
								value={part.grams}
								min={1}
								max={most}
								step={session.shelf?.scaleStep ?? 1}
								shown="{part.grams} g"
								onchange={(to) => weigh(i, to)}
							/>
						</div>
						<button
							class="grid tap place-items-center"
							aria-label="Without {part.name}"
							onclick={() => without(i)}><X size={20} aria-hidden="true" /></button
						>
					</li>
				{/each}
			</ol>
		{/if}
		<HouseFormulas />
	</section>
{/if}
