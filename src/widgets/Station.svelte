<script lang="ts">
	import Earlier from './Earlier.svelte';
	import { earlier } from './earlier.svelte';
	import Part from './Part.svelte';
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

<section class="group flex h-view min-h-135 flex-col max-tablet:h-auto">
	<header
		class="flex flex-wrap items-end justify-between gap-x-10 gap-y-1 px-gap pt-4 pb-3 max-desk:gap-x-7 max-tablet:px-4 max-tablet:py-3"
	>
		<div>
			<h1 class="text-15 font-normal text-ink-soft">{question}</h1>
			<p class={['answer mt-0.5 mb-1 figure leading-none', guess && 'text-ink-soft']}>
				<span
					class={[
						'big',
						answer.length > 13 ? 'text-40 leading-tight max-tablet:text-28' : 'text-60'
					]}>{answer}</span
				>{#if words}<span class="text-28 font-semibold max-tablet:text-22">&nbsp;{words}</span>{/if}
			</p>
		</div>
		{#if facts.length > 0}
			<dl
				class="flex flex-wrap gap-x-11 gap-y-2 max-desk:gap-x-7 max-tablet:gap-x-5 max-tablet:gap-y-1"
			>
				{#each facts as fact (fact.label)}
					<div class="flex flex-col-reverse justify-end">
						<dt
							class="text-ink-soft max-desk:max-w-48 max-desk:leading-close max-tablet:max-w-none max-tablet:text-13"
						>
							{fact.label}
						</dt>
						<dd class="figure text-28 leading-tight max-tablet:text-18">{fact.value}</dd>
					</div>
				{/each}
			</dl>
		{/if}
		{#if range}<p class="range basis-full text-15 text-ink-soft">{range}</p>{/if}
	</header>
	<p
		class="hidden border-t-2 border-stop px-gap py-1.5 font-semibold text-stop group-has-[[data-dials]_[aria-invalid=true]]:block"
	>
		This is from before: a field beside it holds something that is not allowed.
	</p>
	{#if field}<div
			class="@container bg-field px-gap py-2 text-on-field max-tablet:px-4 max-tablet:py-2"
		>
			<Part name="strands">{@render field()}</Part>
		</div>{/if}
	<div
		class={[
			'work grid min-h-0 flex-1',
			dials
				? 'grid-cols-[minmax(0,1fr)_300px] max-desk:grid-cols-[minmax(0,1fr)_252px] max-tablet:grid-cols-1'
				: 'grid-cols-1'
		]}
	>
		<div
			class="@container relative flex min-w-0 flex-col overflow-y-auto px-gap py-3 max-tablet:overflow-visible"
		>
			<Part name="picture">{@render picture()}</Part>
		</div>
		{#if dials}<div
				data-dials
				class="@container relative flex min-w-0 flex-col gap-1 overflow-y-auto border-l border-line py-3 pr-8 pl-6 *:flex-none max-desk:px-5 max-desk:py-4 max-tablet:overflow-visible max-tablet:border-t max-tablet:border-l-0 max-tablet:border-line max-tablet:p-4"
			>
				<Part name="dials">{@render dials()}</Part>
			</div>{/if}
	</div>
	<footer
		class="no-print sticky bottom-0 z-5 flex min-h-16 items-center justify-between gap-x-6 gap-y-2 border-t border-line bg-room px-gap py-2 max-tablet:bottom-15 max-tablet:min-h-0 max-tablet:flex-wrap max-tablet:gap-y-1 max-tablet:px-4 max-tablet:py-0.5 max-tablet:text-13 max-tablet:leading-tight max-tablet:[&_button]:flex-1 max-tablet:[&_button]:text-15"
	>
		<Part name="foot">{@render foot()}</Part>
	</footer>
</section>
{#if earlier.asked}<Earlier />{/if}
