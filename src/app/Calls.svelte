<script lang="ts">
	import { SvelteMap } from 'svelte/reactivity';
	import { useClock } from '../state/clock.svelte';
	import { bell } from '../devices/bell';
	import type { ClockWatch } from '../state/clockJump';
	import { useRecords } from '../state/records';
	import WhenRead from '../widgets/WhenRead.svelte';
	import ChairCall from './ChairCall.svelte';
	import ClockJump from './ClockJump.svelte';

	interface Props {
		/** Visits whose service runs. */
		ids: readonly string[];
		watch: ClockWatch;
	}
	let { ids, watch }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	$effect(clock.run);

	interface Next {
		readonly minutes: number;
		readonly words: string;
	}
	const nexts = new SvelteMap<string, Next>();
	const soonest = $derived(
		ids.flatMap((id) => nexts.get(id) ?? []).toSorted((p, q) => p.minutes - q.minutes)[0]?.words
	);
	/** Between what comes next and the page’s own title. */
	const MARK = ' | ';
	const ownTitle = () => document.title.split(MARK).at(-1)!;
	// A window in the background counts down in its title; a page that is opened meanwhile brings its own.
	$effect(() => {
		if (!soonest) return;
		document.title = `${soonest}${MARK}${ownTitle()}`;
		return () => (document.title = ownTitle());
	});
	const wake = () => bell.wake();

	/** Its tab shows the minutes, whatever else is open. */
	const icon = $derived(
		ids
			.flatMap((id) => nexts.get(id) ?? [])
			.toSorted((p, q) => p.minutes - q.minutes)
			.map(({ minutes }) => minuteIcon(Math.ceil(minutes)))[0]
	);
	$effect(() => {
		const link = document.querySelector<HTMLLinkElement>('link[rel="icon"]');
		if (!icon || !link) return;
		const own = link.href;
		link.href = icon;
		return () => (link.href = own);
	});
	/** An icon with a number; none is due now. */
	function minuteIcon(minutes: number): string {
		const text = minutes > 99 ? '99' : `${minutes}`;
		const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32"><rect width="32" height="32" rx="4" fill="${minutes <= 0 ? '#a3161f' : '#161616'}"/><text x="16" y="23" text-anchor="middle" font-family="sans-serif" font-weight="700" font-size="20" fill="#fff">${text}</text></svg>`;
		return `data:image/svg+xml,${encodeURIComponent(svg)}`;
	}
</script>

<svelte:window onpointerdown={wake} onkeydown={wake} />

<ClockJump {ids} {watch} />
<div class="no-print flex flex-wrap" role="region" aria-label="What calls">
	{#each ids as id, i (id)}
		<WhenRead clientId={workspace.cards.get(id)?.clientId ?? ''}>
			<ChairCall
				{id}
				voice={i}
				onnext={(next) => (next ? nexts.set(id, next) : nexts.delete(id))}
			/>
		</WhenRead>
	{/each}
</div>
