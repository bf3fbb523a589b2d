<script lang="ts">
	import { clockOf } from '../model/day/clocks';
	import {
		forgetClock,
		noteLooked,
		resumeClock,
		stopClock,
		toggleClock
	} from '../model/commands/clocks';
	import { beginEarlier } from '../model/commands/run';
	import { useClock } from '../state/clock.svelte';
	import { untilCall, type DayClock } from '../state/dayClocks.svelte';
	import { useVisit } from '../state/visitContext';
	import Button from '../ui/Button.svelte';
	import TextButton from '../ui/TextButton.svelte';
	import { say } from '../ui/say.svelte';
	import { cautionWords } from '../wording/cautions';
	import { processName, startWords } from '../wording/processes';
	import { formatTimer } from '../wording/words';
	import { earlier } from './earlier.svelte';

	interface Props {
		one: DayClock;
		/** What lies there until it goes on, and is rinsed first. */
		after?: DayClock | undefined;
		/** What it is made of, beside its minutes. */
		words?: string;
		/** It is what comes next. */
		large?: boolean;
	}
	let { one, after, words = '', large = false }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	const name = $derived(processName(one));
	const begun = $derived(one.state !== 'waiting');
	const lies = $derived(one.state === 'lying' || one.state === 'held');
	/** A stop holds back a beginning only, and only of what it is about: what lies on the hair runs on. */
	const [stop] = $derived(begun ? [] : session.stopsOf(one.plan && one.of));
	const left = $derived(one.minutes * 60 - one.seconds);
	const limited = $derived(one.call?.kind === 'limit');

	function toggle() {
		const WHAT = { waiting: 'start', lying: 'hold', held: 'go on with', off: 'start' } as const;
		session.change(`${WHAT[one.state]} the ${name}`, (draft) => {
			session.begin(draft);
			if (one.state === 'waiting' && after)
				stopClock(draft.run, after.of, clock.now(), after.seconds);
			const minutes = one.zone === undefined ? undefined : one.minutes;
			toggleClock(draft.run, one.of, clock.now(), one.seconds, minutes);
		});
	}
	const resume = () =>
		session.change(`the ${name} is not off`, ({ run }) => resumeClock(run, one.of, clock.now()));
	function stopped() {
		session.change(`the ${name} is off`, ({ run }) =>
			stopClock(run, one.of, clock.now(), one.seconds)
		);
		say(`The ${name} is off.`, resume);
	}
	const looked = () =>
		session.change(`looked at the ${name}`, ({ run }) => noteLooked(run, one.of, one.seconds));
	const forget = () =>
		session.change(`the ${name} is not on`, ({ run }) => forgetClock(run, one.of));
	function beganEarlier(minutes: number) {
		session.change(`the ${name} began earlier`, ({ run }) => {
			const own = clockOf(run, one.of);
			if (own) beginEarlier(own, minutes);
		});
	}
	const askEarlier = () =>
		(earlier.asked = { name: `the ${name}`, most: 60, onpick: beganEarlier });
	const line = $derived.by(() => {
		if (stop) return `${cautionWords(stop).title} It starts when this stop is passed or gone.`;
		switch (one.state) {
			case 'waiting':
				return after && after.state !== 'waiting' && after.state !== 'off'
					? `After the ${processName(after)} is rinsed; ${one.minutes} min.`
					: `On the hair, of ${one.minutes} min.`;
			case 'off':
				return `Off after ${Math.round(one.seconds / 60)} min; ${one.minutes} were planned.`;
			default: {
				if (limited) return `It may lie no longer than ${one.limitMinutes} min: rinse it now.`;
				if (left <= 0) return `${one.minutes} min are over: wipe and look, then rinse.`;
				const until = one.call ? untilCall({ ...one, call: one.call }) * 60 : left;
				const next = one.call?.kind === 'look' ? 'look at it' : 'wipe and look';
				return `Of ${one.minutes} min; ${next} ${until <= 0 ? 'now' : `in ${formatTimer(until)}`}.`;
			}
		}
	});
	/** Somebody is asked to look, or soon is. */
	const LOOKS_SOON = 1;
	const looks = $derived(lies && one.call && untilCall({ ...one, call: one.call }) <= LOOKS_SOON);
</script>

<div
	class={[
		'flex flex-wrap items-center gap-x-4 gap-y-1.5 border-t py-2',
		large ? 'border-ink' : 'border-line'
	]}
>
	<p
		class={[
			'figure leading-none tabular-nums',
			large ? 'text-act max-desk:text-60' : 'text-40',
			one.state === 'lying' ? 'text-ink' : 'text-ink-soft',
			lies && left <= 0 && 'text-stop'
		]}
		role="timer"
		aria-label="The {name} on the hair"
	>
		{formatTimer(one.seconds)}
	</p>
	<div class="min-w-40 flex-1">
		{#if words}<p class={[large && 'figure text-28', 'font-semibold']}>{words}</p>{/if}
		<p class={[limited ? 'font-semibold text-stop' : 'text-ink-soft']}>
			{line}
			{#if lies}
				<TextButton onclick={askEarlier}>Began earlier</TextButton>
				{#if one.seconds < 120}<TextButton onclick={forget}>Not on yet</TextButton>{/if}
			{:else if one.state === 'off'}
				<TextButton onclick={resume}>It is not off</TextButton>
			{/if}
		</p>
	</div>
	<div class="flex flex-wrap gap-3 [&_button]:min-h-16">
		{#if looks && !limited}<Button onclick={looked}>Looked, leave it</Button>{/if}
		<Button disabled={stop !== undefined} primary={large && !lies} onclick={toggle}
			>{one.state === 'lying'
				? 'Hold'
				: one.state === 'held'
					? 'Go on'
					: one.state === 'off'
						? 'Put on again'
						: startWords(one)}</Button
		>
		{#if lies}<Button primary={left <= 0 || limited} onclick={stopped}>It is off</Button>{/if}
	</div>
</div>
