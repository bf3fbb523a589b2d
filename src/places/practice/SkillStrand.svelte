<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf } from '../../core/colour';
	import { labOfPigment } from '../../core/hair';
	import { pigmentOnPath } from '../../core/lift';

	interface Props {
		/** How far somebody is in a lesson, 0-1: the strand lifts as they learn. */
		share: number;
		seed: number;
	}
	let { share, seed }: Props = $props();
	const FROM = 2.5;
	const TO = 10;
	const colours = $derived({
		hair: [rgbOf(labOfPigment(pigmentOnPath(FROM, 'neutral', FROM + (TO - FROM) * share)))]
	});
</script>

<span class="block h-9 bg-field py-1 pl-1" aria-hidden="true"
	><Strand {colours} {seed} label="" /></span
>
