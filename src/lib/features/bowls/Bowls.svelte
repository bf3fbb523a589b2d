<script lang="ts">
	import { goto } from '$app/navigation';
	import { GRAMS_PER_OUNCE, consistencyOf } from '../../core/mix';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Dial from '../../ui/Dial.svelte';
	import Select from '../../ui/Select.svelte';
	import FootLine from '../visit/FootLine.svelte';
	import Station from '../visit/Station.svelte';
	import { MAIN_STEP } from '../visit/day';
	import { STEP_NAMES } from '../lift/steps';
	import { bowlWords } from '../visit/work';
	import { useVisit } from '../visit/context';
	import {
		formatHours,
		formatRatio,
		labelIn,
		PRODUCT_OPTIONS,
		SECTION_OPTIONS
	} from '../visit/words';
	import BowlFigure from './BowlFigure.svelte';
	import PouredFold from './PouredFold.svelte';

	const session = useVisit();
	const plan = $derived(session.plan);
	const bowlPlan = $derived(session.bowlPlan);
	const bowls = $derived(bowlPlan.bowls);
	/** Applications of the day beside the main one, each with bowls of its own. */
	const further = $derived(session.work.steps.filter(({ step }) => step.id !== MAIN_STEP));
	const unmixable = $derived(bowls.some((bowl) => !bowl.blend));
	const stock = $derived((session.shelf?.developers ?? []).toSorted((a, b) => a - b));
	let ounces = $state(false);
	const weigh = (grams: number) =>
		ounces ? `${(grams / GRAMS_PER_OUNCE).toFixed(2)} oz` : `${grams} g`;
	const product = $derived(session.productName);

	const TECHNIQUES = [
		{ value: 'foils', label: 'foils' },
		{ value: 'open', label: 'open work' }
	] as const;

	function next() {
		session.settle('bowls');
		void goto(`/visit/${session.id}/chair`);
	}
</script>

<Station
	question="What goes into each bowl?"
	answer={weigh(session.work.grams)}
	words="in {session.work.bowls} bowl{session.work.bowls === 1 ? '' : 's'}"
	range="{product} with {plan.volume} vol, {formatRatio(plan.ratio)}, {consistencyOf(
		plan.ratio
	)} · reserve {weigh(bowlPlan.reserveGrams)} within"
	facts={[
		{ value: formatHours(bowlPlan.workMinutes), label: 'to put it on' },
		{ value: formatHours(session.chairMinutes), label: 'at the chair in all' }
	]}
>
	{#snippet picture()}
		{#if unmixable}
			<p class="fault" role="alert">
				{plan.volume} vol cannot be mixed from the developers in stock ({stock.join(', ') || 'none'} vol).
				Choose another strength in Lift, or add a developer on the Shelf.
			</p>
		{/if}
		<ol class="bowls">
			{#each bowls as bowl (bowl.number)}
				<li>
					<BowlFigure {bowl} />
					<div>
						<h2 class="figure">
							{bowl.sections?.join(', ') ?? 'all'}
						</h2>
						<p class="soft">
							{bowl.mixAtMinute === 0
								? 'mix to begin'
								: `mix at ${bowl.mixAtMinute} min`}{#if bowl.blend && bowl.blend.parts.length > 1}<br
								/>the two make {Math.round(bowl.blend.volume * 10) / 10} vol{/if}
						</p>
					</div>
					<dl>
						<div>
							<dd class="figure">{weigh(bowl.lightenerGrams)}</dd>
							<dt>{product}</dt>
						</div>
						{#each bowl.blend?.parts ?? [{ volume: plan.volume, grams: bowl.developerGrams }] as part (part.volume)}
							<div>
								<dd class="figure">{weigh(part.grams)}</dd>
								<dt>{part.volume} vol</dt>
							</div>
						{/each}
					</dl>
				</li>
			{/each}
		</ol>
		{#each further as { step, bowls: own } (step.id)}
			<section>
				<h2 class="figure">
					{session.visit.before.some(({ id }) => id === step.id) ? 'First' : 'Then'}: {STEP_NAMES[
						step.kind
					]}
				</h2>
				<p>
					{labelIn(PRODUCT_OPTIONS, step.plan.product)}, {formatRatio(step.plan.ratio)}, {step.plan
						.minutes} min: {own.bowls.map((bowl) => bowlWords(bowl, weigh)).join('; ')}.
				</p>
			</section>
		{/each}
		<p class="soft">
			Each bowl is used up within 20 minutes: it loses strength from the moment it is mixed. Weigh,
			tare, then pour; fully saturate every section.
		</p>
	{/snippet}
	{#snippet dials()}
		<Choice
			label="Technique"
			value={session.visit.bowls.technique}
			options={TECHNIQUES}
			onchange={(v) => session.change('technique', (draft) => (draft.bowls.technique = v))}
		/>
		{#if session.visit.bowls.technique === 'foils'}
			<NumberField
				label="Foils"
				value={session.visit.bowls.foils}
				min={1}
				max={300}
				onchange={(v) => session.change('foils', (draft) => (draft.bowls.foils = v))}
			/>
		{/if}
		<Dial
			label="Ratio"
			value={plan.ratio}
			min={1}
			max={3}
			step={0.25}
			shown={formatRatio(plan.ratio)}
			hint={consistencyOf(plan.ratio)}
			onchange={(v) => session.change('ratio', (draft) => (draft.lift.ratio = v))}
		/>
		<Select
			label="Sections"
			value={plan.section}
			options={SECTION_OPTIONS}
			onchange={(v) => session.change('sections', (draft) => (draft.lift.section = v))}
		/>
		<Choice
			label="Weights"
			value={ounces ? 'oz' : 'g'}
			options={[
				{ value: 'g', label: 'grams' },
				{ value: 'oz', label: 'ounces' }
			]}
			onchange={(v) => (ounces = v === 'oz')}
		/>
		<PouredFold {weigh} />
	{/snippet}
	{#snippet foot()}
		<FootLine
			station="bowls"
			cautions={session.cautions.filter((c) => c.station === 'bowls')}
			onpass={(code, reason) => session.pass(code, reason)}
		>
			<Button onclick={() => window.print()}>Print sheet</Button>
			<Button primary onclick={next}>Go to the chair</Button>
		</FootLine>
	{/snippet}
</Station>

<style>
	.bowls {
		margin-bottom: 14px;
	}
	li {
		display: grid;
		grid-template-columns: 128px minmax(120px, 1fr) auto;
		gap: 28px;
		align-items: center;
		padding: 14px 0;
		border-bottom: 1px solid var(--line);
	}
	section {
		padding: 12px 0;
		border-bottom: 1px solid var(--line);
		margin-bottom: 12px;
	}
	h2 {
		font-size: 21px;
		line-height: 1.2;
	}
	dl {
		display: flex;
		gap: 36px;
		text-align: right;
	}
	dl div {
		min-width: 104px;
	}
	dd {
		font-size: 48px;
		line-height: 1;
		white-space: nowrap;
	}
	dt,
	.soft {
		color: var(--ink-soft);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		margin-bottom: 16px;
	}
	@media (max-width: 1100px) {
		li {
			grid-template-columns: 96px minmax(90px, 1fr) auto;
			gap: 18px;
		}
		dl {
			gap: 18px;
		}
		dl div {
			min-width: 76px;
		}
		dd {
			font-size: 34px;
		}
	}
	@media (max-width: 760px) {
		li {
			grid-template-columns: 84px minmax(0, 1fr);
			gap: 8px 16px;
		}
		dl {
			grid-column: 1 / -1;
			justify-content: space-between;
		}
		dl div {
			text-align: left;
		}
		dd {
			font-size: 44px;
		}
	}
</style>
