<script lang="ts">
	import { RadioGroup } from 'bits-ui';
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import type { RingRung } from '../../model/shelf/ring';
	import { liesWords } from '../../wording/ring';

	interface Props {
		rungs: readonly RingRung[];
		/** Level that is being read. */
		value: number;
		onpick: (level: number) => void;
	}
	let { rungs, value, onpick }: Props = $props();
	const sign = (lies: number, level: number) => {
		const off = Math.round((lies - level) * 10) / 10;
		return off === 0 ? '=' : `${off > 0 ? '+' : '−'}${Math.abs(off).toFixed(1)}`;
	};
</script>

<div class="field">
	<p class="row-name usual">Usual</p>
	<p class="row-name own">Yours</p>
	<RadioGroup.Root
		bind:value={() => String(value), (level) => onpick(Number(level))}
		aria-label="Swatch to read"
		orientation="horizontal"
		class="ring-ladder"
	>
		{#each rungs as rung, i (rung.level)}
			<RadioGroup.Item
				value={String(rung.level)}
				class="ring-rung"
				aria-label="Level {rung.level}: {rung.read
					? `read, ${liesWords(rung.lies, rung.level)}`
					: rung.lies === undefined
						? 'not read'
						: `not read, ${liesWords(rung.lies, rung.level)} by its neighbours`}"
			>
				<span class="lock"
					><Strand
						hanging
						seed={20 + (i % 3)}
						colours={{ hair: [rgbOf(rung.usual)] }}
						label=""
					/></span
				>
				<span class="level figure">{rung.level}</span>
				<span class="lock" class:between={!rung.read}>
					{#if rung.own}<Strand
							hanging
							seed={40 + (i % 3)}
							colours={{ hair: [rgbOf(rung.own)] }}
							label=""
						/>{/if}
				</span>
				<span class="off" class:soft={!rung.read}
					>{rung.lies === undefined ? '' : sign(rung.lies, rung.level)}</span
				>
			</RadioGroup.Item>
		{/each}
	</RadioGroup.Root>
</div>

<style>
	.field {
		position: relative;
		background: var(--field);
		color: var(--on-field);
		padding: 0 14px 0 74px;
	}
	.row-name {
		position: absolute;
		left: 16px;
		font-weight: 600;
	}
	.usual {
		top: 44px;
	}
	.own {
		top: 186px;
	}
	.field :global(.ring-ladder) {
		display: grid;
		grid-auto-flow: column;
		grid-auto-columns: minmax(0, 76px);
		justify-content: space-between;
	}
	.field :global(.ring-rung) {
		min-width: 0;
		padding: 0 1px 4px;
		border: 0;
		border-bottom: 5px solid transparent;
		background: none;
		color: inherit;
	}
	.field :global(.ring-rung[data-state='checked']) {
		border-bottom-color: var(--on-field);
	}
	.field :global(.ring-rung:focus-visible) {
		outline-color: var(--on-field);
		outline-offset: -3px;
	}
	.lock {
		display: block;
		height: 108px;
	}
	/* What was not read is only put there by its neighbours: a short end of hair. */
	.between {
		height: 62px;
		margin-bottom: 46px;
	}
	.level {
		display: block;
		font-size: 20px;
		line-height: 1.5;
	}
	.off {
		display: block;
		min-height: 24px;
		font-weight: 700;
	}
	.off.soft {
		font-weight: 400;
	}
	@media (max-width: 760px) {
		.lock.between {
			height: 48px;
			margin-bottom: 36px;
		}
		.field {
			margin: 0 -16px;
			padding: 22px 2px 0;
		}
		.row-name {
			left: 10px;
			font-size: 13px;
		}
		.usual {
			top: 2px;
		}
		.own {
			display: none;
		}
		.lock {
			height: 84px;
		}
		.level {
			font-size: 15px;
		}
		.off {
			font-size: 12.5px;
			letter-spacing: -0.02em;
		}
	}
</style>
