<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { hangingShades } from '../../model/shelf/look';
	import { setOpen } from '../../model/commands/shades';
	import type { ShelfLine } from '../../schema/records';
	import Fold from '../../ui/Fold.svelte';
	import Menu from '../../ui/Menu.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import { formatRatio, VEHICLE_NAMES } from '../../wording/words';
	import KeyForm from './KeyForm.svelte';
	import LineForm from './LineForm.svelte';
	import ShadeForm from './ShadeForm.svelte';
	import ShadeLock from './ShadeLock.svelte';
	import ShadeStrength from './ShadeStrength.svelte';

	interface Props {
		line: ShelfLine;
		onchange: (recipe: (draft: ShelfLine) => unknown) => void;
		/** Like it, where something goes: it is told, and can be taken back. */
		ondrop: (words: string, recipe: (draft: ShelfLine) => unknown) => void;
		onremove: () => void;
	}
	let { line, onchange, ondrop, onremove }: Props = $props();
	const levels = $derived(hangingShades(line));
	const signs = $derived(Object.keys(line.key).join(' '));
	const known = $derived(line.shades.filter(({ intensity }) => intensity !== undefined).length);
	let editing = $state(false);

	const ACTS = [
		{ id: 'edit', label: 'Change the line' },
		{ id: 'remove', label: 'Remove the line' }
	] as const;
	const act = (id: string) => (id === 'remove' ? onremove() : (editing = true));
	const takeOff = (id: string, code: string) =>
		ondrop(
			`${code} off the shelf`,
			(draft) => (draft.shades = draft.shades.filter((shade) => shade.id !== id))
		);
</script>

<section aria-label={line.name} class="mt-7">
	<header class="mb-2 flex items-end justify-between gap-4">
		<div class="flex min-w-0 flex-wrap items-baseline gap-x-4">
			<h2 class="figure text-22 leading-tight wrap-anywhere">{line.name}</h2>
			<p class="text-ink-soft">
				{VEHICLE_NAMES[line.vehicle]}, {formatRatio(line.ratio)}, {line.minutes} min{line.developerVolume >
				0
					? `, ${line.developerVolume} vol`
					: ''}; {line.shades.length} shade{line.shades.length === 1 ? '' : 's'}
			</p>
		</div>
		<Menu label="More of {line.name}" shown="More" items={ACTS} onpick={act} />
	</header>
	<ul class="flex flex-wrap gap-x-5 gap-y-3 bg-field px-4 pb-2 text-on-field max-tablet:px-2">
		{#each levels as { level, shades } (level)}
			<li class="flex items-end">
				<b class="w-8 flex-none pb-1 figure text-18 leading-close">{formatLevel(level)}</b>
				<div class="flex flex-wrap">
					{#each shades as shade, i (shade.id)}
						<ShadeLock
							{line}
							{shade}
							seed={20 + ((i + level) % 3)}
							onremove={() => takeOff(shade.id, shade.code)}
							onopen={(open) => onchange((draft) => setOpen(draft, shade.id, open))}
						/>
					{/each}
				</div>
			</li>
		{:else}
			<li class="py-3">Nothing hangs here yet. Add its key, then its shades by their codes.</li>
		{/each}
	</ul>
	<Fold title="Add a shade">
		<ShadeForm {line} {onchange} />
	</Fold>
	<Fold title="Key of this line" summary={signs || 'none yet'}
		><KeyForm {line} {onchange} {ondrop} /></Fold
	>
	<Fold
		title="How strong its shades are"
		summary={known === 0 ? 'as usual' : `${known} read from swatches`}
	>
		<ShadeStrength {line} {onchange} />
	</Fold>
</section>

<Sheet open={editing} title={line.name} onclose={() => (editing = false)}>
	<LineForm
		{line}
		onsend={(sent) => {
			onchange((draft) => Object.assign(draft, sent));
			editing = false;
		}}
	/>
</Sheet>
