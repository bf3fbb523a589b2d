<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { formatLevel } from '../../core/hair';
	import { useVisit } from '../../state/visitContext';
	import { expectedAt } from './chair';

	const session = useVisit();
	const notes = $derived(session.visit.run.notes);
	const gap = (minute: number, level: number) => {
		const difference = level - expectedAt(session, minute).level;
		if (Math.abs(difference) < 0.15) return 'as expected';
		return `${Math.abs(difference).toFixed(1)} ${difference > 0 ? 'lighter than' : 'behind what was'} expected`;
	};
</script>

<section class="mt-5">
	<h2 class="text-15 font-semibold">Checks</h2>
	{#if notes.length === 0}
		<p class="text-ink-soft">
			Nothing seen yet. What you note here replaces the prediction in Tone.
		</p>
	{:else}
		<ol>
			{#each notes as note (note.id)}
				<li class="grid grid-cols-[84px_minmax(0,1fr)_44px] items-center border-b border-line">
					<span class="figure text-18">{note.minute} min</span>
					<span
						><b>{formatLevel(note.level)}</b>
						{note.undertone ?? ''} on the {note.zone}, {gap(
							note.minute,
							note.level
						)}{#if note.text}<span class="text-ink-soft">: {note.text}</span>{/if}</span
					>
					<button
						class="grid tap place-items-center"
						aria-label="Remove the check at {note.minute} min"
						onclick={() =>
							session.change(
								'removed a check',
								(draft) => (draft.run.notes = draft.run.notes.filter(({ id }) => id !== note.id))
							)}><X size={20} aria-hidden="true" /></button
					>
				</li>
			{/each}
		</ol>
	{/if}
</section>
