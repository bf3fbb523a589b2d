<script lang="ts">
	import { useClock } from '../state/clock.svelte';
	import type { Snippet } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { preparesPaper, printPage } from '../ui/paper.svelte';
	import { useRecords } from '../state/records';
	import type PrintSheet from './print/PrintSheet.svelte';
	import Rail from './Rail.svelte';
	import { finding } from '../state/finding.svelte';
	import { actOf, keyWords } from '../ui/keys';
	import { provideVisit } from '../state/visitContext';
	import { followGestures } from '../store/gesture.svelte';
	import { allFound } from '../state/allFound.svelte';
	import { openVisit } from '../state/openVisit';
	import { formatDate, formatTime, STATIONS } from '../wording/words';
	import Part from '../widgets/Part.svelte';
	import { sayTakenBack } from '../widgets/takenBack';

	interface Props {
		id: string;
		children: Snippet;
	}
	let { id, children }: Props = $props();
	const station = $derived(page.url.pathname.split('/').at(-1) ?? 'read');
	const clock = useClock();
	// svelte-ignore state_referenced_locally
	// The route remounts this component for another visit.
	const session = openVisit(useRecords().workspace, clock, id);
	provideVisit(session);
	$effect(() => followGestures(window));

	/** The printed sheet is seldom asked for, and has to be there at once when it is: it comes once the page is at rest. */
	let Sheet = $state.raw<typeof PrintSheet>();
	const SHEET_AFTER_MS = 1500;
	const fetchSheet = async () => (Sheet ??= (await import('./print/PrintSheet.svelte')).default);
	/** Longer than any search takes; a sheet that lacks something says so. */
	const FOUND_WITHIN_MS = 6000;
	$effect(() =>
		preparesPaper(async () => {
			await fetchSheet();
			await allFound(session, FOUND_WITHIN_MS);
		})
	);
	$effect(() => {
		const timer = setTimeout(() => void fetchSheet(), SHEET_AFTER_MS);
		return () => clearTimeout(timer);
	});

	const name = $derived(STATIONS.find(({ path }) => path === station)?.name ?? 'Read');
	const since = $derived.by(() => {
		const { status, chairSince, date } = session.visit;
		if (status === 'inChair' && chairSince) {
			return `In the chair since ${formatTime(chairSince)}`;
		}
		return status === 'done' ? `Done, ${formatDate(date)}` : 'Waiting';
	});

	function step(minutes: number) {
		const { lastMinute, plan } = session.view.shown;
		session.changeMinutes(Math.min(lastMinute, Math.max(1, plan.minutes + minutes)));
	}
	const takeBack = (again: boolean) => sayTakenBack(session, again);
	$effect(() => {
		finding.visit = {
			id,
			acts: [
				{ name: 'Undo', key: keyWords('undo'), run: () => takeBack(false) },
				{ name: 'Redo', key: keyWords('redo'), run: () => takeBack(true) },
				{ name: 'Print the sheet', key: keyWords('print'), run: () => void printPage() },
				{ name: 'Upkeep, to hand over', key: '', run: () => void goto(`/visit/${id}/upkeep`) }
			]
		};
		return () => (finding.visit = undefined);
	});
	function press(event: KeyboardEvent) {
		const act = actOf(event, 'visit');
		if (act === 'undo' || act === 'redo') takeBack(act === 'redo');
		else if (act === 'station') {
			void goto(`/visit/${id}/${STATIONS[Number(event.key) - 1]!.path}`);
		} else if (act === 'print') void printPage();
		else if (act) step((act === 'clockOn' ? 1 : -1) * (event.shiftKey ? 5 : 1));
	}
</script>

<svelte:head><title>{session.client?.name ?? 'Visit'} · {name} · Zelvant</title></svelte:head>
<svelte:window onkeydown={press} />

<div
	class="grid min-h-view grid-cols-[232px_minmax(0,1fr)] max-desk:grid-cols-[196px_minmax(0,1fr)] max-tablet:flex max-tablet:flex-col print:hidden"
>
	<Rail {session} current={station} {since} />
	<main class="no-print min-w-0 max-tablet:flex-1 max-tablet:pb-15">
		{#key station}<Part name={`station ${name}`} whole>{@render children()}</Part>{/key}
	</main>
</div>
{#if Sheet}<Sheet />{/if}
