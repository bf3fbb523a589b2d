<script lang="ts">
	import { goto } from '$app/navigation';
	import LiftChart from '../../charts/LiftChart.svelte';
	import { hexOf } from '../../core/colour';
	import { conditionBand, formatLevel } from '../../core/hair';
	import { bandWords, SCALP } from '../../core/lift';
	import Button from '../../ui/Button.svelte';
	import FootLine from '../visit/FootLine.svelte';
	import Station from '../visit/Station.svelte';
	import GroupChoice from '../visit/GroupChoice.svelte';
	import StrandRow from '../visit/StrandRow.svelte';
	import { useVisit } from '../visit/context';
	import { conditionOf } from '../visit/hair';
	import { tonedWord } from '../visit/summary';
	import { formatHours } from '../visit/words';
	import { aimVerdict } from '../aim/aim';
	import LearnedFold from './LearnedFold.svelte';
	import LiftDials from './LiftDials.svelte';
	import StallFold from './StallFold.svelte';
	import Why from './Why.svelte';

	const session = useVisit();
	const lift = $derived(session.view.lift);
	const plan = $derived(session.plan);
	const answer = $derived(session.view.course);
	const moments = $derived(answer.course.map(({ lab, ...rest }) => ({ ...rest, hex: hexOf(lab) })));
	const before = $derived(Math.round(conditionOf(session.view.reading)));
	const verdict = $derived(aimVerdict(session.view.sessions, session.view.target));

	const windowText = $derived.by(() => {
		const { window } = answer;
		if (!window) return 'not within the hour';
		const from = Math.ceil(window.from);
		return window.to === undefined || window.to > 60
			? `from ${from} min`
			: `${from}–${Math.floor(window.to)} min`;
	});
	const warm = $derived(
		Math.abs(lift.rootLead) >= 0.15
			? {
					share: SCALP.heatZoneCm / session.view.reading.lengthCm,
					text: `scalp’s warmth: ${Math.abs(lift.rootLead).toFixed(1)} level ${lift.rootLead > 0 ? 'lighter' : 'behind'}`
				}
			: undefined
	);

	const setMinute = (minutes: number) =>
		session.change('minute', (draft) => (draft.lift.minutes = minutes));
	function next() {
		session.settle('lift');
		void goto(`/visit/${session.id}/bowls`);
	}
</script>

<Station
	question="Where will it get to, and when?"
	answer={formatLevel(lift.level)}
	words={lift.undertone.name}
	range="expected at {plan.minutes} min, likely {formatLevel(lift.low)} to {formatLevel(
		lift.high
	)}{session.view.reading.whiteShare > 0 ? ', the pigmented hair' : ''}"
	facts={[
		{ value: windowText, label: 'inside the aim' },
		{
			value: `${Math.round(lift.condition)} ${conditionBand(lift.condition)}`,
			label: `condition after, from ${before}`
		},
		{
			value: verdict.visits === 'today' ? '1 visit' : verdict.visits,
			label: formatHours(session.chairMinutes) + ' each'
		}
	]}
>
	{#snippet field()}
		<StrandRow
			name="now"
			colours={session.view.nowColours}
			value={formatLevel(session.view.nowLevel)}
			height={30}
		/>
		<StrandRow
			name="lifted"
			strong
			colours={session.view.liftedColours}
			value={formatLevel(session.view.liftedLevel)}
			words="{lift.undertone.name} {hexOf(lift.lab)}"
			height={92}
			{warm}
		/>
		<StrandRow
			name="toned"
			colours={session.view.tonedColours}
			value={formatLevel(session.view.toned.level)}
			words={tonedWord(session)}
			height={32}
		/>
		<StrandRow
			name="six weeks"
			colours={session.view.fadedColours}
			value={formatLevel(session.view.faded.level)}
			words="faded"
			height={30}
		/>
		{#each session.view.bands as band (band.fromCm)}
			<p class="band">{bandWords(band)}.</p>
		{/each}
	{/snippet}
	{#snippet picture()}
		<GroupChoice />
		<LiftChart
			{moments}
			window={answer.window}
			minute={plan.minutes}
			spent={answer.spent}
			onminute={setMinute}
		/>
	{/snippet}
	{#snippet dials()}
		<LiftDials />
		<Why />
		<LearnedFold />
		<StallFold />
	{/snippet}
	{#snippet foot()}
		<FootLine
			station="lift"
			cautions={session.cautions.filter(
				(c) => c.station === 'lift' || (c.station === 'read' && c.severity !== 'note')
			)}
			onpass={(code, reason) => session.pass(code, reason)}
		>
			<Button primary onclick={next}>Set bowls</Button>
		</FootLine>
	{/snippet}
</Station>

<style>
	/* In line with the strands, whose names stand at their left. */
	.band {
		padding-left: 94px;
		font-size: 14px;
	}
	@media (max-width: 760px) {
		.band {
			padding-left: 0;
		}
	}
</style>
