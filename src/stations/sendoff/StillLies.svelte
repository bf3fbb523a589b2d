<script lang="ts">
	import { allIsOff } from '../../model/commands/clocks';
	import { rinse } from '../../model/commands/run';
	import { useClock } from '../../state/clock.svelte';
	import { RunningView } from '../../state/runningView.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import TextField from '../../ui/TextField.svelte';

	interface Props {
		open: boolean;
		/** It is recorded: with a reason where colour lies on. */
		onrecord: (whileItLies?: string) => void;
		onclose: () => void;
	}
	let { open, onrecord, onclose }: Props = $props();
	const session = useVisit();
	const clock = useClock();
	const timer = new RunTimer(clock);
	const service = new RunningView(session, () => timer.seconds(session.visit.run));
	let reason = $state('');
	const LEAST = 10;
	const enough = $derived(reason.trim().length >= LEAST);
	function isOff() {
		const { run } = session.visit;
		const seconds = timer.seconds(run);
		const { lain } = service;
		session.change('all is off', (draft) => {
			if (run.startedAt !== undefined && run.rinsedAtMinute === undefined)
				rinse(draft, clock.now(), seconds, lain);
			allIsOff(draft.run, clock.now());
		});
		onrecord();
	}
</script>

<Sheet {open} title="Colour lies on this head" alert {onclose}>
	<p class="mb-3">
		Nobody has said that it is off. Once it is recorded nobody looks at it; it stays in the chair
		and goes on calling until it is rinsed.
	</p>
	<TextField
		label="Why it is recorded all the same (kept in the record)"
		value={reason}
		oninput={(text) => (reason = text)}
	/>
	{#snippet actions()}
		<Button primary onclick={isOff}>All is off, record it</Button>
		<Button disabled={!enough} onclick={() => onrecord(reason.trim())}
			>Record it while it lies</Button
		>
	{/snippet}
</Sheet>
