<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import { importForm } from '../../schema/forms';
	import {
		importing,
		importKind,
		MOST_AS_ONE,
		type ImportKind
	} from '../../state/importing.svelte';
	import { useRecords } from '../../state/records';
	import type { ImportItem } from '../../store/importFile';
	import Button from '../../ui/Button.svelte';
	import Choices from '../../ui/Choices.svelte';
	import FieldNotes from '../../ui/FieldNotes.svelte';
	import { sentForm } from '../../state/sentForm.svelte';
	import { say } from '../../ui/say.svelte';
	import Working from '../../ui/Working.svelte';
	import ImportPreviewList from './ImportPreviewList.svelte';

	interface Props {
		/** What stands in one row with it. */
		children: Snippet;
	}
	let { children }: Props = $props();
	const { workspace } = useRecords();
	let picker: HTMLInputElement;
	const { preview, outcome, work, name } = $derived(importing);
	const KINDS = [
		{ value: 'client', label: 'clients' },
		{ value: 'visit', label: 'visits' },
		{ value: 'shelf', label: 'the shelf and practice' }
	] as const;

	const { form, errors, enhance, reset } = sentForm({
		name: 'import',
		title: 'an import',
		path: '/records',
		// The file itself is in this window alone.
		passing: true,
		schema: importForm,
		initial: { file: '', take: KINDS.map(({ value }) => value) },
		send: ({ take }) => void accept(take)
	});
	const taken = (items: readonly ImportItem[], take: readonly ImportKind[]) =>
		items.filter((item) => take.includes(importKind(item)));
	const shown = $derived(
		preview && {
			...preview,
			added: taken(preview.added, $form.take),
			changed: taken(preview.changed, $form.take)
		}
	);
	const nothing = $derived(shown !== undefined && shown.added.length + shown.changed.length === 0);

	async function read(file: File | undefined) {
		if (!file) return;
		await importing.read(file, workspace);
		picker.value = '';
		// A file that cannot be read is none: what is wrong with it stands at its field.
		$form.file = importing.preview ? file.name : '';
	}
	function leave() {
		importing.leave();
		reset();
	}
	/** Whoever leaves while records come in is asked first: what has not come in by then does not. */
	const asked = (event: BeforeUnloadEvent) => event.preventDefault();
	async function accept(take: readonly ImportKind[]) {
		window.addEventListener('beforeunload', asked);
		const done = await importing
			.accept(workspace, take)
			.finally(() => window.removeEventListener('beforeunload', asked));
		reset();
		if (!done) return;
		const { added, changed, step, cameIn, trouble, notAside = 0 } = done;
		if (trouble !== undefined) {
			say(
				`${trouble}: ${cameIn ?? 0} of ${added + changed} came in, and stay. Import the file again for the rest.`
			);
			return;
		}
		// While it is not saved, the line at the top says so.
		const lost =
			notAside > 0
				? ` ${notAside} that could not be read could not be set aside either: keep the file.`
				: '';
		const words = `${added} added, ${changed} changed${workspace.saveState.status === 'failed' ? ', not saved yet' : ''}.${lost}`;
		if (step) say(words, () => workspace.undo(step));
		else say(words);
	}
	const fault = $derived(
		outcome && !outcome.ok ? `${name}: ${outcome.message}` : $errors.file?.[0]
	);
	// A file is held for as long as the page is open, and no longer.
	untrack(() => ($form.file = preview ? name : ''));
</script>

<form method="post" novalidate use:enhance aria-label="Import a file" class="mt-2">
	<div class="flex flex-wrap items-center gap-3">
		{@render children()}
		<Button onclick={() => picker.click()}>{preview ? 'Another file' : 'Import a file'}</Button>
		<input
			bind:this={picker}
			type="file"
			accept=".json,application/json"
			aria-label="File to import"
			class="sr-only"
			tabindex="-1"
			onchange={(event) => void read(event.currentTarget.files?.[0])}
		/>
		{#if work}<Working label={work.label} share={work.share} onstop={() => importing.stop()} />{/if}
	</div>
	<FieldNotes id="import-file" {fault} />
	{#if shown}
		<ImportPreviewList preview={shown} fileName={name}>
			<Choices
				label="Take in"
				values={$form.take}
				options={KINDS}
				onchange={(take) => ($form.take = take)}
			/>
			<FieldNotes id="import-take" fault={$errors.take?._errors?.[0]} />
			{#if shown.added.length + shown.changed.length > MOST_AS_ONE}
				<p class="mt-2">
					So many come in part by part and cannot be taken back in one step. Export everything first
					if you may want it as it is.
				</p>
			{/if}
			<div class="mt-2 flex flex-wrap gap-3">
				<Button onclick={leave}>Leave everything as it is</Button>
				<Button primary type="submit" disabled={nothing}
					>{nothing ? 'Nothing to import' : 'Import these'}</Button
				>
			</div>
		</ImportPreviewList>
	{/if}
</form>
