<script lang="ts">
	import { goto } from '$app/navigation';
	import { compute } from '../../compute/browser';
	import { BOUNDS, DIRECTIONS, MOST_STRANDS } from '../../core/vocabulary';
	import { keepExpected, newStrand, toggleStrand } from '../../model/commands/bench';
	import { mixAgain } from '../../model/commands/mixAgain';
	import type { BenchStrand } from '../../schema/records';
	import { BenchStrandView } from '../../state/benchStrand.svelte';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import Menu from '../../ui/Menu.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { actOf } from '../../ui/keys';
	import { say } from '../../ui/say.svelte';
	import Select from '../../ui/Select.svelte';
	import ForWhom from '../../widgets/ForWhom.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { strandName } from '../../wording/bench';
	import { formulaWords } from '../../wording/tone';
	import { STANDING_CAUTIONS } from '../../wording/cautions';
	import { changeWords, formatDate } from '../../wording/words';
	import HungStrand from './HungStrand.svelte';
	import StrandSheet from './StrandSheet.svelte';

	interface Props {
		id: string;
	}
	let { id }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	// Clocks run on every strand that something lies on.
	$effect(clock.run);
	// The page is shown while the morning is in the records.
	const trial = $derived(workspace.trials.get(id)!);
	const source = {
		get trial() {
			return trial;
		},
		get shelf() {
			return workspace.shelf;
		}
	};
	const ids = $derived(trial.strands.map((strand) => strand.id).join(' '));
	const views = $derived(
		ids === ''
			? []
			: ids.split(' ').flatMap((each) => {
					const first = trial.strands.find((strand) => strand.id === each);
					return first ? [new BenchStrandView(source, first, `bench ${each}`, compute)] : [];
				})
	);
	const change = (strandId: string) => (label: string, recipe: (draft: BenchStrand) => unknown) =>
		workspace.transact(`${label} ${strandId}`, (draft) => {
			const strand = draft.trial(id).strands.find((each) => each.id === strandId);
			if (!strand) return;
			recipe(strand);
			keepExpected(strand, workspace.shelf?.lines);
		});
	let editedId = $state<string>();
	const edited = $derived(views.findIndex((view) => view.id === editedId));
	let usedId = $state<string>();
	const used = $derived(views.find((view) => view.id === usedId));

	/** @returns whether there was room for it */
	function lay(strand: BenchStrand, at = trial.strands.length): boolean {
		if (trial.strands.length >= MOST_STRANDS) {
			say(`A morning holds ${MOST_STRANDS} strands: take one away, or begin another morning.`);
			return false;
		}
		workspace.transact('another strand', (draft) => {
			draft.trial(id).strands.splice(at, 0, strand);
		});
		return true;
	}
	function layPlain() {
		const last = trial.strands.at(-1);
		const line = workspace.shelf?.lines.find((each) => each.id === last?.mix.lineId);
		const strand = newStrand(
			line ?? workspace.shelf?.lines[0],
			last && {
				kind: last.kind,
				level: last.level,
				undertone: last.undertone,
				porosity: last.porosity
			}
		);
		if (lay(strand)) editedId = strand.id;
	}
	/** Strands that something is mixed for, and that it never went on. */
	const waiting = $derived(
		trial.strands.filter(
			({ mix, clock: own }) => mix.parts.length > 0 && own.startedAt === undefined
		)
	);
	/** What is brushed on at once begins at once. */
	function allOn() {
		const ids = waiting.map((strand) => strand.id);
		workspace.transact('all on the strands', (draft) => {
			for (const strand of draft.trial(id).strands)
				if (ids.includes(strand.id)) toggleStrand(strand, clock.now());
		});
	}
	function remove(view: BenchStrandView, index: number) {
		const step = workspace.transact('a strand taken away', (draft) => {
			const table = draft.trial(id);
			table.strands = table.strands.filter((each) => each.id !== view.id);
		});
		say(`${strandName(index)} is taken away.`, () => workspace.undo(step));
	}
	async function removeAll() {
		const gone = trial;
		await goto('/bench');
		const step = workspace.transact('a morning removed', (draft) => draft.remove(gone));
		say(`“${gone.name}” is removed.`, () => workspace.undo(step));
	}
	async function useFor(visitId: string) {
		const line = used?.line;
		if (!used || !line) return;
		const { parts } = used.strand.mix;
		const step = workspace.transact('a trial becomes the toner', (draft) =>
			mixAgain(draft.visit(visitId), parts, line, workspace.shelf?.scaleStep ?? 1)
		);
		usedId = undefined;
		await goto(`/visit/${visitId}/tone`);
		say('Mixed for this head, in its own grams.', () => workspace.undo(step));
	}
	/** What was done to this morning is taken back, or done again. */
	function press(event: KeyboardEvent) {
		const act = actOf(event, 'bench');
		if (!act) return;
		const keys = [`trial:${id}`];
		const label = act === 'redo' ? workspace.redo(keys) : workspace.undo(keys);
		if (label) say(`${act === 'redo' ? 'Redone' : 'Undone'}: ${changeWords(label)}`);
	}
	const directions = DIRECTIONS.map((value) => ({ value, label: value }));
	const clients = $derived([
		{ value: '', label: 'nobody yet' },
		...[...workspace.clients.values()]
			.sort((p, q) => p.name.localeCompare(q.name))
			.map((client) => ({ value: client.id, label: client.name }))
	]);
	const laid = $derived(trial.strands.length);
</script>

<svelte:window onkeydown={press} />

<PlaceHead
	title={trial.name}
	above="{formatDate(trial.date)}{trial.colourist ? `, ${trial.colourist}` : ''}"
>
	<Menu
		label="More"
		items={[{ id: 'remove', label: 'Remove this morning' }]}
		onpick={() => void removeAll()}
	/>
	{#if waiting.length > 1}<Button onclick={allOn}>All {waiting.length} on</Button>{/if}
	<Button primary onclick={layPlain}>{laid === 0 ? 'Lay a strand down' : 'Another strand'}</Button>
</PlaceHead>

<div class="mb-5 flex flex-wrap items-end gap-x-6 gap-y-3">
	<div class="w-45">
		<Select
			label="For"
			value={trial.clientId ?? ''}
			options={clients}
			onchange={(clientId) =>
				workspace.transact('for whom it is tried', (draft) => {
					if (clientId === '') delete draft.trial(id).clientId;
					else draft.trial(id).clientId = clientId;
				})}
		/>
	</div>
	<div class="w-30">
		<NumberField
			label="Looked for: level"
			value={trial.aim.level}
			{...BOUNDS.level}
			step={0.5}
			onchange={(level) =>
				workspace.transact('level looked for', (draft) => (draft.trial(id).aim.level = level))}
		/>
	</div>
	<div class="w-45">
		<Select
			label="Direction"
			value={trial.aim.direction}
			options={directions}
			onchange={(direction) =>
				workspace.transact('direction looked for', (draft) => {
					draft.trial(id).aim.direction = direction;
				})}
		/>
	</div>
</div>

{#if laid === 0}
	<p class="max-w-128 text-ink-soft">
		Nothing lies here yet. Lay a strand down, say what it is and mix something for it.
	</p>
{/if}
<ol
	aria-label="Strands on the bench"
	class="grid grid-cols-[repeat(auto-fill,minmax(196px,1fr))] gap-x-8 gap-y-9"
>
	{#each views as view, i (view.id)}
		<HungStrand
			{view}
			index={i}
			next={views[i + 1]}
			change={change(view.id)}
			onlay={(strand) => lay(strand, i + 1)}
			onedit={() => (editedId = view.id)}
			onuse={() => (usedId = view.id)}
			onremove={() => remove(view, i)}
		/>
	{/each}
</ol>

<p class="mt-8 max-w-160 text-14 text-ink-soft">
	{STANDING_CAUTIONS.bowls}
	{STANDING_CAUTIONS.tone}
</p>

{#if edited >= 0}
	<StrandSheet
		view={views[edited]!}
		index={edited}
		change={change(views[edited]!.id)}
		onclose={() => (editedId = undefined)}
	/>
{/if}
<ForWhom
	formula={used && formulaWords(used.strand.mix.parts)}
	note="Scaled to what that head takes."
	first={trial.clientId}
	onchoose={(visitId) => void useFor(visitId)}
	onclose={() => (usedId = undefined)}
/>
