<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { formatLevel } from '../../core/hair';
	import { useClock } from '../../state/clock.svelte';
	import { endExpected } from '../../state/endExpected';
	import { openVisit } from '../../state/openVisit';
	import { useRecords } from '../../state/records';

	interface Props {
		/** The visit whose hair it is. */
		id: string;
	}
	let { id }: Props = $props();
	// svelte-ignore state_referenced_locally
	// Rows are keyed by what they are.
	const session = openVisit(useRecords().workspace, useClock(), id, `beside ${id}`);
	const end = $derived(endExpected(session));
</script>

<div class="grid grid-cols-[52px_minmax(0,1fr)] items-center bg-field px-3 py-1 text-on-field">
	<span class="text-13">lifted</span>
	<span class="block h-8"
		><Strand
			colours={session.head.rawColours}
			seed={21}
			label="lifted {formatLevel(end.lifted)}"
		/></span
	>
	<span class="text-13">toned</span>
	<span class="block h-8"
		><Strand
			colours={session.head.tonedColours}
			seed={22}
			label="toned {formatLevel(end.toned)}"
		/></span
	>
</div>
