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

<section>
	<h2>Checks</h2>
	{#if notes.length === 0}
		<p class="soft">Nothing seen yet. What you note here replaces the prediction in Tone.</p>
	{:else}
		<ol>
			{#each notes as note (note.id)}
				<li>
					<span class="figure minute">{note.minute} min</span>
					<span
						><b>{formatLevel(note.level)}</b>
						{note.undertone ?? ''} on the {note.zone}, {gap(
							note.minute,
							note.level
						)}{#if note.text}<span class="soft">: {note.text}</span>{/if}</span
					>
					<button
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

<style>
	section {
		margin-top: 20px;
	}
	h2 {
		font-size: 15px;
		font-weight: 600;
	}
	li {
		display: grid;
		grid-template-columns: 84px minmax(0, 1fr) 44px;
		align-items: center;
		border-bottom: 1px solid var(--line);
	}
	.minute {
		font-size: 20px;
	}
	.soft {
		color: var(--ink-soft);
	}
	button {
		min-height: 44px;
		border: 0;
		background: none;
		display: grid;
		place-items: center;
	}
</style>
