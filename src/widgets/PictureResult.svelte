<script lang="ts">
	import { formatLevel } from '../core/hair';
	import type { PictureReading } from '../core/picture';
	import { DOUBT_WORDS } from '../wording/picture';

	interface Props {
		reading: PictureReading;
	}
	let { reading }: Props = $props();
	/** Half of the span that holds four of five. */
	const HALF_BAND = 1.28;
</script>

<p>
	<b class="figure level">{formatLevel(reading.level)}</b>
	<b>± {(HALF_BAND * reading.sd).toFixed(1)} {reading.undertone.name}</b>
</p>
<p class="soft">
	Hue {Math.round(reading.undertone.hue)}° ± {Math.round(HALF_BAND * reading.hueSd)}°, {reading.trust ===
	'good'
		? 'to be trusted'
		: reading.trust === 'fair'
			? 'fairly sure'
			: 'a guess'}.
</p>
{#each reading.doubts as doubt (doubt)}<p class="soft">{DOUBT_WORDS[doubt]}</p>{/each}

<style>
	.level {
		font-size: 34px;
		margin-right: 6px;
	}
	.soft {
		color: var(--ink-soft);
		font-size: 14px;
	}
</style>
