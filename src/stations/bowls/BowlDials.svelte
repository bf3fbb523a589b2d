<script lang="ts">
	import { BOUNDS, RINSE_MODES } from '../../core/vocabulary';
	import { consistencyOf, partsOf, ratioBound } from '../../core/mix';
	import { factsOf } from '../../core/vocabulary';
	import { STAGING, USUAL_BLOCKS, usualRinse, type HeadWayResult } from '../../core/work';
	import Choice from '../../ui/Choice.svelte';
	import Dial from '../../ui/Dial.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Options from '../../ui/Options.svelte';
	import Switch from '../../ui/Switch.svelte';
	import type { BowlsPlan } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import { formatRatio } from '../../wording/words';
	import PouredFold from './PouredFold.svelte';
	import SecondFold from './SecondFold.svelte';
	import { formatSpread, RINSE_LABELS } from '../../wording/bowls';

	interface Props {
		/** How the head would come out in other ways. */
		ways: readonly HeadWayResult[];
		weigh: (grams: number) => string;
		ounces: boolean;
		onounces: (ounces: boolean) => void;
	}
	let { ways, weigh, ounces, onounces }: Props = $props();
	const session = useVisit();
	const bowls = $derived(session.visit.bowls);
	const plan = $derived(session.plan);
	/** As many as there may be, by how many there are. */
	const BLOCK_OPTIONS = Array.from(
		{ length: BOUNDS.rinseBlocks.max - BOUNDS.rinseBlocks.min + 1 },
		(_, i) => String(BOUNDS.rinseBlocks.min + i)
	).map((value) => ({ value, label: value }));
	const mode = $derived(bowls.rinse.mode ?? usualRinse(session.bowls.workMinutes));
	const change = (label: string, next: Partial<BowlsPlan>) =>
		session.change(label, (draft) => Object.assign(draft.bowls, next));
	const outcomeOf = (name: string) => ways.find((way) => way.name === name)?.outcome;
	/** How a way of staging would come out: “20 vol throughout: 1.0 apart”. */
	const offer = (name: string) => {
		const outcome = outcomeOf(name);
		if (!outcome) return '';
		const { weakest, strongest } = outcome;
		const strengths =
			name === 'unstaged'
				? `${strongest} vol throughout`
				: weakest === strongest
					? `Staged, ${strongest} vol serves`
					: `Staged ${weakest} to ${strongest} vol`;
		return `${strengths}: ${aside(name)}.`;
	};
	/** Whether a stronger bowl than was chosen would bring something, or is in use. */
	const above = $derived(
		bowls.staged && (bowls.aboveChosen || (outcomeOf('above')?.strongest ?? 0) > plan.volume)
	);
	const aside = (name: string) => {
		const outcome = outcomeOf(name);
		if (!outcome) return '';
		const short =
			outcome.shortfall > STAGING.nearEnough ? `, ${formatSpread(outcome.shortfall)} below` : '';
		return `${formatSpread(outcome.spread)} apart${short}`;
	};
	const parts = $derived(partsOf(plan.ratio));
	const isTint = $derived(factsOf(plan.product).kind === 'tint');
	const rinseMinute = $derived(
		Math.round(Math.max(0, ...(session.bowls.staging?.finish ?? []).map((one) => one.rinseMinute)))
	);
</script>

<Switch
	label="Stage the strengths"
	checked={bowls.staged}
	hint={mode === 'eachReady'
		? 'each foil leaves when it is ready: one strength serves'
		: `${offer('unstaged')} ${offer('staged')}`.trim() || 'being worked out'}
	onchange={(staged) => change('staging', { staged })}
/>
{#if above && mode !== 'eachReady'}
	<Switch
		label="Stronger than {plan.volume} vol too"
		checked={bowls.aboveChosen}
		hint={bowls.aboveChosen ? 'more than was chosen in Lift' : offer('above')}
		onchange={(aboveChosen) => change('stronger bowls', { aboveChosen })}
	/>
{/if}
<Options
	label="Rinse"
	value={mode}
	options={RINSE_MODES.map((value) => ({
		value,
		label: RINSE_LABELS[value],
		aside: aside(value)
	}))}
	onchange={(next) => change('rinse', { rinse: { mode: next } })}
/>
{#if mode === 'together'}
	<NumberField
		label="Rinse at minute"
		value={bowls.rinse.minute ?? rinseMinute}
		{...BOUNDS.rinseMinute}
		inline
		onchange={(minute) => change('rinse minute', { rinse: { mode, minute } })}
	/>
{/if}
{#if mode === 'backFirst'}
	<Choice
		label="Blocks that rinse together"
		value={String(bowls.rinse.blocks ?? USUAL_BLOCKS)}
		options={BLOCK_OPTIONS}
		onchange={(value) =>
			change('blocks that rinse together', { rinse: { mode, blocks: Number(value) } })}
	/>
{/if}
<Dial
	label="Ratio"
	value={plan.ratio}
	{...ratioBound(plan.product)}
	shown="{formatRatio(plan.ratio)}, {consistencyOf(plan.ratio)}"
	hint={`${parts.lightener} part${parts.lightener === 1 ? '' : 's'} to ${parts.developer}`}
	onchange={(v) => session.change('ratio', (draft) => (draft.lift.ratio = v))}
/>
<Switch
	label="Creamier or runnier too"
	checked={bowls.ratioLever}
	hint="half a part of developer less or more"
	onchange={(ratioLever) => change('creamier bowls', { ratioLever })}
/>
<Switch
	label="Fresh bowl for the last"
	checked={bowls.freshLast}
	onchange={(freshLast) => change('fresh last bowl', { freshLast })}
/>
{#if bowls.leastVolume !== undefined}
	<Switch
		label="Weakest bowl {bowls.leastVolume} vol"
		checked
		hint="without it, from 10 vol"
		onchange={() => session.change('weakest bowl', (draft) => delete draft.bowls.leastVolume)}
	/>
{/if}
<Choice
	label="Pairs of hands"
	value={String(bowls.hands)}
	options={[
		{ value: '1', label: 'one' },
		{ value: '2', label: 'two' }
	]}
	onchange={(hands) => change('hands', { hands: Number(hands) })}
/>
{#if !isTint}<SecondFold />{/if}
<Choice
	label="Weights"
	value={ounces ? 'oz' : 'g'}
	options={[
		{ value: 'g', label: 'grams' },
		{ value: 'oz', label: 'ounces' }
	]}
	onchange={(v) => onounces(v === 'oz')}
/>
<PouredFold {weigh} />
