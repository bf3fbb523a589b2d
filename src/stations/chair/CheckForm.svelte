<script lang="ts">
	import { BOUNDS, UNDERTONES } from '../../core/vocabulary';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import { newId } from '../../model/identity';
	import { modelledUndertone } from '../../model/visit/ladder';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { say } from '../../ui/say.svelte';
	import Ladder from '../../widgets/Ladder.svelte';
	import { useVisit } from '../../state/visitContext';
	import { seenFibre } from '../../model/visit/hair';

	interface Props {
		open: boolean;
		minute: number;
		expected: number;
		onclose: () => void;
	}
	let { open, minute, expected, onclose }: Props = $props();
	const session = useVisit();

	let level = $state(7);
	let atMinute = $state(0);
	let zone = $state<'root' | 'lengths' | 'ends'>('lengths');
	let undertone = $state<string>('model');
	let text = $state('');

	// A fresh form each time it opens: the expected level is where looking begins.
	$effect(() => {
		if (!open) return;
		level = Math.min(11, Math.max(1, Math.round(expected * 2) / 2));
		atMinute = minute;
		zone = session.head.zone.name;
		undertone = 'model';
		text = '';
	});

	const rungs = $derived(
		[-2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2]
			.map((step) => Math.round(expected * 2) / 2 + step)
			.filter((value) => value >= Math.floor(session.head.nowLevel) && value <= 11)
			.map((value) => ({
				value: formatLevel(value),
				name: formatLevel(value),
				words: modelledUndertone(session.head.reading, value),
				lab: labOfFibre(seenFibre(session.head.reading, value))
			}))
	);
	const ZONE_OPTIONS = $derived(
		session.head.zones.map(({ name }) => ({ value: name, label: name }))
	);
	const NAMES = [
		{ value: 'model', label: 'as the lock shows' },
		...UNDERTONES.map((value) => ({ value, label: value }))
	];

	function save() {
		session.change('noted a check', (draft) => {
			const named = UNDERTONES.find((name) => name === undertone);
			draft.run.notes.push({
				id: newId(),
				minute: atMinute,
				zone,
				level,
				text: text.trim(),
				...(named ? { undertone: named } : {})
			});
			draft.run.notes.sort((p, q) => p.minute - q.minute);
		});
		say(`Seen ${formatLevel(level)} at ${atMinute} min: Tone now starts from it.`);
		onclose();
	}
</script>

<Sheet {open} title="What do you see?" {onclose}>
	<div class="flex flex-col gap-3">
		{#if ZONE_OPTIONS.length > 1}
			<Choice label="Zone" value={zone} options={ZONE_OPTIONS} onchange={(v) => (zone = v)} />
		{/if}
		<Ladder
			label="Level seen"
			{rungs}
			value={formatLevel(level)}
			onpick={(v) => (level = Number(v))}
		/>
		<div class="grid grid-cols-[1fr_1fr] gap-5">
			<NumberField
				label="Level, finer"
				value={level}
				{...BOUNDS.level}
				step={0.1}
				onchange={(v) => (level = v)}
			/>
			<NumberField
				label="At minute"
				value={atMinute}
				{...BOUNDS.seenMinute}
				unit="min"
				onchange={(v) => (atMinute = v)}
			/>
		</div>
		<Select label="Undertone" value={undertone} options={NAMES} onchange={(v) => (undertone = v)} />
		<TextField label="Note" value={text} oninput={(v) => (text = v)} />
	</div>
	{#snippet actions()}<Button primary onclick={save}>Keep what I saw</Button>{/snippet}
</Sheet>
