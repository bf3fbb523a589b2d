<script lang="ts">
	import { areaDifference } from '../../model/head/areaDifference';
	import { goto } from '$app/navigation';
	import { undertoneOf } from '../../core/colour';
	import { conditionBand, depthName, formatLevel } from '../../core/hair';
	import { withoutExceptions } from '../../model/head/exceptions';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Ladder from '../../widgets/Ladder.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import Station from '../../widgets/Station.svelte';
	import AreaPicker from '../../widgets/AreaPicker.svelte';
	import HeadField from '../../widgets/HeadField.svelte';
	import { useRecords } from '../../state/records';
	import { useVisit } from '../../state/visitContext';
	import { conditionOf } from '../../model/head/hair';
	import { differenceWords } from '../../wording/areas';
	import { areaColours } from '../../model/visit/areaColours';
	import { ladderRungs } from '../../model/visit/ladder';
	import { lightsWords } from '../../wording/kept';
	import { areaWords } from '../../wording/words';
	import EyeCorrection from './EyeCorrection.svelte';
	import HairDials from './HairDials.svelte';
	import Past from './Past.svelte';
	import OldLights from './OldLights.svelte';
	import ReadStrand from './ReadStrand.svelte';
	import SecondOpinion from './SecondOpinion.svelte';
	import ZoneBorders from './ZoneBorders.svelte';
	import ZoneColour from './ZoneColour.svelte';
	import { setLevel, setState, alikeFrom } from '../../model/commands/reading';
	import Part from '../../widgets/Part.svelte';

	const session = useVisit();
	const { workspace } = useRecords();
	let zone = $state<'root' | 'lengths' | 'ends'>('lengths');
	let grey = $state(false);
	// Another person reads blind: what the first one read is out of sight.
	const blind = $derived(session.blind);
	$effect(() => () => (session.blind = false));

	const reading = $derived(session.view.reading);
	const here = $derived(reading.zones[zone]);
	const rungs = $derived(ladderRungs(reading, zone));
	const level = $derived(here.state === 'natural' ? reading.naturalLevel : here.presentLevel);
	/** Undertone of the hair at that level: as it was named, else of its lock on the ladder. */
	const undertone = $derived.by(() => {
		const near = (rung: (typeof rungs)[number]) => Math.abs(Number(rung.value) - level);
		const lock = rungs.toSorted((p, q) => near(p) - near(q))[0];
		return here.undertone ?? (lock ? undertoneOf(lock.lab).name : 'none');
	});
	const condition = $derived(conditionOf(reading));
	const zones = $derived(session.view.zones);
	const colours = $derived(areaColours(session.visit.reading));
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
		zones
			.map(({ name }, i) => {
				const lights = reading.zones[name].oldLights;
				const among = lights ? ` with ${lightsWords(lights)}` : '';
				return `${name} ${formatLevel(session.view.now[i]!)}${among}`;
			})
			.join(' · ')
	);

	function next() {
		session.settle('read');
		void goto(`/visit/${session.id}/aim`);
	}
</script>

<Station
	question="What is there now?"
	answer={blind ? '?' : formatLevel(reading.naturalLevel)}
	guess={!blind && reading.guess === true}
	words={blind
		? ''
		: reading.guess
			? 'not read yet'
			: `${depthName(reading.naturalLevel)}, ${reading.warmth}`}
	range={blind
		? 'hidden while another person reads'
		: `natural level${session.areas.length > 0 ? ` of the ${areaWords(session.areas)}` : ''} · ${zoneLine}${reading.whiteShare > 0 ? ` with ${Math.round(reading.whiteShare * 100)} % white` : ''}`}
	facts={[
		{ value: `${Math.round(condition)} ${conditionBand(condition)}`, label: 'condition before' },
		{ value: `${reading.lengthCm} cm`, label: reading.guess ? 'length, not read yet' : 'length' }
	]}
>
	{#snippet field()}
		{#if blind}
			<p>Hold the hair against the ladder below.</p>
		{:else}
			<Part name="head map"
				><HeadField {colours}>
					<div class={[grey && 'grayscale']}>
						<Part name="strand"><ReadStrand {zone} onpick={(picked) => (zone = picked)} /></Part>
					</div>
					<ZoneBorders
						{reading}
						onchange={(recipe) => session.changeReading('zone borders', recipe)}
					/>
				</HeadField></Part
			>
		{/if}
	{/snippet}
	{#snippet picture()}
		{#if !blind}
			<AreaPicker
				differs={(area) => differenceWords(areaDifference(session.visit.reading, area))}
				onalike={() =>
					session.change(
						'areas alike',
						(draft) => (draft.reading.areas = withoutExceptions(draft.reading.areas, session.areas))
					)}
			/>
		{/if}
		<div class="mb-2 flex flex-wrap items-center gap-x-10">
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
					session.changeReading(`state of ${zone}`, (draft) => setState(draft, zone, state))}
			/>
			<span class="ml-auto"
				><TextButton pressed={grey} onclick={() => (grey = !grey)}
					>{grey ? 'In colour' : 'In grey'}</TextButton
				></span
			>
		</div>
		{#if !blind}
			<div class={[grey && 'grayscale']}>
				<Ladder
					label="Level of the {zone}"
					{rungs}
					value={reading.guess ? '' : formatLevel(Math.round(level * 2) / 2)}
					onpick={(value) =>
						session.changeReading(`level of ${zone}`, (draft) =>
							setLevel(draft, zone, Number(value))
						)}
				/>
			</div>
			<p class="mt-1 text-14 text-ink-soft">
				Judge dry, without hue: squint, or look in grey. {here.state === 'natural'
					? 'Every untouched zone takes this level.'
					: 'This zone only.'}
				{#if session.head.reading.unseen}<b
						>Where the last visit ended was expected and not looked at: read it.</b
					>{/if}
				{#if workspace.shelf?.ladder}Levels are those of <a href="/shelf/ring">your own ring</a
					>.{/if}
			</p>
			{#if !reading.guess}<EyeCorrection {zone} {level} {undertone} />{/if}
		{/if}
		<div class={[!blind && 'mb-1 flex flex-wrap items-center gap-x-6 text-14']}>
			{#if !blind}
				<TextButton
					onclick={() => session.changeReading('zones alike', (draft) => alikeFrom(draft, zone))}
					>Make all zones like this one</TextButton
				>
			{/if}
			<!-- A second opinion is on the head as a whole. -->
			{#if session.areas.length === 0}<Part name="second opinion"><SecondOpinion {zone} /></Part
				>{/if}
		</div>
		{#if !blind}<Part name="old colour"><ZoneColour {zone} /></Part><Part name="light pieces"
				><OldLights {zone} /></Part
			>{/if}
		<Part name="history"><Past {zone} /></Part>
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
