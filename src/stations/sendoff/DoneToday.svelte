<script lang="ts">
	import { useVisit } from '../../state/visitContext';
	import { cautionTitle } from '../../wording/cautions';
	import { curedWords } from '../../wording/cures';
	import { formulaWords, placeWords } from '../../wording/tone';

	const session = useVisit();
</script>

{#if session.head.toner.parts.length > 0}
	<p class="text-ink-soft">
		Toned with {formulaWords(session.head.toner.parts)}, {session.visit.tone.minutes} min.
	</p>
{/if}
{#each session.placed as { id: toner, mix, toner: { parts } } (toner)}
	{#if parts.length > 0}
		<p class="text-ink-soft">
			{placeWords(mix)}: {formulaWords(parts)}, {mix.minutes} min.
		</p>
	{/if}
{/each}
{#each session.visit.run.cures ?? [] as cure (cure.id)}
	<p class="text-ink-soft">{curedWords(cure)}.</p>
{/each}
{#each session.visit.passed.filter(({ reason }) => reason) as entry (entry.code)}
	<p class="text-ink-soft">
		Passed {cautionTitle(entry.code)} “{entry.reason}”
	</p>
{/each}
