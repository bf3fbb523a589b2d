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
		<li>
			<BowlFigure {bowl} />
			<div class="for">
				<h2 class="figure">{bowlName(bowl, nameOf)}</h2>
				<p class="soft">{bowlNote(bowl, time)}</p>
			</div>
			<dl>
				{#each bowl.parts as part (part.key)}
					<div class={part.kind}>
						<dd class="figure">
							{part.unit === 'g' ? weigh(part.amount) : `${part.amount} ${part.unit}`}
						</dd>
						<dt>{partName(part, session.shelf)}</dt>
					</div>
				{/each}
			</dl>
			<Button onclick={() => onweigh(bowl)}
				>{act(bowl)}<span class="sr-only"> bowl {bowl.number}</span></Button
			>
		</li>
	{/each}
</ol>
{#if stray.length > 0}
	<section class="stray" aria-label="Weighed, and no longer planned">
		<h2 class="figure">Weighed, and no longer planned</h2>
		<ul>
			{#each stray as bowl (bowl.id)}
				<li>
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

<style>
	li {
		display: grid;
		grid-template-columns: 58px minmax(110px, 1fr) auto auto;
		gap: 16px;
		align-items: center;
		padding: 7px 0;
		border-bottom: 1px solid var(--line);
	}
	h2 {
		font-size: 17px;
		line-height: 1.15;
	}
	dl {
		display: flex;
		gap: 18px;
		text-align: right;
	}
	dl div {
		min-width: 66px;
	}
	dd {
		font-size: 30px;
		line-height: 1;
		white-space: nowrap;
	}
	.additive dd {
		font-size: 24px;
		line-height: 30px;
	}
	dt,
	.soft {
		color: var(--ink-soft);
	}
	.soft {
		font-size: 14px;
	}
	dt {
		font-size: 13px;
		line-height: 1.2;
	}
	@media (max-width: 1100px) {
		li {
			grid-template-columns: 60px minmax(90px, 1fr) auto auto;
			gap: 14px;
		}
		dl {
			gap: 14px;
		}
		dl div {
			min-width: 62px;
		}
		dd {
			font-size: 26px;
		}
	}
	@media (max-width: 760px) {
		li {
			grid-template-columns: 56px minmax(0, 1fr) auto;
			gap: 6px 14px;
		}
		dl {
			grid-column: 1 / -1;
			grid-row: 2;
			justify-content: space-between;
		}
		dl div {
			text-align: left;
			min-width: 0;
		}
		dd {
			font-size: 38px;
		}
	}
</style>
