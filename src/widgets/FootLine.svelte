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

<div
	class="flex min-w-0 flex-[1_1_260px] items-center gap-2 max-tablet:flex-[1_1_190px]"
	role="status"
>
	{#if first}
		{@const Icon = ICONS[first.severity]}
		<span
			class={[
				'grid flex-none',
				first.severity === 'stop' && 'text-stop',
				first.severity === 'ask' && 'text-ask'
			]}><Icon size={22} aria-label={WORDS[first.severity]} /></span
		>
		{@const { title, why } = cautionWords(first)}
		<p>
			<b class={[first.severity === 'stop' && 'text-stop', first.severity === 'ask' && 'text-ask']}
				>{title}</b
			> <span class="max-tablet:hidden">{why}</span>
		</p>
	{:else}
		<p class="text-ink-soft max-tablet:text-13 max-tablet:leading-tight">
			{STANDING_CAUTIONS[station]}
		</p>
	{/if}
	{#if cautions.length > 0}
		<button
			class="tap flex-none px-1 whitespace-nowrap underline underline-offset-3"
			onclick={() => (open = true)}
		>
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
<div
	class="flex flex-wrap justify-end gap-3 max-tablet:flex-auto max-tablet:[&_a]:flex-1 max-tablet:[&_button]:flex-1"
>
	{@render children()}
</div>

<Sheet
	{open}
	title="Cautions here"
	alert={first?.severity === 'stop'}
	onclose={() => (open = false)}
>
	<ul>
		{#each cautions as caution (caution.code)}
			<CautionItem {caution} {onpass} />
		{/each}
	</ul>
	<p class="text-ink-soft max-tablet:text-13 max-tablet:leading-close">
		{station === 'read' ? '' : STANDING_CAUTIONS[station]}
		{STANDING_CAUTIONS.read}
	</p>
	{#snippet actions()}
		{#if standing.length === 0}<Button primary onclick={() => (open = false)}>Go on</Button>{/if}
	{/snippet}
</Sheet>
