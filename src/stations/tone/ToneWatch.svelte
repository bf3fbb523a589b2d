<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { holds } from '../../core/tone';
	import { useVisit } from '../../state/visitContext';
	import { isPlainLine } from '../../model/demo/shelf';
	import { lightsTonedWords } from '../../wording/kept';
	import { bowlFaultWords, holdsWords, toneWarningWords } from '../../wording/tone';

	const session = useVisit();
	const toner = $derived(session.toner);
	const warnings = $derived(toner.faults);
	const held = $derived(holds(toner.conditions));
	const need = $derived(toner.found?.needLevel);
</script>

{#each warnings as warning, i (i)}
	<p class="mb-3 border-l-4 border-ask pl-3" role="status">
		<b>Watch:</b>
		{toneWarningWords(warning)}
	</p>
{/each}
{#each toner.bowlFaults as fault, i (i)}
	<p class="mb-3 border-l-4 border-ask pl-3" role="status">
		<b>In this bowl:</b>
		{bowlFaultWords(fault)}
	</p>
{/each}
{#if held < 1 && !toner.none}
	<p class="mb-3 border-l-4 border-ask pl-3" role="status">
		<b>Holds little:</b>
		{holdsWords(held)}
	</p>
{/if}
{#if need !== undefined}
	<p class="mb-3 border-l-4 border-ask pl-3">
		<b>Nothing on this line comes close.</b> Lifted to {formatLevel(need)} it would. The nearest stand
		below with their distance.
	</p>
{/if}
{#if session.line && isPlainLine(session.line)}
	<p class="mb-3 border-l-4 border-ask pl-3" role="status">
		<b>These are not your tubes.</b> The shelf still holds the line that a new salon starts with:
		<a href="/shelf">enter your own shades</a> before you mix by this.
	</p>
{/if}
{#each session.head.lightsToned as piece (piece.zone)}
	<p class="mb-3 border-l-4 border-ask pl-3">
		<b>Old light pieces, {piece.zone}:</b>
		{lightsTonedWords(piece)}
	</p>
{/each}
