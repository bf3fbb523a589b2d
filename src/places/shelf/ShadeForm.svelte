<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { readCode } from '../../core/tone';
	import { addShade } from '../../model/commands/shades';
	import { shadeForm } from '../../schema/forms';
	import type { ShelfLine } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import { sentForm } from '../../state/sentForm.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { toneOptions, toneWords, unreadCodeWords } from '../../wording/tone';

	interface Props {
		line: ShelfLine;
		onchange: (recipe: (draft: ShelfLine) => unknown) => void;
	}
	let { line, onchange }: Props = $props();
	// svelte-ignore state_referenced_locally
	// A form stands for one line as long as it is open.
	const { form, errors, enhance } = sentForm({
		name: `shade ${line.id}`,
		title: `a shade of ${line.name}`,
		path: `/shelf`,
		schema: shadeForm,
		initial: { code: '', level: 8, tone: 'N' },
		send: ({ code, level, tone }) => {
			const found = readCode(code, line.key);
			onchange((draft) =>
				addShade(draft, code.trim(), level, tone, found.ok ? found.form : 'based')
			);
		}
	});
	/** What the line's own key makes of the code. */
	const read = $derived($form.code.trim() === '' ? undefined : readCode($form.code, line.key));
	const tones = $derived(toneOptions(line.vehicle));
	function typeCode(text: string) {
		$form.code = text.slice(0, 40);
		const found = readCode($form.code, line.key);
		if (found.ok) [$form.level, $form.tone] = [found.level, found.tone];
	}
</script>

<form
	method="post"
	novalidate
	use:enhance
	class="grid grid-cols-[1fr_1fr_1fr_auto] items-start gap-x-6 gap-y-3 max-tablet:grid-cols-2"
>
	<TextField
		label="Code on the tube"
		value={$form.code}
		fault={$errors.code?.[0]}
		oninput={typeCode}
	/>
	<NumberField
		label="Level"
		value={$form.level}
		{...BOUNDS.level}
		step={0.5}
		onchange={(level) => ($form.level = level)}
	/>
	<Select
		label="Tone"
		value={$form.tone}
		options={tones}
		fault={$errors.tone?.[0]}
		onchange={(tone) => ($form.tone = tone)}
	/>
	<div class="pt-5"><Button type="submit">Add shade</Button></div>
</form>
<p class="min-h-5 text-ink-soft" role="status">
	{#if read?.ok}
		{$form.code} reads as level {read.level}
		{toneWords(read.tone)}{read.form === 'concentrate' ? ', concentrate' : ''}.
	{:else if read}
		{unreadCodeWords(read)} Set level and tone by hand, or add the sign to the key.
	{/if}
</p>
