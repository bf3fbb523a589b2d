<script lang="ts">
	import { chooseToner } from '../../model/commands/toner';
	import Strand from '../../charts/strand/Strand.svelte';
	import { figures } from '../../state/figures.svelte';
	import { formatLevel } from '../../core/hair';
	import { tradeLevel } from '../../core/tone';
	import Button from '../../ui/Button.svelte';
	import Progress from '../../ui/Progress.svelte';
	import { useVisit } from '../../state/visitContext';
	import { recordParts } from '../../model/visit/tone';
	import { uniform } from '../../model/visit/hair';
	import {
		distanceWords,
		formulaWords,
		KIND_WORDS,
		toneReasonWords,
		toneWarningWords
	} from '../../wording/tone';
	import { kindsOf, type ToneFormula } from '../../core/toner';

	const session = useVisit();
	const toner = $derived(session.toner);
	const formulas = $derived(toner.found?.formulas ?? []);
	const chosen = $derived(toner.mix);
	/** What each is the best at. */
	const kinds = $derived(
		kindsOf(formulas, toner.filled, toner.conditions, toner.target, session.habit)
	);
	const line = $derived(toner.line);

	const partsOf = (formula: ToneFormula) => (line ? recordParts(formula, line) : []);
	/** What the trade would call the blend, where the hair comes out apart from it. */
	function onTheTubes({ parts, level }: ToneFormula): string {
		const named = tradeLevel(parts);
		return named === undefined || Math.abs(named - level) < 0.3
			? ''
			: ` (${formatLevel(named)} by the tubes)`;
	}
	const isChosen = (formula: ToneFormula) =>
		chosen.choice === 'formula' && formulaWords(chosen.parts) === formulaWords(partsOf(formula));

	function choose(formula: ToneFormula) {
		session.changeToner('chose a toner', (draft) => chooseToner(draft, partsOf(formula), line));
	}
</script>

{#if !line}
	<p>There is no line of colour on the Shelf. Add one there, then come back.</p>
{:else if !toner.found}
	<p role="status">
		{#if toner.search.trouble}{toner.search.trouble}
			<Button onclick={() => toner.search.again()}>Search again</Button>{:else}<Progress
				label="Searching {line.name}…"
				share={toner.search.progress || undefined}
			/>{/if}
	</p>
{:else if formulas.length === 0}
	<p>{line.name} holds no shades yet. Add them on the Shelf, or choose another line.</p>
{:else}
	{#if toner.search.trouble}
		<p role="status" class="text-14 text-ink-soft">
			{toner.search.trouble} The formulas below were found before.
			<Button onclick={() => toner.search.again()}>Search again</Button>
		</p>
	{/if}
	<ol aria-label="Formulas that come closest">
		{#each formulas as formula, i (formulaWords(partsOf(formula)))}
			<li
				class="grid grid-cols-[128px_minmax(0,1fr)_auto] items-center gap-4 border-b border-line py-2 @max-narrow:grid-cols-[72px_minmax(0,1fr)] @max-narrow:[&_button]:col-span-full"
			>
				<span class="block h-14 bg-field py-2 pl-2"
					><Strand
						colours={uniform(formula.lab)}
						seed={5}
						label={formatLevel(formula.level)}
					/></span
				>
				<div>
					<p
						class={[
							'figure text-18',
							isChosen(formula) && 'underline decoration-3 underline-offset-4'
						]}
					>
						{formulaWords(partsOf(formula)) || 'No toner'}
					</p>
					{#if kinds[i]?.length}
						<p class="text-14 font-semibold">
							{kinds[i].map((kind) => KIND_WORDS[kind]).join(', ')}
						</p>
					{/if}
					<p class="text-14 text-ink-soft">
						{#if formula.untilLifted}Serves until it is lifted further:{/if}
						<b>{distanceWords(formula.deltaE)}</b>{figures.shown
							? ` (ΔE ${formula.deltaE.toFixed(1)})`
							: ''}, level {formatLevel(formula.level)}{onTheTubes(formula)}. {toneReasonWords(
							formula.why
						)}
						{#if formula.ifLeftLonger.warnings.length > 0 && formula.warnings.length === 0}Left five
							minutes longer: {toneWarningWords(formula.ifLeftLonger.warnings[0]!)}{/if}
					</p>
				</div>
				<Button aria-pressed={isChosen(formula)} onclick={() => choose(formula)}
					>{isChosen(formula) ? 'Chosen' : 'Choose'}</Button
				>
			</li>
		{/each}
	</ol>
{/if}
