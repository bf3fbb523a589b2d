<script lang="ts">
	import { DateFormatter, parseDate, type DateValue } from '@internationalized/date';
	import { DateField } from 'bits-ui';
	import FieldNotes from './FieldNotes.svelte';

	interface Props {
		label: string;
		/** An ISO day. */
		value: string;
		/** First and last day that are allowed, ISO. */
		min: string;
		max: string;
		/** Told of days that are allowed, and of no half-typed one. */
		onchange: (value: string) => void;
	}
	let { label, value, min, max, onchange }: Props = $props();
	const id = $props.id();
	// What is typed, also while it is no day yet; a day that is set from outside takes its place.
	let typed = $state.raw<DateValue | undefined>();
	$effect(() => {
		typed = parseDate(value);
	});
	const [least, most] = $derived([parseDate(min), parseDate(max)]);
	const outside = $derived(
		typed !== undefined && (typed.compare(least) < 0 || typed.compare(most) > 0)
	);
	const formatter = new DateFormatter(navigator.language, { dateStyle: 'medium', timeZone: 'UTC' });
	const words = (day: DateValue) => formatter.format(day.toDate('UTC'));
	function type(next: DateValue | undefined) {
		typed = next;
		if (next && next.compare(least) >= 0 && next.compare(most) <= 0) onchange(next.toString());
	}
</script>

<DateField.Root
	{...typed ? { value: typed } : {}}
	onValueChange={type}
	minValue={least}
	maxValue={most}
	locale={navigator.language}
>
	<div>
		<DateField.Label class="block text-ink-soft">{label}</DateField.Label>
		<DateField.Input
			aria-describedby={outside ? `${id}-notes` : undefined}
			class={[
				'flex tap items-center border-b-2 font-semibold',
				outside ? 'border-stop' : 'border-edge'
			]}
		>
			{#snippet children({ segments })}
				{#each segments as { part, value: words }, i (i)}
					<DateField.Segment
						{part}
						class={[
							'rounded-box',
							part === 'literal' ? 'text-ink-soft' : 'px-0.5 focus-visible:outline-offset-0'
						]}>{words}</DateField.Segment
					>
				{/each}
			{/snippet}
		</DateField.Input>
		<FieldNotes
			id="{id}-notes"
			fault={outside ? `${words(least)} to ${words(most)}. The last good day is kept.` : undefined}
		/>
	</div>
</DateField.Root>
