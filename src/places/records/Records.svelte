<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { setMode, userPrefersMode } from 'mode-watcher';
	import { figures } from '../../state/figures.svelte';
	import { say } from '../../ui/say.svelte';
	import { useRecords } from '../../state/records';
	import { chooseSalon, loadDemo, replaceAll } from '../../store/open';
	import { plainShelf } from '../../store/demo/shelf';
	import {
		exportRecords,
		MAX_FILE_BYTES,
		previewImport,
		type ImportOutcome
	} from '../../store/transfer';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { downloadRecords } from '../../widgets/downloadRecords';
	import ImportPreviewList from './ImportPreviewList.svelte';

	const { workspace, salon } = useRecords();
	const clock = useClock();
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
				: previewImport(await file.text(), workspace.all);
		picker.value = '';
	}
	async function accept() {
		if (!outcome?.ok) return;
		const { added, changed, aside } = outcome.preview;
		const step = workspace.transact('import', (draft) => {
			for (const document of [...added, ...changed]) draft.put(document);
		});
		await workspace.putAside(aside).catch(() => undefined);
		await workspace.flush();
		outcome = undefined;
		// While it is not saved, the line at the top says so.
		const words = `${added.length} added, ${changed.length} changed`;
		say(workspace.saveState.status === 'failed' ? `${words}, not saved yet.` : `${words}.`, () =>
			workspace.undo(step)
		);
	}
	async function offerUndo(step: string | undefined, words: string) {
		await workspace.flush();
		say(words, () => workspace.undo(step));
	}
	const reloadDemo = async () =>
		offerUndo(await loadDemo(workspace, clock.moment()), 'The demo is as it was.');
	const clearDemo = () =>
		void offerUndo(
			replaceAll(workspace, 'demo cleared', [plainShelf(clock.now())]),
			'The demo is cleared.'
		);
	const save = async () => downloadRecords(await exportRecords(workspace, clock.now()), 'zelvant');
	function open(next: typeof salon) {
		void workspace.flush().then(() => {
			chooseSalon(next);
			location.assign('/');
		});
	}
</script>

<h1 class="figure text-40 leading-tight">Records</h1>
<p class="mt-1.5 max-w-150 text-18">
	Everything you enter stays in this browser, on this device. Nothing is sent anywhere. Export
	regularly: a file is your copy.
</p>

<section class="mt-7 max-w-215">
	<h2 class="mb-1.5 text-18">Files</h2>
	<div class="mt-2 flex flex-wrap gap-3">
		<Button primary onclick={() => void save()}>Export everything</Button>
		<Button onclick={() => picker.click()}>Import a file</Button>
		<input
			bind:this={picker}
			type="file"
			accept=".json,application/json"
			aria-label="File to import"
			class="sr-only"
			tabindex="-1"
			onchange={(event) => void read(event.currentTarget.files?.[0])}
		/>
	</div>
	{#if outcome && !outcome.ok}
		<p class="mt-3 font-semibold text-stop" role="alert">{fileName}: {outcome.message}</p>
	{:else if outcome?.ok}
		<ImportPreviewList
			preview={outcome.preview}
			{fileName}
			onaccept={() => void accept()}
			oncancel={() => (outcome = undefined)}
		/>
	{/if}
	{#if workspace.kept !== undefined}
		<p class="mt-3 max-w-173 text-ink-soft">
			{workspace.kept
				? 'This browser keeps the records for good: it will not clear them to make space.'
				: 'This browser may clear the records when the device runs out of space: export them regularly.'}
		</p>
	{/if}
</section>

<section class="mt-7 max-w-215">
	<h2 class="mb-1.5 text-18">{salon === 'demo' ? 'You are in the demo' : 'Demo'}</h2>
	<p class="max-w-173 text-ink-soft">
		The demo salon lives beside your own records, in a store of its own; the two never mix.
	</p>
	<div class="mt-2 flex flex-wrap gap-3">
		{#if salon === 'demo'}
			<Button onclick={() => open('own')}>Open my own records</Button>
			<Button onclick={() => void reloadDemo()}>Load the demo afresh</Button>
			<Button onclick={clearDemo}>Clear the demo</Button>
		{:else}
			<Button onclick={() => open('demo')}>Open the demo</Button>
		{/if}
	</div>
</section>

<section class="mt-7 max-w-215">
	<h2 class="mb-1.5 text-18">Look</h2>
	<Choice
		label="Theme"
		hideLabel
		value={userPrefersMode.current}
		options={MODES}
		onchange={(mode) => setMode(mode)}
	/>
	<Tick
		label="Colours in figures too"
		checked={figures.shown}
		hint="hex and ΔE beside the words"
		onchange={(shown) => (figures.shown = shown)}
	/>
</section>

{#if workspace.aside.length > 0}
	<section class="mt-7 max-w-215">
		<h2 class="mb-1.5 text-18">Set aside</h2>
		<p class="max-w-173 text-ink-soft">
			These could not be read. They are kept as they are, and exported with the rest.
		</p>
		<ul>
			{#each workspace.aside as entry (entry.key)}
				<li class="wrap-anywhere"><b>{entry.key}</b>: {entry.reason}</li>
			{/each}
		</ul>
	</section>
{/if}

<section class="mt-7 max-w-215">
	<h2 class="mb-1.5 text-18">Always</h2>
	<p class="max-w-173 text-ink-soft">
		The maker’s directions, local codes and licensed practice go first. A prediction is a plan, not
		a promise: a test strand decides. Patch test 48 hours ahead; gloves and an aired room; never
		close or keep a mixed product.
	</p>
</section>
