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
<ol class="locks" aria-label="Every section when it is rinsed">
	{#each finish as one, i (`${one.section} ${one.part}`)}
		<li>
			<span class="lock"
				><Strand
					hanging
					colours={{ hair: [rgbOf(one.lab), rgbOf(one.lab)] }}
					seed={i + 3}
					label="{nameOf(one.section)}{several ? `, ${partOf(one)}` : ''}: {formatLevel(
						one.level
					)} {undertoneWord(one.undertone.name, one.level)} {hexOf(one.lab)}"
				/></span
			>
			<b class="figure">{formatLevel(one.level)}</b>
			<span class="name"
				>{nameOf(one.section)}{#if several}<br />{partOf(one)}{/if}</span
			>
		</li>
	{/each}
</ol>

<style>
	.locks {
		display: grid;
		grid-auto-flow: column;
		grid-auto-columns: minmax(0, 1fr);
		gap: 10px;
	}
	li {
		text-align: center;
		line-height: 1.1;
		min-width: 0;
	}
	.lock {
		display: block;
		height: 92px;
		max-width: 84px;
		margin: 0 auto 4px;
	}
	.figure {
		display: block;
		font-size: 19px;
	}
	.name {
		font-size: 13px;
		overflow-wrap: anywhere;
	}
	@media (max-width: 1100px) {
		.lock {
			height: 74px;
		}
	}
	@media (max-width: 760px) {
		.locks {
			grid-auto-flow: row;
			grid-template-columns: repeat(5, minmax(0, 1fr));
			gap: 8px 6px;
		}
		.lock {
			height: 56px;
		}
	}
</style>
