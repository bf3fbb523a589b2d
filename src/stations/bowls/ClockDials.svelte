<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import type { Staging } from '../../core/work';
	import { calendarOfTimes } from '../../store/calendar';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import TimeField from '../../ui/TimeField.svelte';
	import Switch from '../../ui/Switch.svelte';
	import { downloadText, fileName } from '../../ui/download';
	import Progress from '../../ui/Progress.svelte';
	import { useVisit } from '../../state/visitContext';
	import { formatHours, timeOf } from '../../wording/words';
	import { keepLate, type LateHead } from '../../state/lateHead.svelte';
	import { clockItemWords, formatSpread, sectionNamer } from '../../wording/bowls';
	import { startOf } from '../../model/visit/when';

	interface Props {
		staging: Staging;
		late: LateHead;
	}
	let { staging, late }: Props = $props();
	const session = useVisit();
	const wall = useClock();
	const bowls = $derived(session.visit.bowls);
	const start = $derived(startOf(session.visit));
	const clock = $derived(session.bowls.clock);
	const free = $derived(
		(clock?.gaps ?? []).reduce((sum, { fromMinute, toMinute }) => sum + toMinute - fromMinute, 0)
	);
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const kindOf = (step: string) =>
		[...session.visit.before, ...session.visit.after].find(({ id }) => id === step)?.kind;
	const NONE = 'none';
	const sections = $derived([
		{ value: NONE, label: 'nothing' },
		...[...new Set(staging.finish.map(({ section }) => section))].map((value) => ({
			value,
			label: nameOf(value)
		}))
	]);
	async function exportCalendar() {
		if (!clock) return;
		const name = session.client?.name ?? 'Client';
		const { date } = session.visit;
		const items = clock.items.filter(({ what }) => what !== 'process');
		const text = await calendarOfTimes(
			items.map((item, i) => ({
				id: `${session.id}-${i}`,
				date,
				startTime: timeOf(start ?? '09:00', item.fromMinute),
				minutes: Math.max(1, Math.round(item.toMinute - item.fromMinute)),
				title: `${name}: ${clockItemWords(item, nameOf, kindOf)}`,
				text: item.who
			})),
			wall.now()
		);
		downloadText(fileName(name, date, 'ics'), 'text/calendar', text);
	}
</script>

<TimeField
	label="First brush stroke"
	value={start}
	disabled={session.visit.run.startedAt !== undefined}
	onchange={(time) => session.change('start', (draft) => (draft.bowls.startAt = time))}
/>
<Switch
	label="An assistant mixes and rinses"
	checked={bowls.assistant}
	hint={clock ? `hands on ${formatHours(clock.handsOnMinutes)}, free ${formatHours(free)}` : ''}
	onchange={(assistant) =>
		session.change('assistant', (draft) => (draft.bowls.assistant = assistant))}
/>
<Choice
	label="Pairs of hands"
	value={String(bowls.hands)}
	options={[
		{ value: '1', label: 'one' },
		{ value: '2', label: 'two' }
	]}
	onchange={(hands) => session.change('hands', (draft) => (draft.bowls.hands = Number(hands)))}
/>
<Select
	label="What runs late"
	value={late.section ?? NONE}
	options={sections}
	onchange={(value) => (late.section = value === NONE ? undefined : value)}
/>
{#if late.section !== undefined}
	<Choice
		label="By"
		value={String(late.minutes)}
		options={['5', '10', '15'].map((value) => ({ value, label: `${value} min` }))}
		onchange={(value) => (late.minutes = Number(value))}
	/>
	{#if late.kept && late.anew}
		<p role="status">
			As mixed: <b>{formatSpread(late.kept.spread)} apart</b> instead of {formatSpread(
				staging.spread
			)}.
			{#if late.anewDiffers}
				With the bowls still to come at {late.strengthsToCome.join(', ')} vol:
				<b>{formatSpread(late.anew.spread)} apart</b>.
			{:else}
				No other strength would do better.
			{/if}
		</p>
		<div class="flex flex-wrap items-center gap-x-4 gap-y-2 pt-1.5">
			<Button onclick={() => keepLate(session, late)}>It did run late</Button>
			<TextButton onclick={() => (late.section = undefined)}>Back to the plan</TextButton>
		</div>
	{:else}
		<p class="text-ink-soft" role="status">
			<Progress label="Working it out…" share={undefined} />
		</p>
	{/if}
{/if}
<div class="flex flex-wrap items-center gap-x-4 gap-y-2 pt-1.5">
	<Button onclick={exportCalendar}>Calendar file</Button>
</div>
