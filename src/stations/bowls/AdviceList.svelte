<script lang="ts">
	import { STAGING, type Staging } from '../../core/work';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Progress from '../../ui/Progress.svelte';
	import { useVisit } from '../../state/visitContext';
	import { canFollow, follow, followWay } from '../../state/followAdvice';
	import type { BowlHelp } from '../../state/bowlHelp.svelte';
	import { goto } from '$app/navigation';
	import { addAgain } from '../../model/commands/again';
	import { dayHelps } from '../../model/visit/behindHelp';
	import { formatWeeks } from '../../wording/words';
	import { formatLevel } from '../../core/hair';
	import {
		adviceWords,
		againWords,
		formatSpread,
		sectionNamer,
		wayWords
	} from '../../wording/bowls';

	interface Props {
		staging: Staging;
		help: BowlHelp;
	}
	let { staging, help }: Props = $props();
	const session = useVisit();
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const behind = $derived(staging.behind === undefined ? '' : nameOf(staging.behind));
	/** So many at first; the rest on request. */
	const FIRST = 2;
	let all = $state(false);

	/** Something that would help, what comes of it, and the act that does it. */
	interface Help {
		readonly key: string;
		readonly words: string;
		readonly outcome: string;
		/** Levels that are missed with it, apart and short. */
		readonly missed: number;
		readonly act?: (() => void) | undefined;
		/** Where it is seen and chosen. */
		readonly href?: string;
	}
	const outcomeWords = ({ spread, shortfall }: Pick<Staging, 'spread' | 'shortfall'>) =>
		`${formatSpread(spread)} apart${shortfall > 0.05 ? `, ${formatSpread(shortfall)} below` : ''}`;
	/** The same head with the same mixture, worked otherwise: the best first. */
	const otherwise: Help[] = $derived(
		[
			...(help.levers ?? []).map((option): Help => ({
				key: option.what,
				words: adviceWords(option, nameOf),
				outcome: outcomeWords(option),
				missed: option.spread + option.shortfall,
				act: canFollow(option) ? () => follow(session, option) : undefined
			})),
			...(help.ways ?? []).map((way): Help => ({
				key: way.name,
				words: wayWords(way),
				outcome: outcomeWords(way),
				missed: way.spread + way.shortfall,
				act: () => followWay(session, way)
			}))
		].sort((p, q) => p.missed - q.missed)
	);
	/** What else could be done, where that is not enough. */
	const beyond: Help[] = $derived.by(() => {
		const work = session.bowls.stagedWork;
		return dayHelps(work, staging, session.visit, session.judging.found).map((one): Help => {
			switch (one.kind) {
				case 'again': {
					const { step, areas, level, condition } = one.again;
					return {
						key: one.kind,
						words: againWords(step, areas),
						outcome: `to ${formatLevel(level)}, condition ${Math.round(condition)}`,
						missed: 0,
						act: () => session.change('once more on what lags', (draft) => addAgain(draft, step))
					};
				}
				case 'aim':
					return {
						key: one.kind,
						words: `Aim at ${formatLevel(one.level)} instead of ${formatLevel(work.aim.level)}: all of it gets there.`,
						outcome: '',
						missed: 0,
						act: () => session.changeWholeAim('level', (draft) => (draft.level = one.level))
					};
				case 'visits':
					return {
						key: one.kind,
						words: `${one.visits} visits over ${formatWeeks(one.weeks)}, as Aim says: Lift shows each of them.`,
						outcome: '',
						missed: 0,
						href: `/visit/${session.id}/lift`
					};
			}
		});
	});
	/** Nothing is listed before all of it is known: what is under the thumb stays there. */
	const isKnown = $derived(help.levers !== undefined && help.ways !== undefined);
	const isEnough = $derived(
		otherwise.some(({ act, missed }) => act && missed <= 2 * STAGING.nearEnough)
	);
	const helps = $derived([
		...(all ? otherwise : otherwise.slice(0, FIRST)),
		...(all || !isEnough ? beyond : [])
	]);
	const count = $derived(otherwise.length + beyond.length);
</script>

<section class="border-b border-line pt-1 pb-1.5" aria-label="What would help">
	<p>
		<b
			>{staging.shortfall > STAGING.nearEnough
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
				share={help.progress || undefined}
			/>{:else if count === 0}Nothing brings it nearer today.{/if}
	</p>
	{#if isKnown}
		<!-- Where there is little room the bowls come first. -->
		<ul class={[!all && '@max-wide:hidden']}>
			{#each helps as { key, words, outcome, act, href } (key)}
				<li class="flex min-h-12 items-center justify-between gap-3">
					<span>{words} <span class="whitespace-nowrap text-ink-soft">{outcome}</span></span>
					{#if act}
						<Button onclick={act}>Do it<span class="sr-only">: {words}</span></Button>
					{:else if href}
						<Button onclick={() => void goto(href)}>See them</Button>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
</section>
