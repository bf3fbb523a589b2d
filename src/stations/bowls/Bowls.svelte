<script lang="ts">
	import { handsWords } from '../../wording/handPace';
	import { goto } from '$app/navigation';
	import { compute } from '../../compute/browser';
	import { GRAMS_PER_OUNCE, ratioFault } from '../../core/mix';
	import Button from '../../ui/Button.svelte';
	import { printPage } from '../../ui/paper.svelte';
	import Tabs from '../../ui/Tabs.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Progress from '../../ui/Progress.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import Station from '../../widgets/Station.svelte';
	import { Search } from '../../state/search.svelte';
	import { useVisit } from '../../state/visitContext';
	import { formatHours, formatPrice, formatRatio } from '../../wording/words';
	import AdviceList from './AdviceList.svelte';
	import BowlDials from './BowlDials.svelte';
	import BowlList from './BowlList.svelte';
	import ClockDials from './ClockDials.svelte';
	import ClockView from './ClockView.svelte';
	import Evenness from './Evenness.svelte';
	import FoilField from '../../widgets/FoilField.svelte';
	import OneSection from './OneSection.svelte';
	import WholeHead from './WholeHead.svelte';
	import { LateHead } from '../../state/lateHead.svelte';
	import { dayBowls, mixtureCost, type MixBowl } from '../../model/visit/dayBowls';
	import SectionList from './SectionList.svelte';
	import { otherWays } from '../../state/otherWays';
	import { evenWords, sectionNamer, stagingFaultWords } from '../../wording/bowls';
	import { ratioFaultWords, strengthWords } from '../../wording/strength';
	import Part from '../../widgets/Part.svelte';

	const session = useVisit();
	const plan = $derived(session.plan);
	const staging = $derived(session.bowls.staging);
	const main = $derived(session.bowlPlan);
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const fault = $derived(session.bowls.fault && stagingFaultWords(session.bowls.fault, nameOf));
	/** Every bowl of the day: lighteners, lowlights, toner. */
	const bowls = $derived(dayBowls(session));
	const unmixable = $derived(bowls.filter(({ mixable }) => !mixable));
	const stock = $derived((session.shelf?.developers ?? []).toSorted((a, b) => a - b));
	const ratio = $derived(ratioFault(plan.product, plan.ratio));
	const cost = $derived(mixtureCost(bowls, session.shelf));
	let ounces = $state(false);
	const weigh = (grams: number) =>
		ounces ? `${(grams / GRAMS_PER_OUNCE).toFixed(2)} oz` : `${grams} g`;

	const PICTURES = [
		{ value: 'bowls', label: 'Bowls' },
		{ value: 'sections', label: 'Sections' },
		{ value: 'clock', label: 'Clock' }
	] as const;
	let looked = $state<(typeof PICTURES)[number]['value']>('bowls');
	let chosen = $state<string>();
	/** Sections in the order of the work, or as a table that is sorted by anything. */
	let asTable = $state(false);
	const one = $derived(session.bowls.sections.find(({ section }) => section.id === chosen));
	const late = new LateHead(session);

	// What other ways would do is looked for only while somebody looks here.
	const ways = $derived(looked === 'clock' ? [] : otherWays(session, looked));
	const comparer = new Search(compute, 'compareHeads', `ways ${session.id}`, () =>
		ways.length > 0 ? ways : undefined
	);
	const range = $derived.by(() => {
		const strength = `${strengthWords(main)}, ${formatRatio(plan.ratio)}`;
		if (!staging) return `${strength} · reserve ${weigh(main.reserveGrams)} within`;
		return `${strength} · ${evenWords(staging)}`;
	});
	const learned = $derived(
		session.usage.visits > 0
			? `, ${Math.round(Math.abs(session.usage.factor - 1) * 100)} % ${session.usage.factor < 1 ? 'less' : 'more'} than usual, from ${session.usage.visits === 1 ? 'what was left last time' : `${session.usage.visits} visits`}`
			: ''
	);

	/** Whose pace it is, where it is not the usual one. */
	const paceHint = $derived(
		Math.abs(session.handPace.factor - 1) < 0.02 ? '' : `, ${handsWords(session.handPace.factor)}`
	);

	const mix = (bowl: MixBowl) => void goto(`/visit/${session.id}/mix?bowl=${bowl.number}`);
	function next() {
		session.settle('bowls');
		void goto(`/visit/${session.id}/chair`);
	}
</script>

{#if !session.lightens}
	{#await import('../../widgets/NoLift.svelte') then { default: NoLift }}<NoLift
			question="What goes into each bowl?"
		/>{/await}
{:else}
	<Station
		question="What goes into each bowl?"
		answer={weigh(session.work.grams)}
		words="mixed, in {session.work.bowls} bowl{session.work.bowls === 1 ? '' : 's'}"
		{range}
		facts={[
			{ value: formatHours(main.workMinutes), label: `to put it on${paceHint}` },
			{ value: formatHours(session.chairMinutes), label: 'at the chair' },
			...(cost === undefined
				? []
				: [{ value: formatPrice(cost, session.shelf), label: 'for what is mixed' }])
		]}
	>
		{#snippet field()}
			{#if looked === 'sections'}
				<Part name="foil plan"><FoilField {chosen} onchoose={(id) => (chosen = id)} /></Part>
			{:else if staging}
				<Part name="evenness"
					><Evenness staging={looked === 'clock' ? (late.kept ?? staging) : staging} /></Part
				>
			{:else}
				<p role="status">
					{#if !session.bowls.worked}Nothing is put on: choose in Lift where it goes.
					{:else if fault ?? session.bowls.search.trouble}{fault ?? session.bowls.search.trouble}
					{:else}<Progress
							label="Staging the bowls…"
							share={session.bowls.search.progress || undefined}
						/>{/if}
				</p>
			{/if}
		{/snippet}
		{#snippet picture()}
			<Tabs
				label="What to look at"
				value={looked}
				options={PICTURES}
				onchange={(v) => (looked = v)}
			>
				<div class="relative min-w-0" aria-busy={session.bowls.search.searching}>
					{#if looked === 'sections'}
						<div class="absolute -top-12 right-0">
							<TextButton pressed={asTable} onclick={() => (asTable = !asTable)}
								>{asTable ? 'In order, to move' : 'As a table'}</TextButton
							>
						</div>
						{#if asTable}
							{#await import('./SectionTable.svelte') then { default: SectionTable }}
								<Part name="sections"><SectionTable {chosen} /></Part>
							{/await}
						{:else}
							<Part name="sections"
								><SectionList
									{chosen}
									onchoose={(id) => (chosen = chosen === id ? undefined : id)}
								/></Part
							>
						{/if}
					{:else if looked === 'clock'}
						{#if staging}<Part name="clock"><ClockView {staging} late={late.kept} /></Part>{/if}
					{:else}
						{#if ratio}<p class="mb-3 font-semibold text-stop" role="alert">
								{ratioFaultWords(plan.ratio, ratio)}
							</p>{/if}
						{#each unmixable.slice(0, 1) as bowl (bowl.id)}
							<p class="mb-3 font-semibold text-stop" role="alert">
								{bowl.volume} vol cannot be mixed from the developers in stock ({stock.join(', ') ||
									'none'} vol). Choose another strength in Lift, or add a developer on the Shelf.
							</p>
						{/each}
						{#if fault}<p class="mb-3 font-semibold text-stop" role="alert">{fault}</p>{/if}
						{#if staging?.behind !== undefined}<AdviceList {staging} />{/if}
						{#if session.bowls.ready}<Part name="bowls"
								><BowlList {bowls} {weigh} onweigh={mix} /></Part
							>{/if}
						<p class="pt-2 text-ink-soft">
							{weigh(main.reserveGrams)} of it is reserve{learned}. Weigh, tare, then pour; fully
							saturate every section.
						</p>
					{/if}
				</div>
			</Tabs>
		{/snippet}
		{#snippet dials()}
			{#if looked === 'sections'}
				{#if one}<OneSection {one} onclose={() => (chosen = undefined)} />{:else}<WholeHead
						ways={comparer.found ?? []}
					/>{/if}
			{:else if looked === 'clock'}
				{#if staging}<ClockDials {staging} {late} />{/if}
			{:else}
				<BowlDials
					ways={comparer.found ?? []}
					{weigh}
					{ounces}
					onounces={(value) => (ounces = value)}
				/>
			{/if}
		{/snippet}
		{#snippet foot()}
			<FootLine
				station="bowls"
				cautions={session.cautions.filter((c) => c.station === 'bowls')}
				onpass={(code, reason) => session.pass(code, reason)}
			>
				<Button onclick={printPage}>Print sheet</Button>
				<Button primary onclick={next}>Go to the chair</Button>
			</FootLine>
		{/snippet}
	</Station>
{/if}
