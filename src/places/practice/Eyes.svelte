<script lang="ts">
	import EyesChart from '../../charts/eyes/EyesChart.svelte';
	import { hexOf, undertoneSpan, type Lab, type UndertoneName } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { eyeByHue, LEAST_EYE_LOOKS } from '../../core/learn';
	import { makeQuestion, mattersOf } from '../../core/practice';
	import { BOUNDS, MOST_LOOKS, UNDERTONES } from '../../core/vocabulary';
	import type { Learner } from '../../schema/records';
	import { useClock } from '../../state/clock.svelte';
	import { learning } from '../../state/learning.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import Switch from '../../ui/Switch.svelte';
	import PictureFold from '../../widgets/PictureFold.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import ReaderUse from '../../widgets/ReaderUse.svelte';
	import { eyeRowWords } from '../../wording/practice';
	import Alike from './Alike.svelte';
	import NewLearner from './NewLearner.svelte';
	import PracticeStrand from './PracticeStrand.svelte';

	type Look = Learner['looks'][number];
	const { workspace } = useRecords();
	const clock = useClock();
	const learner = $derived(learning.learner(workspace));
	let where = $state<'drawn' | 'hand'>('drawn');
	let seed = $state(learning.seed());
	/** What lies there to be read: hair of some undertone, never the same twice. */
	const drawn = $derived.by(() => {
		const matters = mattersOf('undertone');
		return makeQuestion('undertone', matters[seed % matters.length]!, 3, seed).strands[0]!;
	});
	let level = $state<number>();
	let undertone = $state<(typeof UNDERTONES)[number] | ''>('');
	let reader = $state.raw<Lab>();
	let picture = $state.raw<Lab>();
	let ring = $state('');
	const swatches = $derived([
		{ value: '', label: 'of no ring' },
		...(workspace.shelf?.ring ?? []).map((swatch, i) => ({
			value: String(i),
			label: `the ring’s ${formatLevel(swatch.level)}`
		}))
	]);
	const ringLevel = $derived(ring === '' ? undefined : workspace.shelf?.ring[Number(ring)]?.level);
	const isRead = $derived(level !== undefined);
	const instrument = $derived(reader ?? picture ?? ringLevel);
	const undertones = [
		{ value: '' as const, label: 'not named' },
		...UNDERTONES.map((value) => ({ value, label: value }))
	];
	function begin() {
		level = reader = picture = undefined;
		undertone = ring = '';
		seed = learning.seed();
	}
	/** The look that was kept last, to be taken back. */
	let lastKept = $state.raw<string>();
	function keep() {
		if (!learner || level === undefined) return;
		const look: Look = {
			at: clock.now().toISOString(),
			level,
			...(undertone === '' ? {} : { undertone }),
			...(reader ? { reader } : {}),
			...(picture ? { picture } : {}),
			...(ringLevel === undefined ? {} : { ring: ringLevel })
		};
		lastKept = workspace.transact('a swatch read', (draft) => {
			const { looks } = draft.learner(learner.id);
			looks.push(look);
			looks.splice(0, Math.max(0, looks.length - MOST_LOOKS));
		});
		begin();
	}
	function takeBack() {
		workspace.undo(lastKept);
		lastKept = undefined;
	}
	const own = $derived(learner ? eyeByHue(learner.looks, 'person') : []);
	const pictures = $derived(learner ? eyeByHue(learner.looks, 'picture') : []);
	const total = $derived(own.reduce((sum, { looks }) => sum + looks, 0));
	/** Colour that a row is drawn in: hair of that undertone. */
	function colourOf(name: UndertoneName): string {
		const span = undertoneSpan(name);
		if (!span)
			return name === 'green' ? hexOf({ l: 62, a: -12, b: 26 }) : hexOf({ l: 82, a: 1, b: 8 });
		const angle = (((span.from + Math.min(span.to, 100)) / 2) * Math.PI) / 180;
		return hexOf({ l: 66, a: 42 * Math.cos(angle), b: 42 * Math.sin(angle) });
	}
	const rows = $derived(
		own.map((row) => {
			const other = pictures.find((each) => each.undertone === row.undertone);
			return {
				name: row.undertone === 'none' ? 'no warmth' : row.undertone,
				colour: colourOf(row.undertone),
				marks: [{ ...row, who: 'you' }, ...(other ? [{ ...other, who: 'pictures' }] : [])]
			};
		})
	);
	function correct(on: boolean) {
		if (!learner) return;
		workspace.transact('corrections of an eye', (draft) => {
			const mine = draft.learner(learner.id);
			if (on) mine.corrects = true;
			else delete mine.corrects;
		});
	}
</script>

{#if !learner}
	<PlaceHead title="Whose eyes?" />
	<NewLearner />
{:else}
	<PlaceHead title="Your eyes beside a reader" above="Practice · {learner.name}" />
	<div class="grid grid-cols-2 gap-x-12 gap-y-8 max-desk:grid-cols-1">
		<section aria-labelledby="swatch-title">
			<h2 id="swatch-title" class="mb-2 text-15 text-ink-soft">One swatch, read by all</h2>
			<Choice
				label="What is read"
				value={where}
				options={[
					{ value: 'drawn', label: 'a strand on this screen' },
					{ value: 'hand', label: 'a swatch in your hand' }
				]}
				onchange={(value) => {
					where = value;
					begin();
				}}
			/>
			{#if where === 'drawn'}
				<div class="mt-3 h-52 bg-field px-20 max-tablet:px-8">
					<PracticeStrand strand={drawn} hanging label="the swatch" />
				</div>
			{/if}
			<div class="mt-3 flex flex-wrap items-end gap-x-6 gap-y-3">
				<div class="w-32">
					<NumberField
						label="You read: level"
						value={level}
						{...BOUNDS.level}
						step={0.1}
						onchange={(value) => (level = value)}
					/>
				</div>
				<div class="w-44">
					<Select
						label="You see"
						value={undertone}
						options={undertones}
						onchange={(value) => (undertone = value)}
					/>
				</div>
				{#if where === 'hand'}
					<div class="w-44">
						<Select
							label="It is"
							value={ring}
							options={swatches}
							onchange={(value) => (ring = value)}
						/>
					</div>
				{/if}
			</div>
			{#if isRead}
				<h3 class="mt-5 mb-1 text-15 text-ink-soft">Now the colour reader</h3>
				{#if where === 'drawn'}
					<ReaderUse
						hair={() => drawn.labs[0]!}
						place="swatch {seed}"
						action="Take this reading"
						ontake={(reading) => (reader = reading.lab)}
					/>
				{/if}
				<h3 class="mt-5 mb-1 text-15 text-ink-soft">Or a picture of it</h3>
				<PictureFold
					action="Take this reading"
					of="swatch"
					ontake={(reading) => {
						picture = reading.lab;
						return `The picture reads ${formatLevel(reading.level)}.`;
					}}
				/>
			{:else}
				<p class="mt-3 text-ink-soft">
					Name it first, so that no instrument leads the eye; then let the instruments read.
				</p>
			{/if}
			<div class="mt-5 flex flex-wrap gap-3">
				<Button primary disabled={!isRead || instrument === undefined} onclick={keep}
					>Keep this look</Button
				>
				<Button onclick={begin}>Another swatch</Button>
				{#if lastKept !== undefined}<Button onclick={takeBack}>Take the last look back</Button>{/if}
			</div>
		</section>
		<section aria-labelledby="off-title">
			<h2 id="off-title" class="mb-2 text-15 text-ink-soft">How far off, and in which direction</h2>
			{#if rows.length === 0}
				<p class="text-ink-soft">
					Nothing is kept yet. From {LEAST_EYE_LOOKS} looks on it is known how far this eye reads off.
				</p>
			{:else}
				<EyesChart {rows} label="Levels read too light or too deep, by undertone" />
				<p class="mt-1 text-13 text-ink-soft">
					Levels too deep to the left, too light to the right; full: you, ring: pictures.
				</p>
				<ul class="mt-3">
					{#each own as row (row.undertone)}
						<li>
							{eyeRowWords(
								row,
								pictures.find((each) => each.undertone === row.undertone)
							)}
						</li>
					{/each}
				</ul>
			{/if}
			<div class="mt-4">
				<Switch
					label="Offer it as a correction when {learner.name} reads a head"
					checked={learner.corrects === true}
					onchange={correct}
				/>
				<p class="text-14 text-ink-soft">
					{total < LEAST_EYE_LOOKS
						? `Once ${LEAST_EYE_LOOKS} looks are kept; so far ${total}.`
						: 'It stands beside the level in Read, to be taken or left.'}
				</p>
			</div>
			<Alike />
		</section>
	</div>
{/if}
