<script lang="ts">
	import { formatLevel, LEAST_SEEN_STEP } from '../../core/hair';
	import { BOUNDS } from '../../core/vocabulary';
	import { seePlace, type SeenPlace } from '../../model/commands/result';
	import type { EndRow } from '../../state/sendOffView.svelte';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import { STRETCH_OPTIONS } from '../../wording/chair';
	import { areaWords } from '../../wording/words';

	interface Props {
		rows: readonly EndRow[];
		/** What is expected is still being found out: nobody can say yet whether it came so. */
		awaited: boolean;
	}
	let { rows, awaited }: Props = $props();
	const session = useVisit();
	/** By how much a tap says that it came out otherwise, levels. */
	const TAP = 0.5;
	const TAPS = [
		{ value: 'deeper', label: '½ deeper' },
		{ value: 'as', label: 'as expected' },
		{ value: 'lighter', label: '½ lighter' }
	] as const;
	type Tap = (typeof TAPS)[number]['value'];
	const TONES = [
		'',
		'cool',
		'neutral',
		'warm',
		'gold',
		'copper',
		'red',
		'violet',
		'blue',
		'green'
	].map((value) => ({ value, label: value === '' ? 'not said' : value }));
	const STRETCH = [{ value: '' as const, label: 'not tried' }, ...STRETCH_OPTIONS];

	const see = ({ place, isMain }: EndRow, told: SeenPlace) =>
		session.change(`seen at the end, ${Object.values(place).join()}`, (draft) =>
			seePlace(draft, place, told, isMain)
		);
	function tapOf({ seen, expected }: EndRow): Tap | '' {
		if (seen?.level === undefined) return '';
		const gap = seen.level - expected.toned;
		return gap < -LEAST_SEEN_STEP ? 'deeper' : gap > LEAST_SEEN_STEP ? 'lighter' : 'as';
	}
	const tapped = (row: EndRow, tap: Tap) =>
		see(row, {
			level: row.expected.toned + (tap === 'as' ? 0 : tap === 'lighter' ? TAP : -TAP),
			...(tap === 'as' && !row.seen?.tone ? { tone: row.expected.word } : {})
		});
	const open = $derived(rows.filter(({ seen }) => seen?.level === undefined));
	function allAsExpected() {
		session.change('all as expected', (draft) => {
			for (const { place, isMain, expected } of open)
				seePlace(draft, place, { level: expected.toned, tone: expected.word }, isMain);
		});
	}
	const nameOf = ({ zone, areas }: EndRow) => zone ?? areaWords(areas ?? []);
	/** What a person called it that is not on the list stands there all the same. */
	const tonesFor = (tone: string) =>
		TONES.some(({ value }) => value === tone) ? TONES : [...TONES, { value: tone, label: tone }];
</script>

<section aria-labelledby="places">
	<div class="flex flex-wrap items-end justify-between gap-3 pb-1">
		<h2 id="places" class="text-18">Place by place, dry and straight</h2>
		{#if open.length > 0}
			<Button disabled={awaited} onclick={allAsExpected}
				>{open.length === rows.length ? 'All' : 'The rest'} as expected</Button
			>
		{/if}
	</div>
	<ul>
		{#each rows as row (row.key)}
			{@const tap = tapOf(row)}
			<li
				class="grid grid-cols-3 items-end gap-x-4 gap-y-1 border-t border-line py-2 @wide:grid-cols-[144px_minmax(0,1fr)_84px_116px_116px]"
			>
				<div class="col-span-3 self-center @wide:col-span-1">
					<b>{nameOf(row)}</b>
					<span class="block text-14 text-ink-soft"
						>{#if awaited}expected: being worked out{:else}expected
							<b class="figure">{formatLevel(row.expected.toned)}</b>
							{row.expected.word}{/if}{row.minutes === undefined
							? ', left out'
							: `, ${row.minutes} min`}{row.bare === undefined
							? ''
							: `; bare ${formatLevel(row.bare)} seen`}</span
					>
				</div>
				<div class="col-span-3 self-center @wide:col-span-1">
					<Choice
						hideLabel
						disabled={awaited}
						label="{nameOf(row)}, seen"
						value={awaited ? '' : tap}
						options={TAPS}
						onchange={(to) => to && tapped(row, to)}
					/>
					{#if tap === '' && !awaited}<span class="text-14 text-ink-soft">Not looked at.</span>{/if}
				</div>
				<NumberField
					label="Level seen"
					value={row.seen?.level}
					{...BOUNDS.level}
					step={0.1}
					onchange={(level) => see(row, { level })}
				/>
				<Select
					label="Tone"
					value={row.seen?.tone ?? ''}
					options={tonesFor(row.seen?.tone ?? '')}
					onchange={(tone) => see(row, { tone })}
				/>
				<Select
					label="Stretch"
					value={row.seen?.stretch ?? ''}
					options={STRETCH}
					onchange={(stretch) => stretch && see(row, { stretch })}
				/>
			</li>
		{/each}
	</ul>
</section>
