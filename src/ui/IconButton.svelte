<script lang="ts">
	import type { Component } from 'svelte';
	import { Toolbar } from 'bits-ui';
	import { iconButtonLook } from './look';
	import Tip from './Tip.svelte';

	interface Props {
		/** What it does; an icon alone says it to nobody. */
		label: string;
		/** The key that does the same. */
		key?: string;
		icon: Component<{ size?: number; 'aria-hidden'?: 'true' }>;
		disabled?: boolean;
		/** On the dark rail. */
		rail?: boolean;
		/** One of a row of acts that the arrows walk: stands in a Toolbar. */
		inToolbar?: boolean;
		onclick: () => void;
	}
	let {
		label,
		key,
		icon: Icon,
		disabled = false,
		rail = false,
		inToolbar = false,
		onclick
	}: Props = $props();
	const look = $derived({ class: iconButtonLook({ rail }), 'aria-label': label, disabled });
</script>

<Tip words={key ? `${label} · ${key}` : label}>
	{#snippet children({ props })}
		{#if inToolbar}
			<Toolbar.Button {...props} {...look} {onclick}
				><Icon size={20} aria-hidden="true" /></Toolbar.Button
			>
		{:else}
			<button type="button" {...props} {...look} {onclick}
				><Icon size={20} aria-hidden="true" /></button
			>
		{/if}
	{/snippet}
</Tip>
