<script lang="ts">
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
		onchange
	}: Props = $props();
	const id = $props.id();
	let fault = $state('');

	function read(text: string) {
		const number = Number(text.replace(',', '.'));
		if (text.trim() === '' || !Number.isFinite(number) || number < min || number > max) {
			fault = `${min} to ${max}${unit ? ` ${unit}` : ''}. The last good value is kept.`;
			return;
		}
		fault = '';
		onchange(Math.round(number / step) * step);
	}
</script>

<div class="field" class:inline>
	<label for={id} class:sr-only={hideLabel}>{label}</label>
	<span class="box">
		<input
			{id}
			inputmode="decimal"
			autocomplete="off"
			value={value === undefined ? '' : String(Math.round(value * 100) / 100)}
			aria-invalid={fault !== ''}
			aria-describedby={fault ? `${id}-fault` : undefined}
			onchange={(event) => read(event.currentTarget.value)}
		/>
		{#if unit}<span class="unit">{unit}</span>{/if}
	</span>
	{#if fault}<p id="{id}-fault" class="fault" role="alert">{fault}</p>{/if}
</div>

<style>
	label {
		display: block;
		color: var(--ink-soft);
	}
	.box {
		display: flex;
		align-items: baseline;
		gap: 6px;
		border-bottom: 1.5px solid var(--edge);
	}
	input {
		width: 100%;
		min-width: 0;
		min-height: 42px;
		border: 0;
		padding: 0;
		background: transparent;
		font-family: var(--figure);
		font-size: 18px;
		font-weight: 700;
	}
	.unit {
		color: var(--ink-soft);
	}
	.inline {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 0 12px;
	}
	.inline .box {
		width: 92px;
	}
	.inline input {
		text-align: right;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: 13px;
	}
</style>
