<script lang="ts">
	import type { NextAct } from '../../core/work';
	import { useVisit } from '../../state/visitContext';
	import type { SectionNamer } from '../../wording/bowls';
	import { blockWords } from '../../wording/chair';

	interface Props {
		/** Sections that come off together. */
		of: NonNullable<NextAct['of']>;
		nameOf: SectionNamer;
		/** Something else still lies on the head. */
		others: boolean;
		onrinsed: () => void;
	}
	let { of, nameOf, others, onrinsed }: Props = $props();
	const session = useVisit();
	const minerals = $derived(session.visit.reading.water !== 'soft');
	const deposit = $derived(session.visit.aim.lowlights !== undefined);
	const steps = $derived([
		...(deposit
			? ['Part the dark strands off first and hold them below: none of it runs over fresh blonde.']
			: []),
		...(others ? ['Keep the water off what still lies.'] : []),
		'Lukewarm, until nothing runs out; no nails on the scalp.',
		...(minerals ? ['Chelate, for the water at home.'] : []),
		'Two gentle shampoos.'
	]);
	const name = $derived(blockWords(of, nameOf));
</script>

<section aria-label="Rinse" class="mb-4">
	<h2 class="sr-only">Rinse {name}</h2>
	<ol class="mb-3 list-inside list-decimal text-22 max-tablet:text-18">
		{#each steps as step (step)}<li>{step}</li>{/each}
	</ol>
	<button
		class="block h-30 w-full rounded-box bg-accent figure text-60 text-on-accent max-tablet:text-40"
		aria-label="{name} rinsed"
		onclick={onrinsed}>Rinsed</button
	>
</section>
