<script lang="ts">
	import { dropPicture, keepPicture } from '../../model/commands/picture';
	import { useRecords } from '../../state/records';
	import { useClock } from '../../state/clock.svelte';
	import { undertoneOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import type { PictureReading } from '../../core/picture';
	import type { ZoneName } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import { useVisit } from '../../state/visitContext';
	import StoredPicture from '../../widgets/StoredPicture.svelte';
	import PictureFold from '../../widgets/PictureFold.svelte';
	import { readOldLights, takeLevel } from '../../model/commands/reading';
	import { kindsWords, readFor } from '../../wording/picture';

	interface Props {
		zone: ZoneName;
	}
	let { zone }: Props = $props();
	const session = useVisit();
	const { workspace } = useRecords();
	const clock = useClock();
	const kept = $derived(workspace.pictures.get(session.visit.reading.picture ?? ''));
	/** What was taken last, for as long as it is so. */
	let took = $state.raw<{ readonly zone: ZoneName; readonly level: number }>();
	const stands = $derived(
		took !== undefined &&
			Math.abs(session.view.reading.zones[took.zone].presentLevel - took.level) < 0.01
	);
	/** The same with its old light pieces told apart, where the picture shows two kinds of hair. */
	function takeKinds({ kinds }: PictureReading): string {
		if (!kinds) return '';
		const { dark, light } = kinds;
		session.changeReading(`read ${zone} from a picture`, (draft) => {
			takeLevel(draft, zone, dark.level, undertoneOf(dark.lab).name);
			readOldLights(draft, zone, light);
		});
		took = { zone, level: session.view.reading.zones[zone].presentLevel };
		return `The ${zone} now: ${kindsWords(kinds)}.`;
	}
	function take({ level, undertone }: PictureReading, copy: Blob | undefined): string {
		let at = level;
		session.changeReading(`read ${zone} from a picture`, (draft) => {
			at = takeLevel(draft, zone, level, undertone.name);
		});
		if (copy)
			workspace.transact('kept a picture', (draft) =>
				keepPicture(draft, session.id, copy, clock.now())
			);
		took = { zone, level: at };
		const of = readFor(session.view.reading, zone);
		return `${of.charAt(0).toUpperCase()}${of.slice(1)} now stand${/^the (lengths|ends)$/.test(of) ? '' : 's'} at ${formatLevel(at)}.`;
	}
</script>

{#if kept}
	<div class="flex items-end gap-4">
		<StoredPicture id={kept.id} alt="The hair that was read" />
		<Button
			onclick={() =>
				workspace.transact('removed the picture', (draft) => dropPicture(draft, session.id))}
			>Remove the copy</Button
		>
	</div>
{/if}
<PictureFold
	action="Read this for {readFor(session.view.reading, zone)}"
	keepable
	{stands}
	ontake={take}
	onkinds={takeKinds}
/>
