<script lang="ts">
	import { STAGING, type Staging } from '../../core/work';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Progress from '../../ui/Progress.svelte';
	import { useVisit } from '../../state/visitContext';
	import { canFollow, follow } from '../../state/followAdvice';
	import { adviceWords, formatSpread, sectionNamer } from '../../wording/bowls';

	interface Props {
		staging: Staging;
		/** What would help, once it is known. */
		advice: Staging['advice'] | undefined;
		/** Share of the search for it that is done, 0-1. */
		progress: number;
	}
	let { staging, advice, progress }: Props = $props();
	const session = useVisit();
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const behind = $derived(staging.behind === undefined ? '' : nameOf(staging.behind));
	/** So many at first; the rest on request. */
	const FIRST = 2;
	let all = $state(false);
</script>

<section class="border-b border-line pt-1 pb-1.5" aria-label="What would help">
	<p>
		<b
			>{staging.shortfall > STAGING.nearEnough
				? `The ${behind} stays ${formatSpread(staging.shortfall)} below the aim.`
				: `The ${behind} stays behind: the head lies ${formatSpread(staging.spread)} level apart.`}</b
		>
		{#if advice && advice.length > 0}
			<span class={[advice.length <= FIRST && 'hidden @max-wide:inline']}
				><TextButton pressed={all} onclick={() => (all = !all)}
					>{all
						? 'Only the best'
						: advice.length === 1
							? 'One way'
							: `All ${advice.length} ways`}</TextButton
				></span
			>
		{/if}
		{#if advice === undefined}<Progress
				label="Looking for what would help…"
				share={progress || undefined}
			/>{:else if advice.length === 0}Nothing helps by itself: aim deeper, or plan another visit.{/if}
	</p>
	{#if advice}
		<!-- Where there is little room the bowls come first. -->
		<ul class={[!all && '@max-wide:hidden']}>
			{#each all ? advice : advice.slice(0, FIRST) as option (option.what)}
				<li class="flex min-h-12 items-center justify-between gap-3">
					<span
						>{adviceWords(option, nameOf)}
						<span class="whitespace-nowrap text-ink-soft"
							>{formatSpread(option.spread)} apart{option.shortfall > 0.05
								? `, ${formatSpread(option.shortfall)} below`
								: ''}</span
						></span
					>
					{#if canFollow(option)}
						<Button onclick={() => follow(session, option)}
							>Do it<span class="sr-only">: {adviceWords(option, nameOf)}</span></Button
						>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
</section>
