<script lang="ts">
	import { UNDERTONES } from '../../core/vocabulary';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import type { Check, Told } from '../../model/commands/checks';
	import { seenFibre } from '../../model/head/hair';
	import { modelledUndertone } from '../../model/visit/ladder';
	import { useVisit } from '../../state/visitContext';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Ladder from '../../widgets/Ladder.svelte';

	interface Props {
		name: string;
		seen: Check | undefined;
		/** Said where it was not read. */
		unread?: string;
		expected: number | undefined;
		target: number;
		onread: (told: Told & Pick<Check, 'level'>) => void;
		/** Takes its own reading back; left out, that is not to be had. */
		onunread?: (() => void) | undefined;
	}
	let { name, seen, unread = 'not read yet', expected, target, onread, onunread }: Props = $props();
	const session = useVisit();

	/** Half levels up to one past the aim, whatever was expected: what is expected would tell the answer. */
	const RUNGS = 9;
	const rungs = $derived.by(() => {
		const top = Math.min(11, Math.ceil(target) + 1);
		return Array.from({ length: RUNGS }, (_, i) => top - (RUNGS - 1 - i) / 2).map((level) => ({
			value: formatLevel(level),
			name: formatLevel(level),
			words: modelledUndertone(session.head.reading, level),
			lab: labOfFibre(seenFibre(session.head.reading, level))
		}));
	});
	const NAMES = [
		{ value: 'model', label: 'as the lock shows' },
		...UNDERTONES.map((value) => ({ value, label: value }))
	];
</script>

<div>
	<h3 class="mb-1 flex flex-wrap items-baseline gap-x-4">
		<span class="figure text-22">{name}</span>
		<span
			><b class="figure text-22"
				>{seen?.level === undefined ? unread : formatLevel(seen.level)}
				{seen?.level !== undefined && seen.undertone ? seen.undertone : ''}</b
			>
			<span class="font-normal text-ink-soft"
				>{expected === undefined ? '' : `${formatLevel(expected)} was expected, `}{formatLevel(
					target
				)} was the aim of the lift</span
			></span
		>
		{#if seen && onunread}<TextButton onclick={onunread}>As the rest</TextButton>{/if}
	</h3>
	<Ladder
		label="Level seen on the {name}"
		{rungs}
		value={seen?.level === undefined ? '' : formatLevel(seen.level)}
		onpick={(level) => onread({ level: Number(level) })}
	/>
	{#if seen}
		<div class="mt-2 max-w-80">
			<Select
				label="Undertone of the {name}"
				value={seen.undertone ?? 'model'}
				options={NAMES}
				onchange={(picked) => onread({ undertone: UNDERTONES.find((each) => each === picked) })}
			/>
		</div>
	{/if}
</div>
