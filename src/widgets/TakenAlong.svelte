<script lang="ts">
	import { CAUTION_LIMITS } from '../core/caution';
	import { BOUNDS } from '../core/vocabulary';
	import type { KeptHair } from '../state/keptHair';
	import { useVisit } from '../state/visitContext';
	import Button from '../ui/Button.svelte';
	import NumberField from '../ui/NumberField.svelte';
	import TextButton from '../ui/TextButton.svelte';
	import TextField from '../ui/TextField.svelte';
	import { costWords, pieceWords } from '../wording/kept';

	interface Props {
		/** Hair that keeps itself out because it is light already, or that is taken along. */
		hair: readonly KeptHair[];
		keptTitle: string;
		keptWords?: string;
		alongTitle: string;
		/** Why it is taken along, and with which strength; left out while it is kept out. */
		along: { readonly reason: string; readonly volume: number } | undefined;
		ontake: (reason: string) => void;
		onkeep: () => void;
		onvolume: (volume: number) => void;
	}
	let { hair, keptTitle, keptWords, alongTitle, along, ontake, onkeep, onvolume }: Props = $props();
	const session = useVisit();
	const out = $derived(hair.filter(({ kept }) => kept !== undefined));
	/** What is to end no lighter than it is cannot be taken along. */
	const light = $derived(hair.filter(({ kept }) => kept === 'light'));
	const worked = $derived(hair.filter(({ kept }) => kept === undefined));
	const costs = (some: readonly KeptHair[]) =>
		some.map((one) => `${pieceWords(one)}, ${costWords(one.condition)}`).join('; ');
	let asking = $state(false);
	let reason = $state('');

	function take() {
		ontake(reason.trim());
		asking = false;
		reason = '';
	}
</script>

{#if out.length > 0}
	<div class="border-t border-line pt-2">
		<p>
			<b>{keptTitle}</b>
			{out.map(pieceWords).join('; ')}. {keptWords}
			{#if light.length > 0 && !asking}<TextButton onclick={() => (asking = true)}
					>Take it along…</TextButton
				>{/if}
		</p>
		{#if light.length > 0 && asking}
			<TextField
				label="Why it is lightened again (kept in the record)"
				value={reason}
				oninput={(text) => (reason = text)}
			/>
			<p class="text-ink-soft">
				With a bowl of its own of {Math.min(
					CAUTION_LIMITS.overlapVolume,
					session.visit.lift.volume
				)}
				vol: {costs(light)}.
			</p>
			<div class="mt-2 flex gap-3">
				<Button disabled={reason.trim() === ''} onclick={take}>Take it along</Button>
				<Button onclick={() => (asking = false)}>Keep it out</Button>
			</div>
		{/if}
	</div>
{/if}
{#if along && worked.length > 0}
	<div class="border-t border-line pt-2">
		<p>
			<b>{alongTitle}</b>
			{costs(worked)}. “{along.reason}”
		</p>
		<NumberField
			label="Its own bowl"
			inline
			value={along.volume}
			{...BOUNDS.volume}
			max={Math.max(CAUTION_LIMITS.overlapVolume, along.volume)}
			unit="vol"
			onchange={onvolume}
		/>
		<TextButton onclick={onkeep}>Keep it out</TextButton>
	</div>
{/if}
