<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { STANDING_CAUTIONS } from '../../core/caution';
	import { contrastWords, KIND_OPTIONS } from '../aim/kinds';
	import { aimDifferenceWords, differenceWords, exceptWords } from '../visit/areas';
	import { useVisit } from '../visit/context';
	import {
		VEHICLE_NAMES,
		formatHours,
		formatRatio,
		labelIn,
		PLACEMENT_OPTIONS,
		SECTION_OPTIONS
	} from '../visit/words';
	import { formulaWords } from '../tone/words';

	const session = useVisit();
	const visit = $derived(session.visit);
	const plan = $derived(session.plan);
	const reading = $derived(session.head.reading);
	const product = $derived(session.productName);
	const zones = $derived(
		session.head.zones.filter(({ name }) => plan.covers[name]).map(({ name }) => name)
	);
</script>

<article class="printed">
	<h1>{session.client?.name ?? 'Client'}</h1>
	<p>{visit.date}{visit.colourist ? ` · ${visit.colourist}` : ''} · Zelvant</p>

	<h2>Read</h2>
	<p>
		Natural {formatLevel(reading.naturalLevel)}
		{reading.warmth}, {reading.texture}, density {reading.density}, porosity {reading.porosity}, {reading.lengthCm}
		cm.
		{#each session.head.zones as zone, i (zone.name)}{zone.name}
			{formatLevel(session.head.now[i]!)}
			{reading.zones[zone.name].state}{i < session.head.zones.length - 1 ? ', ' : '.'}{/each}
		{#if reading.whiteShare > 0}White {Math.round(reading.whiteShare * 100)} %.{/if}
		{#if Object.keys(reading.areas).length > 0}{exceptWords((area) =>
				differenceWords(reading, area)
			)}{/if}
	</p>
	<h2>Aim</h2>
	<p>
		{formatLevel(visit.aim.level)}
		{visit.aim.direction}, {Math.round(visit.aim.keepWarmth * 100)} % warmth kept; lift to {formatLevel(
			session.head.target
		)}. {labelIn(KIND_OPTIONS, visit.aim.kind)}, {contrastWords(visit.aim)}.
		{#if Object.keys(visit.aim.areas).length > 0}{exceptWords((area) =>
				aimDifferenceWords(visit.aim, area)
			)}{/if}
	</p>
	<h2>Lift</h2>
	<p>
		{product}, {plan.volume} vol, {formatRatio(plan.ratio)}, {plan.minutes} min, {labelIn(
			PLACEMENT_OPTIONS,
			plan.placement
		)}, sections {labelIn(SECTION_OPTIONS, plan.section)}, on {zones.join(', ')}{plan.delays.root >
		0
			? `; root ${plan.delays.root} min later`
			: ''}. Expected {formatLevel(session.head.lift.level)} ({formatLevel(session.head.lift.low)} to
		{formatLevel(session.head.lift.high)}) {session.head.lift.undertone.name}; condition {Math.round(
			session.head.lift.condition
		)}.
	</p>
	<h2>
		Bowls: {session.bowlPlan.totalGrams} g, {formatHours(session.bowlPlan.workMinutes)} to put on
	</h2>
	<table>
		<thead
			><tr><th>Bowl</th><th>{product}</th><th>Developer</th><th>Mix at</th><th>For</th></tr></thead
		>
		<tbody>
			{#each session.bowlPlan.bowls as bowl (bowl.number)}
				<tr>
					<td>{bowl.number}</td>
					<td>{bowl.lightenerGrams} g</td>
					<td
						>{bowl.blend?.parts.map((p) => `${p.volume} vol ${p.grams} g`).join(' + ') ??
							`${plan.volume} vol ${bowl.developerGrams} g (not in stock)`}</td
					>
					<td>{bowl.mixAtMinute} min</td>
					<td>{bowl.foils ? `foils ${bowl.foils.from} to ${bowl.foils.to}` : 'open work'}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if visit.run.notes.length > 0}
		<h2>Seen</h2>
		{#each visit.run.notes as note (note.id)}
			<p>
				{note.minute} min, {note.zone}: {formatLevel(note.level)}
				{note.undertone ?? ''}
				{note.text}
			</p>
		{/each}
	{/if}
	<h2>Tone</h2>
	<p>
		{#if visit.tone.choice === 'none'}No toner.{:else}{formulaWords(
				session.head.toneParts
			)}{session.line ? `, ${session.line.name} (${VEHICLE_NAMES[session.line.vehicle]})` : ''}, {formatRatio(
				visit.tone.ratio
			)}, {visit.tone.minutes} min. Expected {formatLevel(session.head.toned.level)}.{/if}
	</p>
	{#if visit.result.recordedAt}
		<h2>Result</h2>
		<p>
			{visit.result.level ? formatLevel(visit.result.level) : ''}
			{visit.result.tone}. {visit.result.notes}
		</p>
		{#if visit.result.leftoverGrams}<p>Left over {visit.result.leftoverGrams} g.</p>{/if}
	{/if}
	{#each visit.passed.filter(({ reason }) => reason) as entry (entry.code)}
		<p>Passed {entry.code}: “{entry.reason}”</p>
	{/each}
	<p class="small">{STANDING_CAUTIONS.lift} {STANDING_CAUTIONS.bowls} {STANDING_CAUTIONS.read}</p>
</article>

<style>
	.printed {
		display: none;
	}
	@media print {
		.printed {
			display: block;
			padding: 8mm;
			font-size: 11pt;
			color: #000;
		}
		h1 {
			font-family: var(--figure);
			font-size: 22pt;
		}
		h2 {
			font-size: 11pt;
			margin-top: 4mm;
			break-after: avoid;
		}
		table {
			border-collapse: collapse;
			width: 100%;
		}
		th,
		td {
			text-align: left;
			border-bottom: 0.3mm solid #999;
			padding: 1mm 3mm 1mm 0;
		}
		.small {
			margin-top: 6mm;
			font-size: 9pt;
		}
	}
</style>
