<script lang="ts">
	import type { LiftPlan } from '../schema/records';
	import { keptHair, lightsTakenAlong, takenAlong } from '../state/keptHair';
	import { useVisit } from '../state/visitContext';
	import { pieceWords } from '../wording/kept';
	import TakenAlong from './TakenAlong.svelte';

	const session = useVisit();
	const hair = $derived(session.visit.noLift ? [] : keptHair(session));
	/** Old light pieces among darker hair, and hair that is light as a whole, are two decisions. */
	const pieces = $derived(hair.filter(({ share }) => share !== undefined));
	const rest = $derived(hair.filter(({ share }) => share === undefined));
	const deeper = $derived(rest.filter(({ kept }) => kept === 'deeper'));
	const enough = $derived(rest.filter(({ kept }) => kept === 'enough'));
	const whole = $derived(rest.filter(({ kept }) => kept !== 'deeper' && kept !== 'enough'));
	const plan = $derived(session.visit.lift);
	const change = (label: string, recipe: (draft: LiftPlan) => LiftPlan) =>
		session.change(label, (draft) => {
			draft.lift = recipe(draft.lift);
		});
	const without = (draft: LiftPlan, field: 'overlap' | 'lightsAlong'): LiftPlan => {
		const kept = { ...draft };
		if (field === 'overlap') delete kept.overlap;
		else delete kept.lightsAlong;
		return kept;
	};
</script>

{#if deeper.length > 0}
	<p class="border-t border-line pt-2">
		<b>No lightener:</b>
		{deeper.map(pieceWords).join('; ')}. The aim is not above it.
	</p>
{/if}
{#if enough.length > 0}
	<p class="border-t border-line pt-2">
		<b>Left as it is:</b>
		{enough.map(pieceWords).join('; ')}, between the light pieces. There are as many of them as the
		aim asks for; for more, raise what is to be light in Aim.
	</p>
{/if}
<TakenAlong
	hair={pieces}
	keptTitle="Pick up between them:"
	keptWords="They stay out; the toner goes on them too."
	alongTitle="Old light pieces taken along:"
	along={plan.lightsAlong}
	ontake={(reason) =>
		change('old light pieces taken along', (own) => lightsTakenAlong(own, reason))}
	onkeep={() => change('old light pieces kept out', (own) => without(own, 'lightsAlong'))}
	onvolume={(volume) =>
		change('weak bowl', (own) => ({ ...own, lightsAlong: { ...own.lightsAlong!, volume } }))}
/>
<TakenAlong
	hair={whole}
	keptTitle="Kept out, light already:"
	alongTitle="Light hair taken along:"
	along={plan.overlap}
	ontake={(reason) => change('old blonde taken along', (own) => takenAlong(own, reason))}
	onkeep={() => change('old blonde kept out', (own) => without(own, 'overlap'))}
	onvolume={(volume) =>
		change('weak bowl', (own) => ({ ...own, overlap: { ...own.overlap!, volume } }))}
/>
