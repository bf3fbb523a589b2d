<script lang="ts">
	import { UNDERTONES } from '../../core/vocabulary';
	import { formatLevel } from '../../core/hair';
	import { dryVerdict } from '../../core/plan';
	import { labOfFibre } from '../../core/lift';
	import { dryOf, readDry, type Told } from '../../model/commands/checks';
	import { mainPlan } from '../../model/visit/day';
	import { seenFibre } from '../../model/visit/hair';
	import { modelledUndertone } from '../../model/visit/ladder';
	import { applicationOn, liftTarget } from '../../model/visit/lift';
	import type { ZoneName } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';
	import Choice from '../../ui/Choice.svelte';
	import Select from '../../ui/Select.svelte';
	import Ladder from '../../widgets/Ladder.svelte';
	import { STRETCH_OPTIONS, verdictWords } from '../../wording/chair';

	interface Props {
		/** Minute of the service at which the last of it came off. */
		minute: number;
		/** What a zone is expected to have come to; nothing where nothing was put on it. */
		expectedOf: (zone: ZoneName) => number | undefined;
	}
	let { minute, expectedOf }: Props = $props();
	const session = useVisit();
	const run = $derived(session.visit.run);
	const plan = $derived(mainPlan(session.visit));
	const zones = $derived(
		session.head.zones
			.filter(({ name }) => plan.covers[name])
			.map((zone) => ({
				zone,
				seen: dryOf(run, zone.name),
				expected: expectedOf(zone.name),
				target: liftTarget(session.head.aimOf(zone.name))
			}))
	);

	/** Half levels up to one past the aim, whatever was expected: what is expected would tell the answer. */
	const RUNGS = 9;
	const rungsTo = (target: number) => {
		const top = Math.min(11, Math.ceil(target) + 1);
		return Array.from({ length: RUNGS }, (_, i) => top - (RUNGS - 1 - i) / 2).map((level) => ({
			value: formatLevel(level),
			name: formatLevel(level),
			words: modelledUndertone(session.head.reading, level),
			lab: labOfFibre(seenFibre(session.head.reading, level))
		}));
	};
	const NAMES = [
		{ value: 'model', label: 'as the lock shows' },
		...UNDERTONES.map((value) => ({ value, label: value }))
	];
	const read = (zone: ZoneName, told: Told) =>
		session.change(`read ${zone} again, dry`, (draft) => readDry(draft.run, zone, minute, told));
	/** How a wet strand behaves is told of the head: it is kept with the first zone that was read. */
	const first = $derived(zones.find(({ seen }) => seen));
	const stretch = $derived(first?.seen?.stretch);
	const verdict = $derived.by(() => {
		const told = zones.flatMap(({ zone, seen, target }) =>
			seen?.level === undefined
				? []
				: [
						{
							name: zone.name,
							level: seen.level,
							target,
							fibre: seenFibre(session.head.reading, seen.level),
							application: applicationOn(plan, zone)
						}
					]
		);
		const { subject, lift } = session.head;
		return told.length === 0
			? undefined
			: dryVerdict(told, subject.factors, lift.condition, stretch);
	});
</script>

<section aria-label="Read it again, dry" class="mb-4">
	<h2 class="figure text-40 leading-tight max-tablet:text-28">Read it again, dry</h2>
	<p class="mb-3 text-ink-soft">
		Wet hair looks darker. Name what you see on each part; Tone starts from it.
	</p>
	<div class="flex flex-col gap-5">
		{#each zones as { zone, seen, expected, target } (zone.name)}
			<div>
				<h3 class="mb-1 flex flex-wrap items-baseline gap-x-4">
					<span class="figure text-22">{zone.name}</span>
					<span
						><b class="figure text-22"
							>{seen?.level === undefined ? 'not read yet' : formatLevel(seen.level)}</b
						>
						<span class="font-normal text-ink-soft"
							>{expected === undefined
								? ''
								: `${formatLevel(expected)} was expected, `}{formatLevel(target)} was the aim of the lift</span
						></span
					>
				</h3>
				<Ladder
					label="Level seen on the {zone.name}"
					rungs={rungsTo(target)}
					value={seen?.level === undefined ? '' : formatLevel(seen.level)}
					onpick={(level) => read(zone.name, { level: Number(level) })}
				/>
				{#if seen}
					<div class="mt-2 max-w-80">
						<Select
							label="Undertone of the {zone.name}"
							value={seen.undertone ?? 'model'}
							options={NAMES}
							onchange={(name) =>
								read(zone.name, { undertone: UNDERTONES.find((each) => each === name) })}
						/>
					</div>
				{/if}
			</div>
		{/each}
		{#if first}
			<Choice
				label="A wet strand, stretched"
				value={stretch ?? ''}
				options={STRETCH_OPTIONS}
				onchange={(value) =>
					read(first.zone.name, {
						stretch: STRETCH_OPTIONS.find((option) => option.value === value)?.value
					})}
			/>
		{/if}
	</div>
	{#if verdict}
		<p class="mt-4 max-w-180 border-l-5 border-ink py-1 pl-4 text-18 font-semibold" role="status">
			{verdictWords(verdict)}
		</p>
	{/if}
</section>
