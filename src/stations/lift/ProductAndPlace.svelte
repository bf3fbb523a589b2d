<script lang="ts">
	import { volumeCeiling } from '../../core/caution';
	import { STARTS_AT } from '../../core/lift';
	import { BOUNDS, PLACEMENTS, factsOf } from '../../core/vocabulary';
	import Dial from '../../ui/Dial.svelte';
	import Select from '../../ui/Select.svelte';
	import Switch from '../../ui/Switch.svelte';
	import Tick from '../../ui/Tick.svelte';
	import type { LiftPlan } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import { whatIf } from '../../model/visit/lift';
	import { planIn, touchesScalp } from '../../model/day/steps';
	import { ZONES } from '../../model/head/hair';
	import { keptOut } from '../../model/visit/kept';
	import { KEPT_WORDS } from '../../wording/kept';
	import { labelIn, PLACEMENT_OPTIONS, PRODUCT_OPTIONS } from '../../wording/words';
	import { nextOf } from './hints';

	const session = useVisit();
	const view = $derived(session.view);
	const step = $derived(view.shown);
	const plan = $derived(step.plan);
	/** As it was planned; what of it goes on this hair is `plan`. */
	const planned = $derived(planIn(session.visit, session.stepId) ?? session.visit.lift);
	const set = (label: string, recipe: (draft: LiftPlan) => void) =>
		session.changePlan(label, recipe);
	/** What a change would do to the zone that the figures speak of. */
	const hintOf = (change: Partial<LiftPlan>) =>
		whatIf(view.subject, plan, step.zone, change, step.earlier);
	const onScalp = $derived(touchesScalp(plan, view.zones));
	const ceiling = $derived(
		volumeCeiling(plan.product, plan.placement, session.shelf?.ceilings, onScalp)
	);
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
</script>

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
	value={planned.startsAtMm}
	{...BOUNDS.startsAtMm}
	shown="{planned.startsAtMm} mm"
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
	<Switch
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
