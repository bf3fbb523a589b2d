<script lang="ts">
	interface Props {
		id: string;
		hint?: string | undefined;
		fault?: string | undefined;
	}
	let { id, hint, fault }: Props = $props();
</script>

{#if fault}<p {id} class="text-13 font-semibold text-stop" role="alert">{fault}</p>
{:else if hint}<p {id} class="text-13 text-ink-soft">{hint}</p>{/if}
