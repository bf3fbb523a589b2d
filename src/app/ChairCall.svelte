<script lang="ts">
	import { onDestroy, untrack } from 'svelte';
	import { page } from '$app/state';
	import { byGravity, callsOf, type CallKind, type NextAct } from '../core/work';
	import { bell, shake, speak } from '../devices/bell';
	import { callSettings, LOUDNESS } from '../state/callSettings.svelte';
	import { useClock } from '../state/clock.svelte';
	import { openVisit } from '../state/openVisit';
	import { useRecords } from '../state/records';
	import { lastLooked, noteLooked } from '../state/lastLooked';
	import { RunningView } from '../state/runningView.svelte';
	import { RunTimer } from '../state/runTimer.svelte';
	import { sectionNamer } from '../wording/bowls';
	import { DayClocks, untilCall } from '../state/dayClocks.svelte';
	import { actWords, dueWords } from '../wording/chair';
	import { processAct } from '../wording/processes';
	import { say } from '../ui/say.svelte';
	import { formatTimer } from '../wording/words';

	interface Props {
		id: string;
		/** Which of the pitches is this head's. */
		voice: number;
		/** What comes next, and in how many minutes, for the title of the window. */
		onnext: (next: { readonly minutes: number; readonly words: string } | undefined) => unknown;
	}
	let { id, voice, onnext }: Props = $props();
	const clock = useClock();
	// svelte-ignore state_referenced_locally
	// Another visit is another call.
	const session = openVisit(useRecords().workspace, clock, id, `call ${id}`);
	const timer = new RunTimer(clock);
	const seconds = $derived(timer.seconds(session.visit.run));
	const view = new RunningView(session, () => seconds);
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	/** A clock that nobody stopped the day before calls nobody. */
	const FORGOTTEN_SECONDS = 6 * 3600;
	const head = $derived(seconds < FORGOTTEN_SECONDS ? view.head : undefined);
	const clocks = new DayClocks(session, clock);
	/** What is asked for, by the sections and by what else lies on the hair, the soonest first. */
	interface Ask {
		readonly key: string;
		readonly words: string;
		/** Until then; negative: it is late. */
		readonly minutes: number;
		readonly act?: NextAct['act'];
	}
	interface Call extends Ask {
		readonly kind: CallKind;
		readonly again: boolean;
	}
	const askOf = (act: NextAct): Ask => ({
		key: `${act.act} ${act.section} ${act.part} ${act.bowl}`,
		words: actWords(act, nameOf),
		minutes: act.minute - seconds / 60,
		act: act.act
	});
	const others = $derived(
		clocks.calling
			.filter((one) => one.seconds < FORGOTTEN_SECONDS)
			.map((one): Call => {
				const { kind, again } = one.call;
				const words = processAct(one, kind);
				return { key: one.of, words, minutes: untilCall(one), kind, again };
			})
	);
	const calls = $derived<Call[]>(
		byGravity([
			...(head ? callsOf(head, view.minute) : []).map(({ act, kind, again }) => ({
				...askOf(act),
				kind,
				again
			})),
			...others.filter((one) => one.minutes <= 0)
		])
	);
	const next = $derived.by((): Ask | undefined => {
		if (calls[0]) return calls[0];
		const [first] = head?.acts ?? [];
		const [other] = others;
		const act = first && askOf(first);
		return other && (!act || other.minutes < act.minutes) ? other : act;
	});
	const minutes = $derived(next?.minutes ?? 0);
	const words = $derived(next?.words ?? '');
	const who = $derived(session.client?.name ?? 'The head in the chair');

	$effect(() => {
		const at = Math.max(0, minutes);
		onnext(next && { minutes: at, words: `${formatTimer(at * 60)} ${words}` });
	});
	onDestroy(() => onnext(undefined));

	const NOTES: Readonly<Record<CallKind, number>> = { look: 1, ready: 2, limit: 3 };
	/** Asked for a second time it is louder by so much. */
	const LOUDER = 1.4;
	const REPEAT_MS = 15_000;
	function ring({ kind, again }: Pick<Call, 'kind' | 'again'>): void {
		const volume = LOUDNESS[callSettings.loudness];
		if (volume === 0) return;
		bell.ring(NOTES[kind], voice, Math.min(1, volume * (again ? LOUDER : 1)));
		shake(NOTES[kind]);
	}
	function tell(call: Call): void {
		const said = `${who}: ${call.words}`;
		if (callSettings.speaks) speak(said);
		if (callSettings.notifies && document.hidden && Notification.permission === 'granted')
			new Notification(said, { tag: `zelvant ${id}`, body: 'now' });
	}
	let rung: ReadonlySet<string> = new Set();
	$effect(() => {
		const keys = new Map(
			calls.map((call) => [`${call.key} ${call.kind} ${call.again}`, call] as const)
		);
		const [fresh] = [...keys].flatMap(([key, call]) => (rung.has(key) ? [] : [call]));
		rung = new Set(keys.keys());
		if (!fresh) return;
		ring(fresh);
		tell(fresh);
	});
	/** What may lie no longer calls until somebody comes. */
	const limit = $derived(calls.some(({ kind }) => kind === 'limit'));
	$effect(() => {
		if (!limit) return;
		const repeat = setInterval(() => ring({ kind: 'limit', again: true }), REPEAT_MS);
		return () => clearInterval(repeat);
	});

	/** Due for longer than this when somebody comes back it was missed, minutes. */
	const MISSED_MINUTES = 1;
	function tellMissed(): void {
		const missed = calls.filter((call) => call.minutes < -MISSED_MINUTES);
		if (missed.length === 0) return;
		const said = missed
			.slice(0, 3)
			.map((call) => `${call.words}, due ${Math.round(-call.minutes)} min ago`);
		say(`${who}, missed meanwhile: ${said.join('; ')}.`);
	}
	/** Nobody looked for this long: a tablet that slept, a page that was closed or crashed, ms. */
	const AWAY_MS = 90_000;
	const isAway = () => clock.now().getTime() - (lastLooked() ?? 0) > AWAY_MS;
	// What was so when the page came back; from then on somebody looks.
	let away = isAway();
	$effect(() => {
		// Told as soon as the head is worked out again.
		if (away && (head ?? others[0])) {
			away = false;
			untrack(tellMissed);
		}
	});
	const LOOKS_EVERY_MS = 10_000;
	const beat = $derived(Math.floor(clock.shown.getTime() / LOOKS_EVERY_MS));
	$effect(() => {
		if (!document.hidden) noteLooked(new Date(beat * LOOKS_EVERY_MS));
	});
	function wakes(): void {
		if (document.hidden || !isAway()) return;
		clock.tick();
		tellMissed();
	}

	const chair = $derived(`/visit/${id}/chair`);
	/** Where it is told anyway. */
	const here = $derived([chair, `/visit/${id}/assist`].includes(page.url.pathname));
	const onDay = $derived(page.url.pathname === '/');
	const SOON_MINUTES = 2;
	const urgent = $derived(calls.some(({ kind, again }) => kind !== 'look' || again));
</script>

<svelte:document onvisibilitychange={wakes} />

{#if next && !here && (onDay || minutes <= SOON_MINUTES)}
	<a
		href={chair}
		class={[
			'flex min-w-0 flex-1 flex-wrap items-baseline gap-x-4 border-b border-line px-7 py-3 no-underline max-tablet:px-4',
			urgent ? 'bg-ink text-room' : 'bg-raised'
		]}
	>
		<span>{who}</span>
		<b class="figure text-28 leading-tight">{words}</b>
		<span class="figure text-18">{dueWords(minutes, next.act)}</span>
		{#if calls[1]}
			<span class="ml-auto">then {calls[1].words}, {dueWords(calls[1].minutes, calls[1].act)}</span>
		{/if}
	</a>
{/if}
{#if urgent}
	<!-- Whoever does not hear it sees it from across the room. -->
	<div
		class="pointer-events-none fixed inset-0 z-50 border-8 border-ink motion-safe:animate-call print:hidden"
		aria-hidden="true"
	></div>
{/if}
