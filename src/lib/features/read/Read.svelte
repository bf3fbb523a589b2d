<script lang="ts">
	import { goto } from '$app/navigation';
	import { conditionBand, depthName, formatLevel } from '../../core/hair';
	import { hexOf } from '../../core/colour';
	import { labOfFibre } from '../../core/lift';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Ladder from '../visit/Ladder.svelte';
	import FootLine from '../visit/FootLine.svelte';
	import Station from '../visit/Station.svelte';
	import StrandRow from '../visit/StrandRow.svelte';
	import { useVisit } from '../visit/context';
	import { conditionOf } from '../visit/hair';
	import HairDials from './HairDials.svelte';
	import Past from './Past.svelte';
	import SecondOpinion from './SecondOpinion.svelte';
	import ZoneBorders from './ZoneBorders.svelte';
	import ZoneColour from './ZoneColour.svelte';
	import { ladderRungs, setLevel, setState, alikeFrom } from './reading';

	const session = useVisit();
	let zone = $state<'root' | 'lengths' | 'ends'>('lengths');
	let grey = $state(false);
	// Another person reads blind: what the first one read is out of sight.
	const blind = $derived(session.blind);
	$effect(() => () => (session.blind = false));

	const reading = $derived(session.reading);
	const here = $derived(reading.zones[zone]);
	const rungs = $derived(ladderRungs(reading, zone));
	const level = $derived(here.state === 'natural' ? reading.naturalLevel : here.presentLevel);
	const condition = $derived(conditionOf(reading));
	const zones = $derived(session.zones);
	const ZONE_OPTIONS = [
		{ value: 'root', label: 'Root' },
		{ value: 'lengths', label: 'Lengths' },
		{ value: 'ends', label: 'Ends' }
	] as const;
	const STATE_OPTIONS = [
		{ value: 'natural', label: 'untouched' },
		{ value: 'coloured', label: 'coloured' },
		{ value: 'lightened', label: 'lightened' }
	] as const;
	const zoneLine = $derived(
		zones.map((z, i) => `${z.name} ${formatLevel(session.now[i]!)}`).join(' · ')
	);

	function next() {
		session.settle('read');
		void goto(`/visit/${session.id}/aim`);
	}
</script>

<Station
	question="What is there now?"
	answer={blind ? '?' : formatLevel(reading.naturalLevel)}
	words={blind ? '' : `${depthName(reading.naturalLevel)}, ${reading.warmth}`}
	range={blind
		? 'hidden while another person reads'
		: `natural level · ${zoneLine}${reading.whiteShare > 0 ? ` with ${Math.round(reading.whiteShare * 100)} % white` : ''}`}
	facts={[
		{ value: `${Math.round(condition)} ${conditionBand(condition)}`, label: 'condition before' },
		{ value: `${reading.lengthCm} cm`, label: 'length' }
	]}
>
	{#snippet field()}
		{#if blind}
			<p>Hold the hair against the ladder below.</p>
		{:else}
			<div class:grey>
				<StrandRow
					name="now"
					colours={session.nowColours}
					value={formatLevel(session.nowLevel)}
					words={hexOf(labOfFibre(session.zone.fibre, reading.whiteShare))}
					height={96}
				/>
			</div>
			<ZoneBorders
				{reading}
				onchange={(recipe) => session.change('zone borders', (draft) => recipe(draft.reading))}
			/>
		{/if}
	{/snippet}
	{#snippet picture()}
		<div class="zone">
			<Choice
				label="Zone"
				hideLabel
				value={zone}
				options={ZONE_OPTIONS}
				onchange={(value) => (zone = value)}
			/>
			<Choice
				label="What was done to it"
				hideLabel
				value={here.state}
				options={STATE_OPTIONS}
				onchange={(state) =>
					session.change(`state of ${zone}`, (draft) => setState(draft.reading, zone, state))}
			/>
			<button class="grey-toggle" aria-pressed={grey} onclick={() => (grey = !grey)}
				>{grey ? 'In colour' : 'In grey'}</button
			>
		</div>
		{#if !blind}
			<div class:grey>
				<Ladder
					label="Level of the {zone}"
					{rungs}
					value={formatLevel(Math.round(level * 2) / 2)}
					onpick={(value) =>
						session.change(`level of ${zone}`, (draft) =>
							setLevel(draft.reading, zone, Number(value))
						)}
				/>
			</div>
			<p class="hint">
				Judge dry, without hue: squint, or look in grey. {here.state === 'natural'
					? 'Every untouched zone takes this level.'
					: 'This zone only.'}
				<button
					class="link"
					onclick={() => session.change('zones alike', (draft) => alikeFrom(draft.reading, zone))}
					>Make all zones like this one</button
				>
			</p>
		{/if}
		<SecondOpinion {zone} />
		{#if !blind}<ZoneColour {zone} />{/if}
		<Past {zone} />
	{/snippet}
	{#snippet dials()}<HairDials />{/snippet}
	{#snippet foot()}
		<FootLine
			station="read"
			cautions={session.cautions.filter((c) => c.station === 'read')}
			onpass={(code, reason) => session.pass(code, reason)}
		>
			<Button primary onclick={next}>Set the aim</Button>
		</FootLine>
	{/snippet}
</Station>

<style>
	.grey {
		filter: grayscale(1);
	}
	.zone {
		display: flex;
		flex-wrap: wrap;
		gap: 0 40px;
		align-items: center;
		margin-bottom: 8px;
	}
	.grey-toggle,
	.link {
		border: 0;
		background: none;
		text-decoration: underline;
		text-underline-offset: 3px;
		min-height: 44px;
		padding: 0;
	}
	.grey-toggle {
		margin-left: auto;
	}
	.hint {
		color: var(--ink-soft);
		font-size: 14px;
	}
	.link {
		color: var(--ink);
		white-space: nowrap;
	}
</style>
