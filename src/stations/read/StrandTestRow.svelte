<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { BOUNDS, CHOSEN_PRODUCTS, MOST_TEST_LOOKS, ZONE_NAMES } from '../../core/vocabulary';
	import { toggleRun } from '../../model/commands/run';
	import { layersByTest, testExpects, testLooksOf } from '../../model/visit/strandTests';
	import type { StrandTest } from '../../schema/records';
	import { useClock } from '../../state/clock.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { formatDate, formatTimer, labelIn, PRODUCT_OPTIONS } from '../../wording/words';

	interface Props {
		test: StrandTest;
		onchange: (recipe: (test: StrandTest) => void) => void;
		onremove: () => void;
	}
	let { test, onchange, onremove }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	const timer = new RunTimer(clock);
	const reading = $derived(session.head.reading);
	const running = $derived(test.clock?.runningSince !== undefined);
	$effect(() => (running ? clock.run() : undefined));
	const seconds = $derived(test.clock ? timer.seconds(test.clock) : 0);
	const mixture = $derived(test.mixture);
	const factor = $derived(session.learned?.factor ?? 1);
	const looks = $derived(testLooksOf(reading, test, factor));
	const layers = $derived(layersByTest(reading, test, factor));
	let seen = $state<number>();

	const RESULTS = [
		{ value: 'pending', label: 'pending' },
		{ value: 'clean', label: 'clean' },
		{ value: 'reacted', label: 'heated, stretched or broke' }
	] as const;
	const products = CHOSEN_PRODUCTS.map((value) => ({
		value,
		label: labelIn(PRODUCT_OPTIONS, value)
	}));
	const zones = ZONE_NAMES.map((value) => ({ value, label: value }));
	/** What the head is planned with, until somebody says otherwise. */
	function withMixture(draft: StrandTest): NonNullable<StrandTest['mixture']> {
		const { product, volume, ratio } = session.visit.lift;
		return (draft.mixture ??= { product, volume, ratio });
	}
	const press = () =>
		onchange((draft) => {
			withMixture(draft);
			draft.clock ??= { elapsedSeconds: 0 };
			toggleRun(draft.clock, clock.now(), seconds);
		});
	function look() {
		if (seen === undefined) return;
		const level = seen;
		const minute = Math.min(BOUNDS.seenMinute.max, Math.round(seconds / 6) / 10);
		onchange((draft) => {
			withMixture(draft);
			const expected = testExpects(reading, draft, minute, factor);
			draft.looks = [
				...(draft.looks ?? []).slice(1 - MOST_TEST_LOOKS),
				{ minute, level, ...(expected === undefined ? {} : { expected }) }
			];
			draft.level = level;
		});
		seen = undefined;
	}
	const takeLayers = (count: number) => {
		if (!layers) return;
		const { zone } = layers;
		session.changeReading(`old colour of ${zone}`, (draft) => {
			const entry = draft.zones[zone].artificial[0];
			if (entry) entry.layers = count;
		});
	};
	const day = $derived(formatDate(test.date));
</script>

<div class="border-t border-line py-2">
	<div class="flex flex-wrap items-center gap-x-5 gap-y-1">
		<span class="figure">{day}</span>
		<Choice
			label="Result of {day}"
			hideLabel
			value={test.result}
			options={RESULTS}
			onchange={(result) => onchange((draft) => (draft.result = result))}
		/>
		<TextButton onclick={onremove}
			>Remove<span class="sr-only"> strand test of {day}</span></TextButton
		>
	</div>
	{#if test.result !== 'reacted'}
		<div class="flex flex-wrap items-end gap-x-5 gap-y-2">
			<div class="w-28">
				<Select
					label="Taken from"
					value={test.zone ?? 'lengths'}
					options={zones}
					onchange={(zone) => onchange((draft) => (draft.zone = zone))}
				/>
			</div>
			<div class="w-36">
				<Select
					label="Under"
					value={mixture?.product ?? session.visit.lift.product}
					options={products}
					onchange={(product) => onchange((draft) => (withMixture(draft).product = product))}
				/>
			</div>
			<div class="w-20">
				<NumberField
					label="Developer"
					value={mixture?.volume ?? session.visit.lift.volume}
					{...BOUNDS.volume}
					unit="vol"
					onchange={(volume) => onchange((draft) => (withMixture(draft).volume = volume))}
				/>
			</div>
			<Button onclick={press}
				>{running
					? `Hold: ${formatTimer(Math.floor(seconds))}`
					: seconds > 0
						? `Go on: ${formatTimer(Math.floor(seconds))}`
						: 'On, in foil'}</Button
			>
			{#if seconds > 0 || looks.length > 0}
				<div class="w-24">
					<NumberField
						label="Wiped: level"
						value={seen}
						{...BOUNDS.level}
						step={0.1}
						onchange={(level) => (seen = level)}
					/>
				</div>
				<Button disabled={seen === undefined || seconds < 60} onclick={look}>Note the look</Button>
			{:else if test.result === 'clean'}
				<div class="w-24">
					<NumberField
						label="Reached level"
						value={test.level}
						{...BOUNDS.level}
						step={0.5}
						onchange={(level) => onchange((draft) => (draft.level = level))}
					/>
				</div>
			{/if}
		</div>
	{/if}
	{#if looks.length > 0}
		<ol class="mt-1 flex flex-wrap gap-x-6" aria-label="Looks at the strand of {day}">
			{#each looks as { minute, seen: level, expected }, i (i)}
				<li>
					{Math.round(minute)} min: <b class="figure text-18">{formatLevel(level)}</b>
					<span class="text-14 text-ink-soft">expected {formatLevel(expected)}</span>
				</li>
			{/each}
		</ol>
	{:else if test.level !== undefined}
		<p class="text-14 text-ink-soft">
			The strand reached {formatLevel(test.level)}; the sums expect
			{formatLevel(session.head.lift.level)} of the head.
		</p>
	{/if}
	{#if layers}
		<p class="flex flex-wrap items-center gap-x-3">
			The old colour lifts as if it lay {layers.found}
			{layers.found === 1 ? 'time' : 'times'} over, not {layers.told}.
			<TextButton onclick={() => takeLayers(layers.found)}>Take it into the reading</TextButton>
		</p>
	{/if}
</div>
