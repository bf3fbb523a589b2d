<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import { describeTone, formatLevel } from '../../core/hair';
	import { freshenWeek } from '../../core/plan';
	import { BOUNDS } from '../../core/vocabulary';
	import { useVisit } from '../../state/visitContext';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import { habitWords, violetWords } from '../../wording/ageing';

	const session = useVisit();
	const toner = $derived(session.toner);
	/** The strands are drawn when somebody looks. */
	let open = $state(false);
	const WEEKS = [0, 2, 4, 6, 8, 12] as const;
	/** When half of the toner has gone; nothing where it lasts longer than it is watched. */
	const freshen = $derived(freshenWeek(toner.weeks));
	const shown = $derived(
		WEEKS.flatMap((at) => toner.weeks.find(({ week }) => week === at) ?? []).map((week) => ({
			...week,
			words: describeTone(week.lab, week.left > 0.2 ? 'toned' : 'lightened')
		}))
	);
	const summary = $derived(
		`${freshen === undefined ? 'lasts twelve weeks' : `freshen it in week ${freshen}`}, at ${habitWords(session.habit)}`
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
					<span class="block text-13">{Math.round(100 * left)} % left</span>
				</li>
			{/each}
		</ol>
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
				hint={violetWords(session.head.rawUndertone.name)}
				onchange={(v) =>
					session.changeClient('violet shampoo', (draft) => {
						if (v > 0) draft.violetPerWeek = v;
						else delete draft.violetPerWeek;
					})}
			/>
		</div>
	{/if}
</Fold>
