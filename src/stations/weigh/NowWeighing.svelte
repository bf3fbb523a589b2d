<script lang="ts">
	import { blendStrength, BOWL_LIFE_MINUTES, toleranceOf } from '../../core/mix';
	import type { Shelf } from '../../schema/records';
	import { partName } from '../../wording/bowls';
	import { formatRatio, formatTime } from '../../wording/words';
	import type { Mixing } from '../../state/mixing.svelte';
	import { shown, tenth } from '../../wording/weigh';

	interface Props {
		mixing: Mixing;
		shelf: Shelf | undefined;
	}
	let { mixing, shelf }: Props = $props();
	const now = $derived(mixing.now);
	const on = $derived(mixing.state === 'on');
	/** Without a scale what is to be poured is what one looks for. */
	const weighed = $derived(now !== undefined && (on || mixing.poured > 0));
	const remaining = $derived(now ? now.target - mixing.poured : 0);
	const tolerance = $derived(now ? toleranceOf(now.target, mixing.step) : 1);
	const WORDS = {
		empty: 'pour',
		under: 'pour on',
		near: 'slowly now',
		within: 'that is it',
		over: 'too much'
	} as const;
	/** The bar goes a little past the target, so that too much shows. */
	const FULL = 1.25;
	const filled = $derived(now ? Math.min(1, Math.max(0, mixing.poured / (now.target * FULL))) : 0);
	/** What lies in the bowl, as it was weighed. */
	const result = $derived.by(() => {
		const sum = (...kinds: string[]) =>
			mixing.weighings
				.filter(({ part }) => kinds.includes(part.kind))
				.reduce((total, { poured }) => total + poured, 0);
		const lightener = sum('lightener', 'colour');
		const developers = mixing.weighings.flatMap(({ part, poured }) =>
			part.kind === 'developer' ? [{ volume: part.volume, grams: poured }] : []
		);
		const ratio = lightener > 0 ? sum('developer') / lightener : 0;
		return { ratio: Math.round(ratio * 20) / 20, volume: tenth(blendStrength(developers)) };
	});
	const freshUntil = $derived.by(() => {
		const weighed = mixing.mixed?.at;
		if (!weighed) return '';
		const until = new Date(new Date(weighed).getTime() + BOWL_LIFE_MINUTES * 60_000);
		return formatTime(until);
	});
</script>

<section class="flex flex-1 flex-col justify-center" aria-live="polite">
	{#if now}
		<p class="text-28 leading-tight font-semibold">{partName(now.part, shelf)}</p>
		{#if now.part.unit === 'g'}
			<p
				class={[
					'reading figure text-giant leading-none tracking-giant whitespace-nowrap max-tablet:text-act max-tablet:whitespace-normal',
					mixing.pouring === 'over' && 'text-stop'
				]}
			>
				{weighed ? tenth(mixing.poured) : tenth(now.target)}<small
					class="ml-1.5 text-40 tracking-figure text-ink-soft max-tablet:mx-0 max-tablet:mt-2 max-tablet:mb-0 max-tablet:block max-tablet:text-28 max-tablet:tracking-normal"
					>{weighed ? `of ${shown(now.target)}` : 'g to pour'}</small
				>
			</p>
			<div class="bar relative mt-3 h-6 bg-sunk" aria-hidden="true">
				<span class="absolute top-0 right-auto bottom-0 left-0 bg-ink" style:width="{filled * 100}%"
				></span>
				<span
					class="absolute -top-1 -bottom-1 border-2 border-edge"
					style:left="{((now.target - tolerance) / (now.target * FULL)) * 100}%"
					style:width="{((2 * tolerance) / (now.target * FULL)) * 100}%"
				></span>
			</div>
			<p class={['min-h-7 pt-2 text-22 font-semibold', mixing.pouring === 'over' && 'text-stop']}>
				{#if mixing.pouring === 'over'}
					{shown(tenth(-remaining))} too much
				{:else if on}
					{WORDS[mixing.pouring]}{mixing.pouring === 'within'
						? ''
						: `: ${shown(Math.max(0, tenth(remaining)))} to go`}
				{:else}
					{mixing.state === 'connecting' ? 'looking for the scale…' : 'no scale'}
				{/if}
			</p>
		{:else}
			<p
				class="reading figure text-giant leading-none tracking-giant whitespace-nowrap max-tablet:text-act max-tablet:whitespace-normal"
			>
				{now.target}<small
					class="ml-1.5 text-40 tracking-figure text-ink-soft max-tablet:mx-0 max-tablet:mt-2 max-tablet:mb-0 max-tablet:block max-tablet:text-28 max-tablet:tracking-normal"
					>{now.part.unit}, beside the ratio</small
				>
			</p>
		{/if}
	{:else}
		<p class="text-28 leading-tight font-semibold">In the bowl</p>
		<p
			class="reading figure text-giant leading-none tracking-giant whitespace-nowrap max-tablet:text-act max-tablet:whitespace-normal"
		>
			{shown(tenth(mixing.total))}<small
				class="ml-1.5 text-40 tracking-figure text-ink-soft max-tablet:mx-0 max-tablet:mt-2 max-tablet:mb-0 max-tablet:block max-tablet:text-28 max-tablet:tracking-normal"
				>{formatRatio(result.ratio)}, {result.volume} vol</small
			>
		</p>
		<p class="min-h-7 pt-2 text-22 font-semibold">
			Stir until it is smooth. Fresh until {freshUntil}.
		</p>
	{/if}
</section>
