<script lang="ts">
	import type { Check } from '../../model/commands/checks';
	import Button from '../../ui/Button.svelte';
	import Sheet from '../../ui/Sheet.svelte';

	interface Props {
		/** The look that calls for it. */
		check: Check;
		/** The section; nothing where all of the head is rinsed. */
		name: string | undefined;
		/** What was told stays; the hair is rinsed: this section, or all of it. */
		onrinsed: (all: boolean) => void;
		/** It was not so after all. */
		onmistake: () => void;
		onclose: () => void;
	}
	let { check, name, onrinsed, onmistake, onclose }: Props = $props();
	const burns = $derived(check.scalp === 'burns');
</script>

<Sheet
	open
	title={name === undefined ? 'Rinse all of it now' : `Rinse ${name} now`}
	alert
	whole
	{onclose}
>
	<div class="max-w-220 text-22">
		{#if burns}
			<p class="font-semibold text-stop">The scalp burns.</p>
			<ol class="mt-3 list-inside list-decimal">
				<li>Lukewarm water, plenty, at once, everywhere the product lies.</li>
				<li>No rubbing, no nails, no shampoo until it is calm.</li>
				<li>Swelling, blisters, or burning that stays: medical help.</li>
				<li>Product in an eye: rinse it for minutes, and get medical help.</li>
			</ol>
		{:else}
			<p class="font-semibold text-stop">Wet hair that hangs limp breaks.</p>
			<ol class="mt-3 list-inside list-decimal">
				<li>
					Lukewarm water{name === undefined ? '' : ' on this section'}, at once. Support it; do not
					stretch or comb it.
				</li>
				{#if name !== undefined}
					<li>Then stretch a strand of the section beside it: limp there too, all comes off.</li>
				{/if}
				<li>No further application on it today, and no toner that lifts.</li>
			</ol>
		{/if}
		<p class="mt-3 text-18 text-ink-soft">
			What was done and seen is kept.{name === undefined
				? ''
				: ' The clock of the other sections goes on.'}
		</p>
	</div>
	{#snippet actions()}
		<Button onclick={onmistake}>It was a mistake</Button>
		{#if name !== undefined}<Button onclick={() => onrinsed(true)}>All of it is rinsed</Button>{/if}
		<Button primary onclick={() => onrinsed(name === undefined)}
			>{name === undefined ? 'All of it is rinsed' : `${name} is rinsed`}</Button
		>
	{/snippet}
</Sheet>
