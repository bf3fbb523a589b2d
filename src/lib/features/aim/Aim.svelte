<script lang="ts">
	import { goto } from '$app/navigation';
	import { hexOf, rgbOf } from '../../core/colour';
	import { depthName, describeTone, formatLevel } from '../../core/hair';
	import Button from '../../ui/Button.svelte';
	import Dial from '../../ui/Dial.svelte';
	import Ladder from '../visit/Ladder.svelte';
	import Station from '../visit/Station.svelte';
	import StrandRow from '../visit/StrandRow.svelte';
	import { useVisit } from '../visit/context';
	import { uniform } from '../visit/hair';
	import { aimVerdict, directionRungs, levelRungs } from './aim';

	const session = useVisit();
	const aim = $derived(session.view.aim);
	const levels = $derived(levelRungs(session.view.reading, aim));
	const directions = $derived(directionRungs(session.view.reading, aim));
	const chosen = $derived(directions.find(({ value }) => value === aim.direction)!);
	const verdict = $derived(aimVerdict(session.view.sessions, session.view.target));
	const aimColours = $derived.by(() => {
		const rgb = rgbOf(chosen.lab);
		// Zones that the mixture leaves alone keep their own colour.
		return {
			hair: session.view.points.map((point, i) =>
				point.covered ? rgb : session.view.nowColours.hair[i]!
			)
		};
	});

	function next() {
		session.settle('aim');
		void goto(`/visit/${session.id}/lift`);
	}
</script>

<Station
	question="Where should it end?"
	answer={formatLevel(aim.level)}
	words={aim.direction}
	range="{depthName(aim.level)}. {verdict.sentence}"
	facts={[
		{ value: verdict.visits, label: verdict.label },
		{ value: `lift to ${formatLevel(session.view.target)}`, label: 'so the toner has room' }
	]}
>
	{#snippet field()}
		<StrandRow
			name="now"
			colours={session.view.nowColours}
			value={formatLevel(session.view.nowLevel)}
			height={52}
		/>
		<StrandRow
			name="aim"
			strong
			colours={aimColours}
			value={formatLevel(aim.level)}
			words="{describeTone(chosen.lab, 'toned')} {hexOf(chosen.lab)}"
			height={92}
		/>
		<StrandRow
			name="lifted to"
			colours={uniform(levels.raw)}
			value={formatLevel(session.view.target)}
			words={levels.rawName}
			height={40}
		/>
	{/snippet}
	{#snippet picture()}
		<h2>Level</h2>
		<Ladder
			label="Level of the aim"
			rungs={levels.rungs}
			value={formatLevel(aim.level)}
			onpick={(value) => session.change('aim level', (draft) => (draft.aim.level = Number(value)))}
		/>
		<h2>Direction</h2>
		<Ladder
			label="Direction of the aim"
			rungs={directions}
			value={aim.direction}
			onpick={(value) =>
				session.change(
					'aim direction',
					(draft) =>
						(draft.aim.direction =
							directions.find((d) => d.value === value)?.value ?? draft.aim.direction)
				)}
		/>
	{/snippet}
	{#snippet dials()}
		<Dial
			label="Warmth kept"
			value={Math.round(aim.keepWarmth * 100)}
			min={0}
			max={100}
			step={5}
			shown="{Math.round(aim.keepWarmth * 100)} %"
			hint={aim.keepWarmth < 0.2
				? 'Flat at light levels, muddy at dark ones.'
				: aim.keepWarmth <= 0.4
					? 'A third keeps it looking like hair.'
					: aim.keepWarmth < 0.75
						? 'Plainly warm.'
						: 'Nearly as it lifts.'}
			onchange={(value) =>
				session.change('warmth kept', (draft) => (draft.aim.keepWarmth = value / 100))}
		/>
		<Dial
			label="Lift past the aim by"
			value={aim.liftPast}
			min={0}
			max={2}
			step={0.25}
			shown="{aim.liftPast} level"
			hint={aim.liftPast < 0.5
				? 'A toner deepens: the result may fall short.'
				: aim.liftPast <= 1
					? 'Room for a toner to deepen.'
					: 'For a true, clear shade.'}
			onchange={(value) => session.change('lift past', (draft) => (draft.aim.liftPast = value))}
		/>
		<p class="say">Say it now: {verdict.say}</p>
	{/snippet}
	{#snippet foot()}
		<p class="line">{verdict.foot}</p>
		<Button primary onclick={next}>Choose the lift</Button>
	{/snippet}
</Station>

<style>
	h2 {
		font-size: 15px;
		font-weight: 600;
		margin: 4px 0 6px;
	}
	h2:not(:first-child) {
		margin-top: 16px;
	}
	.say {
		margin-top: 8px;
	}
	.line {
		color: var(--ink-soft);
	}
</style>
