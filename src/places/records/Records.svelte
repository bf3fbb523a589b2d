<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { setMode, userPrefersMode } from 'mode-watcher';
	import { faults } from '../../state/faults.svelte';
	import { figures } from '../../state/figures.svelte';
	import { say } from '../../ui/say.svelte';
	import { DEMO_DID_NOT_COME } from '../../wording/words';
	import { useRecords } from '../../state/records';
	import { waitingForms } from '../../state/waitingForms.svelte';
	import { chooseSalon, loadDemo, replaceAll } from '../../store/open';
	import { plainShelf } from '../../model/demo/shelf';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Switch from '../../ui/Switch.svelte';
	import { downloadRecords } from '../../widgets/downloadRecords';
	import ImportForm from './ImportForm.svelte';
	import VisitsTable from './VisitsTable.svelte';

	const { workspace, salon } = useRecords();
	const clock = useClock();
	const MODES = [
		{ value: 'system', label: 'as the device' },
		{ value: 'light', label: 'light' },
		{ value: 'dark', label: 'dark' }
	] as const;

	async function offerUndo(step: string | undefined, words: string) {
		await workspace.flush();
		say(words, () => workspace.undo(step));
	}
	const reloadDemo = () =>
		loadDemo(workspace, clock.moment()).then(
			(step) => {
				// What was typed into the demo before is none of its affairs.
				waitingForms.forgetAll();
				return offerUndo(step, 'The demo is as it was.');
			},
			() => say(DEMO_DID_NOT_COME)
		);
	const clearDemo = async () =>
		offerUndo(
			await replaceAll(workspace, 'demo cleared', [plainShelf(clock.now())]),
			'The demo is cleared.'
		);
	const save = () => downloadRecords(workspace, clock.moment(), 'zelvant');
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
	<ImportForm>
		<Button primary onclick={() => void save()}>Export everything</Button>
	</ImportForm>
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
			<Button onclick={() => void clearDemo()}>Clear the demo</Button>
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
	<Switch
		label="Colours in figures too"
		checked={figures.shown}
		hint="hex and ΔE beside the words"
		onchange={(shown) => (figures.shown = shown)}
	/>
</section>

{#if workspace.cards.size > 0}
	<section class="mt-7">
		<h2 class="mb-1.5 text-18">All visits</h2>
		<VisitsTable />
	</section>
{/if}

{#if faults.list.length > 0}
	<section class="mt-7 max-w-215" aria-label="What could not be drawn">
		<h2 class="mb-1.5 text-18">What could not be drawn</h2>
		<p class="max-w-173 text-ink-soft">
			Something of these pages failed in this browser. Your records are kept; export them, and show
			these lines to whoever looks after Zelvant.
		</p>
		<ul>
			{#each faults.list as fault, i (i)}
				<li class="wrap-anywhere">
					<b>{fault.what}</b> at <a href={fault.where}>{fault.where}</a>,
					{new Date(fault.at).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })}: {fault.said}
				</li>
			{/each}
		</ul>
		<div class="mt-2 flex flex-wrap gap-3">
			<Button onclick={() => void save()}>Export everything</Button>
			<Button onclick={() => faults.forget()}>I have seen them</Button>
		</div>
	</section>
{/if}

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
