<script lang="ts">
	import { BOUNDS, UNDERTONES } from '../../core/vocabulary';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import { FAMILIES } from '../../core/tone';
	import type { ZoneName } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import { VEHICLE_NAMES } from '../../wording/words';
	import { modelledUndertone } from '../../model/visit/ladder';

	interface Props {
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const here = $derived(session.view.reading.zones[zone]);
	const modelled = $derived(modelledUndertone(session.view.reading, here.presentLevel));
	const colour = $derived(here.artificial[0]);

	const KINDS = (['permanent', 'demi', 'gloss', 'direct'] as const).map((value) => ({
		value,
		label: VEHICLE_NAMES[value]
	}));
	const TONES = ['N', ...Object.keys(FAMILIES)].map((value) => ({ value, label: value }));
	const NAMES = [
		{ value: 'model', label: 'as the model says' },
		...UNDERTONES.map((value) => ({ value, label: value }))
	];

	function nameIt(value: string) {
		session.changeReading(`undertone of ${zone}`, (draft) => {
			const target = draft.zones[zone];
			const named = UNDERTONES.find((name) => name === value);
			if (named) target.undertone = named;
			else delete target.undertone;
		});
	}
	const edit = (recipe: (entry: NonNullable<typeof colour>) => void) =>
		session.changeReading(`old colour of ${zone}`, (draft) => {
			const entry = draft.zones[zone].artificial[0];
			if (entry) recipe(entry);
		});
</script>

{#if here.state === 'lightened'}
	<div
		class="mt-1.5 mb-3 grid grid-cols-[200px_minmax(0,1fr)] items-end gap-x-6 gap-y-3 @max-narrow:grid-cols-1"
	>
		<Select
			label="What you see"
			value={here.undertone ?? 'model'}
			options={NAMES}
			onchange={nameIt}
		/>
		<p class="text-14 text-ink-soft">
			{#if here.undertone && here.undertone !== modelled}
				You see {here.undertone}; on this head’s path level {here.presentLevel} is {modelled}. Yours
				is toned; a lift still starts from the level.
			{:else}
				On this head’s path level {here.presentLevel} is {modelled}.
			{/if}
		</p>
	</div>
{:else if here.state === 'coloured' && colour}
	<div
		class="mt-1.5 mb-3 grid grid-cols-[repeat(auto-fit,minmax(120px,1fr))] items-end gap-x-6 gap-y-3"
	>
		<Select
			label="Old colour"
			value={colour.kind}
			options={KINDS.some((k) => k.value === colour.kind)
				? KINDS
				: [...KINDS, { value: colour.kind, label: VEHICLE_NAMES[colour.kind] }]}
			onchange={(kind) => edit((entry) => (entry.kind = kind))}
		/>
		<NumberField
			label="Its level"
			value={colour.level}
			{...BOUNDS.level}
			step={0.5}
			onchange={(level) => edit((entry) => (entry.level = level))}
		/>
		<Select
			label="Its tone"
			value={colour.tone}
			options={TONES.some((t) => t.value === colour.tone)
				? TONES
				: [...TONES, { value: colour.tone, label: colour.tone }]}
			onchange={(tone) => edit((entry) => (entry.tone = tone))}
		/>
		<NumberField
			label="Times over"
			value={colour.layers}
			{...BOUNDS.layers}
			onchange={(layers) => edit((entry) => (entry.layers = layers))}
		/>
	</div>
	{#if here.artificial.length > 1}
		<p class="text-14 text-ink-soft">
			And under it: {here.artificial
				.slice(1)
				.map((c) => `${c.level}${c.tone} ${VEHICLE_NAMES[c.kind]}`)
				.join(', ')}.
		</p>
	{/if}
{/if}
