<script lang="ts">
	import { goto } from '$app/navigation';
	import { STAGING, type Staging } from '../../core/work';
	import { isEnough, type Help } from '../../model/visit/helps';
	import Button from '../../ui/Button.svelte';
	import Progress from '../../ui/Progress.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { canDo } from '../../model/commands/help';
	import { useVisit } from '../../state/visitContext';
	import { namerOf } from '../../widgets/answerWords';
	import { helpKey, helpWords } from '../../widgets/helpWords';
	import { formatSpread } from '../../wording/bowls';

	interface Props {
		staging: Staging;
	}
	let { staging }: Props = $props();
	const session = useVisit();
	const { verdict } = session;
	const nameOf = $derived(namerOf(verdict));
	const behind = $derived(staging.behind === undefined ? '' : nameOf(staging.behind));
	/** So many at first; the rest on request. */
	const FIRST = 2;
	let all = $state(false);

	const otherwise = $derived(verdict.otherwiseWorked ?? []);
	const beyond = $derived(verdict.beyond);
	/** Nothing is listed before all of it is known: what is under the thumb stays there. */
	const isKnown = $derived(verdict.otherwiseWorked !== undefined);
	const isDoneSo = $derived(otherwise.some((help) => canDo(help) && isEnough(help)));
	/** What this bowl leaves short an application after it brings there. */
	const isLater = $derived(
		verdict.end !== undefined &&
			verdict.end.behind === undefined &&
			staging.shortfall > STAGING.nearEnough
	);
	const helps: readonly Help[] = $derived([
		...(all ? otherwise : isLater ? [] : otherwise.slice(0, FIRST)),
		...(all || !(isDoneSo || isLater) ? beyond : [])
	]);
	const count = $derived(otherwise.length + beyond.length);
</script>

<section class="border-b border-line pt-1 pb-1.5" aria-label="What would help">
	<p>
		<b
			>{isLater
				? `The ${behind} is ${formatSpread(staging.shortfall)} below after this bowl; what goes on after it brings it to the aim.`
				: staging.shortfall > STAGING.nearEnough
					? `The ${behind} stays ${formatSpread(staging.shortfall)} below the aim.`
					: `The ${behind} stays behind: the head lies ${formatSpread(staging.spread)} level apart.`}</b
		>
		{#if isKnown && count > 0}
			<span class={[helps.length === count && !all && 'hidden @max-wide:inline']}
				><TextButton pressed={all} onclick={() => (all = !all)}
					>{all ? 'Only the best' : count === 1 ? 'One way' : `All ${count} ways`}</TextButton
				></span
			>
		{/if}
		{#if !isKnown}<Progress
				label="Looking for what would help…"
				share={verdict.help.progress || undefined}
			/>{:else if count === 0}Nothing brings it nearer today.{/if}
	</p>
	{#if isKnown}
		<!-- Where there is little room the bowls come first. -->
		<ul class={[!all && '@max-wide:hidden']}>
			{#each helps as help (helpKey(help))}
				{@const { words, outcome } = helpWords(help, nameOf, session.visit.aim.level)}
				<li class="flex min-h-12 items-center justify-between gap-3">
					<span>{words} <span class="whitespace-nowrap text-ink-soft">{outcome}</span></span>
					{#if canDo(help)}
						<Button onclick={() => verdict.take(help)}
							>Do it<span class="sr-only">: {words}</span></Button
						>
					{:else if help.kind === 'visits'}
						<Button onclick={() => void goto(`/visit/${session.id}/lift`)}>See them</Button>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
</section>
