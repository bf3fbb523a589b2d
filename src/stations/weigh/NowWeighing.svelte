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

<section class="now" aria-live="polite">
	{#if now}
		<p class="what">{partName(now.part, shelf)}</p>
		{#if now.part.unit === 'g'}
			<p class="reading figure" class:over={mixing.pouring === 'over'}>
				{on || now.poured > 0 ? tenth(mixing.poured) : '–'}<small>of {shown(now.target)}</small>
			</p>
			<div class="bar" aria-hidden="true">
				<span class="fill" style:width="{filled * 100}%"></span>
				<span
					class="band"
					style:left="{((now.target - tolerance) / (now.target * FULL)) * 100}%"
					style:width="{((2 * tolerance) / (now.target * FULL)) * 100}%"
				></span>
			</div>
			<p class="say" class:over={mixing.pouring === 'over'}>
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
			<p class="reading figure">{now.target}<small>{now.part.unit}, beside the ratio</small></p>
		{/if}
	{:else}
		<p class="what">In the bowl</p>
		<p class="reading figure">
			{shown(tenth(mixing.total))}<small>{formatRatio(result.ratio)}, {result.volume} vol</small>
		</p>
		<p class="say">Stir until it is smooth. Fresh until {freshUntil}.</p>
	{/if}
</section>

<style>
	.now {
		flex: 1;
		display: flex;
		flex-direction: column;
		justify-content: center;
	}
	.what {
		font-size: 26px;
		font-weight: 600;
		line-height: 1.1;
	}
	.reading {
		font-size: clamp(120px, 25vw, 270px);
		line-height: 0.92;
		letter-spacing: -0.05em;
		white-space: nowrap;
	}
	.reading small {
		font-size: 0.22em;
		letter-spacing: -0.02em;
		margin-left: 0.4em;
		color: var(--ink-soft);
	}
	.over {
		color: var(--stop);
	}
	.bar {
		position: relative;
		height: 22px;
		margin-top: 12px;
		background: var(--sunk);
	}
	.fill {
		position: absolute;
		inset: 0 auto 0 0;
		background: var(--ink);
	}
	.band {
		position: absolute;
		top: -5px;
		bottom: -5px;
		border: 2px solid var(--edge);
	}
	.say {
		font-size: 24px;
		font-weight: 600;
		padding-top: 10px;
		min-height: 1.9em;
	}
	@media (max-width: 760px) {
		.reading {
			font-size: 112px;
			white-space: normal;
		}
		.reading small {
			display: block;
			margin: 8px 0 0;
			font-size: 26px;
			letter-spacing: 0;
		}
	}
</style>
