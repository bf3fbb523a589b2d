<script lang="ts">
	import { useRecords } from '../../state/records';
	import Fold from '../../ui/Fold.svelte';

	interface Props {
		name: string;
		/** Pictures that are kept of this person. */
		pictures: number;
		visits: number;
	}
	let { name, pictures, visits }: Props = $props();
	const { salon } = useRecords();
</script>

<Fold title="What is kept of {name}">
	<p>
		Name, contact, notes, tests, and {visits} visit{visits === 1 ? '' : 's'} with what was read, mixed
		and seen{pictures > 0
			? `, and ${pictures} small picture${pictures === 1 ? '' : 's'}`
			: '; no picture'}. It lies in this browser on this device{salon === 'demo'
			? ' (demo data)'
			: ''}, and in files that somebody saved. Nothing is sent anywhere; no server keeps it.
	</p>
	<p class="text-ink-soft">
		“Export” gives all of it in one file. “Remove client” under More erases all of it here, pictures
		too; it can be taken back until this page is closed. Saved files are erased by whoever has them.
	</p>
</Fold>
