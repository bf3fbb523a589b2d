<script lang="ts">
	import { DOOR_WORDS } from '../../wording/doors';
	import { aimDifference } from '../../model/head/areaDifference';
	import { goto } from '$app/navigation';
	import { describeTone, formatLevel } from '../../core/hair';
	import { aimOn, withoutExceptions } from '../../model/head/exceptions';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { answerWords } from '../../widgets/answerWords';
	import AimsPlan from '../../widgets/AimsPlan.svelte';
	import BestHelp from '../../widgets/BestHelp.svelte';
	import AreaPicker from '../../widgets/AreaPicker.svelte';
	import HeadField from '../../widgets/HeadField.svelte';
	import Ladder from '../../widgets/Ladder.svelte';
	import Station from '../../widgets/Station.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { aimDifferenceWords } from '../../wording/areas';
	import { aimAreaColours, areaColours } from '../../model/visit/areaColours';
	import { lightsAimWords } from '../../wording/kept';
	import { KIND_OPTIONS } from '../../wording/aim';
	import { useVisit } from '../../state/visitContext';
	import { areaWords, beside, withWhite } from '../../wording/words';
	import { directionRungs, levelRungs } from '../../model/visit/aim';
	import AimDials from './AimDials.svelte';
	import { AimView } from '../../state/aimView.svelte';
	import { aimAlike, aimAt, setColour, type AimPlace } from '../../model/commands/aim';
	import { isUntouched, takeToday } from '../../model/commands/takePlan';
	import Part from '../../widgets/Part.svelte';

	const session = useVisit();
	const aimView = new AimView(session);

	const view = $derived(session.view);
	let chosen = $state<'all' | AimPlace>('all');
	const strandAim = $derived(view.strandAim);
	/** Hair that has none of them has no old light pieces to aim for. */
	const aimed = $derived(
		chosen === 'all' || (chosen === 'oldLights' && !view.hasLights) ? undefined : chosen
	);
	const zone = $derived(aimed === 'oldLights' ? undefined : aimed);
	const aim = $derived(aimAt(strandAim, aimed));
	const levels = $derived(levelRungs(view.reading, aim));
	const directions = $derived(directionRungs(view.reading, aim));
	const strands = $derived(aimView.strands);
	const { aimVerdict } = session;
	const words = $derived(answerWords(aimVerdict));
	const needs = $derived(aimView.needs);
	const bare = $derived(areaColours(session.visit.reading));
	const colours = $derived(aimAreaColours(session.visit.reading, session.visit.aim));

	const ZONE_OPTIONS = [
		{ value: 'all', label: 'Whole strand' },
		{ value: 'root', label: 'root' },
		{ value: 'lengths', label: 'lengths' },
		{ value: 'ends', label: 'ends' }
	] as const;
	const LIGHTS_OPTION = { value: 'oldLights', label: 'old light pieces' } as const;
	const zonesApart = $derived(
		(['root', 'lengths', 'ends'] as const)
			.filter((name) => strandAim.zones[name])
			.map((name) => {
				const { level, direction } = aimOn(strandAim, name);
				return `${name} ${formatLevel(level)} ${direction}`;
			})
			.concat(
				strandAim.oldLights && view.hasLights
					? [`old light pieces ${formatLevel(aimAt(strandAim, 'oldLights').level)}`]
					: []
			)
			.join(', ')
	);
	const set = (label: string, colour: Parameters<typeof setColour>[2]) =>
		session.changeAim(label, (draft) => setColour(draft, aimed, colour));

	function next() {
		session.settle('aim');
		const { plan } = aimVerdict;
		// The plan that the verdict stands on is the plan, unless somebody has set another.
		if (session.lightens && plan && isUntouched(session.visit))
			session.change('Aim’s plan', (draft) => takeToday(draft, plan));
		void goto(`/visit/${session.id}/${session.lightens ? 'lift' : 'tone'}`);
	}
	function tonedAsItIs() {
		session.change('no lift today', (draft) => (draft.noLift = true));
		next();
	}
	const lightenAfterAll = () =>
		session.change('lightened after all', (draft) => delete draft.noLift);
</script>

<Station
	question="Where should it end?"
	answer={formatLevel(view.aim.level)}
	guess={session.visit.aim.guess === true}
	words={beside(view.aim.direction, session.visit.aim.guess ? 'not agreed yet' : '')}
	range="{session.areas.length > 0 ? `The ${areaWords(session.areas)}. ` : ''}{words?.sentence ??
		'Working out the visits…'}"
	facts={[
		{ value: words?.short ?? '…', label: words?.label ?? 'being worked out' },
		!session.lightens
			? {
					value: 'no lift',
					label: session.visit.noLift ? 'toned as it is' : 'nothing lies below its aim'
				}
			: {
					value: `lift to ${formatLevel(view.target)}`,
					label:
						needs === undefined
							? 'no lift makes this true'
							: needs > view.target + 0.01
								? `a true ${view.aim.direction} needs ${formatLevel(needs)}`
								: 'so the toner has room'
				}
	]}
>
	{#snippet field()}
		<Part name="head map"
			><HeadField {colours} {bare} part={session.visit.lift.part}>
				<StrandRow
					name="now"
					colours={view.nowColours}
					value={formatLevel(view.nowLevel)}
					words={withWhite(view.nowLevel, view.nowLab)}
					height={28}
				/>
				<StrandRow
					name="lifted"
					colours={strands.lifted.colours}
					value={formatLevel(strands.lifted.level)}
					words={beside(levels.rawName, withWhite(strands.lifted.level, strands.lifted.lab))}
					height={32}
				/>
				<StrandRow
					name="toned"
					strong
					colours={strands.toned.colours}
					value={formatLevel(strands.toned.level)}
					words={beside(
						describeTone(strands.toned.lab, 'toned'),
						withWhite(strands.toned.level, strands.toned.lab)
					)}
					lab={strands.toned.lab}
					height={62}
				/>
				<StrandRow
					name="six weeks"
					colours={strands.faded.colours}
					value={formatLevel(strands.faded.level)}
					words={beside('faded', withWhite(strands.faded.level, strands.faded.lab))}
					height={32}
				/>
			</HeadField></Part
		>
	{/snippet}
	{#snippet picture()}
		<Choice
			label="Kind of result"
			hideLabel
			value={strandAim.kind}
			options={KIND_OPTIONS}
			onchange={(kind) => aimView.takeKind(kind)}
		/>
		<AreaPicker
			differs={(area) => aimDifferenceWords(aimDifference(session.visit.aim, area))}
			onalike={() =>
				session.change(
					'aims alike',
					(draft) => (draft.aim.areas = withoutExceptions(draft.aim.areas, session.areas))
				)}
		/>
		<div class="mb-1.5 flex flex-wrap items-center gap-x-6">
			<Choice
				label="Where on the strand"
				hideLabel
				value={aimed ?? 'all'}
				options={view.hasLights ? [...ZONE_OPTIONS, LIGHTS_OPTION] : ZONE_OPTIONS}
				onchange={(value) => (chosen = value)}
			/>
			{#if zonesApart}
				<span class="text-14 text-ink-soft"
					>Except {zonesApart}.
					<TextButton onclick={() => session.changeAim('strand alike', aimAlike)}
						>Like the rest again</TextButton
					></span
				>
			{/if}
			{#if zone}
				<Tick
					label="leave as it is"
					checked={!session.plan.covers[zone]}
					onchange={(leave) =>
						session.change(`${zone} left`, (draft) => (draft.lift.covers[zone] = !leave))}
				/>
			{/if}
		</div>
		{#each view.lights as piece (piece.zone)}
			<p class="text-14 text-ink-soft">{lightsAimWords(piece, session.plan.lightsAlong?.volume)}</p>
		{/each}
		<div class="grid gap-2 [&_.lock]:h-17">
			<Ladder
				label="Level of the aim"
				rungs={levels.rungs}
				value={session.visit.aim.guess ? '' : formatLevel(aim.level)}
				onpick={(value) => set('aim level', { level: Number(value) })}
			/>
			<Ladder
				label="Direction of the aim"
				rungs={directions}
				value={session.visit.aim.guess ? '' : aim.direction}
				onpick={(value) =>
					set('aim direction', {
						direction: directions.find((d) => d.value === value)?.value ?? aim.direction
					})}
			/>
		</div>
	{/snippet}
	{#snippet dials()}
		{#if aimView.trouble}<p role="alert">{aimView.trouble}</p>{/if}
		{#if aimVerdict.answer?.behind}<BestHelp verdict={aimVerdict} />{/if}
		{#if words && (words.plan || words.instead.length > 0)}
			<div>
				<h2 class="text-15 font-semibold">Instead</h2>
				{#if words.plan && aimVerdict.otherwise}<AimsPlan plan={aimVerdict.otherwise} />{/if}
				<ul>
					{#each words.instead as text, i (i)}<li class="mb-1.5">{text}</li>{/each}
				</ul>
			</div>
		{/if}
		<Part name="aim"><AimDials view={aimView} place={aimed} {aim} /></Part>
		{#if aimView.doors.length > 0}
			<div>
				<h2 class="text-15 font-semibold">What this closes</h2>
				<ul>
					{#each aimView.doors as door (door)}
						{@const { closes, instead } = DOOR_WORDS[door]}
						<li class="mb-1.5">{closes} <span class="text-14 text-ink-soft">{instead}</span></li>
					{/each}
				</ul>
			</div>
		{/if}
	{/snippet}
	{#snippet foot()}
		<p class="text-ink-soft">
			A prediction is a plan: a test strand decides. <a href="/visit/{session.id}/upkeep"
				>Upkeep, to hand over</a
			>
		</p>
		{#if session.visit.noLift}
			<Button onclick={lightenAfterAll}>Lighten after all</Button>
		{:else if session.lightens}
			<Button onclick={tonedAsItIs}>No lift today</Button>
		{/if}
		<Button primary onclick={next}
			>{session.lightens ? 'Choose the lift' : 'Choose the toner'}</Button
		>
	{/snippet}
</Station>
