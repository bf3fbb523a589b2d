<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { colourCost } from '../../model/visit/dayBowls';
	import { developerGramsOf } from '../../model/visit/tone';
	import { useVisit } from '../../state/visitContext';
	import { curedWords } from '../../wording/cures';
	import { formulaWords, placeWords } from '../../wording/tone';
	import { beside, formatPrice, formatRatio, VEHICLE_NAMES } from '../../wording/words';

	const session = useVisit();
	const visit = $derived(session.visit);
	/** A toner in a line: its parts, its line, ratio, minutes, and what is expected of it. */
	const toned = ({ parts, line, mix, toned: came }: typeof session.head.toner) => {
		const made = line ? `${line.name} (${VEHICLE_NAMES[line.vehicle]})` : '';
		const developer = line ? developerGramsOf(parts, line, mix.ratio, session.shelf?.scaleStep) : 0;
		const cost = colourCost(parts, developer, session.shelf, line?.developerVolume);
		const paid = cost === undefined ? '' : formatPrice(cost, session.shelf);
		const mixed = beside(
			formulaWords(parts),
			made,
			formatRatio(mix.ratio),
			`${mix.minutes} min`,
			paid
		);
		return `${mixed}. Expected ${formatLevel(came.level)}.`;
	};
</script>

<h2 class="print:mt-4 print:break-after-avoid print:text-15">Tone</h2>
<p>
	{#if session.head.toner.none}No toner.{:else if session.head.toner.parts.length === 0}Not chosen
		yet.{:else}{toned(session.head.toner)}{/if}
</p>
{#each session.placed as { id, mix, toner } (id)}
	<p><b>{placeWords(mix)}:</b> {toned(toner)}</p>
{/each}
{#each visit.run.cures ?? [] as cure (cure.id)}
	<p>{curedWords(cure)}.</p>
{/each}
