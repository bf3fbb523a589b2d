<script lang="ts">
	import { CAUTION_LIMITS } from '../core/caution';
	import { BOUNDS } from '../core/vocabulary';
	import Button from '../ui/Button.svelte';
	import NumberField from '../ui/NumberField.svelte';
	import TextButton from '../ui/TextButton.svelte';
	import TextField from '../ui/TextField.svelte';
	import { keptHair, takenAlong } from '../state/keptHair';
	import { useVisit } from '../state/visitContext';
	import { costWords, pieceWords } from '../wording/kept';

	const session = useVisit();
	const hair = $derived(session.visit.noLift ? [] : keptHair(session));
	/** Pieces among darker hair are never taken along: foils pick up what lies between them. */
	const pieces = $derived(hair.filter(({ share }) => share !== undefined));
	const light = $derived(hair.filter(({ kept, share }) => kept === 'light' && share === undefined));
	const deeper = $derived(hair.filter(({ kept }) => kept === 'deeper'));
	const along = $derived(hair.filter(({ kept }) => kept === undefined));
	const overlap = $derived(session.visit.lift.overlap);
	let asking = $state(false);
	let reason = $state('');

	function take() {
		session.change('old blonde taken along', (draft) => {
			draft.lift = takenAlong(draft.lift, reason.trim());
		});
		asking = false;
		reason = '';
	}
	const keepOut = () => session.change('old blonde kept out', (draft) => delete draft.lift.overlap);
</script>

{#if deeper.length > 0}
	<p class="line">
		<b>No lightener:</b>
		{deeper.map(pieceWords).join('; ')}. The aim is not above it.
	</p>
{/if}
{#if pieces.length > 0}
	<p class="line">
		<b>Pick up between them:</b>
		{pieces.map(pieceWords).join('; ')}. They stay out; the toner goes on them too.
	</p>
{/if}
{#if light.length > 0}
	<div class="line">
		<p>
			<b>Kept out, light already:</b>
			{light.map(pieceWords).join('; ')}.
			{#if !asking}<TextButton onclick={() => (asking = true)}>Take it along…</TextButton>{/if}
		</p>
		{#if asking}
			<TextField
				label="Why it is lightened again (kept in the record)"
				value={reason}
				oninput={(text) => (reason = text)}
			/>
			<p class="soft">
				With a bowl of its own of {Math.min(
					CAUTION_LIMITS.overlapVolume,
					session.visit.lift.volume
				)}
				vol: {light.map((one) => `${pieceWords(one)}, ${costWords(one.condition)}`).join('; ')}.
			</p>
			<div class="acts">
				<Button disabled={reason.trim() === ''} onclick={take}>Take it along</Button>
				<Button onclick={() => (asking = false)}>Keep it out</Button>
			</div>
		{/if}
	</div>
{/if}
{#if overlap && along.length > 0}
	<div class="line">
		<p>
			<b>Light hair taken along:</b>
			{along.map((one) => `${pieceWords(one)}, ${costWords(one.condition)}`).join('; ')}. “{overlap.reason}”
		</p>
		<NumberField
			label="Its own bowl"
			inline
			value={overlap.volume}
			{...BOUNDS.volume}
			max={Math.max(CAUTION_LIMITS.overlapVolume, overlap.volume)}
			unit="vol"
			onchange={(v) =>
				session.change('weak bowl', ({ lift }) => {
					if (lift.overlap) lift.overlap.volume = v;
				})}
		/>
		<TextButton onclick={keepOut}>Keep it out</TextButton>
	</div>
{/if}

<style>
	.line {
		border-top: 1px solid var(--line);
		padding-top: 10px;
	}
	.soft {
		color: var(--ink-soft);
	}
	.acts {
		display: flex;
		gap: 12px;
		margin-top: 10px;
	}
</style>
