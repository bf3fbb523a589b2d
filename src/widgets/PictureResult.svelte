<script lang="ts">
	import { formatLevel } from '../core/hair';
	import { bandOf, type PictureReading } from '../core/picture';
	import { DOUBT_WORDS } from '../wording/picture';

	interface Props {
		reading: PictureReading;
	}
	let { reading }: Props = $props();
	/** Half of the span that holds four of five, of a standard deviation. */
	const HALF_BAND = bandOf({ sd: 1 });
</script>

<p>
	<b class="level mr-1.5 figure text-40">{formatLevel(reading.level)}</b>
	<b>± {(HALF_BAND * reading.sd).toFixed(1)} {reading.undertone.name}</b>
</p>
<p class="text-14 text-ink-soft">
	Hue {Math.round(reading.undertone.hue)}° ± {Math.round(HALF_BAND * reading.hueSd)}°, {reading.trust ===
	'good'
		? 'to be trusted'
		: reading.trust === 'fair'
			? 'fairly sure'
			: 'a guess'}.
</p>
{#each reading.doubts as doubt (doubt)}<p class="text-14 text-ink-soft">
		{DOUBT_WORDS[doubt]}
	</p>{/each}
