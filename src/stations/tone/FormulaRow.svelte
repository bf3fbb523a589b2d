<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import type { UndertoneName } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { tradeLevel } from '../../core/tone';
	import type { ToneFormula } from '../../core/toner';
	import { colourCost } from '../../model/visit/dayBowls';
	import { uniform } from '../../model/head/hair';
	import { developerGramsOf, recordParts } from '../../model/visit/tone';
	import type { ChosenPart, ShelfLine } from '../../schema/records';
	import { figures } from '../../state/figures.svelte';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import {
		distanceWords,
		formulaWords,
		toneReasonWords,
		toneWarningWords
	} from '../../wording/tone';
	import { formatPrice } from '../../wording/words';

	interface Props {
		formula: ToneFormula;
		line: ShelfLine;
		/** What it is the best at. */
		best: readonly string[];
		undertone: UndertoneName;
		chosen: boolean;
		onchoose: (parts: readonly ChosenPart[]) => void;
	}
	let { formula, line, best, undertone, chosen, onchoose }: Props = $props();
	const session = useVisit();
	const parts = $derived(recordParts(formula, line));
	/** What the trade would call the blend, where the hair comes out apart from it. */
	const onTheTubes = $derived.by(() => {
		const named = tradeLevel(formula.parts);
		return named === undefined || Math.abs(named - formula.level) < 0.3
			? ''
			: ` (${formatLevel(named)} by the tubes)`;
	});
	const cost = $derived(
		colourCost(
			parts,
			developerGramsOf(parts, line, formula.ratio, session.shelf?.scaleStep),
			session.shelf,
			line.developerVolume
		)
	);
</script>

<li
	class="grid grid-cols-[128px_minmax(0,1fr)_auto] items-center gap-4 border-b border-line py-2 @max-narrow:grid-cols-[72px_minmax(0,1fr)] @max-narrow:[&_button]:col-span-full"
>
	<span class="block h-14 bg-field py-2 pl-2"
		><Strand colours={uniform(formula.lab)} seed={5} label={formatLevel(formula.level)} /></span
	>
	<div>
		<p class={['figure text-18', chosen && 'underline decoration-3 underline-offset-4']}>
			{formulaWords(parts) || 'No toner'}
		</p>
		{#if best.length > 0}
			<p class="text-14 font-semibold">{best.join(', ')}</p>
		{/if}
		<p class="text-14 text-ink-soft">
			{#if formula.untilLifted}Serves until it is lifted further:{/if}
			<b>{distanceWords(formula.deltaE)}</b>{figures.shown
				? ` (ΔE ${formula.deltaE.toFixed(1)})`
				: ''}, level {formatLevel(formula.level)}{onTheTubes}{cost === undefined || cost === 0
				? ''
				: `, ${formatPrice(cost, session.shelf)}`}. {toneReasonWords(formula.why, undertone)}
			{#if formula.ifLeftLonger.warnings.length > 0 && formula.warnings.length === 0}Left five
				minutes longer: {toneWarningWords(formula.ifLeftLonger.warnings[0]!)}{/if}
		</p>
	</div>
	<Button aria-pressed={chosen} onclick={() => onchoose(parts)}
		>{chosen ? 'Chosen' : 'Choose'}</Button
	>
</li>
