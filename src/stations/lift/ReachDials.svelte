<script lang="ts">
	import { volumeCeiling } from '../../core/caution';
	import { formatLevel } from '../../core/hair';
	import { whatWouldTake } from '../../core/lift';
	import { ratioBound } from '../../core/mix';
	import { BOUNDS } from '../../core/vocabulary';
	import Dial from '../../ui/Dial.svelte';
	import { useVisit } from '../../state/visitContext';
	import { touchesScalp } from '../../model/day/steps';
	import { lifting } from '../../model/day/steps';
	import { applicationOn } from '../../model/visit/lift';
	import { dialWords } from '../../wording/why';

	interface Props {
		target: number;
		onask: (level: number) => void;
	}
	let { target, onask }: Props = $props();
	const session = useVisit();
	const step = $derived(session.view.shown);
	const answers = $derived(
		whatWouldTake(
			step.start,
			applicationOn(lifting(step.plan), step.zone),
			session.view.subject.factors,
			target,
			{
				minutes: step.limit,
				volume: volumeCeiling(
					step.plan.product,
					step.plan.placement,
					session.shelf?.ceilings,
					touchesScalp(step.plan, session.view.zones)
				),
				ratio: ratioBound(step.plan.product).min
			}
		)
	);
</script>

<Dial
	label="Level asked for"
	value={target}
	{...BOUNDS.level}
	step={0.25}
	shown={formatLevel(target)}
	onchange={onask}
/>
{#if step.lift.level >= target}
	<p>It gets there as it is planned.</p>
{:else if answers.length === 0}
	<p>Every dial stands at its end: another application or another visit.</p>
{:else}
	<ul>
		{#each answers as answer (answer.dial)}
			<li class={['py-1', !answer.enough && 'text-ink-soft']}>{dialWords(answer)}</li>
		{/each}
	</ul>
	{#if !answers.some(({ enough }) => enough)}
		<p class="text-ink-soft">None is enough alone: turn several, or plan another application.</p>
	{/if}
{/if}
