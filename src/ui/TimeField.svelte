<script lang="ts">
	import { parseTime, type Time } from '@internationalized/date';
	import { TimeField } from 'bits-ui';

	interface Props {
		label: string;
		/** A time of day, "HH:MM"; nothing where none is set. */
		value: string | undefined;
		disabled?: boolean;
		/** Told of whole times, once the field is left: of none on the way there. */
		onchange: (value: string) => void;
	}
	let { label, value, disabled = false, onchange }: Props = $props();
	// What is typed, also while it is no time yet; a time that is set from outside takes its place.
	let typed = $state.raw<Time | undefined>();
	$effect(() => {
		typed = value === undefined ? undefined : parseTime(value);
	});
	function leave({ currentTarget, relatedTarget }: FocusEvent & { currentTarget: Element }) {
		if (currentTarget.contains(relatedTarget as Node | null)) return;
		const told = typed?.toString().slice(0, 5);
		if (told !== undefined && told !== value) onchange(told);
	}
</script>

<TimeField.Root
	{...typed ? { value: typed } : {}}
	onValueChange={(next) => (typed = next)}
	locale={navigator.language}
	hourCycle={24}
	granularity="minute"
	{disabled}
>
	<div class="flex items-center justify-between gap-3" onfocusout={leave}>
		<TimeField.Label class="text-ink-soft">{label}</TimeField.Label>
		<TimeField.Input
			class="flex tap w-23 items-center justify-end border-b-2 border-edge font-figure text-18 font-bold data-disabled:border-line data-disabled:text-ink-soft"
		>
			{#snippet children({ segments })}
				{#each segments as { part, value: words }, i (i)}
					<TimeField.Segment
						{part}
						class={[
							'rounded-box',
							part === 'literal' ? 'text-ink-soft' : 'px-0.5 focus-visible:outline-offset-0'
						]}>{words}</TimeField.Segment
					>
				{/each}
			{/snippet}
		</TimeField.Input>
	</div>
</TimeField.Root>
