<script lang="ts">
	import { goto } from '$app/navigation';
	import { isLying } from '../../core/work';
	import { leaveOut } from '../../model/commands/day';
	import type { DayClock, DayClocks } from '../../state/dayClocks.svelte';
	import { useVisit } from '../../state/visitContext';
	import Button from '../../ui/Button.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import { say } from '../../ui/say.svelte';
	import FootLine from '../../widgets/FootLine.svelte';
	import { processName } from '../../wording/processes';
	import type { ChairRun } from './chairRun.svelte';

	interface Props {
		service: ChairRun;
		clocks: DayClocks;
		/** When the last of the main application came off; nothing while something lies. */
		offMinute: number | undefined;
	}
	let { service, clocks, offMinute }: Props = $props();
	const session = useVisit();
	const run = $derived(session.visit.run);
	/** Further applications that have not gone on: nobody goes past them without saying so. */
	const waits = $derived(
		clocks.all.filter(({ when, plan, state }) => when !== 'beside' && plan && state === 'waiting')
	);
	/** “the base break”; one that is only another has no article. */
	const named = (one: DayClock) => {
		const name = processName(one);
		return name.startsWith('another') ? name : `the ${name}`;
	};
	const names = $derived(waits.map(named).join(', '));
	let asking = $state(false);

	const toTone = () => void goto(`/visit/${session.id}/tone`);
	function next() {
		const lay = offMinute === undefined;
		if (run.rinsedAtMinute === undefined) service.rinsed();
		if (waits.length === 0) toTone();
		else if (lay) say(`Rinsed. Still to go on today: ${names}.`);
		else asking = true;
	}
	function without() {
		asking = false;
		session.change(`left out ${names}`, (draft) => {
			for (const { of } of waits) leaveOut(draft, of);
		});
		say(`Left out today: ${names}.`, () => session.undo());
		toTone();
	}
	const label = $derived(
		offMinute === undefined
			? waits.length > 0
				? 'Rinsed'
				: 'Rinsed, go to Tone'
			: waits.length > 0
				? `Go to Tone without ${names}`
				: 'Enough, go to Tone'
	);
</script>

<FootLine
	station="chair"
	cautions={session.cautions.filter((c) => c.severity === 'stop')}
	onpass={(code, reason) => session.pass(code, reason)}
>
	<Button
		primary={!service.head?.sections.some(isLying) &&
			service.putting.length === 0 &&
			waits.length === 0 &&
			run.notes.length > 0 &&
			session.head.seen?.after === undefined}
		onclick={next}>{label}</Button
	>
</FootLine>
<Sheet open={asking} title="Leave it out today?" alert onclose={() => (asking = false)}>
	<p>
		Not on yet: {names}. Left out, bowls, hours and the expected level are without it, and Tone
		starts from what was seen.
	</p>
	{#snippet actions()}<Button primary onclick={without}>Leave it out, go to Tone</Button>{/snippet}
</Sheet>
