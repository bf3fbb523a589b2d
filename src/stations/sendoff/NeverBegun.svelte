<script lang="ts">
	import type { DayAct } from '../../model/day/acts';
	import Button from '../../ui/Button.svelte';
	import Choice from '../../ui/Choice.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import { actName } from '../../wording/processes';

	interface Props {
		/** What was planned, and whose clock nobody started. */
		acts: readonly DayAct[];
		/** Somebody said of each whether it was put on. */
		onanswer: (wasOn: (act: DayAct) => boolean) => void;
		onclose: () => void;
	}
	let { acts, onanswer, onclose }: Props = $props();
	const ANSWERS = [
		{ value: 'on', label: 'it was put on' },
		{ value: 'out', label: 'left out' }
	] as const;
	type Answer = (typeof ANSWERS)[number]['value'];
	let said = $state<Partial<Record<string, Answer>>>({});
	const all = $derived(acts.every(({ of }) => said[of] !== undefined));
</script>

<Sheet open title="Was it put on?" alert {onclose}>
	<p class="mb-3">
		Nobody started {acts.length === 1 ? 'its clock' : 'their clocks'}. What is left out is in no
		level, no bowl, no price, not in the Ledger and not in the next visit.
	</p>
	<div class="flex flex-col gap-3">
		{#each acts as act (act.of)}
			<Choice
				label="{actName(act)}, {act.planned} min"
				value={said[act.of] ?? ''}
				options={ANSWERS}
				onchange={(value) => (said[act.of] = ANSWERS.find((one) => one.value === value)?.value)}
			/>
		{/each}
	</div>
	{#snippet actions()}
		<Button primary disabled={!all} onclick={() => onanswer(({ of }) => said[of] === 'on')}
			>Record the visit</Button
		>
	{/snippet}
</Sheet>
