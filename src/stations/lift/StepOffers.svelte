<script lang="ts">
	import { MOST_FURTHER } from '../../core/vocabulary';
	import { STEP_NAMES } from '../../wording/words';
	import TextButton from '../../ui/TextButton.svelte';
	import { useVisit } from '../../state/visitContext';
	import { offers, type Offer, type OfferReason } from '../../state/dayOffers';

	const session = useVisit();

	function add(offer: Offer) {
		const step = offer.make?.();
		if (!step) return;
		session.change(`added ${STEP_NAMES[offer.kind]}`, (draft) => {
			(offer.before ? draft.before : draft.after).push(step);
		});
		session.stepId = step.id;
	}
	function whyWords(why: OfferReason): string {
		switch (why.code) {
			case 'washOut':
				return 'a bleach wash, rinsed before';
			case 'noOldColour':
				return 'no old colour where it goes on';
			case 'lags':
				return `${why.zones.join(' and ')}, ${why.minutes} min`;
			case 'nothingLags':
				return 'nothing lags behind its aim';
			case 'onTheRoot':
				return `permanent ${why.volume} vol on the root`;
			case 'rootLightened':
				return 'the root is lightened already';
			case 'rootNotNatural':
				return 'the root is not natural';
			case 'sameOnceMore':
				return 'the same once more, to be changed';
		}
	}
	const nameOf = ({ before, kind }: Offer) => `${before ? 'First' : 'Then'}: ${STEP_NAMES[kind]}`;
	const full = ({ before }: Offer) =>
		(before ? session.visit.before : session.visit.after).length >= MOST_FURTHER;
</script>

<ul>
	{#each offers(session) as offer (offer.kind)}
		<li class="flex flex-col items-start py-1 leading-close">
			{#if offer.make && !full(offer)}
				<TextButton onclick={() => add(offer)}>{nameOf(offer)}</TextButton>
			{:else}
				<span>{nameOf(offer)}</span>
			{/if}
			<span class="text-14 text-ink-soft"
				>{full(offer) ? 'three are the most' : whyWords(offer.why)}</span
			>
		</li>
	{/each}
</ul>
<p class="text-14 text-ink-soft">
	Each starts from what the last one leaves, rinsed between, with the condition carried along.
</p>
