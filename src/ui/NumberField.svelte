<script lang="ts">
	import FieldNotes from './FieldNotes.svelte';

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
		fault,
		onchange
	}: Props = $props();
	const id = $props.id();
	let misread = $state('');
	const told = $derived(misread || fault);

	function read(text: string) {
		const number = Number(text.replace(',', '.'));
		if (text.trim() === '' || !Number.isFinite(number) || number < min || number > max) {
			misread = `${min} to ${max}${unit ? ` ${unit}` : ''}. The last good value is kept.`;
			return;
		}
		misread = '';
		onchange(Math.round(number / step) * step);
	}
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
			value={value === undefined ? '' : String(Math.round(value * 100) / 100)}
			aria-invalid={told ? true : undefined}
			aria-describedby={told ? `${id}-notes` : undefined}
			onchange={(event) => read(event.currentTarget.value)}
		/>
		{#if unit}<span class="text-ink-soft">{unit}</span>{/if}
	</span>
	<FieldNotes id="{id}-notes" fault={told} />
</div>
