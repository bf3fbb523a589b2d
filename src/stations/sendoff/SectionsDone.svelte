<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { RunningView } from '../../state/runningView.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import { useVisit } from '../../state/visitContext';
	import LogFold from '../../widgets/LogFold.svelte';
	import { sectionNamer } from '../../wording/bowls';
	import { formatRatio } from '../../wording/words';

	const session = useVisit();
	const timer = new RunTimer(useClock());
	const view = new RunningView(session, () => timer.seconds(session.visit.run));
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const bowls = $derived(session.visit.bowls.mixed.filter(({ kind }) => kind === 'lightener'));
	const gramsOf = ({ parts }: (typeof bowls)[number]) =>
		Math.round(parts.reduce((sum, { grams }) => sum + grams, 0));
	const known = $derived(new Set(session.bowls.sections.map(({ section: { id } }) => id)));
	const forWords = ({ sections, heldFor = [] }: (typeof bowls)[number]) =>
		[...sections.filter((id) => known.has(id)).map(nameOf), ...heldFor].join(', ');
</script>

<!-- What went on which hair, as it was weighed and as it was tapped. -->
{#each bowls as bowl (bowl.id)}
	{@const hair = forWords(bowl)}
	<p class="text-ink-soft">
		Bowl {bowl.number}, {bowl.volume} vol {formatRatio(bowl.ratio)}: {gramsOf(bowl)} g{hair
			? ` for ${hair}`
			: ''}.
	</p>
{/each}
{#if session.visit.run.startedAt !== undefined}<LogFold log={view.log} {nameOf} />{/if}
