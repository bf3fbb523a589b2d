<script lang="ts">
	import { formatDate } from '../../wording/words';
	import { BOUNDS } from '../../core/vocabulary';
	import { removeVisit } from '../../model/commands/remove';
	import { record, seeResult } from '../../model/commands/result';
	import { useClock } from '../../state/clock.svelte';
	import { goto } from '$app/navigation';
	import { formatLevel } from '../../core/hair';
	import { RETURN_WEEKS_BY_KIND } from '../../core/plan';
	import { say } from '../../ui/say.svelte';
	import { nextFromRecord } from '../../model/commands/series';
	import { exportRecords } from '../../store/transfer';
	import { downloadRecords } from '../../widgets/downloadRecords';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import Menu from '../../ui/Menu.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import Station from '../../widgets/Station.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { useVisit } from '../../state/visitContext';
	import { tonedWord } from '../../widgets/summary';
	import { AFTERCARE } from '../../wording/aftercare';
	import { cautionTitle } from '../../wording/cautions';
	import { curedWords } from '../../wording/cures';
	import { formulaWords, placeWords } from '../../wording/tone';

	const session = useVisit();
	const MORE = [
		{ id: 'export', label: 'Export client' },
		{ id: 'remove', label: 'Remove visit' }
	] as const;
	const { workspace } = useRecords();
	const clock = useClock();
	const result = $derived(session.visit.result);
	const recorded = $derived(result.recordedAt !== undefined);
	const suggested = $derived(RETURN_WEEKS_BY_KIND[session.visit.aim.kind]);
	const gap = $derived(
		result.level === undefined ? undefined : result.level - session.head.finished.level
	);

	function recordVisit() {
		workspace.transact('recorded', (draft) => {
			const own = draft.visit(session.id);
			const { finished, rawLevel } = session.head;
			record(own, { toned: finished.level, lifted: rawLevel }, suggested.from, clock.now());
			const next = nextFromRecord(workspace.visits.values(), own);
			if (next) draft.put(next);
		});
		say(
			result.level === undefined
				? 'Recorded. Nobody looked at the end: the next visit starts from what was expected, and says so.'
				: 'Recorded. The next visit starts from this.'
		);
	}
	async function remove() {
		const { visit } = session;
		await goto(`/clients/${visit.clientId}`);
		const step = workspace.transact('visit removed', (draft) =>
			removeVisit(draft, visit, workspace.visits.values())
		);
		say(`The visit of ${formatDate(visit.date)} is removed.`, () => workspace.undo(step));
	}
	const exportClient = async () =>
		downloadRecords(
			await exportRecords(workspace, clock.now(), session.visit.clientId),
			session.client?.name ?? 'client'
		);
</script>

<Station
	question="What did this head do?"
	answer={result.level === undefined
		? formatLevel(session.head.finished.level)
		: formatLevel(result.level)}
	words={result.level === undefined
		? `${tonedWord(session.head)} expected`
		: `${result.tone || tonedWord(session.head)} seen`}
	range={gap === undefined
		? recorded
			? 'Recorded as expected; nobody looked.'
			: 'Judge it dry and straight; waves hide faults.'
		: result.unsure
			? 'From before: seen or only expected was not told apart.'
			: Math.abs(gap) < 0.15
				? 'As expected.'
				: `${Math.abs(gap).toFixed(1)} level ${gap > 0 ? 'lighter' : 'deeper'} than expected.`}
	facts={[
		{
			value: result.returnWeeks
				? `${result.returnWeeks} weeks`
				: `${suggested.from}–${suggested.to} weeks`,
			label: 'until the next visit'
		},
		{ value: `${Math.round(session.head.lift.condition)}`, label: 'condition after' }
	]}
>
	{#snippet field()}
		<StrandRow
			name="before"
			colours={session.head.nowColours}
			value={formatLevel(session.head.nowLevel)}
			height={40}
		/>
		<StrandRow
			name="lifted"
			colours={session.head.rawColours}
			value={formatLevel(session.head.rawLevel)}
			words={session.head.rawUndertone.name}
			height={40}
		/>
		<StrandRow
			name="toned"
			strong
			colours={session.head.tonedColours}
			value={formatLevel(session.head.finished.level)}
			words={tonedWord(session.head)}
			height={72}
		/>
		<StrandRow
			name="six weeks"
			colours={session.head.fadedColours}
			value={formatLevel(session.head.faded.level)}
			words="faded"
			height={40}
		/>
	{/snippet}
	{#snippet picture()}
		<div class="grid grid-cols-[repeat(auto-fit,minmax(300px,1fr))] gap-x-11 gap-y-6">
			<div class="flex flex-col gap-3">
				<h2 class="text-18">Seen at the end</h2>
				<div class="grid grid-cols-3 items-end gap-5">
					<NumberField
						label="Level"
						value={result.level}
						{...BOUNDS.level}
						step={0.1}
						onchange={(v) => session.change('result level', (draft) => seeResult(draft, v))}
					/>
					<NumberField
						label="Back in"
						value={result.returnWeeks}
						{...BOUNDS.returnWeeks}
						unit="weeks"
						onchange={(v) => session.change('return', (draft) => (draft.result.returnWeeks = v))}
					/>
					<NumberField
						label="Left over"
						value={result.leftoverGrams}
						{...BOUNDS.leftoverGrams}
						unit="g"
						onchange={(v) =>
							session.change('leftover', (draft) => (draft.result.leftoverGrams = v))}
					/>
				</div>
				<TextField
					label="Done by"
					value={session.visit.colourist}
					oninput={(v) =>
						session.change('colourist', (draft) => (draft.colourist = v.slice(0, 120)))}
				/>
				<TextField
					label="Tone, in your words"
					value={result.tone}
					oninput={(v) =>
						session.change('result tone', (draft) => (draft.result.tone = v.slice(0, 120)))}
				/>
				<TextField
					long
					label="What to remember next time"
					value={result.notes}
					oninput={(v) =>
						session.change('result notes', (draft) => (draft.result.notes = v.slice(0, 4000)))}
				/>
			</div>
			<div class="flex flex-col gap-3">
				<h2 class="text-18">For {session.client?.name.split(' ')[0] ?? 'the client'}</h2>
				<ul>
					{#each AFTERCARE as line (line)}<li class="border-b border-line py-1">{line}</li>{/each}
				</ul>
				{#if session.head.toner.parts.length > 0}
					<p class="text-ink-soft">
						Toned with {formulaWords(session.head.toner.parts)}, {session.visit.tone.minutes} min.
					</p>
				{/if}
				{#each session.placed as { id: toner, mix, toner: { parts } } (toner)}
					{#if parts.length > 0}
						<p class="text-ink-soft">
							{placeWords(mix)}: {formulaWords(parts)}, {mix.minutes} min.
						</p>
					{/if}
				{/each}
				{#each session.visit.run.cures ?? [] as cure (cure.id)}
					<p class="text-ink-soft">{curedWords(cure)}.</p>
				{/each}
				{#each session.visit.passed.filter(({ reason }) => reason) as entry (entry.code)}
					<p class="text-ink-soft">
						Passed {cautionTitle(entry.code)} “{entry.reason}”
					</p>
				{/each}
			</div>
		</div>
	{/snippet}
	{#snippet foot()}
		<p class="text-ink-soft">
			{recorded
				? `Recorded ${new Date(result.recordedAt!).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })}. Changes are still saved.`
				: 'Everything is saved as you go; recording closes the visit.'}
		</p>
		<div class="flex flex-wrap gap-3">
			<Menu
				label="More"
				items={MORE}
				onpick={(id) => void (id === 'remove' ? remove() : exportClient())}
			/>
			<Button onclick={() => window.print()}>Print sheet</Button>
			{#if recorded}<Button primary onclick={() => void goto('/')}>Back to the day</Button
				>{:else}<Button primary onclick={recordVisit}>Record the visit</Button>{/if}
		</div>
	{/snippet}
</Station>
