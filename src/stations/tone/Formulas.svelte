<script lang="ts">
	import { chooseToner } from '../../model/commands/toner';
	import Strand from '../../charts/strand/Strand.svelte';
	import { figures } from '../../state/figures.svelte';
	import { formatLevel } from '../../core/hair';
	import { tradeLevel } from '../../core/tone';
	import Button from '../../ui/Button.svelte';
	import { useVisit } from '../../state/visitContext';
	import { recordParts } from '../../model/visit/tone';
	import { uniform } from '../../model/visit/hair';
	import {
		distanceWords,
		formulaWords,
		toneReasonWords,
		toneWarningWords
	} from '../../wording/tone';
	import type { ToneFormula } from '../../core/toner';

	const session = useVisit();
	const formulas = $derived(session.head.foundToners?.formulas ?? []);
	const chosen = $derived(session.visit.tone);
	const line = $derived(session.line);

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
		session.change('chose a toner', ({ tone }) => chooseToner(tone, partsOf(formula), line));
	}
</script>

{#if !line}
	<p>There is no line of colour on the Shelf. Add one there, then come back.</p>
{:else if !session.head.foundToners}
	<p role="status">
		{session.head.tonerSearch.trouble ?? `Searching ${line.name}…`}
		{#if session.head.tonerSearch.trouble}<Button onclick={() => session.head.tonerSearch.again()}
				>Search again</Button
			>{/if}
	</p>
{:else if formulas.length === 0}
	<p>{line.name} holds no shades yet. Add them on the Shelf, or choose another line.</p>
{:else}
	{#if session.head.tonerSearch.trouble}
		<p role="status" class="soft">
			{session.head.tonerSearch.trouble} The formulas below were found before.
			<Button onclick={() => session.head.tonerSearch.again()}>Search again</Button>
		</p>
	{/if}
	<ol aria-label="Formulas that come closest">
		{#each formulas as formula (formulaWords(partsOf(formula)))}
			<li class:chosen={isChosen(formula)}>
				<span class="lock"
					><Strand
						colours={uniform(formula.lab)}
						seed={5}
						label={formatLevel(formula.level)}
					/></span
				>
				<div>
					<p class="figure parts">{formulaWords(partsOf(formula)) || 'No toner'}</p>
					<p class="soft">
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

<style>
	li {
		display: grid;
		grid-template-columns: 128px minmax(0, 1fr) auto;
		gap: 16px;
		align-items: center;
		padding: 8px 0;
		border-bottom: 1px solid var(--line);
	}
	.lock {
		display: block;
		height: 56px;
		background: var(--field);
		padding: 8px 0 8px 8px;
	}
	.parts {
		font-size: 20px;
	}
	.chosen .parts {
		text-decoration: underline;
		text-decoration-thickness: 3px;
		text-underline-offset: 5px;
	}
	.soft {
		color: var(--ink-soft);
		font-size: 14px;
	}
	@media (max-width: 760px) {
		li {
			grid-template-columns: 72px minmax(0, 1fr);
		}
		li :global(button) {
			grid-column: 1 / -1;
		}
	}
</style>
