<script lang="ts">
	import { goto } from '$app/navigation';
	import { formatLevel } from '../core/hair';
	import Button from '../ui/Button.svelte';
	import { useVisit } from '../state/visitContext';
	import KeptLines from './KeptLines.svelte';
	import Station from './Station.svelte';
	import StrandRow from './StrandRow.svelte';

	interface Props {
		/** What the station asks where something is lightened. */
		question: string;
	}
	let { question }: Props = $props();
	const session = useVisit();
	const view = $derived(session.view);
	const lightenAfterAll = () =>
		session.change('lightened after all', (draft) => delete draft.noLift);
</script>

<!-- A station of the lightening, on a day without any. -->
<Station
	{question}
	answer="Nothing"
	words="is lightened today"
	range={session.visit.noLift
		? 'The hair is toned or coloured as it is.'
		: 'No hair that the service takes in lies below its aim, or it is kept out.'}
	facts={[{ value: formatLevel(view.nowLevel), label: 'as it is' }]}
>
	{#snippet field()}
		<StrandRow
			name="as it is"
			strong
			colours={view.nowColours}
			value={formatLevel(view.nowLevel)}
			height={92}
		/>
	{/snippet}
	{#snippet picture()}
		<KeptLines />
	{/snippet}
	{#snippet foot()}
		{#if session.visit.noLift}
			<Button onclick={lightenAfterAll}>Lighten after all</Button>
		{:else}
			<Button onclick={() => goto(`/visit/${session.id}/aim`)}>Back to Aim</Button>
		{/if}
		<Button primary onclick={() => goto(`/visit/${session.id}/tone`)}>Choose the toner</Button>
	{/snippet}
</Station>
