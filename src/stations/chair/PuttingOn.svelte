<script lang="ts">
	import { isOnForgotten, type RunningSection, type Staging } from '../../core/work';
	import { bowlAge } from './bowlsNow';
	import BowlRing from './BowlRing.svelte';
	import Switch from '../../ui/Switch.svelte';
	import { BOWL_LIFE_MINUTES } from '../../core/mix';
	import type { SectionNamer } from '../../wording/bowls';

	interface Props {
		section: RunningSection;
		/** What was tapped a moment ago: the bar takes it back. */
		justOn: RunningSection | undefined;
		/** What comes after it. */
		then: readonly RunningSection[];
		staging: Staging;
		nameOf: SectionNamer;
		/** Minutes from the first brush stroke. */
		minute: number;
		onon: () => void;
		/** Whether what is not tapped counts as on when the plan says so. */
		followsPlan: boolean;
		/** Something else comes first: it takes less room. */
		small: boolean;
		onfollow: (followsPlan: boolean) => void;
	}
	let {
		section,
		justOn,
		then,
		staging,
		nameOf,
		minute,
		onon,
		followsPlan,
		small,
		onfollow
	}: Props = $props();
	const bowl = $derived(staging.bowls.find(({ number }) => number === section.bowl)!);
	const age = $derived(bowlAge(section, minute));
	const left = $derived(Math.round(BOWL_LIFE_MINUTES - age));
	/** It should long be on: either nobody tapped, or the bowl grows old. */
	const forgotten = $derived(isOnForgotten(section, minute));
	const name = $derived(nameOf(section.section));
	const late = $derived(Math.round(section.lateMinutes));
</script>

{#snippet ring()}
	<BowlRing
		number={bowl.number}
		left={left / BOWL_LIFE_MINUTES}
		label="Bowl {bowl.number}: {left > 0 ? `fresh for ${left} min` : 'no longer fresh'}"
	/>
{/snippet}
{#snippet words()}
	{#if forgotten}<b class="text-stop">Is it on? Its bowl has been open for {Math.round(age)} min.</b
		>{/if}
	from bowl {bowl.number}, {bowl.volume} vol, {left > 0
		? `fresh for ${left} min`
		: 'no longer fresh: mix it anew'}{late > 1
		? `; ${late} min later than planned`
		: late < -1
			? `; ${-late} min sooner than planned`
			: ''}{#if then.length > 0}<span class="text-ink-soft"
			>, then {then
				.slice(0, 2)
				.map((one) => nameOf(one.section))
				.join(', ')}</span
		>{/if}
{/snippet}
{#snippet bar(look: string)}
	{#if justOn}
		<!-- Who hit it twice did not mean two sections. -->
		<button
			class={['rounded-box border-2 border-ink bg-raised figure wrap-anywhere', look]}
			aria-label="{nameOf(justOn.section)} is not on"
			onclick={onon}>{nameOf(justOn.section)} is on: tap to undo</button
		>
	{:else}
		<button
			class={[
				'rounded-box figure',
				small ? 'border-2 border-ink bg-raised text-40' : 'bg-accent text-60 text-on-accent',
				look
			]}
			aria-label="{name} is on"
			onclick={onon}>On</button
		>
	{/if}
{/snippet}

{#if small}
	<section aria-label="Putting on" class="mb-4 flex flex-wrap items-center gap-x-4 gap-y-2">
		{@render ring()}
		<div class="min-w-60 flex-1">
			<h2 class="figure text-28 leading-tight wrap-anywhere">{name}</h2>
			<p>{@render words()}</p>
		</div>
		{@render bar('h-18 w-80 max-tablet:w-full')}
	</section>
{:else}
	<section aria-label="Putting on" class="mb-4">
		<div class="flex flex-wrap items-end justify-between gap-x-8">
			<h2 class="figure text-name leading-none wrap-anywhere max-desk:text-60 max-tablet:text-40">
				{name}
			</h2>
			<Switch label="Follow the plan untapped" checked={followsPlan} onchange={onfollow} />
		</div>
		<div class="mt-1 mb-3 flex items-center gap-4">
			{@render ring()}
			<p class="text-18 max-tablet:text-15">{@render words()}</p>
		</div>
		<!-- As high as the room allows: under a call it stays whole above the foot. -->
		{@render bar(
			'block h-[clamp(112px,calc(100dvh_-_var(--above)_-_600px),160px)] w-full max-tablet:h-30'
		)}
	</section>
{/if}
