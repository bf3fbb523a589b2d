<script lang="ts">
	import { DateFormatter, parseDate, type DateValue } from '@internationalized/date';
	import { DateField } from 'bits-ui';
	import FieldNotes from './FieldNotes.svelte';

	interface Props {
		label: string;
		/** An ISO day. */
		value: string;
		/** First and last day that are allowed, ISO; any where there is none. */
		min?: string | undefined;
		max?: string | undefined;
		/** Told once the field is left: where a day moves more than itself, half a day must not. */
		whenLeft?: boolean;
		/** Told of days that are allowed, and of no half-typed one. */
		onchange: (value: string) => void;
	}
	let { label, value, min, max, whenLeft = false, onchange }: Props = $props();
	const id = $props.id();
	// What is typed, also while it is no day yet; a day that is set from outside takes its place.
	let typed = $state.raw<DateValue | undefined>();
	$effect(() => {
		typed = parseDate(value);
	});
	const least = $derived(min === undefined ? undefined : parseDate(min));
	const most = $derived(max === undefined ? undefined : parseDate(max));
	const isAllowed = (day: DateValue) =>
		!(least && day.compare(least) < 0) && !(most && day.compare(most) > 0);
	const outside = $derived(typed !== undefined && !isAllowed(typed));
	const formatter = new DateFormatter(navigator.language, { dateStyle: 'medium', timeZone: 'UTC' });
	const words = (day: DateValue) => formatter.format(day.toDate('UTC'));
	const allowed = $derived(
		[least && words(least), most ? `to ${words(most)}` : 'or later'].filter(Boolean).join(' ')
	);
	function type(next: DateValue | undefined) {
		typed = next;
		const day = next && isAllowed(next) ? next.toString() : undefined;
		if (whenLeft) pending = day;
		else if (day) onchange(day);
	}
	let pending: string | undefined;
	function leave({ currentTarget, relatedTarget }: FocusEvent & { currentTarget: Element }) {
		if (currentTarget.contains(relatedTarget as Node | null)) return;
		if (pending !== undefined && pending !== value) onchange(pending);
		pending = undefined;
	}
</script>

<DateField.Root
	{...typed ? { value: typed } : {}}
	onValueChange={type}
	{...least ? { minValue: least } : {}}
	{...most ? { maxValue: most } : {}}
	locale={navigator.language}
>
	<div onfocusout={leave}>
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
			fault={outside ? `${allowed}. The last good day is kept.` : undefined}
		/>
	</div>
</DateField.Root>
