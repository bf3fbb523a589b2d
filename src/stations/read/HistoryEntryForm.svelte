<script lang="ts">
	import { FAMILIES } from '../../core/tone';
	import { BOUNDS, VEHICLES as ALL_VEHICLES } from '../../core/vocabulary';
	import { entryOf, historyFacts } from '../../model/visit/history';
	import { historyForm } from '../../schema/forms';
	import type { HistoryEntry } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import DateField from '../../ui/DateField.svelte';
	import { askedForm } from '../../state/sentForm.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import { KIND_OPTIONS, ONTO_OPTIONS } from '../../wording/history';
	import { VEHICLE_NAMES } from '../../wording/words';
	import FormClashes from '../../widgets/FormClashes.svelte';
	import { fieldWords } from '../../wording/forms';

	interface Props {
		/** The entry that is changed; left out, something is told for the first time. */
		entry?: HistoryEntry | undefined;
		/** Told of what stands in the form: what it would do is drawn before it is sent. */
		ondraft: (entry: HistoryEntry) => void;
		onsend: (entry: HistoryEntry) => void;
		onclose: () => void;
		onremove?: (() => void) | undefined;
	}
	let { entry, ondraft, onsend, onclose, onremove }: Props = $props();
	const session = useVisit();
	/** What is told first has no name of its own yet; what is drawn of it needs one. */
	const NEW = 'told-now';
	const facts = () => historyFacts(session.head.reading, session.visit.date, entry);
	// svelte-ignore state_referenced_locally
	// A form stands for one entry as long as it is open.
	const asked = askedForm({
		name: `history ${session.id} ${entry?.id ?? NEW}`,
		title: 'what was done to hair',
		path: `/visit/${session.id}/read`,
		schema: historyForm,
		initial: facts(),
		current: entry && facts,
		send: (facts) => onsend(entryOf(facts, entry?.id, entry))
	});
	const { form, errors, enhance } = asked.form;
	$effect(() => ondraft(entryOf($form, entry?.id ?? NEW, entry)));

	const VEHICLES = ALL_VEHICLES.map((value) => ({ value, label: VEHICLE_NAMES[value] }));
	const TONES = ['N', ...Object.keys(FAMILIES)].map((value) => ({ value, label: value }));
	const tones = $derived(
		TONES.some(({ value }) => value === $form.tone)
			? TONES
			: [...TONES, { value: $form.tone, label: $form.tone }]
	);
</script>

<form
	method="post"
	novalidate
	use:enhance
	aria-label={entry ? 'Change what was done' : 'Tell what was done'}
	class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] items-start gap-x-5 gap-y-3 border-l-3 border-ink py-1 pb-3 pl-4"
>
	<div class="col-span-full">
		<FormClashes clashes={asked.clashes} nameOf={fieldWords} ondecide={asked.decide} />
	</div>
	{#if !entry}
		<Select
			label="What was done"
			value={$form.kind}
			options={KIND_OPTIONS}
			onchange={(kind) => ($form.kind = kind)}
		/>
	{/if}
	<DateField
		label="When"
		value={$form.date}
		min="1950-01-01"
		max={session.visit.date}
		onchange={(date) => ($form.date = date)}
	/>
	{#if $form.kind === 'cut'}
		<NumberField
			label="Cut off"
			value={$form.cm}
			{...BOUNDS.cutCm}
			step={0.5}
			unit="cm"
			fault={$errors.cm?.[0]}
			onchange={(cm) => ($form.cm = cm)}
		/>
	{:else}
		<Select
			label="Went on"
			value={$form.onto}
			options={ONTO_OPTIONS}
			onchange={(onto) => ($form.onto = onto)}
		/>
	{/if}
	{#if $form.kind === 'colour'}
		<Select
			label="Kind"
			value={$form.vehicle}
			options={VEHICLES}
			onchange={(vehicle) => ($form.vehicle = vehicle)}
		/>
		<NumberField
			label="Level on the box"
			value={$form.level}
			{...BOUNDS.level}
			step={0.5}
			fault={$errors.level?.[0]}
			onchange={(level) => ($form.level = level)}
		/>
		<Select
			label="Tone"
			value={$form.tone}
			options={tones}
			fault={$errors.tone?.[0]}
			onchange={(tone) => ($form.tone = tone)}
		/>
	{:else if $form.kind === 'lightening'}
		<NumberField
			label="Reached level"
			value={$form.toLevel}
			{...BOUNDS.level}
			step={0.5}
			fault={$errors.toLevel?.[0]}
			onchange={(level) => ($form.toLevel = level)}
		/>
	{/if}
	<div class="col-span-full flex flex-wrap gap-3">
		<Button type="submit">{entry ? 'Keep it so' : 'Put it into the history'}</Button>
		<Button onclick={onclose}>Not now</Button>
		{#if onremove}<Button onclick={onremove}>Remove</Button>{/if}
	</div>
</form>
