<script lang="ts">
	import { formatLevel, undertoneWord } from '../../core/hair';
	import { isLying, type RunningSection } from '../../core/work';
	import { BOWL_LIFE_MINUTES } from '../../core/mix';
	import type { Check, Told } from '../../model/commands/checks';
	import Button from '../../ui/Button.svelte';
	import type { SectionNamer } from '../../wording/bowls';
	import { checkWords, STATE_WORDS } from '../../wording/chair';
	import CheckPads from './CheckPads.svelte';

	interface Props {
		section: RunningSection;
		nameOf: SectionNamer;
		/** Minutes from the first brush stroke. */
		minute: number;
		/** The look that was just taken of it. */
		check: Check | undefined;
		ontap: (act: 'on' | 'off') => void;
		onuntap: (act: 'on' | 'off') => void;
		onlook: (told: Told) => void;
		ontell: (told: Told) => void;
		onmore: () => void;
		ondone: () => void;
	}
	let { section, nameOf, minute, check, ontap, onuntap, onlook, ontell, onmore, ondone }: Props =
		$props();
	const state = $derived(section.state);
	const lies = $derived(isLying(section));
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
	const name = $derived(nameOf(section.section));
</script>

<section class="mb-4" aria-label="The section that is looked at">
	<div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-2">
		<div>
			<h2 class="figure text-40 leading-tight max-tablet:text-28">
				{name}
				<span class="font-normal text-ink-soft">{STATE_WORDS[state]}</span>
			</h2>
			<p class="max-w-180">
				{line}
				{#if section.seen && !check}
					<span class="text-ink-soft"
						>Seen {Math.max(0, Math.round(minute - section.seen.minute))} min ago: {checkWords(
							section.seen
						)}.</span
					>
				{/if}
			</p>
			{#if section.bowlAgeMinutes > BOWL_LIFE_MINUTES && state !== 'waiting'}
				<p class="text-ink-soft">
					Its bowl was {Math.round(section.bowlAgeMinutes)} min old: it lifts less, and is reckoned so.
				</p>
			{/if}
		</div>
		<div class="flex flex-wrap gap-3 [&_button]:min-h-16">
			{#if lies}
				<Button onclick={() => ontap('off')}>It is off</Button>
				<Button onclick={() => onuntap('on')}>Not on yet</Button>
			{:else if state === 'off'}
				<Button onclick={() => onuntap('off')}>It is not off</Button>
			{:else}
				<Button onclick={() => ontap('on')}>It is on</Button>
			{/if}
		</div>
	</div>
	{#if lies}
		<CheckPads {name} target={section.target} {check} {onlook} {ontell} {onmore} {ondone} />
	{/if}
</section>
