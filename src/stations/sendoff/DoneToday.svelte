<script lang="ts">
	import type { DayAct } from '../../model/day/acts';
	import { actName } from '../../wording/processes';
	import { useVisit } from '../../state/visitContext';
	import { cautionTitle } from '../../wording/cautions';
	import { curedWords } from '../../wording/cures';
	import { formulaWords, placeWords } from '../../wording/tone';

	interface Props {
		acts: readonly DayAct[];
	}
	let { acts }: Props = $props();
	const session = useVisit();
	/** What lay otherwise than was planned. */
	const otherwise = $derived(
		acts.filter(({ lay, planned }) => lay !== undefined && lay !== planned)
	);
</script>

{#each otherwise as act (act.of)}
	<p class="text-ink-soft">{actName(act)} lay {act.lay} min; {act.planned} were planned.</p>
{/each}
{#each session.visit.run.leftOut ?? [] as { what, place, minutes, at } (at + what)}
	<p class="text-ink-soft">Left out: {actName({ kind: what, place })}, {minutes} min.</p>
{/each}

{#if session.head.toner.parts.length > 0}
	<p class="text-ink-soft">
		Toned with {formulaWords(session.head.toner.parts)}, {session.day.tone.minutes} min.
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
