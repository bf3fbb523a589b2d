<script lang="ts">
	import { goto } from '$app/navigation';
	import { formatLevel, LEAST_SEEN_STEP } from '../../core/hair';
	import { isRunning } from '../../model/day/clocks';
	import { removeVisit } from '../../model/commands/remove';
	import { record } from '../../model/commands/result';
	import { sayPutOn } from '../../model/commands/acts';
	import { actsOf, neverBegun, type DayAct } from '../../model/day/acts';
	import { DayClocks } from '../../state/dayClocks.svelte';
	import { settleToner } from '../../model/commands/toner';
	import { nextFromRecord } from '../../model/commands/series';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import { SendOffView } from '../../state/sendOffView.svelte';
	import { useVisit } from '../../state/visitContext';
	import { keysOfClient } from '../../store/exportFile';
	import Button from '../../ui/Button.svelte';
	import { printPage } from '../../ui/paper.svelte';
	import Menu from '../../ui/Menu.svelte';
	import { say } from '../../ui/say.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { downloadRecords } from '../../widgets/downloadRecords';
	import Station from '../../widgets/Station.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { tonedWord } from '../../widgets/summary';
	import { rangeWords } from '../../wording/aftercare';
	import { formatDate } from '../../wording/words';
	import CameAs from './CameAs.svelte';
	import ComeBack from './ComeBack.svelte';
	import DoneToday from './DoneToday.svelte';
	import EndPictures from './EndPictures.svelte';
	import NeverBegun from './NeverBegun.svelte';
	import EndRows from './EndRows.svelte';
	import SectionsDone from './SectionsDone.svelte';
	import StillLies from './StillLies.svelte';
	import WhyOtherwise from './WhyOtherwise.svelte';
	import Part from '../../widgets/Part.svelte';

	const session = useVisit();
	const MORE = [
		{ id: 'export', label: 'Export client' },
		{ id: 'remove', label: 'Remove visit' }
	] as const;
	const { workspace } = useRecords();
	const clock = useClock();
	const result = $derived(session.visit.result);
	const recorded = $derived(result.recordedAt !== undefined);
	const view = new SendOffView(session);
	const gap = $derived(
		result.level === undefined || view.awaited ? undefined : result.level - view.end.toned
	);

	/** A level of the hair as it goes home, once it is known. */
	const level = (of: number) => (view.awaited ? '…' : formatLevel(of));

	/** Colour lies on the head, and somebody wants to record it. */
	let lies = $state(false);
	const clocks = new DayClocks(session, clock);
	/** What was planned, and whose clock nobody started. */
	const never = $derived(neverBegun(session.visit, clocks.processes));
	let asking = $state(false);
	/** It is recorded as soon as what is expected of it is found. */
	let pending = $state(false);
	$effect(() => {
		if (pending && !view.awaited) write();
	});
	const askToRecord = () => (isRunning(session.visit) ? (lies = true) : recordVisit());
	/** Nothing is recorded as done of which nobody said that it was. */
	function recordVisit(whileItLies?: string) {
		lies = false;
		if (whileItLies === undefined && never.length > 0) asking = true;
		else write(whileItLies);
	}
	function answered(wasOn: (act: DayAct) => boolean) {
		asking = false;
		const acts = never;
		session.change('what was put on', (draft) => {
			sayPutOn(draft, acts, wasOn, clock.now());
			// What was put on was what is suggested, where nobody chose another.
			if (acts.some((act) => act.kind === 'toner' && wasOn(act)))
				settleToner(draft, ...session.suggested);
		});
		pending = true;
	}
	function write(whileItLies?: string) {
		pending = false;
		workspace.transact('recorded', (draft) => {
			const own = draft.visit(session.id);
			record(own, view.foreseen, view.back.from, clock.now(), whileItLies);
			const next = nextFromRecord(workspace.visitsOf(own.clientId), own);
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
			removeVisit(draft, visit, workspace.visitsOf(visit.clientId))
		);
		say(`The visit of ${formatDate(visit.date)} is removed.`, () => workspace.undo(step));
	}
	const exportClient = () =>
		downloadRecords(
			workspace,
			clock.moment(),
			session.client?.name ?? 'client',
			keysOfClient(
				session.visit.clientId,
				workspace.visitsOf(session.visit.clientId),
				workspace.trials.values()
			)
		);
</script>

<Station
	question="What did this head do?"
	answer={result.level === undefined ? level(view.end.toned) : formatLevel(result.level)}
	words={result.level === undefined
		? view.awaited
			? 'being worked out'
			: `${tonedWord(session.head)} expected`
		: `${result.tone || tonedWord(session.head)} seen`}
	range={gap === undefined
		? recorded
			? 'Recorded as expected; nobody looked.'
			: 'Judge it dry and straight; waves hide faults.'
		: result.unsure
			? 'From before: seen or only expected was not told apart.'
			: Math.abs(gap) <= LEAST_SEEN_STEP
				? 'As expected.'
				: `${Math.abs(gap).toFixed(1)} level ${gap > 0 ? 'lighter' : 'deeper'} than expected.`}
	facts={[
		{
			value: result.returnWeeks ? `${result.returnWeeks} weeks` : rangeWords(view.back),
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
			value={formatLevel(view.end.lifted)}
			words={session.head.rawUndertone.name}
			height={40}
		/>
		<StrandRow
			name="toned"
			strong
			colours={session.head.tonedColours}
			value={level(view.end.toned)}
			words={view.awaited ? '' : tonedWord(session.head)}
			height={72}
		/>
		<StrandRow
			name="six weeks"
			colours={session.head.fadedColours}
			value={level(session.head.faded.level)}
			words="faded"
			height={40}
		/>
	{/snippet}
	{#snippet picture()}
		<div class="@container flex flex-col gap-6">
			<Part name="places"><EndRows rows={view.rows} awaited={view.awaited} /></Part>
			<div class="grid grid-cols-[repeat(auto-fit,minmax(300px,1fr))] gap-x-11 gap-y-6">
				<div class="flex flex-col gap-6">
					<Part name="surprise"><WhyOtherwise surprise={view.surprise} /></Part>
					<Part name="time and grams"><CameAs planned={view.planned} /></Part>
					<TextField
						long
						label="What to remember next time"
						value={result.notes}
						oninput={(v) =>
							session.change('result notes', (draft) => (draft.result.notes = v.slice(0, 4000)))}
					/>
					<TextField
						long
						label="Offered, and not wanted"
						value={result.refused ?? ''}
						oninput={(v) =>
							session.change('what was refused', (draft) => {
								if (v === '') delete draft.result.refused;
								else draft.result.refused = v.slice(0, 1000);
							})}
					/>
					<Part name="pictures"><EndPictures /></Part>
				</div>
				<div class="flex flex-col gap-3">
					<Part name="when to come back"><ComeBack {view} /></Part>
					<Part name="done today"><DoneToday acts={actsOf(session.visit, clocks.processes)} /></Part
					>
					<Part name="sections done"><SectionsDone /></Part>
				</div>
			</div>
		</div>
	{/snippet}
	{#snippet foot()}
		<p class="text-ink-soft">
			{recorded
				? `Recorded ${new Date(result.recordedAt!).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })}. Changes are still saved.`
				: view.awaited
					? 'What was to be expected is still being worked out; it is recorded with the visit.'
					: 'Everything is saved as you go; recording closes the visit.'}
		</p>
		<div class="flex flex-wrap gap-3">
			<Menu
				label="More"
				items={MORE}
				onpick={(id) => void (id === 'remove' ? remove() : exportClient())}
			/>
			<Button onclick={printPage}>Print sheet</Button>
			{#if recorded}<Button primary onclick={() => void goto('/')}>Back to the day</Button
				>{:else}<Button primary disabled={view.awaited} onclick={askToRecord}
					>Record the visit</Button
				>{/if}
		</div>
	{/snippet}
</Station>
{#if asking}<NeverBegun acts={never} onanswer={answered} onclose={() => (asking = false)} />{/if}
{#if lies}<StillLies open onrecord={recordVisit} onclose={() => (lies = false)} />{/if}
