<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import type { ZoneName } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import Ladder from '../../widgets/Ladder.svelte';
	import { useVisit } from '../../state/visitContext';
	import { zoneLevel } from '../../model/visit/lift';
	import { blindRungs } from '../../model/visit/ladder';

	interface Props {
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const reading = $derived(session.view.reading);
	const other = $derived(reading.secondOpinion?.[zone]);
	const own = $derived(zoneLevel(reading, zone));

	function keep(value: string) {
		session.change(`second opinion on ${zone}`, (draft) => {
			draft.reading.secondOpinion = { ...draft.reading.secondOpinion, [zone]: Number(value) };
		});
		session.blind = false;
	}
	const forget = () =>
		session.change('forgot the second opinion', (draft) => {
			const left = Object.entries(draft.reading.secondOpinion ?? {}).filter(([z]) => z !== zone);
			if (left.length > 0) draft.reading.secondOpinion = Object.fromEntries(left);
			else delete draft.reading.secondOpinion;
		});
</script>

{#if session.blind}
	<p><b>Second opinion on the {zone}.</b> Hand over the screen; the first reading is hidden.</p>
	<Ladder
		label="Level of the {zone}, second opinion"
		rungs={blindRungs(reading)}
		value=""
		onpick={keep}
	/>
	<div class="my-2"><Button onclick={() => (session.blind = false)}>Not now</Button></div>
{:else if other !== undefined}
	<p class="text-14 text-ink-soft" role="status">
		You {formatLevel(own)}, second opinion {formatLevel(other)}. {Math.abs(own - other) < 0.5
			? 'Two pairs of eyes agree: the interval is narrower.'
			: 'The difference widens the interval.'}
		<TextButton onclick={forget}>Forget it</TextButton>
	</p>
{:else}
	<p class="text-14 text-ink-soft">
		<TextButton onclick={() => (session.blind = true)}>Ask for a second opinion</TextButton>
	</p>
{/if}
