<script lang="ts">
	import { volumeCeiling } from '../../core/caution';
	import { STARTS_AT } from '../../core/lift';
	import { BOUNDS, PLACEMENTS, factsOf } from '../../core/vocabulary';
	import { formatLevel } from '../../core/hair';
	import { consistencyOf, ratioBound } from '../../core/mix';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import Tick from '../../ui/Tick.svelte';
	import type { LiftPlan, ZoneName } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import { whatIf } from '../../model/visit/lift';
	import { planIn, touchesScalp } from '../../model/visit/day';
	import { ZONES } from '../../model/visit/hair';
	import { keptOut, staysDeep } from '../../model/visit/kept';
	import { hairOfHead } from '../../state/hairOfHead';
	import { KEPT_WORDS } from '../../wording/kept';
	import { blendWords } from '../../wording/strength';
	import {
		formatRatio,
		labelIn,
		PLACEMENT_OPTIONS,
		PRODUCT_OPTIONS,
		SECTION_OPTIONS
	} from '../../wording/words';
	import { nextOf } from './hints';

	const session = useVisit();
	const view = $derived(session.view);
	const step = $derived(view.shown);
	const plan = $derived(step.plan);
	/** As it was planned; what of it goes on this hair is `plan`. */
	const planned = $derived(planIn(session.visit, session.stepId) ?? session.visit.lift);
	/** Whether any hair protects itself, or is light and taken along. */
	const protects = $derived(
		hairOfHead(session).some(({ view: { zones, reading, strandAim } }) =>
			zones.some(({ name, state }) => state === 'lightened' || staysDeep(reading, strandAim, name))
		)
	);
	const set = (label: string, recipe: (draft: LiftPlan) => void) =>
		session.changePlan(label, recipe);

	/** What a change would do to the zone that the figures speak of. */
	const hintOf = (change: Partial<LiftPlan>) =>
		whatIf(view.subject, plan, step.zone, change, step.earlier);
	/** What it would do to the level of another zone. */
	function zoneHint(name: ZoneName, change: Partial<LiftPlan>): string {
		const zone = view.zones.find((candidate) => candidate.name === name);
		if (!zone) return '';
		const [now, then] = [step.levelWith(zone, {}), step.levelWith(zone, change)];
		return `${name} ${formatLevel(now)} to ${formatLevel(then)}`;
	}
	/** Weakest developer that lifts, and the step of the dial: finer only while it stands between its steps. */
	const LEAST = 5;
	const HAND = 2.5;
	/** The dial stops where the shelf does: nothing stronger can be mixed from it. */
	const strongest = $derived(
		Math.max(
			plan.volume,
			...(session.shelf?.developers.length ? session.shelf.developers : [BOUNDS.volume.max])
		)
	);
	const stronger = $derived(
		plan.volume < strongest ? Math.min(strongest, plan.volume + 5) : plan.volume - 5
	);
	const thicker = $derived(plan.ratio > 1 ? plan.ratio - 0.5 : 1.5);
	const onScalp = $derived(touchesScalp(plan, view.zones));
	const ceiling = $derived(
		volumeCeiling(plan.product, plan.placement, session.shelf?.ceilings, onScalp)
	);
	const lead = $derived(step.lift.rootLead);
	const covered = $derived(ZONES.filter((zone) => plan.covers[zone]));
	const outside = $derived(view.zones.map(({ name }) => name).filter((name) => !plan.covers[name]));
	const thickness = { seeThrough: 'medium', medium: 'thick', thick: 'medium' } as const;
	/** How an in-between strength is weighed together. */
	const blend = $derived.by(() => {
		const words = blendWords(plan.volume, session.shelf);
		return words === '' ? '' : `${words}. `;
	});
	const product = $derived(
		nextOf(
			PRODUCT_OPTIONS.map(({ value }) => value),
			plan.product,
			(value) => factsOf(value).strength
		)
	);
	const placement = $derived(
		nextOf(
			PLACEMENT_OPTIONS.map(({ value }) => value).filter(
				(value) => scalpy(value) === scalpy(plan.placement)
			),
			plan.placement,
			(value) => PLACEMENTS[value].temperatureC
		)
	);
	function scalpy(value: LiftPlan['placement']): boolean {
		return value === 'onScalp' || value === 'film';
	}
	const delayed = (name: ZoneName, minutes: number) => ({
		delays: { ...plan.delays, [name]: minutes }
	});
</script>

<NumberField
	label="Minutes"
	value={plan.minutes}
	{...BOUNDS.liftMinutes}
	max={step.lastMinute}
	unit="min"
	inline
	onchange={(v) => set('minute', (p) => (p.minutes = v))}
/>
<p class="hint">5 min more: {hintOf({ minutes: plan.minutes + 5 })}</p>
<Dial
	label="Developer"
	value={plan.volume}
	min={LEAST}
	max={strongest}
	step={(plan.volume - LEAST) % HAND === 0 ? HAND : BOUNDS.volume.step}
	shown="{plan.volume} vol"
	{ceiling}
	hint="{plan.volume > ceiling
		? `Over the ceiling of ${ceiling} vol. `
		: ''}{blend}{stronger} vol: {hintOf({
		volume: stronger
	})}"
	onchange={(v) => set('developer', (p) => (p.volume = v))}
>
	{#snippet figure()}
		<!-- The dial goes in steps of the hand; a strength between them is typed. -->
		<NumberField
			label="Developer, volumes"
			hideLabel
			inline
			value={plan.volume}
			{...BOUNDS.volume}
			min={LEAST}
			max={strongest}
			unit="vol"
			onchange={(v) => set('developer', (p) => (p.volume = v))}
		/>
	{/snippet}
</Dial>
<Dial
	label="Ratio"
	value={plan.ratio}
	{...ratioBound(plan.product)}
	shown="{formatRatio(plan.ratio)}, {consistencyOf(plan.ratio)}"
	hint="{formatRatio(thicker)}: {hintOf({ ratio: Math.max(BOUNDS.ratio.min, thicker) })}"
	onchange={(v) => set('ratio', (p) => (p.ratio = v))}
/>
<Dial
	label="Sections"
	value={SECTION_OPTIONS.findIndex(({ value }) => value === plan.section)}
	min={0}
	max={SECTION_OPTIONS.length - 1}
	step={1}
	shown={labelIn(SECTION_OPTIONS, plan.section)}
	hint="{labelIn(SECTION_OPTIONS, thickness[plan.section])}: {hintOf({
		section: thickness[plan.section]
	})}"
	onchange={(v) => set('sections', (p) => (p.section = SECTION_OPTIONS[v]?.value ?? p.section))}
/>
{#if protects}
	{#await import('../../widgets/KeptLines.svelte') then { default: KeptLines }}<KeptLines />{/await}
{/if}
<Dial
	label="Root follows after"
	value={plan.delays.root}
	{...BOUNDS.delayMinutes}
	shown={plan.delays.root === 0 ? 'at once' : `${plan.delays.root} min`}
	hint={lead > 0.1
		? `Root ends ${lead.toFixed(1)} level lighter.`
		: lead < -0.1
			? `Root ends ${(-lead).toFixed(1)} level behind.`
			: 'Root ends with the lengths.'}
	onchange={(v) => set('root delay', (p) => (p.delays.root = v))}
/>
<Fold
	title="Product and place"
	summary="{labelIn(PRODUCT_OPTIONS, plan.product)}, {labelIn(
		PLACEMENT_OPTIONS,
		plan.placement
	)}, on {covered.join(', ') || 'nothing'}"
>
	<Select
		label="Product"
		value={plan.product}
		options={PRODUCT_OPTIONS}
		hint="{labelIn(PRODUCT_OPTIONS, product)}: {hintOf({ product })}"
		onchange={(v) => set('product', (p) => (p.product = v))}
	/>
	<Select
		label="Placement"
		value={plan.placement}
		options={PLACEMENT_OPTIONS}
		hint="{labelIn(PLACEMENT_OPTIONS, placement)}: {hintOf({ placement })}"
		onchange={(v) => set('placement', (p) => (p.placement = v))}
	/>
	<Dial
		label="Begins, from the skin"
		value={plan.startsAtMm}
		{...BOUNDS.startsAtMm}
		shown="{plan.startsAtMm} mm"
		hint={onScalp
			? `On the scalp, whatever covers it: at most ${ceiling} vol.`
			: `Off the scalp; under ${STARTS_AT.touchesUnder} mm it lies on it.`}
		onchange={(v) => set('begins', (p) => (p.startsAtMm = v))}
	/>
	<div>
		{#each ZONES as zone (zone)}
			{@const why = keptOut(planned, view.reading, view.strandAim, zone, step.step.kind)}
			<Tick
				label="On the {zone}"
				checked={planned.covers[zone]}
				hint={why === undefined || why === 'left' ? '' : KEPT_WORDS[why]}
				onchange={(v) => set(`covers ${zone}`, (p) => (p.covers[zone] = v))}
			/>
		{/each}
		<Tick
			label="Bond additive"
			checked={plan.bondAdditive}
			hint="{plan.bondAdditive ? 'without' : 'with'} it: {hintOf({
				bondAdditive: !plan.bondAdditive
			})}"
			onchange={(v) => set('bond additive', (p) => (p.bondAdditive = v))}
		/>
		<Tick
			label="Hair slightly damp"
			checked={plan.damp}
			hint="{plan.damp ? 'dry' : 'damp'}: {hintOf({ damp: !plan.damp })}"
			onchange={(v) => set('damp', (p) => (p.damp = v))}
		/>
	</div>
</Fold>
<Fold
	title="Begin and finish"
	summary={plan.delays.lengths + plan.delays.ends + plan.drawThroughMinutes === 0
		? 'all zones at once'
		: 'zone by zone'}
>
	{#each ['lengths', 'ends'] as const as zone (zone)}
		{#if plan.covers[zone]}
			<Dial
				label="{zone === 'ends' ? 'Ends follow' : 'Lengths follow'} after"
				value={plan.delays[zone]}
				{...BOUNDS.delayMinutes}
				shown={plan.delays[zone] === 0 ? 'at once' : `${plan.delays[zone]} min`}
				hint="5 min later: {zoneHint(zone, delayed(zone, plan.delays[zone] + 5))}"
				onchange={(v) => set(`${zone} delay`, (p) => (p.delays[zone] = v))}
			/>
		{/if}
	{/each}
	{#if outside.length > 0 && covered.length > 0}
		<Dial
			label="Drawn through at the finish"
			value={plan.drawThroughMinutes}
			{...BOUNDS.drawThroughMinutes}
			shown={plan.drawThroughMinutes === 0 ? 'not' : `last ${plan.drawThroughMinutes} min`}
			hint="5 min more: {zoneHint(outside.at(-1)!, {
				drawThroughMinutes: plan.drawThroughMinutes + 5
			})}"
			onchange={(v) => set('drawn through', (p) => (p.drawThroughMinutes = v))}
		/>
	{:else}
		<p class="hint">
			Where a zone is kept out, the spent mixture can be drawn over it for the last minutes.
		</p>
	{/if}
</Fold>

<style>
	.hint {
		font-size: 13px;
		color: var(--ink-soft);
	}
</style>
