<script lang="ts">
	import { volumeCeiling } from '../../core/caution';
	import { BOUNDS } from '../../core/vocabulary';
	import { consistencyOf, ratioBound } from '../../core/mix';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import type { LiftPlan } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import { setRootDelay } from '../../model/commands/acts';
	import { whatIf } from '../../model/visit/lift';
	import { touchesScalp } from '../../model/day/steps';
	import { ZONES } from '../../model/head/hair';
	import { staysDeep } from '../../model/visit/kept';
	import { hairOfHead } from '../../state/hairOfHead';
	import { blendWords } from '../../wording/strength';
	import {
		formatRatio,
		labelIn,
		PLACEMENT_OPTIONS,
		PRODUCT_OPTIONS,
		SECTION_OPTIONS
	} from '../../wording/words';

	const session = useVisit();
	const view = $derived(session.view);
	const step = $derived(view.shown);
	const plan = $derived(step.plan);
	/** Whether any hair protects itself, or is light and taken along. */
	const protects = $derived(
		hairOfHead(session).some(({ view: { zones, reading, strandAim } }) =>
			zones.some(
				({ name, state, oldLights }) =>
					state === 'lightened' || oldLights || staysDeep(reading, strandAim, name)
			)
		)
	);
	const set = (label: string, recipe: (draft: LiftPlan) => void) =>
		session.changePlan(label, recipe);

	/** What a change would do to the zone that the figures speak of. */
	const hintOf = (change: Partial<LiftPlan>) =>
		whatIf(view.subject, plan, step.zone, change, step.earlier);
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
	const thickness = { seeThrough: 'medium', medium: 'thick', thick: 'medium' } as const;
	/** How an in-between strength is weighed together. */
	const blend = $derived.by(() => {
		const words = blendWords(plan.volume, session.shelf);
		return words === '' ? '' : `${words}. `;
	});
	/** Whether somebody looks at its product and place, and at how it is begun and finished. */
	let placing = $state(false);
	let beginning = $state(false);
</script>

<NumberField
	label={session.isOff(step.step.id) ? 'It lay' : 'Minutes'}
	value={plan.minutes}
	{...BOUNDS.liftMinutes}
	max={step.lastMinute}
	unit="min"
	inline
	onchange={(v) => session.changeMinutes(v)}
/>
<p class="text-13 text-ink-soft">5 min more: {hintOf({ minutes: plan.minutes + 5 })}</p>
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
	onchange={(v) => session.change('root delay', (draft) => setRootDelay(draft, session.stepId, v))}
/>
<Fold
	title="Product and place"
	summary="{labelIn(PRODUCT_OPTIONS, plan.product)}, {labelIn(
		PLACEMENT_OPTIONS,
		plan.placement
	)}, on {covered.join(', ') || 'nothing'}"
	ontoggle={(open) => (placing = open)}
>
	{#if placing}
		{#await import('./ProductAndPlace.svelte') then { default: ProductAndPlace }}<ProductAndPlace
			/>{/await}
	{/if}
</Fold>
<Fold
	title="Begin and finish"
	summary={plan.delays.lengths + plan.delays.ends + plan.drawThroughMinutes === 0
		? 'all zones at once'
		: 'zone by zone'}
	ontoggle={(open) => (beginning = open)}
>
	{#if beginning}
		{#await import('./BeginAndFinish.svelte') then { default: BeginAndFinish }}<BeginAndFinish
			/>{/await}
	{/if}
</Fold>
