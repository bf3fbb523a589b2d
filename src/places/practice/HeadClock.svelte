<script lang="ts">
	import type { HeadRun } from '../../state/headRun.svelte';
	import { useClock } from '../../state/clock.svelte';
	import Choice from '../../ui/Choice.svelte';

	interface Props {
		run: HeadRun;
	}
	let { run }: Props = $props();
	const clock = useClock();
	/** How many minutes of the head go by in one of the room; none while its clock stands. */
	let speed = $state<'0' | '1' | '10' | '60'>('0');
	const SPEEDS = [
		{ value: '0', label: 'stands' },
		{ value: '1', label: 'real time' },
		{ value: '10', label: '10 times' },
		{ value: '60', label: '60 times' }
	] as const;
	const TICK_MS = 500;
	$effect(() => {
		const rate = Number(speed);
		if (rate === 0) return undefined;
		let last = clock.steady();
		const timer = setInterval(() => {
			const now = clock.steady();
			run.do({ act: 'wait', minutes: ((now - last) / 60_000) * rate });
			last = now;
		}, TICK_MS);
		return () => clearInterval(timer);
	});
</script>

<Choice label="Its clock" value={speed} options={SPEEDS} onchange={(next) => (speed = next)} />
