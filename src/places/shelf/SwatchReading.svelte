<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import type { SwatchRead } from '../../model/commands/ring';
	import type { RingRung } from '../../model/shelf/ring';
	import NumberField from '../../ui/NumberField.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Choice from '../../ui/Choice.svelte';
	import PictureFold from '../../widgets/PictureFold.svelte';
	import LabFields from './LabFields.svelte';
	import { liesWords, READ_BY } from '../../wording/ring';
	import { formatDay } from '../../wording/words';

	interface Props {
		rung: RingRung;
		onread: (read: SwatchRead) => void;
		ondrop: () => void;
	}
	let { rung, onread, ondrop }: Props = $props();
	let way = $state<'picture' | 'eye' | 'measured'>('picture');
	const WAYS = [
		{ value: 'picture', label: 'from a picture' },
		{ value: 'eye', label: 'by eye' },
		{ value: 'measured', label: 'measured L*a*b*' }
	] as const;
</script>

<h2 class="mt-5 mb-0.5 text-18">Swatch {rung.level}</h2>
<p class="mb-2">
	{#if rung.read}
		Read {READ_BY[rung.read.by]} on {formatDay(rung.read.date)}:
		<b>{liesWords(rung.lies, rung.level)}</b>{rung.read.sd
			? `, ± ${(1.28 * rung.read.sd).toFixed(1)}`
			: ''}.
		<TextButton onclick={ondrop}>Take this reading out</TextButton>
	{:else if rung.lies === undefined}
		Not read yet.
	{:else}
		Not read; between its neighbours it lies {liesWords(rung.lies, rung.level)}.
	{/if}
</p>
<Choice label="Read it" value={way} options={WAYS} onchange={(next) => (way = next)} />
{#if way === 'picture'}
	<p class="mt-1.5 mb-2 max-w-173 text-ink-soft">
		Daylight, the swatch flat and dry, <a href="/card" target="_blank">a printed card</a> or a grey card
		beside it: swatches of the same ring cannot judge each other.
	</p>
	<PictureFold
		action="This is the ring’s {rung.level}"
		of="swatch"
		ontake={({ lab, sd }) => {
			onread({ by: 'picture', lab, sd });
			return `Swatch ${rung.level} is read.`;
		}}
	/>
{:else if way === 'eye'}
	<div class="my-2 flex flex-wrap items-end gap-x-6 gap-y-2">
		<NumberField
			label="On the usual ladder it lies at"
			value={rung.read?.by === 'eye' ? rung.lies : undefined}
			{...BOUNDS.level}
			onchange={(usual) => onread({ by: 'eye', usual })}
		/>
	</div>
	<p class="mt-1.5 mb-2 max-w-173 text-ink-soft">
		Hold the swatch against the upper row on a screen you trust, in daylight, squinting. 6.5 lies
		between 6 and 7.
	</p>
{:else}
	<LabFields
		action="This is the ring’s {rung.level}"
		ontake={(lab) => onread({ by: 'measured', lab })}
	/>
{/if}
