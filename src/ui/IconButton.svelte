<script lang="ts">
	import type { Component } from 'svelte';

	interface Props {
		/** What it does; an icon alone says it to nobody. */
		label: string;
		icon: Component<{ size?: number; 'aria-hidden'?: 'true' }>;
		onclick: () => void;
	}
	let { label, icon: Icon, onclick }: Props = $props();
</script>

<button
	class="grid tap w-11 flex-none place-items-center text-ink-soft hover:text-ink"
	aria-label={label}
	title={label}
	{onclick}><Icon size={18} aria-hidden="true" /></button
>
