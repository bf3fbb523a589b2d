<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf, type Lab } from '../../core/colour';
	import { formatLevel, undertoneWord } from '../../core/hair';
	import { isLying, type RunningSection } from '../../core/work';
	import { PART_NAMES, type SectionNamer } from '../../wording/bowls';
	import { keyOf } from '../../state/runningView.svelte';
	import { STATE_WORDS } from '../../wording/chair';

	interface Props {
		sections: readonly RunningSection[];
		nameOf: SectionNamer;
		/** Minutes from the first brush stroke. */
		minute: number;
		chosen: string | undefined;
		/** What it is to be lifted to. */
		ready: { readonly level: number; readonly lab: Lab };
		onchoose: (key: string) => void;
	}
	let { sections, nameOf, minute, chosen, ready, onchoose }: Props = $props();
	let list = $state<HTMLOListElement>();
	// On a phone they are one row that is moved sideways: the one that counts is in sight.
	$effect(() => {
		if (!chosen || !list) return;
		const lock = list.querySelector<HTMLElement>('[aria-pressed="true"]');
		if (lock) list.scrollLeft = lock.offsetLeft - (list.clientWidth - lock.clientWidth) / 2;
	});
	/** Read from two metres, as long as there is room for it. */
	const LARGE_UP_TO = 12;
	const large = $derived(sections.length <= LARGE_UP_TO);
	const several = $derived(new Set(sections.map(({ part }) => part)).size > 1);
	/** When it is ready, or else comes off. */
	const windowOf = ({ readyMinute, offMinute, seen }: RunningSection) => {
		const [word, at] =
			readyMinute !== undefined && readyMinute > minute && readyMinute < offMinute && !seen
				? ['ready', readyMinute]
				: ['off', offMinute];
		const left = Math.round(at - minute);
		return left > 0 ? `${word} in ${left}` : `${word} now`;
	};
	/** Minutes that count for it: what it has lain, or what is left until it is put on. */
	const minutesOf = ({ state, fromMinute, toMinute, offMinute }: RunningSection) => {
		if (state === 'waiting') return `in ${Math.max(0, Math.round(fromMinute - minute))}`;
		if (state === 'puttingOn') return '0';
		return String(Math.floor((state === 'off' ? offMinute : minute) - (fromMinute + toMinute) / 2));
	};
</script>

<!-- The head as it is now, in the order of the work: a lock is what its section should look like. -->
<div class="flex gap-3">
	<ol
		bind:this={list}
		class="locks relative grid min-w-0 flex-1 auto-cols-[minmax(0,1fr)] grid-flow-col gap-2 @max-narrow:auto-cols-[64px] @max-narrow:gap-1.5 @max-narrow:overflow-x-auto"
		aria-label="Every section now"
	>
		{#each sections as one, i (keyOf(one))}
			{@const name = `${nameOf(one.section)}${several && one.part ? `, ${PART_NAMES[one.part]}` : ''}`}
			{@const firstOfBowl = one.bowl !== sections[i - 1]?.bowl}
			<li class="min-w-0">
				<!-- Under one bowl they lie alike. -->
				<span
					class={[
						'mb-1 block border-b border-on-field text-left text-13 leading-close whitespace-nowrap',
						firstOfBowl ? 'pl-0' : '-ml-2 pl-2 @max-narrow:-ml-1.5'
					]}
					>{#if firstOfBowl}bowl {one.bowl}{:else}&nbsp;{/if}</span
				>
				<button
					class={[
						'block w-full border-b-3 pb-1 text-center leading-tight',
						chosen === keyOf(one) ? 'border-on-field' : 'border-transparent'
					]}
					aria-pressed={chosen === keyOf(one)}
					onclick={() => onchoose(keyOf(one))}
				>
					<span
						class={[
							'mx-auto mb-1 block h-19 max-w-21 @max-narrow:h-14',
							one.state === 'waiting' && 'opacity-50'
						]}
						><Strand
							hanging
							colours={{ hair: [rgbOf(one.lab), rgbOf(one.lab)] }}
							seed={i + 3}
							label="{formatLevel(one.level)} {undertoneWord(one.undertone.name, one.level)}"
						/></span
					>
					<b
						class={[
							'block figure whitespace-nowrap',
							large && one.state !== 'waiting'
								? 'text-60 leading-none max-desk:text-40 @max-wide:text-28 @max-narrow:text-22'
								: 'text-18'
						]}
						>{minutesOf(one)}<span
							class={[large && one.state !== 'waiting' ? 'sr-only' : 'ml-0.5 text-13']}
							>&#32;min</span
						></b
					>
					<span class="block text-13 wrap-anywhere">{name}</span>
					<b
						class={[
							'block text-13 leading-close',
							['check', 'ready', 'overdue'].includes(one.state)
								? 'underline underline-offset-2'
								: 'font-normal'
						]}>{STATE_WORDS[one.state]}</b
					>
					{#if isLying(one)}<span class="block text-13 leading-close">{windowOf(one)}</span>{/if}
				</button>
			</li>
		{/each}
	</ol>
	<!-- What all of it is to look like, to hold beside it. -->
	<div
		class="w-21 shrink-0 border-l border-on-field pl-3 text-center leading-tight @max-narrow:w-16"
	>
		<span class="mb-1 block text-left text-13 leading-close">ready</span>
		<span class="mx-auto mb-1 block h-19 max-w-21 @max-narrow:h-14"
			><Strand
				hanging
				colours={{ hair: [rgbOf(ready.lab), rgbOf(ready.lab)] }}
				seed={17}
				label="ready: {formatLevel(ready.level)}"
			/></span
		>
		<b
			class="block figure text-60 leading-none max-desk:text-40 @max-wide:text-28 @max-narrow:text-22"
			>{formatLevel(ready.level)}</b
		>
		<span class="block text-13">its level</span>
	</div>
</div>
