<script lang="ts">
	import Places from '../../app/Places.svelte';
	import type { LayoutProps } from './$types';

	let { children }: LayoutProps = $props();
</script>

<div class="shell">
	<Places />
	<main>{@render children()}</main>
</div>

<style>
	.shell {
		display: grid;
		grid-template-columns: 232px minmax(0, 1fr);
		min-height: 100dvh;
	}
	main {
		min-width: 0;
		padding: 26px 34px 40px;
	}
	@media (max-width: 1100px) {
		.shell {
			grid-template-columns: 196px minmax(0, 1fr);
		}
		main {
			padding: 22px;
		}
	}
	@media (max-width: 760px) {
		.shell {
			display: block;
		}
		main {
			padding: 16px;
		}
	}
</style>
