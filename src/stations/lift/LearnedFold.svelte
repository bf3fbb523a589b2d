<script lang="ts">
	import { habitsWords, personalWords } from '../../wording/learned';
	import { formatLevel } from '../../core/hair';
	import Fold from '../../ui/Fold.svelte';
	import Switch from '../../ui/Switch.svelte';
	import { useVisit } from '../../state/visitContext';
	import { liftAnswer, subjectOf, type Learned } from '../../model/visit/lift';

	const session = useVisit();
	const view = $derived(session.view);
	const taught = $derived(session.learning.taught);
	const step = $derived(view.shown);
	const as = (learned?: Learned) =>
		liftAnswer(
			subjectOf(view.reading, learned, session.areas[0]),
			step.plan,
			step.zone,
			step.earlier
		);
	const habits = $derived(habitsWords(taught.areas));
	const capitalised = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
	const typical = $derived(as());
	const withIt = $derived(as(taught));
</script>

<Fold
	title="What this head taught"
	summary={personalWords(taught.personal, taught.visits, taught.strandLooks)}
>
	<Switch
		label="Predict with it"
		checked={session.learning.isUsed}
		onchange={(on) => (session.learning.isUsed = on)}
	/>
	<p>
		With it {formatLevel(withIt.level)}, likely {formatLevel(withIt.low)} to {formatLevel(
			withIt.high
		)}; as a typical head {formatLevel(typical.level)}, likely {formatLevel(typical.low)} to {formatLevel(
			typical.high
		)}.
	</p>
	{#if habits}<p>{capitalised(habits)}: bowls and chair reckon with it.</p>{/if}
	<p class="text-14 text-ink-soft">
		{#if taught.visits > 0}Learned from what was seen at the chair in {taught.visits} recorded visit{taught.visits ===
			1
				? ''
				: 's'}; older ones count for less.{/if}
		{#if taught.strandLooks}A strand of this hair was tried: what was seen on it counts.{/if}
		<a href="/ledger/learned">All that was learned</a>.
	</p>
</Fold>
