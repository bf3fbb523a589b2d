<script lang="ts">
	import { goto } from '$app/navigation';
	import { MOST_PLACED, TONE_TECHNIQUES } from '../../core/vocabulary';
	import { describeTone, formatLevel } from '../../core/hair';
	import { newId } from '../../model/identity';
	import { addTechnique } from '../../model/commands/placed';
	import { uniform } from '../../model/head/hair';
	import { useVisit } from '../../state/visitContext';
	import Menu from '../../ui/Menu.svelte';
	import { say } from '../../ui/say.svelte';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import { PLACE_NAMES, placeWords, TECHNIQUE_WORDS } from '../../wording/tone';

	const session = useVisit();
	const rest = $derived(session.head.toner);
	const placed = $derived(session.placed);
	const items = [
		...TONE_TECHNIQUES.map((id) => ({ id, label: TECHNIQUE_WORDS[id] })),
		{ id: 'lift', label: 'Base break: it lightens, so it is added in Lift' }
	];
	/** The aim asks for depth at the root, and nothing is mixed for it yet. */
	const wantsRoot = $derived(
		session.visit.aim.rootDepth !== undefined && !placed.some(({ mix }) => mix.place === 'root')
	);
	const wordsOf = (toner: typeof rest) =>
		`${formatLevel(toner.toned.level)} ${describeTone(toner.toned.lab, 'toned')}`;

	function add(picked: string) {
		if (picked === 'lift') void goto(`/visit/${session.id}/lift`);
		const technique = TONE_TECHNIQUES.find((one) => one === picked);
		const { line, visit } = session;
		if (!technique || !line) return;
		let first: string | undefined;
		session.change(technique, (draft) => {
			first = addTechnique(draft.tone, technique, visit, line, newId)[0]?.id;
		});
		if (first) session.tonerId = first;
		else say(`There are ${MOST_PLACED} toners already: take one out first.`);
	}
</script>

<section aria-label="Where each toner goes" class="mb-3">
	<div class="flex items-center justify-between gap-3">
		<h2 class="text-15 font-semibold">
			{placed.length === 0 ? 'One toner for all of it' : `${placed.length + 1} toners`}
		</h2>
		<Menu label="Another toner for some of it" {items} onpick={add} />
	</div>
	{#if wantsRoot}
		<p class="text-ink-soft">
			The aim has a root of {session.visit.aim.rootDepth!.level} over {session.visit.aim.rootDepth!
				.cm} cm:
			<button class="tap underline underline-offset-3" onclick={() => add('rootShadow')}
				>put a root shadow on it</button
			>
		</p>
	{/if}
	{#if placed.length > 0}
		<div class="bg-field px-3 py-1 text-on-field">
			<StrandRow
				name="the rest"
				colours={uniform(rest.toned.lab)}
				value={formatLevel(rest.toned.level)}
				words={describeTone(rest.toned.lab, 'toned')}
				lab={rest.toned.lab}
				height={32}
				strong={!session.placedToner}
				picked={!session.placedToner}
				onpick={() => (session.tonerId = undefined)}
			/>
			{#each placed as { id, mix, toner } (id)}
				<StrandRow
					name={placeWords(mix)}
					colours={uniform(toner.toned.lab)}
					value={formatLevel(toner.toned.level)}
					words={describeTone(toner.toned.lab, 'toned')}
					lab={toner.toned.lab}
					height={32}
					strong={session.tonerId === id}
					picked={session.tonerId === id}
					onpick={() => (session.tonerId = id)}
				/>
			{/each}
		</div>
		<p class="sr-only" role="status">
			{session.placedToner
				? `${PLACE_NAMES[session.placedToner.mix.place]}: ${wordsOf(session.toner)}`
				: `the rest: ${wordsOf(rest)}`}
		</p>
	{/if}
</section>
