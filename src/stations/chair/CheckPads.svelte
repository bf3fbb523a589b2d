<script lang="ts">
	import type { PictureReading } from '../../core/picture';
	import { keepCheckPicture } from '../../model/commands/picture';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import Fold from '../../ui/Fold.svelte';
	import PictureFold from '../../widgets/PictureFold.svelte';
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import { CHECK_WORDS, UNDERTONES } from '../../core/vocabulary';
	import type { Check, Told } from '../../model/commands/checks';
	import { seenFibre } from '../../model/head/hair';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import { LOOK_WORDS } from '../../wording/chair';

	interface Props {
		name: string;
		/** Level the section is brought to. */
		target: number;
		/** How long ago it was seen ready, in words; nothing where it was not. */
		seenReady: string | undefined;
		/** The look that was just taken, of which more may be told. */
		check: Check | undefined;
		onlook: (told: Told) => void;
		ontell: (told: Told) => void;
		onmore: () => void;
		ondone: () => void;
		/** Minutes until it is at its level, by all that was seen; nothing where it does not get there. */
		readyIn: () => number | undefined;
	}
	let { name, target, seenReady, check, onlook, ontell, onmore, ondone, readyIn }: Props = $props();
	const session = useVisit();

	const RUNGS = 5;
	/** Whole levels up to one past the aim, whatever is expected now: what is expected would tell the answer. */
	const rungs = $derived.by(() => {
		const top = Math.min(11, Math.ceil(target) + 1);
		return Array.from({ length: RUNGS }, (_, i) => top - RUNGS + 1 + i).filter(
			(level) => level > 0
		);
	});
	const seen = $derived(check?.level);
	const isOn = (rung: number) => seen !== undefined && Math.floor(seen) === rung;
	/** A second tap on a rung is the half above it, a third the whole again. */
	const tapped = (rung: number) => (seen === rung ? rung + 0.5 : rung);
	const { workspace } = useRecords();
	const clock = useClock();
	/** Somebody wants to look once more at what was ready. */
	let again = $state(false);
	function lookedAt(word: NonNullable<Told['word']>) {
		again = false;
		onlook({ word });
	}
	let looking = $state(false);
	function takePicture({ level, undertone }: PictureReading, copy: Blob | undefined): string {
		const own = check?.id;
		ontell({
			level: Math.round(10 * level) / 10,
			undertone: UNDERTONES.find((one) => one === undertone.name)
		});
		if (copy && own !== undefined)
			workspace.transact('kept a picture', (draft) =>
				keepCheckPicture(draft, session.id, own, copy, clock.now())
			);
		const minutes = readyIn();
		const when =
			minutes === undefined
				? 'not expected at its level before its limit'
				: minutes < 1
					? 'ready'
					: `ready in about ${Math.round(minutes)} min`;
		return `${name}: ${formatLevel(level)} ${undertone.name}, ${when}.`;
	}
	const hairAt = (level: number) => rgbOf(labOfFibre(seenFibre(session.head.reading, level)));
</script>

{#if !check && seenReady !== undefined && !again}
	<!-- A glove that taps twice says nothing new of what is ready. -->
	<div class="mt-3 flex flex-wrap items-center gap-3 [&_button]:min-h-16">
		<p class="figure text-28">Ready, seen {seenReady}: take it off.</p>
		<Button onclick={() => (again = true)}>Look again</Button>
	</div>
{:else if !check}
	<div class="mt-3 grid grid-cols-3 gap-3" role="group" aria-label="What {name} does">
		{#each CHECK_WORDS as word (word)}
			<button
				class="h-25 rounded-box border-2 border-ink bg-raised figure text-40 leading-none max-desk:text-28 max-tablet:text-22"
				onclick={() => lookedAt(word)}>{LOOK_WORDS[word]}</button
			>
		{/each}
	</div>
{:else}
	<div
		class="mt-3 grid grid-cols-5 gap-1 bg-field p-2 text-on-field"
		role="group"
		aria-label="Level seen"
	>
		{#each rungs as rung, i (rung)}
			<button
				class={['tap border-b-5 pb-1', isOn(rung) ? 'border-on-field' : 'border-transparent']}
				aria-pressed={isOn(rung)}
				onclick={() => ontell({ level: tapped(rung) })}
			>
				<span class="mx-auto block h-19 max-w-21"
					><Strand
						hanging
						seed={20 + i}
						colours={{ hair: [hairAt(isOn(rung) ? seen! : rung)] }}
						label=""
					/></span
				>
				<span class="block figure text-28 leading-none"
					>{formatLevel(isOn(rung) ? seen! : rung)}</span
				>
			</button>
		{/each}
	</div>
	<div class="mt-2 flex flex-wrap items-center gap-3 [&_button]:min-h-16">
		<p class="min-w-70 flex-1 text-ink-soft">
			Name its level if you can; tap again for the half. It says more than the word.
		</p>
		<Button onclick={onmore}>Stretch, heat, scalp</Button>
		<Button onclick={ondone}>That is all</Button>
	</div>
	<Fold
		title="Read it by camera"
		summary="a wiped strand beside a grey card"
		ontoggle={(open) => (looking = open)}
	>
		{#if looking}
			<PictureFold action="Take this for {name}" keepable ontake={takePicture} />
		{/if}
	</Fold>
{/if}
