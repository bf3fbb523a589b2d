<script lang="ts">
	import type { Snippet } from 'svelte';
	import { textButtonLook } from './look';

	interface Props {
		/** Set where it switches something on and off. */
		pressed?: boolean;
		onclick: () => void;
		children: Snippet;
	}
	let { pressed, onclick, children }: Props = $props();
</script>

<button class={['text-button', textButtonLook()]} aria-pressed={pressed} {onclick}
	>{@render children()}</button
>
