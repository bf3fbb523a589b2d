<script lang="ts">
	import type { NextAct } from '../../core/work';
	import { rinseSteps } from '../../core/work';
	import { useVisit } from '../../state/visitContext';
	import type { SectionNamer } from '../../wording/bowls';
	import { blockWords, RINSE_WORDS } from '../../wording/chair';

	interface Props {
		/** Sections that come off together. */
		of: NonNullable<NextAct['of']>;
		nameOf: SectionNamer;
		/** Something else still lies on the head. */
		others: boolean;
		/** Dark strands lie among the light ones. */
		deposit: boolean;
		onwater: () => void;
	}
	let { of, nameOf, others, deposit, onwater }: Props = $props();
	const session = useVisit();
	const minerals = $derived(session.visit.reading.water !== 'soft');
	const steps = $derived([
		...(deposit
			? ['Part the dark strands off first and hold them below: none of it runs over fresh blonde.']
			: []),
		...(others ? ['Keep the water off what still lies.'] : []),
		...rinseSteps(minerals).map(({ step, minutes }) => `${RINSE_WORDS[step].say} ${minutes} min.`)
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
		aria-label="{name} under the water"
		onclick={onwater}>Water on</button
	>
</section>
