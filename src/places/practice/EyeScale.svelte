<script lang="ts">
	import { MASTER_LEVELS, type Acuity } from '../../core/practice';

	interface Props {
		acuity: Acuity | undefined;
	}
	let { acuity }: Props = $props();
	/** Levels that the scale runs over. */
	const MOST = 2;
	const at = (levels: number) => `${(100 * Math.min(MOST, levels)) / MOST}%`;
	const TICKS = [0, 0.5, 1, 1.5, 2];
	const bias = $derived(acuity ? Math.round(acuity.bias * 10) / 10 : 0);
</script>

<section aria-labelledby="eye-title" class="max-w-100">
	<h2 id="eye-title" class="mb-1 text-15 text-ink-soft">Your eye for levels</h2>
	{#if acuity}
		<p class="figure text-60 leading-tight">
			±{acuity.levels.toFixed(1)}
		</p>
		<p>
			of a level in one look, likely {acuity.low.toFixed(1)} to {acuity.high.toFixed(1)}, from {acuity.looks}
			answers. A master’s errs by {MASTER_LEVELS}.
			{#if Math.abs(bias) >= 0.1}It reads {Math.abs(bias)} too {bias > 0 ? 'light' : 'deep'}.{/if}
		</p>
		<div class="relative mt-4 mb-8 h-3 bg-sunk" aria-hidden="true">
			<span
				class="absolute top-0 h-3 bg-band"
				style:left={at(acuity.low)}
				style:right="{100 - parseFloat(at(acuity.high))}%"
			></span>
			<span class="absolute -top-1 -ml-0.5 h-5 w-1 bg-ink" style:left={at(acuity.levels)}></span>
			{#each TICKS as tick (tick)}
				<span class="absolute top-4 -translate-x-1/2 text-13 text-ink-soft" style:left={at(tick)}
					>{tick === MASTER_LEVELS ? 'master' : tick}</span
				>
			{/each}
		</div>
	{:else}
		<p class="text-ink-soft">
			Not known yet. Name a few levels, and it stands here in steps of a level, beside a master’s
			half.
		</p>
	{/if}
</section>
