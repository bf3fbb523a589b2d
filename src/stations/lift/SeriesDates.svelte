<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import { say } from '../../ui/say.svelte';
	import { calendarOf } from '../../store/calendar';
	import { useRecords } from '../../state/records';
	import { earliestDay, moveInSeries } from '../../model/commands/series';
	import type { Visit } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import DateField from '../../ui/DateField.svelte';
	import { downloadText, fileName } from '../../ui/download';
	import { daySteps } from '../../model/day/steps';
	import { useVisit } from '../../state/visitContext';
	import { formatDate, labelIn, PRODUCT_OPTIONS } from '../../wording/words';

	interface Props {
		series: readonly Visit[];
	}
	let { series }: Props = $props();
	const session = useVisit();
	const { workspace } = useRecords();
	const clock = useClock();

	const worked = (visit: Visit) =>
		daySteps(visit)
			.map(
				({ plan }) =>
					`${labelIn(PRODUCT_OPTIONS, plan.product)} ${plan.volume} vol ${plan.minutes} min`
			)
			.join(', then ');

	function move(visit: Visit, date: string) {
		const moved = moveInSeries(series, visit.id, date);
		const step = workspace.transact('visits moved', (draft) => {
			for (const each of moved) draft.visit(each.id).date = each.date;
		});
		if (step !== undefined)
			say(`${moved.length} visit${moved.length === 1 ? '' : 's'} moved.`, () =>
				workspace.undo(step)
			);
	}
	async function exportCalendar() {
		const name = session.client?.name ?? 'Client';
		const days = series.map((visit) => ({
			id: visit.id,
			date: visit.date,
			title: `${name}, visit ${visit.series!.number} of ${series.length}`,
			text: worked(visit)
		}));
		downloadText(
			fileName(name, series[0]!.date, 'ics'),
			'text/calendar',
			await calendarOf(days, clock.now())
		);
	}
</script>

<section class="mb-2 border-b border-line pt-2 pb-3" aria-label="Planned visits">
	<h2 class="text-18">Planned visits</h2>
	<ol>
		{#each series as visit (visit.id)}
			<li class="flex flex-wrap items-center gap-x-4 gap-y-1">
				<span class="w-44">
					{#if visit.status === 'done'}
						<span class="block text-ink-soft">Visit {visit.series!.number}</span>
						<b>{formatDate(visit.date)}</b>
					{:else}
						<DateField
							label="Visit {visit.series!.number}"
							value={visit.date}
							min={earliestDay(series, visit)}
							whenLeft
							onchange={(date) => move(visit, date)}
						/>
					{/if}
				</span>
				{#if visit.id === session.id}<span class="text-14 text-ink-soft">this one</span>
				{:else}<a class="inline-flex tap items-center" href="/visit/{visit.id}/read">Open</a>{/if}
				<span class="text-14 text-ink-soft">{visit.status === 'done' ? 'done' : worked(visit)}</span
				>
			</li>
		{/each}
	</ol>
	<div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1.5">
		<Button onclick={exportCalendar}>Calendar file</Button>
		<p class="text-14 text-ink-soft">Move one, and the later ones move with it.</p>
	</div>
</section>
