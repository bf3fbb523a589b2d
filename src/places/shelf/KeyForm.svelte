<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { keyForm } from '../../schema/forms';
	import type { ShelfLine } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import { sentForm } from '../../state/sentForm.svelte';
	import IconButton from '../../ui/IconButton.svelte';
	import Select from '../../ui/Select.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { toneOptions, toneWords } from '../../wording/tone';

	interface Props {
		line: ShelfLine;
		onchange: (recipe: (draft: ShelfLine) => unknown) => void;
		/** Like it, where something goes: it is told, and can be taken back. */
		ondrop: (words: string, recipe: (draft: ShelfLine) => unknown) => void;
	}
	let { line, onchange, ondrop }: Props = $props();
	// svelte-ignore state_referenced_locally
	// A form stands for one line as long as it is open.
	const { form, errors, enhance } = sentForm({
		name: `key ${line.id}`,
		title: `a sign for the key of ${line.name}`,
		path: `/shelf`,
		schema: keyForm,
		initial: { sign: '', meaning: 'N' },
		send: ({ sign, meaning }) => onchange((draft) => (draft.key[sign.trim()] = meaning))
	});
	const meanings = $derived(toneOptions(line.vehicle));
	const takeOff = (sign: string) =>
		ondrop(`${sign} out of the key`, (draft) => {
			draft.key = Object.fromEntries(Object.entries(draft.key).filter(([own]) => own !== sign));
		});
</script>

<ul class="flex flex-wrap gap-x-6">
	{#each Object.entries(line.key) as [sign, family] (sign)}
		<li class="flex items-center">
			<span><b class="figure">{sign}</b> {toneWords(family)}</span>
			<IconButton label="Take {sign} out of the key" icon={X} onclick={() => takeOff(sign)} />
		</li>
	{:else}<li class="text-ink-soft">No sign yet: levels and tones are set by hand.</li>{/each}
</ul>
<form
	method="post"
	novalidate
	use:enhance
	class="grid grid-cols-[1fr_2fr_auto] items-start gap-x-6 gap-y-3 max-tablet:grid-cols-2"
>
	<TextField
		label="Sign in the key"
		value={$form.sign}
		fault={$errors.sign?.[0]}
		oninput={(text) => ($form.sign = text)}
	/>
	<Select
		label="What it means"
		value={$form.meaning}
		options={meanings}
		onchange={(tone) => ($form.meaning = tone)}
	/>
	<div class="pt-5"><Button type="submit">Add to the key</Button></div>
</form>
