<script lang="ts">
	import { formatLevel, undertoneWord } from '../../core/hair';
	import { useVisit } from '../../state/visitContext';
	import { formatHours, labelIn, timeOf } from '../../wording/words';
	import FoilField from '../../widgets/FoilField.svelte';
	import { dayBowls } from '../../model/visit/dayBowls';
	import { startOf } from '../../model/visit/when';
	import {
		bowlName,
		bowlNote,
		evenWords,
		partName,
		PICKING_OPTIONS,
		sectionNamer
	} from '../../wording/bowls';

	const session = useVisit();
	const start = $derived(startOf(session.visit));
	const bowls = $derived(dayBowls(session));
	const worked = $derived(session.bowls.sections.filter(({ load }) => load));
	const finish = $derived(session.bowls.staging?.finish ?? []);
	const time = (minute: number) => timeOf(start, minute);
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const of = (id: string) => finish.filter(({ section }) => section === id);
</script>

<h2 class="mt-4 text-15">
	Bowls: {session.bowlPlan.totalGrams} g mixed, {formatHours(session.bowlPlan.workMinutes)} to put on
</h2>
<table class="bowls-printed">
	<thead><tr><th>Bowl</th><th>For</th><th>Weigh</th><th></th></tr></thead>
	<tbody>
		{#each bowls as bowl (bowl.id)}
			<tr>
				<td>{bowl.number}</td>
				<td><b>{bowlName(bowl, nameOf)}</b><br />{bowlNote(bowl, time)}</td>
				<td
					>{bowl.parts
						.map((part) => `${partName(part, session.shelf)} ${part.amount} ${part.unit}`)
						.join(' + ')}{bowl.mixable ? '' : ' (not in stock)'}</td
				>
				<td class="text-18" aria-hidden="true">☐</td>
			</tr>
		{/each}
	</tbody>
</table>
{#if worked.length > 0}
	<h2 class="mt-4 text-15">Order of work</h2>
	<div class="max-w-142"><FoilField chosen={undefined} onchoose={() => undefined} printed /></div>
	<table>
		<thead
			><tr
				><th></th><th>Section</th><th>Foils</th><th>Min</th><th>g</th><th>Bowl</th><th>On</th><th
					>Off</th
				><th>Expected</th></tr
			></thead
		>
		<tbody>
			{#each worked as { section, load }, i (section.id)}
				{@const ends = of(section.id)}
				<tr>
					<td>{i + 1}</td>
					<td>{nameOf(section.id)}</td>
					<td
						>{load!.foils === undefined
							? load!.partingCm === undefined
								? ''
								: `${Math.round(load!.partingCm)} cm of parting`
							: `${load!.foils}, ${labelIn(PICKING_OPTIONS, section.picking)}`}</td
					>
					<td>{Math.round(load!.minutes)}</td>
					<td>{Math.round(load!.grams)}</td>
					<td>{ends.map(({ bowl }) => bowl).join(', ')}</td>
					<td>{ends.map((one) => time(one.appliedFromMinute)).join(', ')}</td>
					<td
						>{ends
							.map((one) => `${time(one.rinseMinute)}${one.wipedFirst ? ' wipe' : ''}`)
							.join(', ')}</td
					>
					<td
						>{ends
							.map(
								(one) => `${formatLevel(one.level)} ${undertoneWord(one.undertone.name, one.level)}`
							)
							.join(', ')}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if session.bowls.staging}<p class="mt-2">{evenWords(session.bowls.staging)}.</p>{/if}
{/if}
