<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		question: string;
		/** The one answer, read at arm's length, and the words beside it. */
		answer: string;
		words?: string;
		/** Nobody has said so yet: it is only something to start from. */
		guess?: boolean;
		/** How sure, or on what it rests. */
		range?: string;
		facts?: readonly { value: string; label: string }[];
		field?: Snippet;
		picture: Snippet;
		dials?: Snippet;
		foot: Snippet;
	}
	let {
		question,
		answer,
		words = '',
		guess = false,
		range = '',
		facts = [],
		field,
		picture,
		dials,
		foot
	}: Props = $props();
</script>

<section class="station">
	<header>
		<div>
			<h1>{question}</h1>
			<p class="answer figure" class:guess>
				<span class="big" class:long={answer.length > 13}>{answer}</span>{#if words}<span
						class="words">&nbsp;{words}</span
					>{/if}
			</p>
			{#if range}<p class="range">{range}</p>{/if}
		</div>
		{#if facts.length > 0}
			<dl>
				{#each facts as fact (fact.label)}
					<div>
						<dt>{fact.label}</dt>
						<dd class="figure">{fact.value}</dd>
					</div>
				{/each}
			</dl>
		{/if}
	</header>
	<p class="kept">This is from before: a field beside it holds something that is not allowed.</p>
	{#if field}<div class="field">{@render field()}</div>{/if}
	<div class="work" class:alone={!dials}>
		<div class="picture">{@render picture()}</div>
		{#if dials}<div class="dials">{@render dials()}</div>{/if}
	</div>
	<footer class="no-print">{@render foot()}</footer>
</section>

<style>
	.guess {
		color: var(--ink-soft);
	}
	.station {
		height: 100dvh;
		min-height: 620px;
		display: flex;
		flex-direction: column;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: flex-end;
		gap: 8px 40px;
		padding: 16px var(--gap) 12px;
	}
	h1 {
		font-size: 16px;
		font-weight: 400;
		color: var(--ink-soft);
	}
	.answer {
		line-height: 1;
		margin: 2px 0 5px;
	}
	.big {
		font-size: 58px;
	}
	.words {
		font-size: 27px;
		font-weight: 600;
	}
	.big.long {
		font-size: 38px;
		line-height: 1.1;
	}
	.range {
		color: var(--ink-soft);
		font-size: 16px;
	}
	dl {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 42px;
	}
	dl div {
		display: flex;
		flex-direction: column-reverse;
	}
	dd {
		font-size: 26px;
		line-height: 1.15;
	}
	dt {
		color: var(--ink-soft);
	}
	/* A field that cannot be read changes nothing; what is drawn then rests on what was there before. */
	.kept {
		display: none;
		padding: 6px var(--gap);
		border-top: 2px solid var(--stop);
		color: var(--stop);
		font-weight: 600;
	}
	.station:has(.dials :global([aria-invalid='true'])) .kept {
		display: block;
	}
	.field {
		background: var(--field);
		color: var(--on-field);
		padding: 10px var(--gap);
	}
	.work {
		flex: 1;
		display: grid;
		grid-template-columns: minmax(0, 1fr) 300px;
		min-height: 0;
	}
	.work.alone {
		grid-template-columns: minmax(0, 1fr);
	}
	.picture {
		padding: 14px var(--gap);
		min-width: 0;
		display: flex;
		flex-direction: column;
		overflow-y: auto;
	}
	.dials {
		border-left: 1px solid var(--line);
		padding: 12px 30px 12px 24px;
		display: flex;
		flex-direction: column;
		gap: 5px;
		min-width: 0;
		overflow-y: auto;
	}
	/* A full column scrolls; nothing in it is squeezed. */
	.dials > :global(*) {
		flex: none;
	}
	footer {
		position: sticky;
		bottom: 0;
		z-index: 5;
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 10px 24px;
		padding: 9px var(--gap);
		background: var(--room);
		border-top: 1px solid var(--line);
		min-height: 64px;
	}
	@media (max-width: 1100px) {
		.station {
			--gap: 22px;
		}
		.work {
			grid-template-columns: minmax(0, 1fr) 252px;
		}
		.dials {
			padding: 16px 20px;
		}
		.big {
			font-size: 50px;
		}
	}
	@media (max-width: 760px) {
		.station {
			--gap: 16px;
			height: auto;
		}
		.picture,
		.dials {
			overflow: visible;
		}
		header {
			padding: 14px 16px 12px;
		}
		.work {
			grid-template-columns: minmax(0, 1fr);
		}
		.dials {
			border-left: 0;
			border-top: 1px solid var(--line);
			padding: 16px;
		}
		dl {
			gap: 4px 20px;
		}
		dd {
			font-size: 18px;
		}
		dt {
			font-size: 13px;
		}
		.big.long {
			font-size: 30px;
		}
		.field {
			padding: 8px 16px;
		}
		.words {
			font-size: 22px;
		}
		footer :global(button) {
			flex: 1;
		}
		footer {
			flex-wrap: wrap;
			bottom: 60px;
			padding: 10px 16px;
		}
	}
</style>
