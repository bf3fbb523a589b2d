<script lang="ts">
	import { areaDifference, aimDifference } from '../../model/head/areaDifference';
	import { flushSync } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { formatLevel, undertoneWord } from '../../core/hair';
	import { stallPoints } from '../../core/toner';
	import { useRecords } from '../../state/records';
	import { seriesOf } from '../../model/commands/series';
	import { backupParts, stallProblem } from '../../model/visit/stall';
	import { backupWords, nextRoundWords } from '../../wording/stall';
	import { contrastWords, KIND_OPTIONS } from '../../wording/aim';
	import { MAIN_STEP, tintOf } from '../../model/day/steps';
	import { partWords } from '../../wording/part';
	import type { LiftPlan, ZoneName } from '../../schema/records';
	import { ZONES } from '../../model/head/hair';
	import { elapsedSeconds } from '../../model/commands/run';
	import { useClock } from '../../state/clock.svelte';
	import { RunningView } from '../../state/runningView.svelte';
	import { LOOK_WORDS } from '../../wording/chair';
	import { bowlWords, PART_NAMES, productWords, sectionNamer } from '../../wording/bowls';
	import { STANDING_CAUTIONS } from '../../wording/cautions';
	import { aimDifferenceWords, differenceWords, exceptWords } from '../../wording/areas';
	import { useVisit } from '../../state/visitContext';
	import {
		areaWords,
		formatRatio,
		labelIn,
		PLACEMENT_OPTIONS,
		PRODUCT_OPTIONS,
		SECTION_OPTIONS,
		STEP_NAMES,
		formatDate
	} from '../../wording/words';
	import { paper } from '../../ui/paper.svelte';
	import PrintBowls from './PrintBowls.svelte';
	import PrintTone from './PrintTone.svelte';
	import { formulaWords } from '../../wording/tone';
	import { keptHair } from '../../state/keptHair';
	import { alongWords, KEPT_WORDS, lightsWords, pieceWords } from '../../wording/kept';

	const session = useVisit();
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const visit = $derived(session.visit);
	const clock = useClock();
	const service = new RunningView(session, () => elapsedSeconds(visit.run, clock.shown));
	const plan = $derived(session.plan);
	const reading = $derived(session.head.reading);
	const product = $derived(productWords(plan.product, session.shelf));
	const further = $derived.by(() => {
		const main = session.work.steps.findIndex(({ step }) => step.id === MAIN_STEP);
		return session.work.steps.flatMap(({ step, bowls }, i) =>
			i === main ? [] : [{ step: { ...step, before: i < main }, bowls }]
		);
	});
	const main = $derived(session.head.main.lift);
	const workspace = useRecords().workspace;
	const series = $derived(seriesOf(workspace.visitsOf(visit.clientId), visit));
	/**
	 * The way out for every likely stalling point. It is a search and the sheet is seldom looked at, so it is
	 * worked out when somebody prints: on the spot, before the page is laid out.
	 */
	const onPaper = new MediaQuery('print');
	const onSheet = $derived(paper.near || onPaper.current);
	const stalls = $derived.by(() => {
		const problem = onSheet ? stallProblem(session.visit, session.head) : undefined;
		return problem ? stallPoints(problem) : [];
	});
	const zones = $derived(
		session.head.zones.filter(({ name }) => session.head.plan.covers[name]).map(({ name }) => name)
	);
	/** What keeps itself out, and what is taken along all the same. */
	const kept = $derived(session.lightens ? keptHair(session) : []);
	/** What a tint lays down while it lifts. */
	const shadeWords = (of: LiftPlan): string =>
		of.tint && tintOf(of) ? `; shade ${formulaWords(of.tint.parts)}` : '';
	const delayWords = ({ delays, drawThroughMinutes }: LiftPlan): string =>
		[
			...ZONES.filter((zone) => delays[zone] > 0).map(
				(zone) => `; ${zone} ${delays[zone]} min later`
			),
			...(drawThroughMinutes > 0 ? [`; drawn through for the last ${drawThroughMinutes} min`] : [])
		].join('');
	/** Minutes of an application: as it is planned, or as it lay once it is off. */
	function minutesOf(id: string, planned: number): string {
		const lay = session.head.steps.find((one) => one.id === id)?.plan.minutes ?? planned;
		return session.isOff(id) && lay !== planned
			? `${lay} min on the hair (${planned} planned)`
			: `${planned} min`;
	}
	/** Light pieces among a zone: “ with 75 % at 9”. */
	function lightsOf(zone: ZoneName): string {
		const { oldLights } = reading.zones[zone];
		return oldLights ? ` with ${lightsWords(oldLights)}` : '';
	}
</script>

<svelte:window
	onbeforeprint={() => flushSync(() => (paper.near = true))}
	onafterprint={() => (paper.near = false)}
/>

<article
	class="printed hidden print:block print:p-8 print:text-15 print:text-black print:[&_table]:w-full print:[&_table]:border-collapse print:[&_table]:text-13 print:[&_td]:border-b print:[&_td]:border-edge print:[&_td]:py-1 print:[&_td]:pr-3 print:[&_td]:pl-0 print:[&_td]:text-left print:[&_th]:border-b print:[&_th]:border-edge print:[&_th]:py-1 print:[&_th]:pr-3 print:[&_th]:pl-0 print:[&_th]:text-left print:[&_tr]:break-inside-avoid"
>
	<h1 class="print:font-figure print:text-28">{session.client?.name ?? 'Client'}</h1>
	<p>{formatDate(visit.date)}{visit.colourist ? ` · ${visit.colourist}` : ''} · Zelvant</p>

	<h2 class="print:mt-4 print:break-after-avoid print:text-15">Read</h2>
	<p>
		Natural {formatLevel(reading.naturalLevel)}
		{reading.warmth}, {reading.texture}, density {reading.density}, porosity {reading.porosity}, {reading.lengthCm}
		cm;
		{#each session.head.zones as zone, i (zone.name)}{zone.name}
			{formatLevel(session.head.now[i]!)}
			{reading.zones[zone.name].state}{lightsOf(zone.name)}{i < session.head.zones.length - 1
				? ', '
				: '.'}{/each}
		{#if reading.whiteShare > 0}White {Math.round(reading.whiteShare * 100)} %.{/if}
		{#if Object.keys(reading.areas).length > 0}{exceptWords((area) =>
				differenceWords(areaDifference(reading, area))
			)}{/if}
	</p>
	<h2 class="print:mt-4 print:break-after-avoid print:text-15">Aim</h2>
	<p>
		{formatLevel(visit.aim.level)}
		{visit.aim.direction}, {Math.round(visit.aim.keepWarmth * 100)} % warmth kept; lift to {formatLevel(
			session.head.target
		)}; {labelIn(KIND_OPTIONS, visit.aim.kind)}, {contrastWords(visit.aim)}.
		{#if Object.keys(visit.aim.areas).length > 0}{exceptWords((area) =>
				aimDifferenceWords(aimDifference(visit.aim, area))
			)}{/if}
	</p>
	<h2 class="print:mt-4 print:break-after-avoid print:text-15">Lift</h2>
	{#if !session.lightens}
		<p>Nothing is lightened today.</p>
	{:else}
		<p>
			{product}, {plan.volume} vol, {formatRatio(plan.ratio)}, {minutesOf(MAIN_STEP, plan.minutes)}, {labelIn(
				PLACEMENT_OPTIONS,
				plan.placement
			)}, sections {labelIn(SECTION_OPTIONS, plan.section)}, on {zones.join(', ') ||
				'some areas only'}{plan.part ? ` of the ${partWords(plan.part)}` : ''} from
			{plan.startsAtMm} mm off the skin{delayWords(plan)}{shadeWords(plan)}. Expected {formatLevel(
				main.level
			)} ({formatLevel(main.low)} to {formatLevel(main.high)}) {main.tone}; condition {Math.round(
				main.condition
			)}.
		</p>
		{#if kept.length > 0}
			<p>
				{#each kept as one (pieceWords(one))}{pieceWords(one)}: {one.kept
						? KEPT_WORDS[one.kept]
						: alongWords(one.share === undefined ? plan.overlap : plan.lightsAlong)}.
				{/each}
			</p>
		{/if}
	{/if}
	{#each further as { step, bowls } (step.id)}
		<p>
			{step.before ? 'First' : 'Then'}: {STEP_NAMES[step.kind]}, {labelIn(
				PRODUCT_OPTIONS,
				step.plan.product
			)}, {step.plan.volume} vol, {formatRatio(step.plan.ratio)}, {minutesOf(
				step.id,
				step.plan.minutes
			)}, {labelIn(PLACEMENT_OPTIONS, step.plan.placement)}{step.areas
				? `, ${areaWords(step.areas)} alone`
				: ''}{step.plan.part ? `, ${partWords(step.plan.part)}` : ''}{shadeWords(step.plan)}: {bowls.bowls
				.map((bowl) => bowlWords(bowl))
				.join('; ')}.
		</p>
	{/each}
	{#if further.length > 0}
		<p>
			At the end of the day {formatLevel(session.head.lift.level)} ({formatLevel(
				session.head.lift.low
			)} to {formatLevel(session.head.lift.high)}); condition {Math.round(
				session.head.lift.condition
			)}.
		</p>
	{/if}
	{#if stalls.length > 0}
		<h2 class="print:mt-4 print:break-after-avoid print:text-15">If it stops short</h2>
		<ul>
			{#each stalls as point (point.level)}
				<li>
					At {formatLevel(point.level)}
					{undertoneWord(point.undertone.name, point.level)}: {nextRoundWords(point)}
					{backupWords(point, backupParts(point, session.head.line))}
				</li>
			{/each}
		</ul>
	{/if}
	{#if series.length > 1}
		<h2 class="print:mt-4 print:break-after-avoid print:text-15">Visits</h2>
		<p>
			{series
				.map(({ date, id }, i) => `${i + 1}: ${date}${id === session.id ? ' (this one)' : ''}`)
				.join(', ')}
		</p>
	{/if}
	{#if onSheet}<PrintBowls />{/if}
	{#if onSheet && service.log.length > 0}
		<h2 class="print:mt-4 print:break-after-avoid print:text-15">
			As planned and as done, minutes
		</h2>
		<table class="bowls-printed">
			<thead><tr><th>Section</th><th>Planned</th><th>Done</th></tr></thead>
			<tbody>
				{#each service.log as { section, part, planned, done } (`${section} ${part}`)}
					<tr>
						<td>{nameOf(section)}{part ? `, ${PART_NAMES[part]}` : ''}</td>
						<td>{Math.round(planned.fromMinute)} to {Math.round(planned.toMinute)}</td>
						<td>{Math.round(done.fromMinute)} to {Math.round(done.toMinute)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if visit.run.notes.length > 0}
		<h2 class="print:mt-4 print:break-after-avoid print:text-15">Seen</h2>
		{#each visit.run.notes as note (note.id)}
			<p>
				{Math.round(note.minute)} min, {note.section === undefined
					? note.zone
					: nameOf(note.section)}: {note.level !== undefined
					? formatLevel(note.level)
					: note.word
						? LOOK_WORDS[note.word]
						: ''}
				{note.undertone ?? ''}
				{[note.stretch, note.heat, note.scalp, note.text].filter(Boolean).join(', ')}
			</p>
		{/each}
	{/if}
	<PrintTone />
	{#if visit.result.recordedAt}
		<h2 class="print:mt-4 print:break-after-avoid print:text-15">Result</h2>
		<p>
			{visit.result.level !== undefined
				? `${formatLevel(visit.result.level)}${visit.result.unsure ? ', seen or expected' : ' seen'}`
				: visit.result.expected
					? `${formatLevel(visit.result.expected.toned)} expected, not looked at`
					: ''}
			{visit.result.tone}. {visit.result.notes}
		</p>
		{#if visit.result.leftoverGrams}<p>Left over {visit.result.leftoverGrams} g.</p>{/if}
	{/if}
	{#each visit.passed.filter(({ reason }) => reason) as entry (entry.code)}
		<p>Passed {entry.code}: “{entry.reason}”</p>
	{/each}
	<p class="print:mt-6 print:text-13">
		{STANDING_CAUTIONS.lift}
		{STANDING_CAUTIONS.bowls}
		{STANDING_CAUTIONS.read}
	</p>
</article>
