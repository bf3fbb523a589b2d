<script lang="ts">
	import { formatLevel, undertoneWord } from '../../core/hair';
	import type { RunningSection } from '../../core/work';
	import { BOWL_LIFE_MINUTES } from '../../core/mix';
	import Button from '../../ui/Button.svelte';
	import type { SectionNamer } from '../../wording/bowls';
	import { STATE_WORDS } from '../../wording/chair';

	interface Props {
		section: RunningSection;
		nameOf: SectionNamer;
		/** Minutes from the first brush stroke. */
		minute: number;
		ontap: (act: 'on' | 'off') => void;
		onuntap: (act: 'on' | 'off') => void;
	}
	let { section, nameOf, minute, ontap, onuntap }: Props = $props();
	const state = $derived(section.state);
	const lies = $derived(state === 'on' || state === 'ready' || state === 'overdue');
	const ahead = (to: number) => Math.max(0, Math.round(to - minute));
	const line = $derived.by(() => {
		const now = `${formatLevel(section.level)} ${undertoneWord(section.undertone.name, section.level)}`;
		if (state === 'off') return `${now} when it came off, at ${Math.round(section.offMinute)} min.`;
		if (!lies) return `To be on at ${Math.round(section.toMinute)} min.`;
		if (state === 'overdue')
			return `${now} expected. The product may lie no longer: take it off, or put on a fresh mixture.`;
		const { readyMinute, target } = section;
		const ready =
			readyMinute === undefined
				? `not expected to reach ${formatLevel(target)} before its limit`
				: readyMinute <= minute
					? `${formatLevel(target)} is reached, expected`
					: `${formatLevel(target)} in ${ahead(readyMinute)} min, expected`;
		return `${now} expected now; ${ready}. Off in ${ahead(section.offMinute)} min as planned, in ${ahead(section.limitMinute)} at the latest.`;
	});
</script>

<section class="mt-4 border-l-3 border-ink py-1 pl-4" aria-label="The section that is looked at">
	<h2 class="figure text-22 leading-tight">
		{nameOf(section.section)}
		<span class="font-normal text-ink-soft">{STATE_WORDS[state]}</span>
	</h2>
	<p class="max-w-120">{line}</p>
	{#if section.bowlAgeMinutes > BOWL_LIFE_MINUTES && state !== 'waiting'}
		<p class="text-ink-soft">
			Its bowl was {Math.round(section.bowlAgeMinutes)} min old: it lifts less, and is reckoned so.
		</p>
	{/if}
	<div class="mt-2 flex flex-wrap gap-3 [&_button]:min-h-16">
		{#if lies}
			<Button onclick={() => ontap('off')}>It is off</Button>
			<Button onclick={() => onuntap('on')}>Not on yet</Button>
		{:else if state === 'off'}
			<Button onclick={() => onuntap('off')}>It is not off</Button>
		{:else}
			<Button onclick={() => ontap('on')}>It is on</Button>
		{/if}
	</div>
</section>
