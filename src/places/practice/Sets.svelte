<script lang="ts">
	import { goto } from '$app/navigation';
	import { RUNGS, type Lesson, type Rung } from '../../core/practice';
	import { takeSet } from '../../model/practice/learner';
	import { makeSet, missedSet, readSet, setText } from '../../model/practice/set';
	import type { Learner, PracticeQuestion, PracticeSet } from '../../schema/records';
	import { useClock } from '../../state/clock.svelte';
	import { learning } from '../../state/learning.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Choices from '../../ui/Choices.svelte';
	import { downloadText, fileName } from '../../ui/download';
	import FieldNotes from '../../ui/FieldNotes.svelte';
	import IconButton from '../../ui/IconButton.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { say } from '../../ui/say.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import TextField from '../../ui/TextField.svelte';
	import { LESSON_OPTIONS, setProblemWords } from '../../wording/practice';
	import X from '@lucide/svelte/icons/x';

	interface Props {
		learner: Learner;
	}
	let { learner }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	let picker: HTMLInputElement;
	let fault = $state<string>();
	let making = $state(false);
	let name = $state('');
	let lessons = $state.raw<readonly Lesson[]>(['level', 'undertone', 'toner']);
	let rung = $state<Rung>(3);
	let count = $state(12);
	const rungs = RUNGS.map((value) => ({ value: String(value), label: String(value) }));

	async function read(file: File | undefined) {
		if (!file) return;
		const text = await file.text().catch(() => undefined);
		picker.value = '';
		if (text === undefined) {
			fault = `${file.name}: the device does not let this file be read.`;
			return;
		}
		const found = readSet(text);
		fault = found.ok ? undefined : `${file.name}: ${setProblemWords(found.problem)}`;
		if (!found.ok) return;
		const { set } = found;
		let id = '';
		const step = workspace.transact('a set taken in', (draft) => {
			id = takeSet(draft.learner(learner.id), set.name, set.questions);
		});
		await goto(`/practice/set/${id}`);
		say(`“${set.name}” is taken in: ${set.questions.length} questions.`, () =>
			workspace.undo(step)
		);
	}
	const save = (called: string, questions: readonly PracticeQuestion[]) =>
		downloadText(
			fileName(called, clock.moment().day, 'practice.json'),
			'application/json',
			setText({ name: called, questions })
		);
	const missed = $derived(missedSet(learner, 20, learner.answers.length));
	const leftOf = ({ questions }: PracticeSet) =>
		questions.filter(({ right }) => right === undefined).length;
	const remove = (id: string) => {
		const step = workspace.transact('a set removed', (draft) => {
			const own = draft.learner(learner.id);
			own.sets = own.sets.filter((each) => each.id !== id);
		});
		say('The set is removed.', () => workspace.undo(step));
	};
</script>

<section aria-labelledby="sets-title">
	<h2 id="sets-title" class="mb-1 text-15 text-ink-soft">Sets of questions</h2>
	<ul>
		{#each learner.sets as set (set.id)}
			<li class="flex items-center gap-2 border-t border-line">
				<a class="flex tap flex-1 items-center wrap-anywhere" href="/practice/set/{set.id}"
					>{set.name}</a
				>
				<span class="text-14 text-ink-soft"
					>{leftOf(set) === 0 ? 'done' : `${leftOf(set)} of ${set.questions.length} left`}</span
				>
				<IconButton label="Remove {set.name}" icon={X} onclick={() => remove(set.id)} />
			</li>
		{/each}
	</ul>
	<div class="mt-2 flex flex-wrap gap-3">
		<Button onclick={() => picker.click()}>Take a set in</Button>
		<Button onclick={() => (making = true)}>Make a set</Button>
		<input
			bind:this={picker}
			type="file"
			accept=".json,application/json"
			aria-label="Set to take in"
			class="sr-only"
			tabindex="-1"
			onchange={(event) => void read(event.currentTarget.files?.[0])}
		/>
	</div>
	<FieldNotes id="set-file" {fault} />
</section>

<Sheet open={making} title="Make a set" onclose={() => (making = false)}>
	<div class="grid gap-4">
		<TextField
			label="Name"
			value={name}
			hint="what its file is called, and what apprentices see"
			oninput={(text) => (name = text.slice(0, 120))}
		/>
		<Choices
			label="Lessons"
			values={lessons}
			options={LESSON_OPTIONS}
			onchange={(values) => (lessons = values)}
		/>
		<Choice
			label="How hard"
			value={String(rung)}
			options={rungs}
			hint="1 for whoever begins, 5 for a master"
			onchange={(value) => (rung = Number(value) as Rung)}
		/>
		<div class="w-32">
			<NumberField
				label="Questions"
				value={count}
				min={1}
				max={60}
				onchange={(value) => (count = value)}
			/>
		</div>
		<p class="max-w-112 text-ink-soft">
			Whoever takes the file in sees the same strands and is asked the same sums, on any machine.
		</p>
		<div class="flex flex-wrap gap-3">
			<Button
				primary
				disabled={name.trim() === '' || lessons.length === 0}
				onclick={() => {
					save(name.trim(), makeSet(lessons, rung, count, learning.seed()));
					making = false;
				}}>Save the file</Button
			>
			{#if missed.length > 0}
				<Button
					onclick={() => {
						save(name.trim() || `Missed by ${learner.name}`, missed);
						making = false;
					}}>Save what {learner.name} missed ({missed.length})</Button
				>
			{/if}
		</div>
	</div>
</Sheet>
