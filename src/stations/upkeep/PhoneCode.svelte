<script lang="ts">
	import { encode } from 'uqr';
	import type { BackDate } from '../../model/visit/backDates';
	import { useClock } from '../../state/clock.svelte';
	import { calendarOf } from '../../store/calendar';
	import Button from '../../ui/Button.svelte';
	import { downloadText, fileName } from '../../ui/download';
	import { backDaysWords, backTitle } from '../../wording/backDates';

	interface Props {
		name: string;
		dates: readonly BackDate[];
		care: readonly string[];
	}
	let { name, dates, care }: Props = $props();
	const clock = useClock();
	const first = $derived(name.split(' ')[0] ?? name);
	const back = $derived(dates.find(({ what }) => what === 'back'));
	/** All of it in one day of a calendar: that is what a phone makes of the code, without any server. */
	const told = $derived(
		[...dates.map((date) => `${backTitle(date)}: ${backDaysWords(date)}.`), ...care].join('\n')
	);
	const code = $derived.by(async () =>
		back
			? calendarOf(
					[
						{
							id: back.from,
							date: back.from,
							title: `Hair: come back, ${backDaysWords(back)}`,
							text: told
						}
					],
					clock.now()
				)
			: ''
	);
	/** The dark squares of the code as one path, and how many stand in a row with the quiet ones around them. */
	function squares(text: string) {
		const { data, size } = encode(text, { ecc: 'L', border: 4 });
		const path = data
			.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : [])))
			.join('');
		return { path, size };
	}
	const asText = () =>
		downloadText(fileName(`hair-${first}`, clock.today, 'txt'), 'text/plain', `${told}\n`);
	const asCalendar = async () =>
		downloadText(fileName(`hair-${first}`, clock.today, 'ics'), 'text/calendar', await code);
</script>

<section class="my-5 flex flex-wrap items-center gap-x-8 gap-y-3" aria-label="For the phone">
	{#await code then text}
		{@const { path, size } = squares(text)}
		<svg
			class="aspect-square w-full max-w-80 flex-none bg-white print-exact"
			viewBox="0 0 {size} {size}"
			shape-rendering="crispEdges"
			role="img"
			aria-label="Code that holds the dates and the aftercare"
			><path class="fill-black" d={path} /></svg
		>
	{/await}
	<div class="max-w-80">
		<p class="font-semibold">Point your phone’s camera at it.</p>
		<p class="text-ink-soft">
			It holds the dates and the aftercare in itself, as an entry for your calendar. Nothing is sent
			anywhere.
		</p>
		<div class="no-print flex flex-wrap gap-3 pt-2">
			<Button onclick={asText}>Save as text</Button>
			<Button onclick={() => void asCalendar()}>Save for a calendar</Button>
		</div>
	</div>
</section>
