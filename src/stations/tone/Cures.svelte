<script lang="ts">
	import { formatLevel, describeTone } from '../../core/hair';
	import { undertoneOf } from '../../core/colour';
	import type { Cure, ToneFault } from '../../core/cure';
	import { compute } from '../../compute/browser';
	import { BOUNDS, TONE_FAULTS, UNDERTONES } from '../../core/vocabulary';
	import { newId } from '../../model/identity';
	import { dropCure, logCure } from '../../model/commands/cures';
	import { cureProblem, faultCause, isOfTheLift, type SeenFault } from '../../model/visit/cure';
	import { seenLab, uniform } from '../../model/head/hair';
	import { recordParts } from '../../model/visit/tone';
	import { Search } from '../../state/search.svelte';
	import { useVisit } from '../../state/visitContext';
	import Strand from '../../charts/strand/Strand.svelte';
	import Button from '../../ui/Button.svelte';
	import Dial from '../../ui/Dial.svelte';
	import Fold from '../../ui/Fold.svelte';
	import Progress from '../../ui/Progress.svelte';
	import Select from '../../ui/Select.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import { causeWords, cureNote, curedWords, cureWords, FAULT_WORDS } from '../../wording/cures';
	import { distanceWords, formulaWords } from '../../wording/tone';

	const session = useVisit();
	const head = $derived(session.head);
	let open = $state(false);
	let fault = $state<ToneFault>('hotRoot');
	/** What is seen, where it is not what was expected. */
	let seenLevel = $state<number>();
	let called = $state<NonNullable<SeenFault['undertone']>>();
	const bare = $derived(isOfTheLift(fault));
	const level = $derived(
		seenLevel ?? Math.round(10 * (bare ? head.rawLevel : head.toner.toned.level)) / 10
	);
	/** As it would be called at that level, until somebody says so. */
	const undertone = $derived.by(() => {
		if (called) return called;
		const { name } = undertoneOf(seenLab(head.reading, level));
		return UNDERTONES.find((one) => one === name) ?? 'pale yellow';
	});
	const seen: SeenFault = $derived({ fault, level, ...(bare ? { undertone } : {}) });
	const problem = $derived(
		open
			? cureProblem(head, seen, session.habit, session.shelf, session.stopsOfCure.length > 0)
			: undefined
	);
	const search = new Search(compute, 'findCures', `cures ${session.id}`, () => problem);
	const answer = $derived(search.found);
	const cures = $derived(search.finding?.question.fault === fault ? (answer?.cures ?? []) : []);
	const done = $derived(session.visit.run.cures ?? []);
	const partsOf = (cure: Cure) =>
		'formula' in cure && head.toner.line ? recordParts(cure.formula, head.toner.line) : [];

	function see(next: ToneFault) {
		fault = next;
		seenLevel = undefined;
		called = undefined;
	}
	const log = (cure: Cure) =>
		session.change('noted a cure', (draft) =>
			logCure(draft, seen, cure, partsOf(cure), { id: newId(), now: session.now() })
		);
	const drop = (id: string) => session.change('a cure taken back', (draft) => dropCure(draft, id));
</script>

<Fold
	title="Something is not right"
	summary={done.length === 0 ? 'what do you see?' : done.map(curedWords).join('; ')}
	ontoggle={(isOpen) => (open = isOpen)}
>
	{#if open}
		<div class="grid grid-cols-2 gap-x-8 max-tablet:grid-cols-1">
			<Select
				label="What do you see?"
				value={fault}
				options={TONE_FAULTS.map((value) => ({ value, label: FAULT_WORDS[value] }))}
				onchange={see}
			/>
			{#if bare}
				<Select
					label="Its undertone"
					value={undertone}
					options={UNDERTONES.map((value) => ({ value, label: value }))}
					onchange={(value) => (called = value)}
				/>
			{/if}
			<Dial
				label="It looks like level"
				value={level}
				{...BOUNDS.level}
				step={0.5}
				shown={formatLevel(level)}
				onchange={(value) => (seenLevel = value)}
			/>
		</div>
		<p class="mt-1">{causeWords(faultCause(head, fault))}</p>
		{#if answer}
			<div class="mt-2 grid grid-cols-[128px_minmax(0,1fr)] items-center gap-4">
				<span class="block h-14 bg-field py-2 pl-2"
					><Strand colours={uniform(answer.before)} seed={17} label="as it is" /></span
				>
				<p><b>As it is:</b> {formatLevel(answer.level)}, {describeTone(answer.before, 'toned')}</p>
			</div>
			<ol aria-label="What can be done, the gentlest first">
				{#each cures as cure (cure.act)}
					{@const parts = partsOf(cure)}
					<li
						class="grid grid-cols-[128px_minmax(0,1fr)_auto] items-center gap-4 border-t border-line py-2 @max-narrow:grid-cols-[72px_minmax(0,1fr)] @max-narrow:[&_button]:col-span-full"
					>
						<span class="block h-14 bg-field py-2 pl-2"
							><Strand
								colours={uniform(cure.lab)}
								seed={18}
								label={formatLevel(cure.level)}
							/></span
						>
						<div>
							<p class="font-semibold">{cureWords(cure, formulaWords(parts))}</p>
							<p class="text-14 text-ink-soft">
								Then {formatLevel(cure.level)}, {describeTone(cure.lab, 'toned')}: {distanceWords(
									cure.deltaE
								)}. {cureNote(cure)}
							</p>
						</div>
						<Button onclick={() => log(cure)}>This was done</Button>
					</li>
				{:else}
					<li class="border-t border-line py-2">
						Nothing that is gentle enough for this hair today would bring it nearer. Leave it, and
						look again at the next visit.
					</li>
				{/each}
			</ol>
		{:else if search.trouble}
			<p role="status">
				{search.trouble}
				<Button onclick={() => search.again()}>Search again</Button>
			</p>
		{:else}
			<Progress label="Looking for what helps…" share={search.progress || undefined} />
		{/if}
	{/if}
</Fold>
{#if done.length > 0}
	<ul aria-label="What was done about it" class="mt-2">
		{#each done as cure (cure.id)}
			<li class="flex items-center justify-between gap-4 border-t border-line">
				<span>{curedWords(cure)}, expected {formatLevel(cure.expected)}</span>
				<TextButton onclick={() => drop(cure.id)}>It was not</TextButton>
			</li>
		{/each}
	</ul>
{/if}
