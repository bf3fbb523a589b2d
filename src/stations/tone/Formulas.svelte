<script lang="ts">
	import { kindsOf } from '../../core/toner';
	import { chooseOfLine, chooseToner } from '../../model/commands/toner';
	import { recordParts } from '../../model/visit/tone';
	import type { ChosenPart } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import Progress from '../../ui/Progress.svelte';
	import { formulaWords, KIND_WORDS } from '../../wording/tone';
	import FormulaRow from './FormulaRow.svelte';

	const session = useVisit();
	const toner = $derived(session.toner);
	const line = $derived(toner.line);
	const formulas = $derived(toner.found?.formulas ?? []);
	/** What each is the best at. */
	const kinds = $derived(
		kindsOf(formulas, toner.filled, toner.conditions, toner.target, session.habit)
	);
	const undertone = $derived(session.tonerUndertone.name);
	const softer = $derived(toner.softer);
	const rows = $derived(
		line
			? formulas.map((formula, i) => ({
					formula,
					words: formulaWords(recordParts(formula, line)),
					best: (kinds[i] ?? []).map((kind) => KIND_WORDS[kind])
				}))
			: []
	);
	const isChosen = (words: string) =>
		toner.mix.choice === 'formula' && formulaWords(toner.mix.parts) === words;
	const choose = (parts: readonly ChosenPart[]) =>
		session.changeToner('chose a toner', (draft) => chooseToner(draft, parts, line));
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
		{#each rows as { formula, words, best }, i (`${words} ${i}`)}
			<FormulaRow {formula} {line} {best} {undertone} chosen={isChosen(words)} onchoose={choose} />
		{/each}
		{#if softer}
			<FormulaRow
				formula={softer.formula}
				line={softer.line}
				best={[`softest on the hair: ${softer.line.name}`]}
				{undertone}
				chosen={false}
				onchoose={(parts) =>
					session.changeToner('chose a softer toner', (draft) =>
						chooseOfLine(draft, parts, softer.line)
					)}
			/>
		{/if}
	</ol>
{/if}
