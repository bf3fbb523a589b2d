<script lang="ts">
	import type { RunningSection, Staging } from '../../core/work';
	import { bowlAge } from './bowlsNow';
	import BowlRing from './BowlRing.svelte';
	import Switch from '../../ui/Switch.svelte';
	import { BOWL_LIFE_MINUTES } from '../../core/mix';
	import type { SectionNamer } from '../../wording/bowls';

	interface Props {
		section: RunningSection;
		/** What comes after it. */
		then: readonly RunningSection[];
		staging: Staging;
		nameOf: SectionNamer;
		/** Minutes from the first brush stroke. */
		minute: number;
		onon: () => void;
		/** Whether what is not tapped counts as on when the plan says so. */
		followsPlan: boolean;
		/** Something else comes first: it takes less room. */
		small: boolean;
		onfollow: (followsPlan: boolean) => void;
	}
	let { section, then, staging, nameOf, minute, onon, followsPlan, small, onfollow }: Props =
		$props();
	const bowl = $derived(staging.bowls.find(({ number }) => number === section.bowl)!);
	const left = $derived(Math.round(BOWL_LIFE_MINUTES - bowlAge(section, minute)));
	const late = $derived(Math.round(section.lateMinutes));
</script>

<section aria-label="Putting on" class="mb-4">
	<div class="flex flex-wrap items-end justify-between gap-x-8">
		<h2
			class={[
				'figure leading-none wrap-anywhere',
				small ? 'text-40 max-tablet:text-28' : 'text-name max-desk:text-60 max-tablet:text-40'
			]}
		>
			{nameOf(section.section)}
		</h2>
		<Switch label="Follow the plan untapped" checked={followsPlan} onchange={onfollow} />
	</div>
	<div class="mt-1 mb-3 flex items-center gap-4">
		<BowlRing
			number={bowl.number}
			left={left / BOWL_LIFE_MINUTES}
			label="Bowl {bowl.number}: {left > 0 ? `fresh for ${left} min` : 'no longer fresh'}"
		/>
		<p class="text-18 max-tablet:text-15">
			from bowl {bowl.number}, {bowl.volume} vol, {left > 0
				? `fresh for ${left} min`
				: 'no longer fresh: mix it anew'}{late > 1
				? `; ${late} min later than planned`
				: late < -1
					? `; ${-late} min sooner than planned`
					: ''}{#if then.length > 0}<span class="text-ink-soft"
					>, then {then
						.slice(0, 2)
						.map((one) => nameOf(one.section))
						.join(', ')}</span
				>{/if}
		</p>
	</div>
	<button
		class={[
			'block w-full rounded-box figure',
			small
				? 'h-18 border-2 border-ink bg-raised text-40'
				: 'h-40 bg-accent text-60 text-on-accent max-tablet:h-30'
		]}
		aria-label="{nameOf(section.section)} is on"
		onclick={onon}>On</button
	>
</section>
