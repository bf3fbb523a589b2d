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

<nav class="rail no-print" aria-label="Stations of the visit">
	<div class="who">
		<a class="name figure" href="/clients/{session.visit.clientId}"
			>{session.client?.name ?? 'Unknown client'}</a
		>
		<p>{since}</p>
	</div>
	<ol>
		{#each STATIONS as station, i (station.id)}
			{@const state = stationState(session, station.id)}
			<li>
				<a
					href="/visit/{session.id}/{station.path}"
					class={state}
					aria-current={current === station.path ? 'page' : undefined}
				>
					<span class="number"
						>{#if state === 'done'}<Check size={17} aria-hidden="true" />{:else}{i + 1}{/if}</span
					>
					<span class="title"
						>{station.name}<span class="sr-only">, {STATE_WORDS[state]}</span
						>{#if state === 'needs'}<span class="badge" aria-hidden="true">next</span>{/if}</span
					>
					<span class="line">{stationLine(session, station.id)}</span>
				</a>
			</li>
		{/each}
	</ol>
	<div class="beside">
		<RailTools {session} />
		<div class="save"><SaveLine /></div>
	</div>
</nav>

<style>
	.rail {
		background: var(--rail);
		color: var(--rail-ink);
		display: flex;
		flex-direction: column;
		height: 100dvh;
		position: sticky;
		top: 0;
		overflow-y: auto;
	}
	.who {
		padding: 20px 22px 16px;
	}
	.name {
		font-size: 25px;
		line-height: 1.1;
		text-decoration: none;
		overflow-wrap: anywhere;
	}
	.who p {
		color: var(--rail-soft);
		font-size: 14px;
		margin-top: 4px;
	}
	ol {
		border-top: 1px solid var(--rail-line);
	}
	li a {
		display: grid;
		grid-template-columns: 22px minmax(0, 1fr);
		padding: 10px 18px 11px 20px;
		text-decoration: none;
		border-bottom: 1px solid var(--rail-line);
		min-height: 62px;
		align-content: center;
	}
	.number {
		font-size: 14px;
		color: var(--rail-soft);
		align-self: center;
		display: grid;
	}
	.title {
		font-weight: 600;
		font-size: 16px;
	}
	.line {
		grid-column: 2;
		font-size: 13.5px;
		line-height: 1.25;
		color: var(--rail-soft);
		overflow: hidden;
		display: -webkit-box;
		-webkit-line-clamp: 2;
		line-clamp: 2;
		-webkit-box-orient: vertical;
	}
	.later .title,
	.notToday .title {
		font-weight: 400;
		color: #c6c6c6;
	}
	.notToday .number {
		visibility: hidden;
	}
	.badge {
		margin-left: 8px;
		font-size: 12px;
		font-weight: 700;
		padding: 1px 7px 2px;
		border-radius: 9px;
		background: var(--rail-ink);
		color: var(--rail);
	}
	li a[aria-current='page'] {
		background: var(--room);
		color: var(--ink);
	}
	li a[aria-current='page'] .line,
	li a[aria-current='page'] .number,
	li a[aria-current='page'] .title {
		color: var(--ink);
	}
	li a[aria-current='page'] .line {
		color: var(--ink-soft);
	}
	li a[aria-current='page'] .badge {
		background: var(--ink);
		color: var(--room);
	}
	.beside {
		margin-top: auto;
	}
	.save {
		padding: 0 22px 14px;
		font-size: 13px;
		color: var(--rail-soft);
	}
	@media (max-width: 1100px) {
		.who {
			padding: 16px 16px 12px;
		}
		.name {
			font-size: 21px;
		}
		li a {
			padding: 8px 12px 9px 14px;
			min-height: 58px;
		}
	}
	@media (max-width: 760px) {
		/* It has no box here: what it says of its box is taken back, or readers of the page believe it. */
		.rail {
			display: contents;
			position: static;
			overflow: visible;
		}
		.who {
			background: var(--rail);
			color: var(--rail-ink);
			padding: 10px 16px;
			display: flex;
			justify-content: space-between;
			align-items: baseline;
			gap: 12px;
		}
		.name {
			font-size: 19px;
		}
		.who p {
			margin: 0;
			white-space: nowrap;
		}
		ol {
			position: fixed;
			z-index: 10;
			left: 0;
			right: 0;
			bottom: 0;
			display: grid;
			grid-template-columns: repeat(7, minmax(0, 1fr));
			background: var(--rail);
			color: var(--rail-ink);
			border-top: 1px solid var(--rail-line);
		}
		li a {
			display: flex;
			flex-direction: column;
			align-items: center;
			justify-content: center;
			padding: 4px 0;
			min-height: 60px;
			border: 0;
		}
		.title {
			font-size: 12px;
		}
		.line,
		.badge {
			display: none;
		}
		li a.needs:not([aria-current]) .number {
			color: var(--rail-ink);
			font-weight: 700;
		}
		.beside {
			display: flex;
			align-items: center;
			justify-content: space-between;
			background: var(--rail);
			color: var(--rail-soft);
			padding-right: 16px;
		}
		.save {
			padding: 0;
			white-space: nowrap;
		}
	}
</style>
