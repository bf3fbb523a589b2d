<script lang="ts">
	import type { Snippet } from 'svelte';
	import { formatLevel, undertoneWord } from '../../core/hair';
	import {
		isLying,
		isSeenReady,
		type Consequence,
		type RunningSection,
		type TapAct
	} from '../../core/work';
	import { BOWL_LIFE_MINUTES } from '../../core/mix';
	import type { Check, Told } from '../../model/commands/checks';
	import Button from '../../ui/Button.svelte';
	import { earlier } from '../../widgets/earlier.svelte';
	import type { SectionNamer } from '../../wording/bowls';
	import { checkWords, STATE_WORDS } from '../../wording/chair';
	import Fold from '../../ui/Fold.svelte';
	import CheckPads from './CheckPads.svelte';
	import PullNow from './PullNow.svelte';
	import type { ZoneName } from '../../schema/records';
	import SectionActs from './SectionActs.svelte';
	import StopHere from './StopHere.svelte';

	interface Props {
		section: RunningSection;
		nameOf: SectionNamer;
		/** Minutes from the first brush stroke. */
		minute: number;
		/** The look that was just taken of it. */
		check: Check | undefined;
		/** What may be done with it now, and what each of it leads to. */
		consequencesOf: () => readonly Consequence[];
		/** The same section so many minutes from now. */
		sectionIn: (minutes: number) => RunningSection | undefined;
		ontap: (act: TapAct, volume?: number) => void;
		onuntap: (act: 'on' | 'off') => void;
		/** Somebody said that it is on. */
		isTapped: boolean;
		/** It went on before it was tapped. */
		onearlier: (minutes: number) => void;
		onlook: (told: Told) => void;
		ontell: (told: Told) => void;
		onmore: () => void;
		ondone: () => void;
		/** Minutes until it is at its level, by all that was seen. */
		readyIn: () => number | undefined;
		/** The zone that it is taken to speak of. */
		zone: ZoneName;
		/** Everything that lies comes off now. */
		onstop: () => void;
		/** What is done beside it: in sight under its pads. */
		children?: Snippet;
	}
	let {
		section,
		nameOf,
		minute,
		check,
		consequencesOf,
		sectionIn,
		ontap,
		onuntap,
		isTapped,
		onearlier,
		onlook,
		ontell,
		onmore,
		ondone,
		readyIn,
		zone,
		onstop,
		children
	}: Props = $props();
	const stands = $derived(section.state);
	const lies = $derived(isLying(section));
	const seenAgo = (at: number) => {
		const minutes = Math.round(minute - at);
		return minutes < 1 ? 'just now' : `${minutes} min ago`;
	};
	const ahead = (to: number) => Math.max(0, Math.round(to - minute));
	const line = $derived.by(() => {
		const now = `${formatLevel(section.level)} ${undertoneWord(section.undertone.name, section.level)}`;
		if (stands === 'off')
			return `${now} when it came off, at ${Math.round(section.offMinute)} min.`;
		if (stands === 'wiped')
			return `${now} expected; what was wiped off works on for five minutes at most.`;
		if (!lies) return `To be on at ${Math.round(section.toMinute)} min.`;
		if (stands === 'overdue') return `${now} expected. The product may lie no longer: take it off.`;
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
	/** Somebody wants to know what else can be done: only then it is worked out. */
	let acting = $state(false);
	let pulling = $state(false);
	let stopping = $state(false);
	const askEarlier = () => (earlier.asked = { name, most: section.toMinute, onpick: onearlier });
	/** Far enough for an eye to see what more minutes do. */
	const PULL_MINUTES = 4;
</script>

<section
	class="mb-4 grid grid-cols-[minmax(0,1fr)_auto] items-end gap-x-8 max-tablet:grid-cols-1"
	aria-label="The section that is looked at"
>
	<div>
		<h2 class="figure text-40 leading-tight max-tablet:text-28">
			{name}
			<span class="font-normal text-ink-soft">{STATE_WORDS[stands]}</span>
		</h2>
		<p class="max-w-180">
			{line}
			{#if section.seen && !check}
				<span class="text-ink-soft"
					>Seen {seenAgo(section.seen.minute)}: {checkWords(section.seen)}.</span
				>
			{/if}
		</p>
		{#if section.bowlAgeMinutes > BOWL_LIFE_MINUTES && stands !== 'waiting'}
			<p class="text-ink-soft">
				Its bowl was {Math.round(section.bowlAgeMinutes)} min old: it lifts less, and is reckoned so.
			</p>
		{/if}
	</div>
	<div class="flex flex-wrap gap-3 max-tablet:order-2 max-tablet:mt-3 [&_button]:min-h-16">
		{#if lies}
			<Button onclick={() => ontap('off')}>It is off</Button>
			{#if isTapped}
				<Button onclick={() => onuntap('on')}>Not on yet</Button>
				<Button onclick={askEarlier}>On earlier</Button>
			{/if}
		{:else if stands === 'wiped'}
			<Button onclick={() => ontap('off')}>It is rinsed</Button>
		{:else if stands === 'off'}
			<Button onclick={() => onuntap('off')}>It is not off</Button>
		{:else}
			<Button onclick={() => ontap('on')}>It is on</Button>
		{/if}
	</div>
	{#if section.seen?.isHot && lies && section.placement !== 'openAir' && section.placement !== 'onScalp'}
		<p
			class="col-span-full mt-2 flex flex-wrap items-center gap-3 text-18 font-semibold text-stop [&_button]:min-h-16"
		>
			It felt hot: open the packet, or wipe it off, now.
			<Button primary onclick={() => ontap('open')}>It is open</Button>
			<Button onclick={() => ontap('wipe')}>It is wiped off</Button>
		</p>
	{/if}
	{#if lies}
		<div class="col-span-full max-tablet:order-1">
			<CheckPads
				{name}
				target={section.target}
				seenReady={isSeenReady(section.seen, section.target)
					? seenAgo(section.seen!.minute)
					: undefined}
				{check}
				{onlook}
				{ontell}
				{onmore}
				{ondone}
				{readyIn}
			/>
		</div>
		{#if children}<div class="col-span-full mt-4 max-tablet:order-3">{@render children()}</div>{/if}
		{#if !check}
			<div class="col-span-full mt-3 max-tablet:order-4">
				<Fold
					title="What if it came off now?"
					summary="toned, beside four minutes more"
					ontoggle={(open) => (pulling = open)}
				>
					{#if pulling}<PullNow
							now={section}
							later={sectionIn(PULL_MINUTES)}
							minutes={PULL_MINUTES}
						/>{/if}
				</Fold>
				<Fold
					title="Stop here, or once more"
					summary="the toner of this level, a second application"
					ontoggle={(open) => (stopping = open)}
				>
					{#if stopping}<StopHere
							{section}
							{name}
							{zone}
							minute={Math.floor(minute)}
							{onstop}
						/>{/if}
				</Fold>
				<Fold
					title="What else can be done with it"
					summary="each with what it leads to"
					ontoggle={(open) => (acting = open)}
				>
					{#if acting}
						<SectionActs
							consequences={consequencesOf()}
							{minute}
							onact={(act, volume) => ontap(act, volume)}
						/>
					{/if}
				</Fold>
			</div>
		{/if}
	{:else if stands === 'wiped'}
		<p class="col-span-full mt-2 text-18">
			It waits for the water: rinse it with the others, in {ahead(section.offMinute)} min.
		</p>
	{/if}
	{#if children && !lies}<div class="col-span-full mt-4 max-tablet:order-3">
			{@render children()}
		</div>{/if}
</section>
