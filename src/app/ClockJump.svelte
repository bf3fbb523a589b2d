<script lang="ts">
	import { untrack } from 'svelte';
	import {
		countsBy,
		elapsedSeconds,
		takeJump,
		type NoticedJump,
		type RightClock
	} from '../model/commands/run';
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
	/** What somebody has to say something about. */
	let noticed = $state.raw<NoticedJump>();
	const by = $derived(noticed?.bySeconds ?? 0);
	const visits = $derived(ids.flatMap((id) => workspace.visits.get(id) ?? []));
	/** By which clock the timers count until somebody says: by the one that has more on it, which calls earlier. */
	const counted = $derived<RightClock>(
		noticed && visits[0] ? countsBy(visits[0].run, noticed) : 'wall'
	);

	$effect(() => {
		// Looked at anew whenever the clock that is shown moves on.
		const at = clock.shown;
		const jump = watch.look();
		if (jump === undefined) return;
		untrack(() => {
			noticed = { at, bySeconds: Math.round(jump) };
			if (jump < 0) take(noticed, 'steady');
		});
	});
	function take(jump: NoticedJump, right: RightClock) {
		workspace.transact('the clock of the device jumped', (draft) => {
			for (const { id } of visits) takeJump(draft.visit(id), jump, right, clock.now());
		});
	}
	function decide(right: RightClock) {
		if (noticed) take(noticed, right);
		noticed = undefined;
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
		const off = right === counted ? 0 : right === 'steady' ? -by : by;
		return Math.max(0, Math.round((seconds + off) / 60));
	};
	const jumped = $derived(Math.round(Math.abs(by) / 60));
</script>

{#if noticed && visits.length > 0}
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
