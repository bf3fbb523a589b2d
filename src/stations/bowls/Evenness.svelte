<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { hexOf, rgbOf } from '../../core/colour';
	import { formatLevel, undertoneWord } from '../../core/hair';
	import type { Staging } from '../../core/work';
	import { useVisit } from '../../state/visitContext';
	import { PART_NAMES, sectionNamer } from '../../wording/bowls';

	interface Props {
		staging: Staging;
	}
	let { staging }: Props = $props();
	const session = useVisit();
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const partOf = ({ part }: Staging['finish'][number]) =>
		part === undefined ? 'the rest' : PART_NAMES[part];
	/** Old light pieces are no part of how even the head is. */
	const finish = $derived(staging.finish.filter(({ part }) => part !== 'oldLights'));
	const several = $derived(new Set(finish.map(({ part }) => part)).size > 1);
</script>

<!-- The head as it comes to the basin, in the order of the work: whether it is even is seen, not read. -->
<ol
	class="locks grid auto-cols-[minmax(0,1fr)] grid-flow-col gap-2 @max-narrow:grid-flow-row @max-narrow:grid-cols-5 @max-narrow:gap-x-1.5 @max-narrow:gap-y-2"
	aria-label="Every section when it is rinsed"
>
	{#each finish as one, i (`${one.section} ${one.part}`)}
		<li class="min-w-0 text-center leading-tight">
			<span class="mx-auto mb-1 block h-23 max-w-21 @max-wide:h-19 @max-narrow:h-14"
				><Strand
					hanging
					colours={{ hair: [rgbOf(one.lab), rgbOf(one.lab)] }}
					seed={i + 3}
					label="{nameOf(one.section)}{several ? `, ${partOf(one)}` : ''}: {formatLevel(
						one.level
					)} {undertoneWord(one.undertone.name, one.level)} {hexOf(one.lab)}"
				/></span
			>
			<b class="block figure text-18">{formatLevel(one.level)}</b>
			<span class="text-13 wrap-anywhere"
				>{nameOf(one.section)}{#if several}<br />{partOf(one)}{/if}</span
			>
		</li>
	{/each}
</ol>
