<script lang="ts">
	import { useClock } from '../state/clock.svelte';
	import { tick, type Snippet } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { say } from '../ui/say.svelte';
	import { useRecords } from '../state/records';
	import type PrintSheet from './print/PrintSheet.svelte';
	import Rail from './Rail.svelte';
	import { isTyping } from '../ui/keys';
	import { provideVisit } from '../state/visitContext';
	import { followGestures } from '../store/gesture.svelte';
	import { openVisit } from '../state/openVisit';
	import { changeWords, formatTime, STATIONS } from '../wording/words';

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
		return status === 'done' ? `Done, ${date}` : 'Waiting';
	});

	async function print() {
		await fetchSheet();
		await tick();
		window.print();
	}
	function press(event: KeyboardEvent) {
		if (isTyping(event)) return;
		if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
			event.preventDefault();
			const label = event.shiftKey ? session.redo() : session.undo();
			if (label) say(`${event.shiftKey ? 'Redone' : 'Undone'}: ${changeWords(label)}`);
			return;
		}
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const target = STATIONS[Number(event.key) - 1];
		// With Shift the keys give other characters, which differ by keyboard.
		const sign = { ',': -1, '<': -1, ';': -1, '.': 1, '>': 1, ':': 1 }[event.key];
		const step = sign === undefined ? undefined : sign * (event.shiftKey ? 5 : 1);
		if (target) void goto(`/visit/${id}/${target.path}`);
		else if (event.key === 'p') void print();
		else if (step !== undefined) {
			const { lastMinute } = session.view.shown;
			session.changePlan('minute', (plan) => {
				plan.minutes = Math.min(lastMinute, Math.max(1, plan.minutes + step));
			});
		}
	}
</script>

<svelte:head><title>{session.client?.name ?? 'Visit'} · {name} · Zelvant</title></svelte:head>
<svelte:window onkeydown={press} />

<div
	class="grid min-h-dvh grid-cols-[232px_minmax(0,1fr)] max-desk:grid-cols-[196px_minmax(0,1fr)] max-tablet:flex max-tablet:flex-col print:hidden"
>
	<Rail {session} current={station} {since} />
	<main class="no-print min-w-0 max-tablet:flex-1 max-tablet:pb-15">{@render children()}</main>
</div>
{#if Sheet}<Sheet />{/if}
