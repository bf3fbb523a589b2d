<script lang="ts">
	import { untrack } from 'svelte';
	import { BOUNDS, UNDERTONES } from '../../core/vocabulary';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import { noteLook, type Check, type Told } from '../../model/commands/checks';
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
	import { seenFibre } from '../../model/head/hair';
	import { HEAT_OPTIONS, SCALP_OPTIONS, STRETCH_OPTIONS } from '../../wording/chair';

	interface Props {
		open: boolean;
		minute: number;
		expected: number;
		/** The look at a section of which more is told; left out, it is the head that was looked at. */
		about?: { readonly check: Check; readonly name: string } | undefined;
		ontell: (told: Told) => void;
		onclose: () => void;
	}
	let { open, minute, expected, about, ontell, onclose }: Props = $props();
	const session = useVisit();

	let level = $state(7);
	let atMinute = $state(0);
	let zone = $state<'root' | 'lengths' | 'ends'>('lengths');
	let undertone = $state<string>('model');
	let stretch = $state<string>('');
	let heat = $state<string>('');
	let scalp = $state<string>('');
	let text = $state('');

	// A fresh form each time it opens: the expected level is where looking at the head begins. The clock that
	// goes on meanwhile changes nothing that was told.
	$effect(() => {
		if (open) untrack(begin);
	});
	function begin() {
		const check = about?.check;
		level = check?.level ?? Math.min(11, Math.max(BOUNDS.level.min, Math.round(expected * 2) / 2));
		atMinute = check?.minute ?? minute;
		zone = check?.zone ?? session.head.zone.name;
		undertone = check?.undertone ?? 'model';
		stretch = check?.stretch ?? '';
		heat = check?.heat ?? '';
		scalp = check?.scalp ?? '';
		text = check?.text ?? '';
	}

	/** Levels of the ladder that can be seen here; black hair lies on its first rung, and on no two. */
	const rungs = $derived(
		[-2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2]
			.map((step) => Math.round(expected * 2) / 2 + step)
			.filter(
				(value) =>
					value >= Math.max(BOUNDS.level.min, Math.floor(session.head.nowLevel)) && value <= 11
			)
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
	/** What a choice of strings stands for: nothing where none was made. */
	const chosen = <V extends string>(options: readonly { value: V }[], value: string) =>
		options.find((option) => option.value === value)?.value;

	function told(): Told {
		return {
			undertone: UNDERTONES.find((name) => name === undertone),
			stretch: chosen(STRETCH_OPTIONS, stretch),
			heat: chosen(HEAT_OPTIONS, heat),
			scalp: chosen(SCALP_OPTIONS, scalp),
			text: text.trim()
		};
	}
	function save() {
		if (about) {
			ontell(told());
			onclose();
			return;
		}
		session.change('noted a check', ({ run }) =>
			noteLook(run, { minute: atMinute, zone, level }, told())
		);
		say(`Seen ${formatLevel(level)} at ${atMinute} min: Tone now starts from it.`);
		onclose();
	}
</script>

<Sheet {open} title={about ? `What else of ${about.name}?` : 'What do you see?'} {onclose}>
	<div class="flex flex-col gap-3">
		{#if !about}
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
		{/if}
		<Choice
			label="Stretch"
			value={stretch}
			options={STRETCH_OPTIONS}
			onchange={(v) => (stretch = v)}
		/>
		<Choice label="Heat" value={heat} options={HEAT_OPTIONS} onchange={(v) => (heat = v)} />
		<Choice label="Scalp" value={scalp} options={SCALP_OPTIONS} onchange={(v) => (scalp = v)} />
		<Select label="Undertone" value={undertone} options={NAMES} onchange={(v) => (undertone = v)} />
		<TextField label="Note" value={text} oninput={(v) => (text = v)} />
	</div>
	{#snippet actions()}<Button primary onclick={save}>Keep what I saw</Button>{/snippet}
</Sheet>
