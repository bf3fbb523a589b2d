<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { formatLevel } from '../../core/hair';
	import type { Check } from '../../model/commands/checks';
	import StoredPicture from '../../widgets/StoredPicture.svelte';
	import { useVisit } from '../../state/visitContext';
	import type { SectionNamer } from '../../wording/bowls';
	import { LOOK_WORDS } from '../../wording/chair';
	import { expectedAt } from './chair';

	interface Props {
		nameOf: SectionNamer;
	}
	let { nameOf }: Props = $props();
	const session = useVisit();
	const notes = $derived(session.visit.run.notes);
	const gap = ({ minute, level, lay }: Check) => {
		if (level === undefined) return '';
		const difference = level - (lay?.expected ?? expectedAt(session, minute).level);
		if (Math.abs(difference) < 0.15) return ', as expected';
		return `, ${Math.abs(difference).toFixed(1)} ${difference > 0 ? 'lighter than' : 'behind what was'} expected`;
	};
	/** What was felt, where it is worth a word. */
	const felt = ({ stretch, heat, scalp }: Check) =>
		[
			stretch && stretch !== 'springs' && `stretch ${stretch}`,
			heat && heat !== 'cool' && heat,
			scalp && scalp !== 'calm' && `scalp ${scalp}`
		]
			.filter(Boolean)
			.map((words) => `, ${words}`)
			.join('');
</script>

<section class="mt-5">
	<h2 class="text-15 font-semibold">Checks</h2>
	{#if notes.length === 0}
		<p class="text-ink-soft">
			Nothing seen yet. A look at one section tells of all the others; one at the whole head is what
			Tone starts from.
		</p>
	{:else}
		<ol>
			{#each notes as note (note.id)}
				<li class="grid grid-cols-[72px_minmax(0,1fr)_44px] items-center border-b border-line">
					<span class="figure text-18">{Math.round(note.minute)} min</span>
					<span
						>{note.section === undefined ? `the ${note.zone}` : nameOf(note.section)}:
						<b
							>{note.level !== undefined
								? formatLevel(note.level)
								: note.word
									? LOOK_WORDS[note.word]
									: 'looked at'}</b
						>
						{note.undertone ?? ''}{gap(note)}{felt(note)}{#if note.text}<span class="text-ink-soft"
								>: {note.text}</span
							>{/if}
						{#if note.picture}<span class="block py-1"
								><StoredPicture
									id={note.picture}
									alt="The strand at {Math.round(note.minute)} min"
								/></span
							>{/if}</span
					>
					<button
						class="grid tap place-items-center"
						aria-label="Remove the check at {Math.round(note.minute)} min"
						onclick={() => session.dropCheck(note.id)}><X size={20} aria-hidden="true" /></button
					>
				</li>
			{/each}
		</ol>
	{/if}
</section>
