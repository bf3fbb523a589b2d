<script lang="ts">
	import type { Lab } from '../../core/colour';
	import { BOUNDS } from '../../core/vocabulary';
	import { keepStrength } from '../../model/commands/shades';
	import { shadeStrength } from '../../model/shelf/strength';
	import type { ShelfLine } from '../../schema/records';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import PictureFold from '../../widgets/PictureFold.svelte';
	import { strengthWords, unlikeShadeWords } from '../../wording/tone';
	import LabFields from './LabFields.svelte';

	interface Props {
		line: ShelfLine;
		onchange: (recipe: (draft: ShelfLine) => unknown) => void;
	}
	let { line, onchange }: Props = $props();
	let id = $state('');
	let level = $state(9);
	let way = $state<'picture' | 'measured'>('picture');
	let said = $state('');
	const WAYS = [
		{ value: 'picture', label: 'from a picture' },
		{ value: 'measured', label: 'measured L*a*b*' }
	] as const;
	const shade = $derived(line.shades.find((one) => one.id === id) ?? line.shades[0]);
	const options = $derived(line.shades.map(({ id: value, code }) => ({ value, label: code })));
	const known = $derived(line.shades.filter(({ intensity }) => intensity !== undefined));

	function take(lab: Lab): string {
		if (!shade) return '';
		const found = shadeStrength(line, shade, level, lab);
		if (found.believable) {
			onchange((draft) => keepStrength(draft, shade.id, found.intensity));
		}
		return (said = found.believable
			? strengthWords(shade.code, found.intensity)
			: unlikeShadeWords(shade.code, level));
	}
</script>

<p class="max-w-173 text-ink-soft">
	Tone a lightened swatch with one shade, undiluted, {line.minutes} min as the line says; dry it, then
	let it be read. Every formula counts with what it tells.
</p>
{#if shade}
	<div class="my-2 flex flex-wrap items-end gap-x-6 gap-y-3">
		<Select label="Shade" value={shade.id} {options} onchange={(v) => (id = v)} />
		<NumberField
			label="The swatch was lifted to"
			value={level}
			{...BOUNDS.level}
			step={0.5}
			onchange={(v) => (level = v)}
		/>
	</div>
	<Choice label="Read it" value={way} options={WAYS} onchange={(next) => (way = next)} />
	{#if way === 'picture'}
		<PictureFold action="This is {shade.code}" of="swatch" ontake={({ lab }) => take(lab)} />
	{:else}
		<LabFields action="This is {shade.code}" ontake={take} />
		{#if said}<p role="status">{said}</p>{/if}
	{/if}
	<ul class="mt-2">
		{#each known as { id: one, code, intensity } (one)}
			<li>
				{strengthWords(code, intensity!)}
				<TextButton onclick={() => onchange((draft) => keepStrength(draft, one, undefined))}
					>Back to usual</TextButton
				>
			</li>
		{/each}
	</ul>
{:else}
	<p class="max-w-173 text-ink-soft">Add a shade first.</p>
{/if}
