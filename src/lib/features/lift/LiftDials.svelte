<script lang="ts">
	import { consistencyOf } from '../../core/mix';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import Select from '../../ui/Select.svelte';
	import Tick from '../../ui/Tick.svelte';
	import type { LiftPlan } from '../../schema/records';
	import { useVisit } from '../visit/context';
	import { whatIf } from '../visit/lift';
	import { ZONES } from '../visit/hair';
	import {
		formatRatio,
		labelIn,
		PLACEMENT_OPTIONS,
		PRODUCT_OPTIONS,
		SECTION_OPTIONS
	} from '../visit/words';

	const session = useVisit();
	const plan = $derived(session.plan);
	const set = (label: string, recipe: (draft: LiftPlan) => void) =>
		session.change(label, (draft) => recipe(draft.lift));

	const hintOf = (change: Partial<LiftPlan>) =>
		whatIf(session.view.subject, plan, session.view.zone, change);
	const stronger = $derived(
		plan.volume < 40
			? `${plan.volume + 5} vol: ${hintOf({ volume: plan.volume + 5 })}`
			: `35 vol: ${hintOf({ volume: 35 })}`
	);
	const thicker = $derived(
		plan.ratio > 1
			? `${formatRatio(plan.ratio - 0.5)}: ${hintOf({ ratio: Math.max(0.5, plan.ratio - 0.5) })}`
			: `${formatRatio(1.5)}: ${hintOf({ ratio: 1.5 })}`
	);
	const longer = $derived(`5 min more: ${hintOf({ minutes: plan.minutes + 5 })}`);
	const lead = $derived(session.view.lift.rootLead);
	const covered = $derived(ZONES.filter((zone) => plan.covers[zone]));
	const thickness = { seeThrough: 'medium', medium: 'thick', thick: 'medium' } as const;
</script>

<Dial
	label="Developer"
	value={plan.volume}
	min={5}
	max={40}
	step={2.5}
	shown="{plan.volume} vol"
	hint={stronger}
	onchange={(v) => set('developer', (p) => (p.volume = v))}
/>
<Dial
	label="Ratio"
	value={plan.ratio}
	min={1}
	max={3}
	step={0.25}
	shown="{formatRatio(plan.ratio)}, {consistencyOf(plan.ratio)}"
	hint={thicker}
	onchange={(v) => set('ratio', (p) => (p.ratio = v))}
/>
<Dial
	label="Sections"
	value={SECTION_OPTIONS.findIndex(({ value }) => value === plan.section)}
	min={0}
	max={2}
	step={1}
	shown={labelIn(SECTION_OPTIONS, plan.section)}
	hint="{labelIn(SECTION_OPTIONS, thickness[plan.section])}: {hintOf({
		section: thickness[plan.section]
	})}"
	onchange={(v) => set('sections', (p) => (p.section = SECTION_OPTIONS[v]?.value ?? p.section))}
/>
<Dial
	label="Root follows after"
	value={plan.delays.root}
	min={0}
	max={40}
	step={1}
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
		onchange={(v) => set('product', (p) => (p.product = v))}
	/>
	<Select
		label="Placement"
		value={plan.placement}
		options={PLACEMENT_OPTIONS}
		onchange={(v) => set('placement', (p) => (p.placement = v))}
	/>
	<div>
		{#each ZONES as zone (zone)}
			<Tick
				label="On the {zone}"
				checked={plan.covers[zone]}
				onchange={(v) => set(`covers ${zone}`, (p) => (p.covers[zone] = v))}
			/>
		{/each}
		<Tick
			label="Bond additive"
			checked={plan.bondAdditive}
			onchange={(v) => set('bond additive', (p) => (p.bondAdditive = v))}
		/>
		<Tick
			label="Hair slightly damp"
			checked={plan.damp}
			onchange={(v) => set('damp', (p) => (p.damp = v))}
		/>
	</div>
	<p class="hint">{longer}</p>
</Fold>

<style>
	.hint {
		font-size: 13px;
		color: var(--ink-soft);
	}
</style>
