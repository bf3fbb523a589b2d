<script lang="ts" module>
	import type { ImportOutcome } from '../../store/transfer';

	/** A file that was read and not yet taken in: it is there again when the page is. */
	const waiting: { name: string; outcome: ImportOutcome | undefined } = {
		name: '',
		outcome: undefined
	};
</script>

<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import { importForm } from '../../schema/forms';
	import type { AnyDocument } from '../../schema/records';
	import { useRecords } from '../../state/records';
	import { MAX_FILE_BYTES, previewImport } from '../../store/transfer';
	import Button from '../../ui/Button.svelte';
	import Choices from '../../ui/Choices.svelte';
	import FieldNotes from '../../ui/FieldNotes.svelte';
	import { sentForm } from '../../ui/form.svelte';
	import Progress from '../../ui/Progress.svelte';
	import { say } from '../../ui/say.svelte';
	import ImportPreviewList from './ImportPreviewList.svelte';

	interface Props {
		/** What stands in one row with it. */
		children: Snippet;
	}
	let { children }: Props = $props();
	const { workspace } = useRecords();
	let outcome = $state.raw(waiting.outcome);
	let reading = $state(false);
	let picker: HTMLInputElement;
	const preview = $derived(outcome?.ok ? outcome.preview : undefined);
	const KINDS = [
		{ value: 'client', label: 'clients' },
		{ value: 'visit', label: 'visits' },
		{ value: 'shelf', label: 'the shelf' }
	] as const;
	type Kind = (typeof KINDS)[number]['value'];
	/** A picture belongs to the visit that was read from it. */
	const kindOf = ({ kind }: AnyDocument): Kind => (kind === 'picture' ? 'visit' : kind);

	const { form, errors, enhance, reset } = sentForm({
		name: 'import',
		schema: importForm,
		initial: { file: '', take: KINDS.map(({ value }) => value) },
		send: ({ take }) => void accept(take)
	});
	const taken = (documents: readonly AnyDocument[], take: readonly Kind[]) =>
		documents.filter((document) => take.includes(kindOf(document)));
	const shown = $derived(
		preview && {
			...preview,
			added: taken(preview.added, $form.take),
			changed: taken(preview.changed, $form.take)
		}
	);
	const nothing = $derived(shown !== undefined && shown.added.length + shown.changed.length === 0);

	/** Moved, taken away or forbidden since it was chosen. */
	const unreadable = (): ImportOutcome => ({
		ok: false,
		problem: 'damaged',
		message: 'The device does not let this file be read. Nothing was changed.'
	});
	async function read(file: File | undefined) {
		if (!file) return;
		reading = true;
		outcome =
			file.size > MAX_FILE_BYTES
				? {
						ok: false,
						problem: 'tooLarge',
						message:
							'This file is over 50 MB, far more than any salon’s records. Nothing was changed.'
					}
				: await file.text().then((text) => previewImport(text, workspace.all), unreadable);
		reading = false;
		picker.value = '';
		hold(file.name);
	}
	function hold(name: string) {
		waiting.outcome = outcome;
		waiting.name = name;
		// A file that cannot be read is none: what is wrong with it stands at its field.
		$form.file = outcome?.ok ? name : '';
	}
	function leave() {
		outcome = undefined;
		hold('');
		reset();
	}
	async function accept(take: readonly Kind[]) {
		if (!preview) return;
		const { added, changed, aside } = preview;
		const documents = [taken(added, take), taken(changed, take)] as const;
		leave();
		const step = workspace.transact('import', (draft) => {
			for (const document of documents.flat()) draft.put(document);
		});
		await workspace.putAside(aside).catch(() => undefined);
		await workspace.flush();
		// While it is not saved, the line at the top says so.
		const words = `${documents[0].length} added, ${documents[1].length} changed`;
		say(workspace.saveState.status === 'failed' ? `${words}, not saved yet.` : `${words}.`, () =>
			workspace.undo(step)
		);
	}
	const fault = $derived(
		outcome && !outcome.ok ? `${waiting.name}: ${outcome.message}` : $errors.file?.[0]
	);
	// A file is held for as long as the page is open, and no longer.
	untrack(() => ($form.file = outcome?.ok ? waiting.name : ''));
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
		{#if reading}<Progress label="Reading the file…" share={undefined} />{/if}
	</div>
	<FieldNotes id="import-file" {fault} />
	{#if shown}
		<ImportPreviewList preview={shown} fileName={waiting.name}>
			<Choices
				label="Take in"
				values={$form.take}
				options={KINDS}
				onchange={(take) => ($form.take = take)}
			/>
			<FieldNotes id="import-take" fault={$errors.take?._errors?.[0]} />
			<div class="mt-2 flex flex-wrap gap-3">
				<Button onclick={leave}>Leave everything as it is</Button>
				<Button primary type="submit" disabled={nothing}
					>{nothing ? 'Nothing to import' : 'Import these'}</Button
				>
			</div>
		</ImportPreviewList>
	{/if}
</form>
