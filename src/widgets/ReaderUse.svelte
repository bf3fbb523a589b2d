<script lang="ts">
	import Strand from '../charts/strand/Strand.svelte';
	import { rgbOf, type Lab } from '../core/colour';
	import { formatLevel } from '../core/hair';
	import { READINGS_APART, type medianReading } from '../core/picture';
	import { useClock } from '../state/clock.svelte';
	import { openReader, READINGS } from '../state/readerInUse.svelte';
	import Button from '../ui/Button.svelte';

	interface Props {
		/** What the simulated reader lies on. */
		hair: () => Lab;
		/** Where that is: at another place what was read is done with. */
		place: string;
		/** What the button says that takes the reading. */
		action: string;
		ontake: (reading: NonNullable<ReturnType<typeof medianReading>>) => void;
	}
	let { hair, place, action, ontake }: Props = $props();
	const clock = useClock();
	const inUse = openReader(() => hair(), clock.steady);
	$effect(() => () => void inUse.close());
	$effect(() => {
		if (place !== '') inUse.clear();
	});
	const reading = $derived(inUse.reading);
	const complete = $derived(inUse.labs.length >= READINGS);
</script>

<div class="flex flex-col gap-2">
	<div class="flex flex-wrap items-center gap-x-4 gap-y-2">
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
		<span class="text-14 text-ink-soft" role="status"
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
	{#if inUse.problem}<p class="font-semibold text-stop" role="alert">{inUse.problem}</p>{/if}
	{#if reading}
		<div
			class="grid grid-cols-[repeat(3,minmax(60px,110px))_minmax(180px,1fr)] flex-col items-center gap-x-3 @max-narrow:grid-cols-3"
		>
			{#each inUse.labs as lab, i (i)}
				<span class="block h-10 bg-field"
					><Strand
						colours={{ hair: [rgbOf(lab)] }}
						seed={40 + i}
						label="reading {i + 1}: L* {lab.l.toFixed(1)}, a* {lab.a.toFixed(1)}, b* {lab.b.toFixed(
							1
						)}"
					/></span
				>
			{/each}
			<p class="col-start-4 @max-narrow:col-span-full">
				<b class="level mr-1.5 figure text-40">{formatLevel(reading.level)}</b>
				<b>± {(1.28 * reading.sd).toFixed(1)} {reading.undertone.name}</b>
				<span class="text-14 text-ink-soft"
					>{complete ? 'median of three' : 'so far'}, L* {reading.lab.l.toFixed(1)}, a* {reading.lab.a.toFixed(
						1
					)}, b* {reading.lab.b.toFixed(1)}</span
				>
			</p>
		</div>
		{#if reading.apart > READINGS_APART}
			<p class="font-semibold text-stop">
				They lie {reading.apart.toFixed(1)} level apart: place it flat, on one colour, and begin again.
			</p>
		{/if}
		{#if complete}<div><Button onclick={() => ontake(reading)}>{action}</Button></div>{/if}
	{:else}
		<p class="text-14 text-ink-soft">
			Flat on dry hair, three times on the same hair, a finger’s breadth apart. The median counts.
		</p>
	{/if}
</div>
