<script lang="ts">
	import { useClock } from '../state/clock.svelte';
	import Strand from '../charts/strand/Strand.svelte';
	import { formatLevel } from '../core/hair';
	import { useRecords } from '../state/records';
	import type { Visit } from '../schema/records';
	import { endExpected } from '../state/endExpected';
	import { openVisit } from '../state/openVisit';
	import { stationLine, stationState } from './summary';
	import { cautionWords } from '../wording/cautions';
	import { formatDay, formatTime, STATIONS, formatDate } from '../wording/words';

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

<li class="@container">
	<a
		class="grid grid-cols-[minmax(144px,1.1fr)_minmax(180px,2fr)_minmax(140px,1.2fr)_92px] items-center gap-6 border-t border-line py-2 no-underline @max-wide:grid-cols-[minmax(0,1fr)_92px] @max-wide:gap-x-3 @max-wide:gap-y-2"
		href="/visit/{visit.id}/{next.path}"
	>
		<span class="flex min-w-0 flex-col wrap-anywhere @max-wide:col-span-full">
			<span class="figure text-22 leading-tight"
				>{dated ? formatDate(visit.date) : (session.client?.name ?? 'Unknown client')}</span
			>
			<span class="text-ink-soft">{since}</span>
		</span>
		<span
			class="grid grid-cols-[42px_minmax(0,1fr)] items-center bg-field px-3 py-1.5 text-on-field @max-wide:col-span-full"
		>
			<span class="text-13">now</span>
			<span class="block h-9"
				><Strand
					colours={session.head.nowColours}
					seed={31}
					label={stationLine(session, 'read')}
				/></span
			>
			<span class="text-13">after</span>
			<span class="block h-9"
				><Strand
					colours={session.head.tonedColours}
					seed={32}
					label="expected {formatLevel(endExpected(session).toned)}"
				/></span
			>
		</span>
		<span class="flex min-w-0 flex-col wrap-anywhere @max-wide:col-start-1">
			<b
				>{formatLevel(session.head.nowLevel)} to {formatLevel(visit.aim.level)}
				{visit.aim.direction}</b
			>
			<span class="text-ink-soft"
				>{#if stop}<b class="text-ink">{cautionWords(stop).title}</b>{:else}{stationLine(
						session,
						'lift'
					)}{/if}</span
			>
		</span>
		<span class="grid tap place-items-center rounded-box border border-edge font-semibold"
			>{visit.status === 'done' ? 'Open' : next.name}</span
		>
	</a>
</li>
