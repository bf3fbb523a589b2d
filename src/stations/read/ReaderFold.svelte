<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import { READINGS_APART } from '../../core/picture';
	import { SimulatedColourReader } from '../../devices/simulatedColourReader';
	import type { ZoneName } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import { useVisit } from '../../state/visitContext';
	import { ReaderInUse, READINGS } from '../../state/readerInUse.svelte';
	import { takeLevel } from '../../model/commands/reading';

	interface Props {
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	// What the simulated reader lies on: the zone as it is drawn on the strand.
	const hair = $derived.by(() => {
		const { zones, zone: main, reading } = session.view;
		const here = zones.find(({ name }) => name === zone) ?? main;
		return labOfFibre(here.fibre, reading.whiteShare);
	});
	const place = $derived(`${zone} ${session.areas.join(' ')}`);
	const inUse = new ReaderInUse(
		new SimulatedColourReader({
			hair: () => hair,
			random: Math.random,
			now: () => clock.steady(),
			wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms))
		})
	);
	$effect(() => () => void inUse.close());
	$effect(() => {
		// Another zone or area is other hair.
		if (place !== '') inUse.clear();
	});
	const reading = $derived(inUse.reading);
	const complete = $derived(inUse.labs.length >= READINGS);

	function take() {
		if (!reading) return;
		session.changeReading(`read ${zone} with the colour reader`, (draft) =>
			takeLevel(draft, zone, reading.level, reading.undertone.name)
		);
	}
</script>

<div class="reader">
	<div class="acts">
		{#if inUse.state === 'off'}
			<Button onclick={() => void inUse.connect()}>Connect</Button>
		{:else}
			<Button
				disabled={inUse.state !== 'ready' && inUse.state !== 'uncalibrated'}
				onclick={() => void inUse.calibrate()}>Calibrate on the white tile</Button
			>
			<Button disabled={inUse.state !== 'ready'} onclick={() => void inUse.measure()}
				>{complete ? 'Begin again' : `Reading ${inUse.labs.length + 1} of ${READINGS}`}</Button
			>
		{/if}
		<span class="soft" role="status"
			>{inUse.device.name}{inUse.state === 'connecting'
				? ', connecting'
				: inUse.state === 'busy'
					? ', reading'
					: inUse.state === 'uncalibrated'
						? ', to be calibrated'
						: inUse.state === 'ready'
							? inUse.stale
								? ', calibrated more than half an hour ago: calibrate again'
								: ', ready'
							: ', not connected'}</span
		>
	</div>
	{#if inUse.problem}<p class="fault" role="alert">{inUse.problem}</p>{/if}
	{#if reading}
		<div class="result">
			{#each inUse.labs as lab, i (i)}
				<span class="lock"
					><Strand
						colours={{ hair: [rgbOf(lab)] }}
						seed={40 + i}
						label="reading {i + 1}: L* {lab.l.toFixed(1)}, a* {lab.a.toFixed(1)}, b* {lab.b.toFixed(
							1
						)}"
					/></span
				>
			{/each}
			<p>
				<b class="figure level">{formatLevel(reading.level)}</b>
				<b>± {(1.28 * reading.sd).toFixed(1)} {reading.undertone.name}</b>
				<span class="soft"
					>{complete ? 'median of three' : 'so far'}, L* {reading.lab.l.toFixed(1)}, a* {reading.lab.a.toFixed(
						1
					)}, b* {reading.lab.b.toFixed(1)}</span
				>
			</p>
		</div>
		{#if reading.apart > READINGS_APART}
			<p class="fault">
				They lie {reading.apart.toFixed(1)} level apart: place it flat, on one colour, and begin again.
			</p>
		{/if}
		{#if complete}<div><Button onclick={take}>Read this for the {zone}</Button></div>{/if}
	{:else}
		<p class="soft">
			Flat on dry hair, three times on the same zone, a finger’s breadth apart. The median counts.
		</p>
	{/if}
</div>

<style>
	.reader,
	.result {
		display: flex;
		flex-direction: column;
		gap: 10px;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 10px 16px;
		align-items: center;
	}
	.result {
		display: grid;
		grid-template-columns: repeat(3, minmax(60px, 110px)) minmax(180px, 1fr);
		align-items: center;
		gap: 0 14px;
	}
	.lock {
		display: block;
		height: 40px;
		background: var(--field);
	}
	.result p {
		grid-column: 4;
	}
	.level {
		font-size: 34px;
		margin-right: 6px;
	}
	.soft {
		color: var(--ink-soft);
		font-size: 14px;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
	}
	@media (max-width: 760px) {
		.result {
			grid-template-columns: repeat(3, minmax(0, 1fr));
		}
		.result p {
			grid-column: 1 / -1;
		}
	}
</style>
