<script lang="ts">
	import Button from '../../ui/Button.svelte';
	import { useVisit } from '../../state/visitContext';
	import BowlFigure from './BowlFigure.svelte';
	import { strayBowls, type MixBowl } from '../../model/visit/dayBowls';
	import { startOf } from '../../model/visit/when';
	import { pourAway } from '../../model/commands/sections';
	import { timeOf } from '../../wording/words';
	import { bowlName, bowlNote, partName, sectionNamer } from '../../wording/bowls';

	interface Props {
		bowls: readonly MixBowl[];
		/** Grams as they are shown: grams or ounces. */
		weigh: (grams: number) => string;
		onweigh: (bowl: MixBowl) => void;
	}
	let { bowls, weigh, onweigh }: Props = $props();
	const session = useVisit();
	const mixed = $derived(session.visit.bowls.mixed);
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const time = (minute: number) => timeOf(startOf(session.visit), minute);
	const stray = $derived(strayBowls(mixed, bowls));
	/** What was written down of a bowl: all of it, the beginning of it, or nothing. */
	function act(bowl: MixBowl): string {
		const own = mixed.find(({ id }) => id === bowl.id);
		return own ? (own.done ? 'Weighed' : 'Weigh on') : 'Weigh';
	}
</script>

<ol class="bowls">
	{#each bowls as bowl (bowl.id)}
		<li
			class="grid grid-cols-[58px_minmax(110px,1fr)_auto_auto] items-center gap-x-4 border-b border-line py-2 @max-wide:grid-cols-[60px_minmax(90px,1fr)_auto_auto] @max-wide:gap-x-3 @max-narrow:grid-cols-[56px_minmax(0,1fr)_auto] @max-narrow:gap-y-1.5"
		>
			<div class="col-start-1 row-span-2 row-start-1"><BowlFigure {bowl} /></div>
			<h2 class="col-start-2 row-start-1 self-end figure text-18 leading-tight">
				{bowlName(bowl, nameOf)}
			</h2>
			<!-- Where there is little room it lies under the grams, in one line. -->
			<p
				class="col-start-2 row-start-2 self-start text-14 text-ink-soft @max-wide:col-span-3 @max-narrow:col-span-2"
			>
				{bowlNote(bowl, time)}
			</p>
			<dl
				class="col-start-3 row-span-2 row-start-1 flex gap-4 text-right @max-wide:row-span-1 @max-wide:gap-3 @max-narrow:col-span-full @max-narrow:row-start-3 @max-narrow:justify-between"
			>
				{#each bowl.parts as part (part.key)}
					<div
						data-part={part.kind}
						class="min-w-17 @max-wide:min-w-16 @max-narrow:min-w-0 @max-narrow:text-left"
					>
						<dd
							class={[
								'figure whitespace-nowrap',
								part.kind === 'additive'
									? 'text-22 leading-7'
									: 'text-28 leading-none @max-narrow:text-40'
							]}
						>
							{part.unit === 'g' ? weigh(part.amount) : `${part.amount} ${part.unit}`}
						</dd>
						<dt class="text-13 leading-close text-ink-soft">{partName(part, session.shelf)}</dt>
					</div>
				{/each}
			</dl>
			<div
				class="col-start-4 row-span-2 row-start-1 grid @max-wide:row-span-1 @max-narrow:col-start-3"
			>
				<Button onclick={() => onweigh(bowl)}
					>{act(bowl)}<span class="sr-only"> bowl {bowl.number}</span></Button
				>
			</div>
		</li>
	{/each}
</ol>
{#if stray.length > 0}
	<section aria-label="Weighed, and no longer planned">
		<h2 class="figure text-18 leading-tight">Weighed, and no longer planned</h2>
		<ul>
			{#each stray as bowl (bowl.id)}
				<li
					class="grid grid-cols-[58px_minmax(110px,1fr)_auto_auto] items-center gap-4 border-b border-line py-2 @max-wide:grid-cols-[60px_minmax(90px,1fr)_auto_auto] @max-wide:gap-3 @max-narrow:grid-cols-[56px_minmax(0,1fr)_auto] @max-narrow:gap-x-3 @max-narrow:gap-y-1.5"
				>
					<span
						>{[...bowl.sections.map(nameOf), ...(bowl.heldFor ?? [])].join(', ') ||
							`bowl ${bowl.number}`}: {bowl.parts
							.map(({ name, grams }) => `${name} ${grams} g`)
							.join(' + ')}</span
					>
					<Button
						onclick={() =>
							session.change('bowl poured away', (draft) => pourAway(draft.bowls, bowl.id))}
						>Pour it away</Button
					>
				</li>
			{/each}
		</ul>
	</section>
{/if}
