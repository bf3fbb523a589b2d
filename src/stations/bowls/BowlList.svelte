<script lang="ts">
	import Button from '../../ui/Button.svelte';
	import { useVisit } from '../../state/context';
	import BowlFigure from './BowlFigure.svelte';
	import { isBowl, type MixBowl } from '../../state/dayBowls';

	interface Props {
		bowls: readonly MixBowl[];
		/** Grams as they are shown: grams or ounces. */
		weigh: (grams: number) => string;
		onweigh: (bowl: MixBowl) => void;
	}
	let { bowls, weigh, onweigh }: Props = $props();
	const session = useVisit();
	const weighed = (bowl: MixBowl) =>
		session.visit.bowls.mixed.some((mixed) => mixed.done && isBowl(mixed, bowl));
</script>

<ol class="bowls">
	{#each bowls as bowl (bowl.number)}
		<li>
			<BowlFigure {bowl} />
			<div class="for">
				<h2 class="figure">{bowl.name}{bowl.part ? `: ${bowl.part}` : ''}</h2>
				<p class="soft">{bowl.note}</p>
			</div>
			<dl>
				{#each bowl.parts as part (part.name)}
					<div class={part.kind}>
						<dd class="figure">
							{part.unit === 'g' ? weigh(part.amount) : `${part.amount} ${part.unit}`}
						</dd>
						<dt>{part.name}</dt>
					</div>
				{/each}
			</dl>
			<Button onclick={() => onweigh(bowl)}
				>{weighed(bowl) ? 'Weighed' : 'Weigh'}<span class="visually-hidden">
					bowl {bowl.number}</span
				></Button
			>
		</li>
	{/each}
</ol>

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
