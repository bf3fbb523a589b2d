<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { hexOf, rgbOf } from '../../core/colour';
	import { describeTone, formatLevel } from '../../core/hair';
	import { DYE_NAMES, rawLab } from '../../core/tone';
	import { WHITE_FIBRE } from '../../core/lift';
	import AgeingChart from '../../charts/ageing/AgeingChart.svelte';
	import Choice from '../../ui/Choice.svelte';
	import { freshenWeek } from '../../core/plan';
	import { BOUNDS } from '../../core/vocabulary';
	import { setHabit, type HabitName } from '../../model/commands/habit';
	import { useVisit } from '../../state/visitContext';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import { blueWords, habitWords, violetWords, waterWords } from '../../wording/ageing';

	const session = useVisit();
	const toner = $derived(session.toner);
	/** The strands are drawn when somebody looks. */
	let open = $state(false);
	/** A dye of which there is less is told of nowhere, absorbance. */
	const LEAST_SHOWN = 0.005;
	const WEEKS = [0, 2, 4, 6, 8, 12] as const;
	/** When half of the toner has gone; nothing where it lasts longer than it is watched. */
	const freshen = $derived(freshenWeek(toner.weeks));
	const shown = $derived(
		WEEKS.flatMap((at) => toner.weeks.find(({ week }) => week === at) ?? []).map((week) => ({
			...week,
			words: describeTone(week.lab, week.left > 0.2 ? 'toned' : 'lightened')
		}))
	);
	/** Each dye of the toner over the weeks, drawn in what it makes of white hair. */
	const tracks = $derived(
		DYE_NAMES.flatMap((dye) => {
			const amounts = toner.weeks.map(({ dyes }) => dyes[dye] ?? 0);
			return (amounts[0] ?? 0) > LEAST_SHOWN
				? [{ dye, amounts, colour: hexOf(rawLab({ pigment: WHITE_FIBRE, dye: { [dye]: 1 } })) }]
				: [];
		})
	);
	const glossed = $derived(session.habit.glossWeeks);
	const change = (label: string, name: HabitName, value: number) =>
		session.changeClient(label, (draft) => setHabit(draft, name, value));
	const GLOSS_OPTIONS = ['0', '4', '6', '8'].map((value) => ({
		value,
		label: value === '0' ? 'none between' : `every ${value} weeks`
	}));
	const toned = $derived(toner.parts.length > 0);
	const summary = $derived(
		!toned
			? `without a toner, at ${habitWords(session.habit)}`
			: `${freshen === undefined ? 'lasts twelve weeks' : `freshen it in week ${freshen}`}, at ${habitWords(session.habit)}`
	);
</script>

<Fold title="How it ages" {summary} ontoggle={(isOpen) => (open = isOpen)}>
	{#if open}
		<ol
			class="grid grid-cols-6 gap-2 bg-field px-3 py-2 text-on-field max-tablet:grid-cols-3"
			aria-label="The colour week by week"
		>
			{#each shown as { week, lab, level, left, words } (week)}
				<li class="text-center leading-close">
					<span class="mx-auto block h-22 max-w-21"
						><Strand
							hanging
							seed={week + 31}
							colours={{ hair: [rgbOf(lab), rgbOf(lab)] }}
							label="{words}, level {formatLevel(level)}"
						/></span
					>
					<b class="block figure text-22">{formatLevel(level)}</b>
					<span class="block text-13">{words}</span>
					<span class="block text-13">{week === 0 ? 'that day' : `${week} weeks`}</span>
					{#if toned}<span class="block text-13">{Math.round(100 * left)} % left</span>{/if}
				</li>
			{/each}
		</ol>
		{#if tracks.length > 0}
			<AgeingChart {tracks} weeks={WEEKS} />
		{/if}
		<div class="mt-2 grid grid-cols-2 gap-x-8 max-tablet:grid-cols-1">
			<Dial
				label="Washes a week"
				value={session.habit.washesPerWeek}
				{...BOUNDS.washesPerWeek}
				step={0.5}
				shown={`${session.habit.washesPerWeek}`}
				onchange={(v) => session.changeClient('washes', (draft) => (draft.washesPerWeek = v))}
			/>
			<Dial
				label="Violet shampoo a week"
				value={session.habit.violetPerWeek ?? 0}
				{...BOUNDS.violetPerWeek}
				shown={session.habit.violetPerWeek ? `${session.habit.violetPerWeek}` : 'none'}
				hint={violetWords(session.tonerUndertone.name)}
				onchange={(v) => change('violet shampoo', 'violetPerWeek', v)}
			/>
			<Dial
				label="Blue shampoo a week"
				value={session.habit.bluePerWeek ?? 0}
				{...BOUNDS.violetPerWeek}
				shown={session.habit.bluePerWeek ? `${session.habit.bluePerWeek}` : 'none'}
				hint={blueWords(session.tonerUndertone.name)}
				onchange={(v) => change('blue shampoo', 'bluePerWeek', v)}
			/>
			<Choice
				label="A gloss brings it back"
				value={`${glossed ?? 0}`}
				options={GLOSS_OPTIONS}
				onchange={(v) => change('gloss between visits', 'glossWeeks', Number(v))}
			/>
		</div>
		{#if waterWords(session.habit.water)}
			<p class="text-ink-soft">{waterWords(session.habit.water)}</p>
		{/if}
	{/if}
</Fold>
