<script lang="ts">
	import { untrack } from 'svelte';
	import { afterJump, elapsedSeconds, noteJump, type RightClock } from '../model/commands/run';
	import { useClock } from '../state/clock.svelte';
	import type { ClockWatch } from '../state/clockJump';
	import { useRecords } from '../state/records';
	import Button from '../ui/Button.svelte';

	interface Props {
		/** Visits whose service runs. */
		ids: readonly string[];
		/** Of this window, from when it was opened. */
		watch: ClockWatch;
	}
	let { ids, watch }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	/** How far the wall went ahead, seconds; nothing where nobody has to say anything. */
	let by = $state<number>();
	/** By which clock the timers count until somebody says: by the one that has more on it, which calls earlier. */
	const counted = $derived<RightClock>((by ?? 0) > 0 ? 'wall' : 'steady');

	$effect(() => {
		if (!clock.shown) return;
		const jump = watch.look();
		if (jump === undefined) return;
		untrack(() => {
			by = jump;
			if (jump < 0) lay(jump, 'wall', 'steady');
		});
	});
	const visits = $derived(ids.flatMap((id) => workspace.visits.get(id) ?? []));
	function lay(seconds: number, from: RightClock, to: RightClock, note = false) {
		const now = clock.now();
		workspace.transact('the clock of the device jumped', (draft) => {
			for (const { id } of visits) {
				const visit = draft.visit(id);
				afterJump(visit, now, seconds, from, to);
				if (note) noteJump(visit.run, now, seconds, to);
			}
		});
	}
	function decide(right: RightClock) {
		if (by === undefined) return;
		lay(by, counted, right, true);
		by = undefined;
	}
	/** Minutes on the longest clock by either. */
	const minutesBy = (right: RightClock) => {
		const seconds = Math.max(
			0,
			...visits.flatMap(({ run }) =>
				[run, ...(run.clocks ?? [])]
					.filter(({ runningSince }) => runningSince !== undefined)
					.map((timer) => elapsedSeconds(timer, clock.shown))
			)
		);
		const off = right === counted ? 0 : right === 'steady' ? -(by ?? 0) : (by ?? 0);
		return Math.max(0, Math.round((seconds + off) / 60));
	};
	const jumped = $derived(Math.round(Math.abs(by ?? 0) / 60));
</script>

{#if by !== undefined && visits.length > 0}
	<div
		class="no-print flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line bg-raised px-6 py-3"
		role="alert"
		aria-label="Which clock is right?"
	>
		<p class="flex-[1_1_24em]">
			<b>The clock of this device went {jumped} min {by > 0 ? 'ahead' : 'back'}.</b>
			It was set, or the device slept. How long has it been on the hair?
		</p>
		<Button onclick={() => decide('steady')}>{minutesBy('steady')} min: the clock was set</Button>
		<Button onclick={() => decide('wall')}>{minutesBy('wall')} min: that time passed</Button>
	</div>
{/if}
