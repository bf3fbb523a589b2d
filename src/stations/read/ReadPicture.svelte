<script lang="ts">
	import { dropPicture, keepPicture } from '../../model/commands/picture';
	import { useRecords } from '../../state/records';
	import { useClock } from '../../state/clock.svelte';
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
	const { workspace } = useRecords();
	const clock = useClock();
	const kept = $derived(workspace.pictures.get(session.visit.reading.picture ?? ''));
	let url = $state('');
	$effect(() => {
		if (!kept) return undefined;
		const own = (url = URL.createObjectURL(kept.image));
		return () => URL.revokeObjectURL(own);
	});

	function take({ level, undertone }: PictureReading, copy: Blob | undefined): string {
		let at = level;
		session.changeReading(`read ${zone} from a picture`, (draft) => {
			at = takeLevel(draft, zone, level, undertone.name);
		});
		if (copy)
			workspace.transact('kept a picture', (draft) =>
				keepPicture(draft, session.id, copy, clock.now())
			);
		return `The ${zone} now stand${zone === 'root' ? 's' : ''} at ${formatLevel(at)}.`;
	}
</script>

{#if kept}
	<div class="kept">
		<img src={url} alt="The hair that was read" />
		<Button
			onclick={() =>
				workspace.transact('removed the picture', (draft) => dropPicture(draft, session.id))}
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
