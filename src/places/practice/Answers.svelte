<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import X from '@lucide/svelte/icons/x';
	import { formatLevel } from '../../core/hair';
	import type { Question } from '../../core/practice';
	import Button from '../../ui/Button.svelte';
	import Dial from '../../ui/Dial.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { optionWords } from '../../wording/practice';

	interface Props {
		question: Question;
		/** What was answered; nothing yet. */
		given: string | number | undefined;
		onanswer: (given: string | number) => void;
	}
	let { question, given, onanswer }: Props = $props();
	const form = $derived(question.answer);
	let figure = $state<number>();
	const UNITS = { level: '', g: 'g', vol: 'vol', bowls: 'bowls', min: 'min' } as const;
	const asked = $derived(
		form.form === 'figure' && form.unit !== 'level' && given === undefined ? question.seed : -1
	);
	let sums: HTMLElement | undefined = $state();
	// Whoever reckons types the answer: the field is theirs at once.
	$effect(() => {
		if (asked >= 0) sums?.querySelector('input')?.focus();
	});
</script>

{#if form.form === 'choice'}
	<ol class="grid grid-cols-2 gap-x-6 max-tablet:grid-cols-1">
		{#each form.options as option, i (option)}
			<li>
				<button
					class={[
						'flex tap w-full items-center gap-3 border-t border-line py-1.5 text-left text-18 disabled:cursor-default',
						given === undefined && 'hover:bg-sunk',
						given !== undefined && option === form.right && 'font-bold',
						given !== undefined && option !== form.right && 'text-ink-soft'
					]}
					disabled={given !== undefined}
					onclick={() => onanswer(option)}
				>
					<span class="w-6 flex-none figure text-22" aria-hidden="true">{i + 1}</span>
					<span class="flex-1">{optionWords(question, option)}</span>
					{#if given !== undefined && option === form.right}
						<Check size={22} aria-label="right" />
					{:else if option === given}
						<X size={22} aria-label="your answer" />
					{/if}
				</button>
			</li>
		{/each}
	</ol>
{:else if form.unit === 'level' && form.step >= 0.5}
	<form
		class="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-8 max-tablet:grid-cols-1 max-tablet:gap-3"
		onsubmit={(event) => {
			event.preventDefault();
			onanswer(figure ?? 6);
		}}
	>
		<Dial
			label="Level"
			value={typeof given === 'number' ? given : (figure ?? 6)}
			min={1}
			max={12}
			step={form.step}
			shown={formatLevel(typeof given === 'number' ? given : (figure ?? 6))}
			onchange={(value) => {
				if (given === undefined) figure = value;
			}}
		/>
		{#if given === undefined}<Button primary type="submit">It is this</Button>{/if}
	</form>
{:else}
	<form
		bind:this={sums}
		class="flex flex-wrap items-end gap-6"
		onsubmit={(event) => {
			event.preventDefault();
			if (figure !== undefined) onanswer(figure);
		}}
	>
		<div class="w-40">
			<NumberField
				label={form.unit === 'level' ? 'Level' : 'It takes'}
				value={typeof given === 'number' ? given : figure}
				min={0}
				max={form.max}
				step={form.step}
				unit={UNITS[form.unit]}
				onchange={(value) => {
					if (given === undefined) figure = value;
				}}
			/>
		</div>
		{#if given === undefined}<Button primary type="submit">It is this</Button>{/if}
	</form>
{/if}
