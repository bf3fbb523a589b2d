<script lang="ts">
	import type { Snippet } from 'svelte';
	import LiftChart from '../../charts/lift/LiftChart.svelte';
	import { hexOf } from '../../core/colour';
	import { isLying, type RunningSection } from '../../core/work';
	import { levelsSeen } from '../../model/day/seen';
	import { useVisit } from '../../state/visitContext';
	import CallsFold from './CallsFold.svelte';
	import { readyOf } from './chair';
	import type { ChairRun } from './chairRun.svelte';
	import CheckList from './CheckList.svelte';
	import EndsFold from './EndsFold.svelte';
	import LogFold from '../../widgets/LogFold.svelte';
	import SectionCourse from './SectionCourse.svelte';

	interface Props {
		service: ChairRun;
		/** The section that is looked at. */
		looked: RunningSection | undefined;
		/** Whole minutes on the timer. */
		minute: number;
		begun: boolean;
		/** What stands over the lists. */
		children: Snippet;
	}
	let { service, looked, minute, begun, children }: Props = $props();
	const session = useVisit();
	const when = $derived(readyOf(session));
	const moments = $derived(
		session.head.course.course.map(({ lab, ...rest }) => ({ ...rest, hex: hexOf(lab) }))
	);
	const seen = $derived(
		levelsSeen(session.visit.run).filter(({ zone }) => zone === session.head.zone.name)
	);
</script>

<!-- What is looked up, not what is next: checks, calls, the log, the curve. -->
<div
	class="grid flex-1 grid-cols-[minmax(0,400px)_minmax(0,1fr)] gap-9 max-desk:grid-cols-[300px_minmax(0,1fr)] max-desk:gap-6 max-tablet:grid-cols-1 max-tablet:gap-4"
>
	<div>
		{@render children()}
		<CheckList nameOf={service.nameOf} />
		{#if service.head?.sections.some(isLying)}<EndsFold left={service.minutesLeft} />{/if}
		<CallsFold />
		<p class="border-t border-line py-3">
			<a href="/visit/{session.id}/assist" target="_blank" rel="opener"
				>A window for the assistant</a
			>
			<span class="text-ink-soft">on a second screen: it follows live</span>
		</p>
		{#if begun}<LogFold log={service.view.log} nameOf={service.nameOf} />{/if}
	</div>
	<div class="min-h-75 overflow-x-clip">
		{#if looked && isLying(looked)}
			<SectionCourse section={looked} view={service.view} nameOf={service.nameOf} />
		{:else}
			<LiftChart
				{moments}
				{seen}
				window={typeof when === 'string' ? undefined : when}
				minute={Math.min(minute, session.head.main.lastMinute)}
				spent={session.head.course.spent}
			/>
		{/if}
	</div>
</div>
