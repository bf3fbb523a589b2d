<script lang="ts">
	import { goto } from '$app/navigation';
	import { dryVerdict } from '../../core/plan';
	import type { RunningSection } from '../../core/work';
	import {
		dryOf,
		readDry,
		unreadDry,
		type Check,
		type DryPlace,
		type Told
	} from '../../model/commands/checks';
	import { BOUNDS } from '../../core/vocabulary';
	import { setMinutes } from '../../model/commands/acts';
	import { addAgain } from '../../model/commands/again';
	import { takesAgain } from '../../model/visit/onceMore';
	import { MAIN_STEP, reaches } from '../../model/day/steps';
	import { seenFibre } from '../../model/head/hair';
	import { applicationOn, liftTarget } from '../../model/visit/lift';
	import type { ZoneName } from '../../schema/records';
	import { offers } from '../../state/dayOffers';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Choice from '../../ui/Choice.svelte';
	import { say } from '../../ui/say.svelte';
	import type { SectionNamer } from '../../wording/bowls';
	import { STRETCH_OPTIONS, verdictWords } from '../../wording/chair';
	import { STEP_NAMES } from '../../wording/words';
	import DryPlaceReading from './DryPlaceReading.svelte';

	interface Props {
		/** The application of the day that came off last. */
		step: string;
		/** Minute of the service at which it did. */
		minute: number;
		/** What a zone is expected to have come to; nothing where nothing was put on it. */
		expectedOf: (zone: ZoneName) => number | undefined;
		/** The section that somebody points at: it may be read apart from the rest. */
		pointed: RunningSection | undefined;
		zoneOf: (section: RunningSection) => ZoneName;
		nameOf: SectionNamer;
	}
	let { step, minute, expectedOf, pointed, zoneOf, nameOf }: Props = $props();
	const session = useVisit();
	const run = $derived(session.visit.run);
	const own = $derived(session.head.steps.find(({ id }) => id === step));
	const planned = $derived(session.steps.find(({ id }) => id === step)?.plan.minutes);
	const placeOf = (zone: ZoneName, section?: string): DryPlace => ({
		zone,
		...(section === undefined ? {} : { section }),
		...(step === MAIN_STEP ? {} : { step })
	});
	const zones = $derived(
		session.head.zones
			.filter(({ name }) => own && reaches(own.plan, name))
			.map((zone) => ({
				zone,
				seen: dryOf(run, placeOf(zone.name)),
				expected: expectedOf(zone.name),
				target: liftTarget(session.head.aimOf(zone.name))
			}))
	);
	const read = (place: DryPlace, name: string, told: Told & Pick<Check, 'level'>) =>
		session.change(`read ${name} again, dry`, (draft) => readDry(draft.run, place, minute, told));
	/** How a wet strand behaves is told of the head: it is kept with the first zone that was read. */
	const first = $derived(zones.find(({ seen }) => seen));
	const stretch = $derived(first?.seen?.stretch);
	const verdict = $derived.by(() => {
		const told = zones.flatMap(({ zone, seen, target }) =>
			seen?.level === undefined || !own
				? []
				: [
						{
							name: zone.name,
							level: Math.min(seen.level, ...sectionLevels(zone.name)),
							target,
							fibre: seenFibre(session.head.reading, seen.level),
							application: applicationOn(own.plan, zone)
						}
					]
		);
		const { subject, lift } = session.head;
		return told.length === 0
			? undefined
			: dryVerdict(told, subject.factors, lift.condition, stretch);
	});
	/** Levels of the sections of a zone that were read apart. */
	const sectionLevels = (zone: ZoneName): number[] =>
		run.notes.flatMap((check) =>
			check.dry && check.section !== undefined && check.zone === zone && check.step === undefined
				? (check.level ?? [])
				: []
		);
	/** What lags gets another application of the day, which begins from what was read. */
	const again = $derived(
		verdict?.kind === 'more' && takesAgain(session.visit)
			? offers(session).find(({ kind }) => kind === 'again')?.make
			: undefined
	);
	const next = $derived(session.steps[session.steps.findIndex(({ id }) => id === step) + 1]);
	function onceMore() {
		const made = again?.();
		if (!made) return;
		session.change('once more on what lags', (draft) => addAgain(draft, made));
		say(`${made.minutes} min more on what lags.`);
	}
</script>

<section aria-label="Read it again, dry" class="mb-4">
	<h2 class="figure text-40 leading-tight max-tablet:text-28">Read it again, dry</h2>
	<p class="mb-3 text-ink-soft">
		Wet hair looks darker. Name what you see on each part; Tone starts from it. Tap a lock above to
		read one section apart.
	</p>
	{#if own && planned !== undefined}
		<!-- What is expected here and at Tone is by this. -->
		<div class="mb-4 flex flex-wrap items-baseline gap-x-4">
			<NumberField
				label="It lay"
				value={own.plan.minutes}
				{...BOUNDS.lainMinutes}
				unit="min"
				inline
				onchange={(minutes) =>
					session.change('how long it lay', (draft) => setMinutes(draft, step, minutes))}
			/>
			<p class="text-ink-soft">
				{planned === own.plan.minutes ? 'as was planned' : `${planned} were planned`}
			</p>
		</div>
	{/if}
	<div class="flex flex-col gap-5">
		{#if pointed && step === MAIN_STEP}
			{@const zone = zoneOf(pointed)}
			{@const place = placeOf(zone, pointed.section)}
			<DryPlaceReading
				name={nameOf(pointed.section)}
				seen={dryOf(run, place)}
				unread="as the {zone}"
				expected={pointed.level}
				target={pointed.target}
				onread={(told) => read(place, nameOf(pointed.section), told)}
				onunread={() =>
					session.change(`${nameOf(pointed.section)} is as the rest`, (draft) =>
						unreadDry(draft.run, place)
					)}
			/>
		{/if}
		{#each zones as { zone, seen, expected, target } (zone.name)}
			<DryPlaceReading
				name={zone.name}
				{seen}
				{expected}
				{target}
				onread={(told) => read(placeOf(zone.name), zone.name, told)}
			/>
		{/each}
		{#if first}
			<Choice
				label="A wet strand, stretched"
				value={stretch ?? ''}
				options={STRETCH_OPTIONS}
				onchange={(value) =>
					read(placeOf(first.zone.name), first.zone.name, {
						stretch: STRETCH_OPTIONS.find((option) => option.value === value)?.value
					})}
			/>
		{/if}
	</div>
	{#if verdict}
		<p class="mt-4 max-w-180 border-l-5 border-ink py-1 pl-4 text-18 font-semibold" role="status">
			{verdictWords(verdict)}
		</p>
		<div class="mt-3 flex flex-wrap gap-3 [&_button]:min-h-16">
			{#if next}
				<p class="self-center">
					Next on it: {STEP_NAMES[next.kind]}, {next.plan.volume} vol, {next.plan.minutes} min. It begins
					from what was read.
				</p>
			{:else if again}
				<Button primary onclick={onceMore}>Once more on what lags</Button>
			{/if}
			<Button primary={!next && !again} onclick={() => void goto(`/visit/${session.id}/tone`)}
				>Tone it from here</Button
			>
		</div>
	{/if}
</section>
