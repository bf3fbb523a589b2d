<script lang="ts">
	import { untrack } from 'svelte';
	import Strand from '../../charts/strand/Strand.svelte';
	import { compute } from '../../compute/browser';
	import { rgbOf } from '../../core/colour';
	import { formatLevel, undertoneWord } from '../../core/hair';
	import type { RunningSection } from '../../core/work';
	import { addAgain } from '../../model/commands/again';
	import { takesAgain } from '../../model/visit/onceMore';
	import { mainPlan } from '../../model/day/steps';
	import { backupParts, stallProblem } from '../../model/visit/stall';
	import type { ZoneName } from '../../schema/records';
	import { onceMore } from '../../model/visit/onceMore';
	import { Search } from '../../state/search.svelte';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { say } from '../../ui/say.svelte';
	import { backupWords, nextRoundWords } from '../../wording/stall';

	interface Props {
		section: RunningSection;
		name: string;
		zone: ZoneName;
		/** Whole minutes of the service: it is worked out once for each. */
		minute: number;
		/** Everything that lies comes off now. */
		onstop: () => void;
	}
	let { section, name, zone, minute, onstop }: Props = $props();
	const session = useVisit();
	const work = $derived(session.bowls.sections.find((one) => one.section.id === section.section));
	const areas = $derived(work?.section.areas ?? []);
	const view = $derived(
		session.hairOf(session.groups.find((group) => group.areas.includes(areas[0]!))?.area)
	);
	/** The section at this whole minute: what is worked out takes longer than the screen’s own beat. */
	const now = $derived(minute >= 0 ? untrack(() => section) : section);
	const volume = $derived(
		session.bowls.laid?.bowls.find(({ number }) => number === section.bowl)?.volume
	);
	const plan = $derived({
		...mainPlan(session.visit),
		...(volume === undefined ? {} : { volume })
	});
	const start = $derived(view.zones.find((one) => one.name === zone) ?? view.zone);
	const problem = $derived(
		stallProblem(session.visit, {
			line: view.line,
			zone: { ...start, fibre: now.fibre },
			plan,
			lift: { condition: now.condition, low: now.level },
			target: now.target,
			subject: view.subject,
			toner: view.toner
		})
	);
	const search = new Search(compute, 'stallPoints', `stop ${session.id}`, () => problem);
	const point = $derived(search.found?.[0]);
	const parts = $derived(point && backupParts(point, view.line));
	/** What it takes: the section’s own share once more. */
	const grams = $derived(Math.round(work?.load?.grams ?? 0));
	/** Old light pieces get no second one from here: it would go over the hair beside them. */
	const minutes = $derived(
		point?.again && section.part !== 'oldLights'
			? (point.again.minutesToAim ?? plan.minutes)
			: undefined
	);

	function again() {
		if (minutes === undefined) return;
		const step = onceMore(plan, minutes, [zone], areas);
		if (!takesAgain(session.visit)) {
			say('The day has three further applications already.');
			return;
		}
		session.change(`${name} once more after the rinse`, (draft) => addAgain(draft, step));
		// It may be one with what was planned before: the rail’s own undo takes it back.
		say(`${name} gets a second application after the rinse.`);
	}
</script>

{#if !problem}
	<p>The shelf is empty: with a line of colour on it, a way out is found for every level.</p>
{:else if search.trouble}
	<p role="alert">
		{search.trouble}
		<TextButton onclick={() => search.again()}>Search again</TextButton>
	</p>
{:else if !search.found}
	<p role="status">Working it out…</p>
{:else if !point}
	<p>It is where it was to be: rinse it, and tone it as planned.</p>
{:else}
	<p class="text-18">
		<b class="figure">{formatLevel(point.level)}</b>
		<b>{undertoneWord(point.undertone.name, point.level)}</b>
		<span class="text-ink-soft">as it is now.</span>
		{nextRoundWords(point)}
	</p>
	{#if point.backup[0]}
		<span class="my-1 block h-10 bg-field"
			><Strand colours={{ hair: [rgbOf(point.backup[0].lab)] }} seed={71} label="" /></span
		>
		<p>{backupWords(point, parts)}</p>
	{/if}
{/if}
<div class="mt-3 flex flex-wrap gap-3 [&_button]:min-h-16">
	<Button onclick={onstop}>Stop: rinse all of it now</Button>
	{#if point && minutes !== undefined}
		<Button onclick={again}
			>Second application after the rinse: {plan.volume} vol, {minutes} min, {grams} g</Button
		>
	{/if}
</div>
