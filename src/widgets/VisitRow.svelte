<script lang="ts">
	import { useClock } from '../state/clock.svelte';
	import Strand from '../charts/strand/Strand.svelte';
	import { formatLevel } from '../core/hair';
	import { useRecords } from '../state/records';
	import type { Visit } from '../schema/records';
	import { openVisit } from '../state/openVisit';
	import { stationLine, stationState } from './summary';
	import { cautionWords } from '../wording/cautions';
	import { formatDay, formatTime, STATIONS } from '../wording/words';

	interface Props {
		visit: Visit;
		/** Shows the day of the visit instead of the client's name. */
		dated?: boolean;
	}
	let { visit, dated = false }: Props = $props();
	const clock = useClock();
	// svelte-ignore state_referenced_locally
	// Rows are keyed by visit.
	const session = openVisit(useRecords().workspace, clock, visit.id);
	const next = $derived(
		STATIONS.find(({ id }) => stationState(session, id) === 'needs') ?? STATIONS[6]!
	);
	const stop = $derived(
		session.stops[0] ??
			session.cautions.find(({ severity, reason }) => severity === 'ask' && reason === undefined)
	);
	const since = $derived(
		visit.status === 'inChair' && visit.chairSince
			? `since ${formatTime(visit.chairSince)}`
			: visit.status === 'waiting' && visit.date > clock.today
				? formatDay(visit.date)
				: visit.colourist
	);
</script>

<li>
	<a href="/visit/{visit.id}/{next.path}">
		<span class="who">
			<span class="name figure"
				>{dated ? visit.date : (session.client?.name ?? 'Unknown client')}</span
			>
			<span class="soft">{since}</span>
		</span>
		<span class="field">
			<span class="word">now</span>
			<span class="strand"
				><Strand
					colours={session.head.nowColours}
					seed={31}
					label={stationLine(session, 'read')}
				/></span
			>
			<span class="word">after</span>
			<span class="strand"
				><Strand
					colours={session.head.tonedColours}
					seed={32}
					label="expected {formatLevel(session.head.toned.level)}"
				/></span
			>
		</span>
		<span class="plan">
			<b
				>{formatLevel(session.head.nowLevel)} to {formatLevel(visit.aim.level)}
				{visit.aim.direction}</b
			>
			<span class="soft"
				>{#if stop}<b>{cautionWords(stop).title}</b>{:else}{stationLine(session, 'lift')}{/if}</span
			>
		</span>
		<span class="next">{visit.status === 'done' ? 'Open' : next.name}</span>
	</a>
</li>

<style>
	a {
		display: grid;
		grid-template-columns: minmax(150px, 1.1fr) minmax(200px, 2fr) minmax(150px, 1.2fr) 92px;
		gap: 24px;
		align-items: center;
		padding: 10px 0;
		text-decoration: none;
		border-top: 1px solid var(--line);
	}
	.who,
	.plan {
		display: flex;
		flex-direction: column;
		min-width: 0;
		overflow-wrap: anywhere;
	}
	.name {
		font-size: 21px;
		line-height: 1.15;
	}
	.field {
		background: var(--field);
		color: var(--on-field);
		padding: 6px 12px;
		display: grid;
		grid-template-columns: 42px minmax(0, 1fr);
		align-items: center;
	}
	.word {
		font-size: 13px;
	}
	.strand {
		display: block;
		height: 34px;
	}
	.soft {
		color: var(--ink-soft);
	}
	.soft b {
		color: var(--ink);
	}
	.next {
		min-height: 44px;
		display: grid;
		place-items: center;
		border: 1px solid var(--edge);
		border-radius: 3px;
		font-weight: 600;
	}
	@media (max-width: 760px) {
		a {
			grid-template-columns: minmax(0, 1fr) 92px;
			gap: 8px 14px;
		}
		.field {
			grid-column: 1 / -1;
		}
		.who,
		.plan {
			grid-column: 1 / -1;
		}
		.plan {
			grid-column: 1;
		}
	}
</style>
