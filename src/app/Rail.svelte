<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import RailTools from './RailTools.svelte';
	import SaveLine from '../widgets/SaveLine.svelte';
	import { stationLine, stationState } from '../widgets/summary';
	import { STATIONS } from '../wording/words';
	import type { VisitState } from '../state/visitState.svelte';

	interface Props {
		session: VisitState;
		current: string;
		since: string;
	}
	let { session, current, since }: Props = $props();
	const STATE_WORDS = {
		done: 'done',
		needs: 'needs you',
		later: 'not yet',
		notToday: 'not today'
	} as const;
</script>

<nav
	class="no-print sticky top-view flex h-view flex-col overflow-y-auto bg-rail text-rail-ink max-tablet:static max-tablet:contents max-tablet:overflow-visible"
	aria-label="Stations of the visit"
>
	<div
		class="px-5 pt-5 pb-4 max-desk:px-4 max-desk:pt-4 max-desk:pb-3 max-tablet:flex max-tablet:items-baseline max-tablet:justify-between max-tablet:gap-3 max-tablet:bg-rail max-tablet:px-4 max-tablet:py-2 max-tablet:text-rail-ink"
	>
		<a
			class="figure text-28 leading-tight wrap-anywhere no-underline max-desk:text-22 max-tablet:text-18"
			href="/clients/{session.visit.clientId}">{session.client?.name ?? 'Unknown client'}</a
		>
		<p class="mt-1 text-14 text-rail-soft max-tablet:m-0 max-tablet:whitespace-nowrap">{since}</p>
	</div>
	<ol
		class="border-t border-rail-line max-tablet:fixed max-tablet:right-0 max-tablet:bottom-0 max-tablet:left-0 max-tablet:z-10 max-tablet:grid max-tablet:grid-cols-7 max-tablet:border-t max-tablet:border-rail-line max-tablet:bg-rail max-tablet:text-rail-ink"
	>
		{#each STATIONS as station, i (station.id)}
			{@const state = stationState(session, station.id)}
			<li>
				<a
					class="group grid min-h-16 grid-cols-[22px_minmax(0,1fr)] content-center border-b border-rail-line pt-2 pr-4 pb-3 pl-5 no-underline aria-[current=page]:bg-room aria-[current=page]:text-ink max-desk:min-h-15 max-desk:px-3 max-desk:py-2 max-tablet:flex max-tablet:min-h-15 max-tablet:flex-col max-tablet:items-center max-tablet:justify-center max-tablet:border-0 max-tablet:px-0 max-tablet:py-1"
					href="/visit/{session.id}/{station.path}"
					aria-current={current === station.path ? 'page' : undefined}
				>
					<span
						class={[
							'grid self-center text-14 text-rail-soft group-aria-[current=page]:text-ink',
							state === 'notToday' && 'invisible',
							state === 'needs' && 'max-tablet:font-bold max-tablet:text-rail-ink'
						]}
						>{#if state === 'done'}<Check size={17} aria-hidden="true" />{:else}{i + 1}{/if}</span
					>
					<span
						class={[
							'text-15 group-aria-[current=page]:text-ink max-tablet:text-13',
							state === 'later' || state === 'notToday'
								? 'font-normal text-rail-soft'
								: 'font-semibold'
						]}
						>{station.name}<span class="sr-only">, {STATE_WORDS[state]}</span
						>{#if state === 'needs'}<span
								class="ml-2 rounded-full bg-rail-ink px-2 pt-px pb-0.5 text-13 font-bold text-rail group-aria-[current=page]:bg-ink group-aria-[current=page]:text-room max-tablet:hidden"
								aria-hidden="true">next</span
							>{/if}</span
					>
					<span
						class="col-start-2 line-clamp-2 overflow-hidden text-14 leading-close text-rail-soft group-aria-[current=page]:text-ink-soft max-tablet:hidden"
						>{stationLine(session, station.id)}</span
					>
				</a>
			</li>
		{/each}
	</ol>
	<div
		class="mt-auto max-tablet:flex max-tablet:items-center max-tablet:justify-between max-tablet:bg-rail max-tablet:pr-4 max-tablet:text-rail-soft"
	>
		<RailTools {session} />
		<div
			class="px-5 pb-3 text-13 text-rail-soft max-desk:px-3 max-tablet:p-0 max-tablet:whitespace-nowrap"
		>
			<SaveLine />
		</div>
	</div>
</nav>
