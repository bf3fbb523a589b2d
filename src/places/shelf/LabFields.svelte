<script lang="ts">
	import type { Lab } from '../../core/colour';
	import { BOUNDS } from '../../core/vocabulary';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';

	interface Props {
		/** What the button says that takes the colour. */
		action: string;
		ontake: (lab: Lab) => void;
	}
	let { action, ontake }: Props = $props();
	const AXES = [
		{ key: 'l', label: 'L*', bound: BOUNDS.lightness },
		{ key: 'a', label: 'a*', bound: BOUNDS.labAxis },
		{ key: 'b', label: 'b*', bound: BOUNDS.labAxis }
	] as const;
	let typed = $state<{ l?: number; a?: number; b?: number }>({});
	const whole = $derived(
		typed.l !== undefined && typed.a !== undefined && typed.b !== undefined
			? { l: typed.l, a: typed.a, b: typed.b }
			: undefined
	);
</script>

<div class="my-2 flex flex-wrap items-end gap-x-6 gap-y-2">
	{#each AXES as { key, label, bound } (key)}
		<NumberField {label} value={typed[key]} {...bound} onchange={(v) => (typed[key] = v)} />
	{/each}
	<Button disabled={!whole} onclick={() => whole && ontake(whole)}>{action}</Button>
</div>
<p class="mt-1.5 mb-2 max-w-173 text-ink-soft">
	From a colour reader or the maker’s sheet: daylight D65, 2° observer.
</p>
