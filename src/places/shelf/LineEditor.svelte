<script lang="ts">
	import { unreadCodeWords } from '../../wording/tone';
	import { BOUNDS } from '../../core/vocabulary';
	import { FAMILIES, parseTone, readCode } from '../../core/tone';
	import type { ShelfLine } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import Fold from '../../ui/Fold.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { VEHICLE_NAMES, formatRatio } from '../../wording/words';
	import { addShade } from '../../model/commands/shades';
	import ShadeStrength from './ShadeStrength.svelte';
	import { toneWords } from '../../wording/tone';

	interface Props {
		line: ShelfLine;
		onchange: (recipe: (draft: ShelfLine) => unknown) => void;
		onremove: () => void;
	}
	let { line, onchange, onremove }: Props = $props();
	let code = $state('');
	let level = $state(8);
	let tone = $state('N');
	let fault = $state('');
	let sign = $state('');
	let meaning = $state('');
	/** What the line's own key makes of the code. */
	const read = $derived(code.trim() === '' ? undefined : readCode(code, line.key));

	const kinds = Object.entries(VEHICLE_NAMES).map(([value, label]) => ({
		value: value as ShelfLine['vehicle'],
		label
	}));
	const tones = ['N', ...Object.keys(FAMILIES)].join(' ');
	const levels = $derived(
		[...new Set(line.shades.map((shade) => shade.level))].sort((a, b) => a - b)
	);

	function typeCode(text: string) {
		code = text.slice(0, 40);
		const found = readCode(code, line.key);
		if (found.ok) [level, tone] = [found.level, found.tone];
	}
	function addSign() {
		const letters = meaning.trim().toUpperCase();
		const written = sign.trim();
		if (written === '' || !parseTone(letters, line.vehicle)) {
			fault = `A sign of the key, and what it means in one or two of the letters ${tones}.`;
			return;
		}
		fault = '';
		onchange((draft) => (draft.key[written.slice(0, 12)] = letters));
		[sign, meaning] = ['', ''];
	}
	function add() {
		const letters = tone.trim().toUpperCase();
		if (code.trim() === '') fault = 'Write the code as it stands on the tube.';
		else if (!parseTone(letters, line.vehicle))
			fault = `The tone is one or two of the letters ${tones}.`;
		else {
			fault = '';
			const form = read?.ok ? read.form : 'based';
			onchange((draft) => addShade(draft, code.trim(), level, letters, form));
			code = '';
		}
	}
</script>

<Fold
	title={line.name}
	summary="{VEHICLE_NAMES[line.vehicle]}, {formatRatio(line.ratio)}, {line.shades.length} shades"
>
	<div class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] items-end gap-x-6 gap-y-3">
		<TextField
			label="Name"
			value={line.name}
			oninput={(v) => v.trim() && onchange((draft) => (draft.name = v.slice(0, 80)))}
		/>
		<Select
			label="Kind"
			value={line.vehicle}
			options={kinds}
			onchange={(v) => onchange((draft) => (draft.vehicle = v))}
		/>
		<NumberField
			label="Ratio 1 :"
			value={line.ratio}
			{...BOUNDS.ratio}
			step={0.25}
			onchange={(v) => onchange((draft) => (draft.ratio = v))}
		/>
		<NumberField
			label="Minutes"
			value={line.minutes}
			{...BOUNDS.lineMinutes}
			unit="min"
			onchange={(v) => onchange((draft) => (draft.minutes = v))}
		/>
		<NumberField
			label="Developer"
			value={line.developerVolume}
			{...BOUNDS.volumeOrNone}
			step={0.5}
			unit="vol"
			onchange={(v) => onchange((draft) => (draft.developerVolume = v))}
		/>
	</div>
	{#if Object.keys(line.key).length > 0}
		<h3 class="mt-2 text-14">Key of this line</h3>
		<ul class="flex flex-wrap gap-x-6 gap-y-1">
			{#each Object.entries(line.key) as [written, family] (written)}
				<li><b class="figure">{written}</b> {toneWords(family)}</li>
			{/each}
		</ul>
	{/if}
	<div class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] items-end gap-x-6 gap-y-3">
		<TextField label="Sign in the key" value={sign} oninput={(v) => (sign = v)} />
		<TextField label="What it means ({tones})" value={meaning} oninput={(v) => (meaning = v)} />
		<Button onclick={addSign}>Add to the key</Button>
	</div>
	<h3 class="mt-2 text-14">Shades</h3>
	{#each levels as at (at)}
		<p class="flex flex-wrap items-baseline gap-x-2 gap-y-0.5">
			<span class="w-9 figure text-18">{at}</span>
			{#each line.shades.filter((shade) => shade.level === at) as shade (shade.id)}
				<button
					class="tap min-w-11 px-1.5"
					title="Take {shade.code} off the shelf"
					aria-label="Take {shade.code} off the shelf"
					onclick={() =>
						onchange((draft) => (draft.shades = draft.shades.filter(({ id }) => id !== shade.id)))}
					>{shade.code}<span class="text-ink-soft" aria-hidden="true"> ×</span></button
				>
			{/each}
		</p>
	{:else}
		<p class="text-ink-soft">No shades yet.</p>
	{/each}
	<div class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] items-end gap-x-6 gap-y-3">
		<TextField label="Code on the tube" value={code} oninput={typeCode} />
		<NumberField
			label="Level"
			value={level}
			{...BOUNDS.level}
			step={0.5}
			onchange={(v) => (level = v)}
		/>
		<TextField label="Tone ({tones})" value={tone} oninput={(v) => (tone = v)} />
		<Button onclick={add}>Add shade</Button>
		<Button onclick={onremove}>Remove line</Button>
	</div>
	{#if read}
		<p class="text-ink-soft" role="status">
			{read.ok
				? `${code} reads as level ${read.level} ${toneWords(read.tone)}${read.form === 'concentrate' ? ', concentrate' : ''}.`
				: `${unreadCodeWords(read)} Set level and tone by hand, or add the sign to the key.`}
		</p>
	{/if}
	{#if fault}<p class="font-semibold text-stop" role="alert">{fault}</p>{/if}
	<ShadeStrength {line} {onchange} />
</Fold>
