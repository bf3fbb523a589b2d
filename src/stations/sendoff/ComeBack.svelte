<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { useClock } from '../../state/clock.svelte';
	import type { SendOffView } from '../../state/sendOffView.svelte';
	import { useVisit } from '../../state/visitContext';
	import { calendarOf } from '../../store/calendar';
	import Button from '../../ui/Button.svelte';
	import { downloadText, fileName } from '../../ui/download';
	import BackDates from '../../widgets/BackDates.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { aftercareWords, backWords, rangeWords } from '../../wording/aftercare';
	import { backDaysWords, backTitle } from '../../wording/backDates';

	interface Props {
		view: SendOffView;
	}
	let { view }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	const weeks = $derived(session.visit.result.returnWeeks);
	const dates = $derived(view.dates());
	async function exportCalendar() {
		const name = session.client?.name ?? 'Client';
		const days = dates.map((date) => ({
			id: `${session.id}-${date.what}`,
			date: date.from,
			title: `${name}: ${backTitle(date).toLowerCase()}`,
			text: date.to === undefined || date.to === date.from ? '' : backDaysWords(date)
		}));
		downloadText(
			fileName(name, session.visit.date, 'ics'),
			'text/calendar',
			await calendarOf(days, clock.now())
		);
	}
</script>

<section aria-labelledby="back">
	<h2 id="back" class="text-18">Come back in {rangeWords(view.back)}</h2>
	<p class="text-ink-soft">{backWords(view.back)}</p>
	<BackDates {dates} />
	<div class="flex flex-wrap items-end gap-3 pt-1">
		<NumberField
			label="Agreed: back in"
			value={weeks}
			{...BOUNDS.returnWeeks}
			unit="weeks"
			onchange={(v) => session.change('return', (draft) => (draft.result.returnWeeks = v))}
		/>
		<Button onclick={() => void exportCalendar()}>Dates as a calendar file</Button>
	</div>
	<h3 class="pt-4 font-semibold">Until then</h3>
	<ul>
		{#each aftercareWords(view.aftercare) as line, i (i)}<li class="border-b border-line py-1">
				{line}
			</li>{/each}
	</ul>
	<p class="pt-2">
		<a class="inline-grid tap items-center" href="/visit/{session.id}/upkeep#code"
			>Sheet for the client, with a code for the phone</a
		>
	</p>
</section>
