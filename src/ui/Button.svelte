<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { HTMLButtonAttributes } from 'svelte/elements';
	import { buttonLook } from './look';

	interface Props extends HTMLButtonAttributes {
		/** The one primary act of a place carries the accent. */
		primary?: boolean;
		children: Snippet;
	}
	let { primary = false, children, type = 'button', ...rest }: Props = $props();
</script>

<button class={buttonLook({ primary })} {type} {...rest}>{@render children()}</button>
