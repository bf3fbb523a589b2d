<script lang="ts">
	import { page } from '$app/state';
	import { BOUNDS } from '../../core/vocabulary';
	import { useClock } from '../../state/clock.svelte';
	import Fold from '../../ui/Fold.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { useVisit } from '../../state/visitContext';
	import type { ZoneName } from '../../schema/records';
	import { conditionBand } from '../../core/hair';
	import { conditionOf } from '../../model/head/hair';
	import Cut from './Cut.svelte';
	import Skin from './Skin.svelte';
	import Tests from './Tests.svelte';
	import { patchTestOf } from '../../model/visit/dueTests';
	import { strandTestOf } from '../../model/visit/cautions';
	import { patchWords, strandWords } from '../../wording/tests';
	import { cutWords, skinWords } from '../../wording/read';
	import Checks from './Checks.svelte';
	import ReadPicture from './ReadPicture.svelte';
	import ReaderFold from './ReaderFold.svelte';
	import HistoryLine from './HistoryLine.svelte';
	import { weeksBefore } from '../../model/visit/history';
	import { agoWords, entryWords } from '../../wording/history';

	interface Props {
		/** The zone that a picture is read for. */
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	const reading = $derived(session.view.reading);

	const past = $derived(
		[
			reading.strain.lightenings > 0 && `lightened ${reading.strain.lightenings} ×`,
			reading.strain.perm && 'perm',
			reading.strain.relaxer && 'relaxer',
			reading.henna && 'henna',
			reading.metallicSalts && 'metallic salts',
			reading.strain.heatHabit && 'hot tools daily'
		]
			.filter(Boolean)
			.join(', ') || 'nothing known'
	);
	const told = $derived.by(() => {
		const [last, ...before] = [...reading.history].sort((p, q) => q.date.localeCompare(p.date));
		if (!last) return 'nothing told';
		const more = before.length > 0 ? `, and ${before.length} before` : '';
		return `${entryWords(last)}, ${agoWords(weeksBefore(last.date, session.visit.date))}${more}`;
	});
</script>

<div class="mt-2">
	<Fold title="From a picture" summary="point at hair and a grey card">
		<ReadPicture {zone} />
	</Fold>
	<Fold title="With a colour reader" summary="three readings and a median">
		<ReaderFold {zone} />
	</Fold>
	<Fold title="History" summary={told}>
		<HistoryLine />
	</Fold>
	<Fold title="Past" summary={past}>
		<div class="grid grid-cols-[repeat(auto-fill,minmax(210px,1fr))] items-end gap-x-6 gap-y-1">
			<NumberField
				label="Earlier lightenings still in the hair"
				value={reading.strain.lightenings}
				{...BOUNDS.lightenings}
				onchange={(v) => session.changeHead('lightenings', (r) => (r.strain.lightenings = v))}
			/>
		</div>
		<div class="grid grid-cols-[repeat(auto-fill,minmax(210px,1fr))] items-end gap-x-6 gap-y-1">
			<Tick
				label="Henna"
				checked={reading.henna}
				onchange={(v) => session.changeHead('henna', (r) => (r.henna = v))}
			/>
			<Tick
				label="Metallic salts"
				checked={reading.metallicSalts}
				onchange={(v) => session.changeHead('metallic salts', (r) => (r.metallicSalts = v))}
			/>
			<Tick
				label="Perm"
				checked={reading.strain.perm}
				onchange={(v) => session.changeHead('perm', (r) => (r.strain.perm = v))}
			/>
			<Tick
				label="Relaxer"
				checked={reading.strain.relaxer}
				onchange={(v) => session.changeHead('relaxer', (r) => (r.strain.relaxer = v))}
			/>
			<Tick
				label="Hot tools daily"
				checked={reading.strain.heatHabit}
				onchange={(v) => session.changeHead('heat habit', (r) => (r.strain.heatHabit = v))}
			/>
		</div>
		{#if reading.strain.perm || reading.strain.relaxer}
			<NumberField
				label="Weeks since the perm or relaxer"
				value={reading.relaxerWeeksAgo}
				{...BOUNDS.weeksAgo}
				unit="weeks"
				onchange={(v) => session.changeHead('relaxer weeks', (r) => (r.relaxerWeeksAgo = v))}
			/>
		{/if}
	</Fold>
	<Fold
		title="Check the hair"
		summary="stretch, porosity, feel, ends: {conditionBand(conditionOf(reading))}"
	>
		<Checks {zone} />
	</Fold>
	<Fold title="Cut and curl" summary={cutWords(reading)}>
		<Cut />
	</Fold>
	<Fold title="Skin, water and sensitivities" summary={skinWords(reading, session.client)}>
		<Skin />
	</Fold>
	<Fold
		title="Tests"
		summary="{patchWords(patchTestOf(session.client, clock.today))}; {strandWords(
			strandTestOf(session.visit.reading, clock.today)
		)}"
		open={page.url.hash === '#tests'}
	>
		<Tests />
	</Fold>
</div>
