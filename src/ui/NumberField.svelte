<script lang="ts">
	import { onDestroy } from 'svelte';
	import FieldNotes from './FieldNotes.svelte';
	import { typing } from './typing.svelte';

	interface Props {
		label: string;
		value: number | undefined;
		min: number;
		max: number;
		step?: number;
		unit?: string;
		/** Label and figure on one line, as a dial has them. */
		inline?: boolean;
		/** The label is for those who hear it: what is seen beside it says the same. */
		hideLabel?: boolean;
		/** It is an act and not a value: it is done once somebody has finished typing, and not before. */
		atEnd?: boolean;
		/** What else is wrong with it: of a form that was sent. */
		fault?: string | undefined;
		onchange: (value: number) => void;
	}
	let {
		label,
		value,
		min,
		max,
		step = 1,
		unit = '',
		inline = false,
		hideLabel = false,
		atEnd = false,
		fault,
		onchange
	}: Props = $props();
	const id = $props.id();
	let misread = $state('');
	/** What stands in the field while somebody types; nothing once it was taken. */
	let typed = $state<string>();
	const told = $derived(misread || fault);

	const numberIn = (text: string): number | undefined => {
		const number = Number(text.replace(',', '.'));
		const fits = text.trim() !== '' && Number.isFinite(number) && number >= min && number <= max;
		return fits ? Math.round(number / step) * step : undefined;
	};
	function read(text: string) {
		clearTimeout(waits);
		typing.end(id);
		const number = numberIn(text);
		if (number === undefined) {
			misread = `${min} to ${max}${unit ? ` ${unit}` : ''}. The last good value is kept.`;
			return;
		}
		misread = '';
		typed = undefined;
		onchange(number);
	}
	/** Whoever pauses has typed it: it is taken as it stands, and the field is left alone. */
	const PAUSE_MS = 700;
	let waits: ReturnType<typeof setTimeout> | undefined;
	function type(text: string) {
		typed = text;
		typing.begin(id, () => take(text));
		clearTimeout(waits);
		if (!atEnd) waits = setTimeout(() => take(text), PAUSE_MS);
	}
	function take(text: string) {
		const number = /[.,]\s*$/.test(text) ? undefined : numberIn(text);
		// What is not a number yet may become one: until somebody leaves the field it is only not saved.
		if (number === undefined) return;
		misread = '';
		typing.end(id);
		onchange(number);
	}
	onDestroy(() => {
		// Whoever goes to another page in the midst of it has typed it too.
		if (typed !== undefined && !misread && !atEnd) take(typed);
		clearTimeout(waits);
		typing.end(id);
	});
</script>

<div class={[inline && 'flex flex-wrap items-center justify-between gap-x-3 ']}>
	<label class="block text-ink-soft" for={id} class:sr-only={hideLabel}>{label}</label>
	<span
		class={[
			'flex items-baseline gap-1.5 border-b-2',
			told ? 'border-stop' : 'border-edge',
			inline && 'w-23'
		]}
	>
		<input
			class={['tap w-full min-w-0 font-figure text-18 font-bold', inline && 'text-right']}
			{id}
			inputmode="decimal"
			autocomplete="off"
			value={typed ?? (value === undefined ? '' : String(Math.round(value * 100) / 100))}
			aria-invalid={told ? true : undefined}
			aria-describedby={told ? `${id}-notes` : undefined}
			oninput={(event) => type(event.currentTarget.value)}
			onchange={(event) => read(event.currentTarget.value)}
		/>
		{#if unit}<span class="text-ink-soft">{unit}</span>{/if}
	</span>
	<FieldNotes id="{id}-notes" fault={told} />
</div>
