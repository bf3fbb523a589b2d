<script lang="ts">
	import type { PlanStanding } from '../model/visit/planStanding';
	import type { Visit } from '../schema/records';
	import { useClock } from '../state/clock.svelte';
	import { openVisit } from '../state/openVisit';
	import { useRecords } from '../state/records';
	import { startWords } from '../wording/planStanding';
	import { planVerdict } from '../core/plan';
	import { verdictWords } from '../wording/verdict';

	interface Props {
		/** The last that was recorded, and the one that comes after it. */
		last: Visit;
		next: Visit;
		start: NonNullable<PlanStanding['start']>;
	}
	let { last, next, start }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	// svelte-ignore state_referenced_locally
	// Laid anew for other visits.
	const [before, after] = [last, next].map(({ id }) =>
		openVisit(workspace, clock, id, `plan ${id}`)
	) as [ReturnType<typeof openVisit>, ReturnType<typeof openVisit>];
	const tonerLeft = $derived.by(() => {
		const { none, parts, weeks } = before.head.toner;
		return none || parts.length === 0 ? undefined : weeks[Math.round(start.weeks)]?.left;
	});
	const promised = $derived(next.series?.promise);
	const judged = $derived(after.judging.found);
	/** Of the visits that are to come at best: how the next is worked is another question. */
	const words = $derived(judged && verdictWords(planVerdict(judged), () => ''));
	/** Visits that are still to come by what is known now, and by what was promised. */
	const toCome = $derived(judged?.visits);
	const wasToCome = $derived(promised && promised.visits - next.series!.number + 1);
</script>

<p>{startWords(start.weeks, start.regrowthCm, tonerLeft)}</p>
{#if words}
	<p>
		<b
			>{wasToCome !== undefined && toCome !== undefined && toCome > 0 && toCome !== wasToCome
				? `A new promise: ${toCome} more visit${toCome === 1 ? '' : 's'}, ${wasToCome} ${wasToCome === 1 ? 'was' : 'were'} promised.`
				: 'What was promised stands.'}</b
		>
		{words.sentence}
	</p>
{/if}
