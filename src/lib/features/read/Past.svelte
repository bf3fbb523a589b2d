<script lang="ts">
	import Choice from '../../ui/Choice.svelte';
	import Fold from '../../ui/Fold.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import Tick from '../../ui/Tick.svelte';
	import Button from '../../ui/Button.svelte';
	import { useVisit } from '../visit/context';
	import type { Reading, ZoneName } from '../../schema/records';
	import { conditionBand } from '../../core/hair';
	import { conditionOf } from '../visit/hair';
	import Checks from './Checks.svelte';
	import PictureFold from './PictureFold.svelte';
	import HistoryLine from './HistoryLine.svelte';
	import { agoWords, entryWords, weeksBefore } from './history';

	interface Props {
		/** The zone that a picture is read for. */
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const reading = $derived(session.reading);
	const tests = $derived(
		[...(session.client?.patchTests ?? [])].sort((p, q) => q.date.localeCompare(p.date))
	);
	const set = (label: string, recipe: (draft: Reading) => void) =>
		session.change(label, (draft) => recipe(draft.reading));
	let date = $state(new Date().toISOString().slice(0, 10));
	let reacted = $state(false);

	const past = $derived(
		[
			reading.strain.lightenings > 0 && `lightened ${reading.strain.lightenings} ×`,
			reading.strain.perm && 'perm',
			reading.strain.relaxer && 'relaxer',
			reading.henna && 'henna',
			reading.metallicSalts && 'metallic salts',
			reading.minerals && 'minerals'
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
	const STRAND = [
		{ value: 'none', label: 'none' },
		{ value: 'pending', label: 'pending' },
		{ value: 'clean', label: 'clean' },
		{ value: 'reacted', label: 'reacted' }
	] as const;
</script>

<div class="past">
	<Fold title="From a picture" summary="point at hair and a grey card">
		<PictureFold {zone} />
	</Fold>
	<Fold title="History" summary={told}>
		<HistoryLine />
	</Fold>
	<Fold title="Past" summary={past}>
		<div class="grid">
			<NumberField
				label="Earlier lightenings still in the hair"
				value={reading.strain.lightenings}
				min={0}
				max={20}
				onchange={(v) => set('lightenings', (r) => (r.strain.lightenings = v))}
			/>
		</div>
		<div class="ticks">
			<Tick
				label="Henna"
				checked={reading.henna}
				onchange={(v) => set('henna', (r) => (r.henna = v))}
			/>
			<Tick
				label="Metallic salts"
				checked={reading.metallicSalts}
				onchange={(v) => set('metallic salts', (r) => (r.metallicSalts = v))}
			/>
			<Tick
				label="Minerals from water"
				checked={reading.minerals}
				onchange={(v) => set('minerals', (r) => (r.minerals = v))}
			/>
			<Tick
				label="Perm"
				checked={reading.strain.perm}
				onchange={(v) => set('perm', (r) => (r.strain.perm = v))}
			/>
			<Tick
				label="Relaxer"
				checked={reading.strain.relaxer}
				onchange={(v) => set('relaxer', (r) => (r.strain.relaxer = v))}
			/>
			<Tick
				label="Hot tools daily"
				checked={reading.strain.heatHabit}
				onchange={(v) => set('heat habit', (r) => (r.strain.heatHabit = v))}
			/>
			<Tick
				label="Scalp irritated or broken"
				checked={reading.scalpIrritated}
				onchange={(v) => set('scalp', (r) => (r.scalpIrritated = v))}
			/>
			<Tick
				label="Under sixteen"
				checked={session.client?.underSixteen ?? false}
				onchange={(v) => session.changeClient((c) => (c.underSixteen = v))}
			/>
		</div>
		{#if reading.strain.perm || reading.strain.relaxer}
			<NumberField
				label="Weeks since the perm or relaxer"
				value={reading.relaxerWeeksAgo}
				min={0}
				max={520}
				unit="weeks"
				onchange={(v) => set('relaxer weeks', (r) => (r.relaxerWeeksAgo = v))}
			/>
		{/if}
	</Fold>
	<Fold
		title="Check the hair"
		summary="stretch, porosity, feel, ends: {conditionBand(conditionOf(reading))}"
	>
		<Checks />
	</Fold>
	<Fold
		title="Tests"
		summary="patch {tests[0]
			? `${tests[0].date}${tests[0].reacted ? ', reacted' : ''}`
			: 'none'}; strand {reading.strandTest}"
	>
		<Choice
			label="Strand test"
			value={reading.strandTest}
			options={STRAND}
			onchange={(v) => set('strand test', (r) => (r.strandTest = v))}
		/>
		<div class="patch">
			<TextField label="Patch test on" type="date" value={date} oninput={(v) => (date = v)} />
			<Tick label="Reacted" checked={reacted} onchange={(v) => (reacted = v)} />
			<Button
				disabled={!/^\d{4}-\d\d-\d\d$/.test(date)}
				onclick={() => session.changeClient((c) => void c.patchTests.push({ date, reacted }))}
				>Add patch test</Button
			>
		</div>
		{#each tests as test (`${test.date} ${test.reacted ? 'reacted' : 'clean'}`)}
			<p>{test.date}: {test.reacted ? 'reacted' : 'clean'}</p>
		{/each}
	</Fold>
</div>

<style>
	.past {
		margin-top: 10px;
	}
	.grid,
	.ticks {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
		gap: 4px 24px;
		align-items: end;
	}
	.patch {
		display: flex;
		flex-wrap: wrap;
		gap: 10px 20px;
		align-items: end;
	}
</style>
