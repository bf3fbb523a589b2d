<script lang="ts">
	interface Props {
		number: number;
		/** What is left of its life: 1 fresh, 0 stale. */
		left: number;
		/** Said for who does not see it. */
		label: string;
	}
	let { number, left, label }: Props = $props();
	const share = $derived(Math.min(1, Math.max(0, left)));
	const RADIUS = 26;
</script>

<!-- The ring empties until the bowl is stale. -->
<svg viewBox="-32 -32 64 64" class="size-18 shrink-0" role="img" aria-label={label}>
	<circle r={RADIUS} class="fill-none stroke-line stroke-7" />
	<circle
		r={RADIUS}
		class="fill-none stroke-ink stroke-7"
		pathLength="1"
		stroke-dasharray="{share} 1"
		transform="rotate(-90)"
	/>
	<text class="fill-ink figure text-28" text-anchor="middle" y="10">{number}</text>
</svg>
