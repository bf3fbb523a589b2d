<script lang="ts">
	import { setMode, userPrefersMode } from 'mode-watcher';
	import { toast } from 'svelte-sonner';
	import { useRecords } from '../../state/records';
	import { chooseWorkspace, loadDemo } from '../../store/open';
	import { plainShelf } from '../../store/demo/shelf';
	import {
		exportRecords,
		MAX_FILE_BYTES,
		previewImport,
		type ImportOutcome
	} from '../../store/transfer';
	import type { AnyDocument } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import { downloadRecords } from '../../widgets/downloadRecords';
	import ImportPreviewList from './ImportPreviewList.svelte';

	const { library, workspace } = useRecords();
	let outcome = $state.raw<ImportOutcome | undefined>(undefined);
	let fileName = $state('');
	let picker: HTMLInputElement;
	const MODES = [
		{ value: 'system', label: 'as the device' },
		{ value: 'light', label: 'light' },
		{ value: 'dark', label: 'dark' }
	] as const;

	async function read(file: File | undefined) {
		if (!file) return;
		fileName = file.name;
		outcome =
			file.size > MAX_FILE_BYTES
				? {
						ok: false,
						problem: 'tooLarge',
						message:
							'This file is over 50 MB, far more than any salon’s records. Nothing was changed.'
					}
				: previewImport(await file.text(), library.all);
		picker.value = '';
	}
	async function accept() {
		if (!outcome?.ok) return;
		const { added, changed } = outcome.preview;
		const before = library.all.filter((document) =>
			changed.some(({ id, kind }) => id === document.id && kind === document.kind)
		);
		for (const document of [...added, ...changed]) library.put(document);
		await library.flush();
		outcome = undefined;
		if (library.saveState.status === 'failed') return;
		toast(`${added.length} added, ${changed.length} changed.`, {
			duration: 20_000,
			action: {
				label: 'Undo',
				onClick: () => {
					for (const document of added) void library.remove(document);
					before.forEach((document) => library.put(document));
				}
			}
		});
	}
	async function replace(documents: AnyDocument[], words: string) {
		const before = library.all;
		await library.replaceAll(documents);
		toast(words, {
			duration: 20_000,
			action: { label: 'Undo', onClick: () => void library.replaceAll(before) }
		});
	}
	async function reloadDemo() {
		const before = library.all;
		await loadDemo(library, new Date());
		toast('The demo is as it was.', {
			duration: 20_000,
			action: { label: 'Undo', onClick: () => void library.replaceAll(before) }
		});
	}
	function open(next: typeof workspace) {
		void library.flush().then(() => {
			chooseWorkspace(next);
			location.assign('/');
		});
	}
</script>

<h1 class="figure">Records</h1>
<p class="lead">
	Everything you enter stays in this browser, on this device. Nothing is sent anywhere. Export
	regularly: a file is your copy.
</p>

<section>
	<h2>Files</h2>
	<div class="acts">
		<Button
			primary
			onclick={() => downloadRecords(exportRecords(library.all, new Date()), 'zelvant')}
			>Export everything</Button
		>
		<Button onclick={() => picker.click()}>Import a file</Button>
		<input
			bind:this={picker}
			type="file"
			accept=".json,application/json"
			aria-label="File to import"
			class="visually-hidden"
			tabindex="-1"
			onchange={(event) => void read(event.currentTarget.files?.[0])}
		/>
	</div>
	{#if outcome && !outcome.ok}
		<p class="fault" role="alert">{fileName}: {outcome.message}</p>
	{:else if outcome?.ok}
		<ImportPreviewList
			preview={outcome.preview}
			{fileName}
			onaccept={() => void accept()}
			oncancel={() => (outcome = undefined)}
		/>
	{/if}
</section>

<section>
	<h2>{workspace === 'demo' ? 'You are in the demo' : 'Demo'}</h2>
	<p class="soft">
		The demo salon lives beside your own records, in a store of its own; the two never mix.
	</p>
	<div class="acts">
		{#if workspace === 'demo'}
			<Button onclick={() => open('own')}>Open my own records</Button>
			<Button onclick={() => void reloadDemo()}>Load the demo afresh</Button>
			<Button onclick={() => void replace([plainShelf(new Date())], 'The demo is cleared.')}
				>Clear the demo</Button
			>
		{:else}
			<Button onclick={() => open('demo')}>Open the demo</Button>
		{/if}
	</div>
</section>

<section>
	<h2>Look</h2>
	<Choice
		label="Theme"
		hideLabel
		value={userPrefersMode.current}
		options={MODES}
		onchange={(mode) => setMode(mode)}
	/>
</section>

{#if library.aside.length > 0}
	<section>
		<h2>Set aside</h2>
		<p class="soft">These could not be read. They are kept as they are.</p>
		<ul>
			{#each library.aside as entry (entry.key)}
				<li><b>{entry.key}</b>: {entry.reason}</li>
			{/each}
		</ul>
	</section>
{/if}

<section>
	<h2>Always</h2>
	<p class="soft">
		The maker’s directions, local codes and licensed practice go first. A prediction is a plan, not
		a promise: a test strand decides. Patch test 48 hours ahead; gloves and an aired room; never
		close or keep a mixed product.
	</p>
</section>

<style>
	h1 {
		font-size: 40px;
		line-height: 1.05;
	}
	.lead {
		font-size: 18px;
		max-width: 40em;
		margin-top: 6px;
	}
	section {
		margin-top: 28px;
		max-width: 860px;
	}
	h2 {
		font-size: 17px;
		margin-bottom: 6px;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		margin-top: 8px;
	}
	.soft {
		color: var(--ink-soft);
		max-width: 46em;
	}
	.fault {
		margin-top: 12px;
		color: var(--stop);
		font-weight: 600;
	}
	li {
		overflow-wrap: anywhere;
	}
</style>
