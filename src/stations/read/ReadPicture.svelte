<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import type { PictureReading } from '../../core/picture';
	import type { ZoneName } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import { useVisit } from '../../state/visitContext';
	import PictureFold from '../../widgets/PictureFold.svelte';
	import { takeLevel } from '../../model/commands/reading';

	interface Props {
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const kept = $derived(session.visit.reading.picture);

	function take({ level, undertone }: PictureReading, copy: string | undefined): string {
		let at = level;
		session.changeReading(`read ${zone} from a picture`, (draft) => {
			at = takeLevel(draft, zone, level, undertone.name);
		});
		if (copy) session.change('kept a picture', (draft) => (draft.reading.picture = copy));
		return `The ${zone} now stand${zone === 'root' ? 's' : ''} at ${formatLevel(at)}.`;
	}
</script>

{#if kept}
	<div class="kept">
		<img src={kept} alt="The hair that was read" />
		<Button
			onclick={() => session.change('removed the picture', (draft) => delete draft.reading.picture)}
			>Remove the copy</Button
		>
	</div>
{/if}
<PictureFold action="Read this for the {zone}" keepable ontake={take} />

<style>
	.kept {
		display: flex;
		gap: 16px;
		align-items: end;
	}
	.kept img {
		max-width: 180px;
	}
</style>
