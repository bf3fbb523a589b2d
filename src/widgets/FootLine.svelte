<script lang="ts">
	import type { Snippet } from 'svelte';
	import OctagonX from '@lucide/svelte/icons/octagon-x';
	import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
	import Info from '@lucide/svelte/icons/info';
	import Button from '../ui/Button.svelte';
	import Sheet from '../ui/Sheet.svelte';
	import type { CautionStation } from '../core/caution';
	import { cautionWords, STANDING_CAUTIONS } from '../wording/cautions';
	import type { StandingCaution } from '../model/visit/cautions';
	import CautionItem from './CautionItem.svelte';

	interface Props {
		station: CautionStation;
		/** Those whose decision is made here. */
		cautions: readonly StandingCaution[];
		onpass: (code: string, reason: string) => void;
		children: Snippet;
	}
	let { station, cautions, onpass, children }: Props = $props();
	let open = $state(false);

	const standing = $derived(cautions.filter((caution) => caution.reason === undefined));
	const first = $derived(standing[0]);
	const others = $derived(cautions.length - (first ? 1 : 0));
	const ICONS = { stop: OctagonX, ask: TriangleAlert, note: Info } as const;
	const WORDS = { stop: 'Stop', ask: 'Think', note: 'Note' } as const;
</script>

<div class="line" role="status">
	{#if first}
		{@const Icon = ICONS[first.severity]}
		<span class="icon {first.severity}"><Icon size={22} aria-label={WORDS[first.severity]} /></span>
		{@const { title, why } = cautionWords(first)}
		<p><b class={first.severity}>{title}</b> <span class="why">{why}</span></p>
	{:else}
		<p class="quiet">{STANDING_CAUTIONS[station]}</p>
	{/if}
	{#if cautions.length > 0}
		<button class="more" onclick={() => (open = true)}>
			{first
				? first.severity === 'stop'
					? 'What to do'
					: others > 0
						? `and ${others} more`
						: 'What to do'
				: `${cautions.length} passed`}
		</button>
	{/if}
</div>
<div class="acts">{@render children()}</div>

<Sheet {open} title="Cautions here" onclose={() => (open = false)}>
	<ul>
		{#each cautions as caution (caution.code)}
			<CautionItem {caution} {onpass} />
		{/each}
	</ul>
	<p class="quiet">
		{station === 'read' ? '' : STANDING_CAUTIONS[station]}
		{STANDING_CAUTIONS.read}
	</p>
	{#snippet actions()}
		{#if standing.length === 0}<Button primary onclick={() => (open = false)}>Go on</Button>{/if}
	{/snippet}
</Sheet>

<style>
	.line {
		display: flex;
		align-items: center;
		gap: 10px;
		min-width: 0;
		flex: 1 1 260px;
	}
	.icon {
		flex: none;
		display: grid;
	}
	.stop {
		color: var(--stop);
	}
	.ask {
		color: var(--ask);
	}
	.quiet {
		color: var(--ink-soft);
	}
	.more {
		flex: none;
		min-height: 44px;
		border: 0;
		padding: 0 4px;
		background: none;
		text-decoration: underline;
		text-underline-offset: 3px;
		white-space: nowrap;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		justify-content: flex-end;
	}
	@media (max-width: 760px) {
		.why {
			display: none;
		}
		.line {
			flex: 1 1 190px;
		}
		.quiet {
			font-size: 13px;
			line-height: 1.25;
		}
		.acts {
			flex: 1 1 auto;
		}
		.acts :global(button),
		.acts :global(a) {
			flex: 1;
		}
	}
</style>
