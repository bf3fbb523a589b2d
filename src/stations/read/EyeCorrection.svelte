<script lang="ts">
	import type { UndertoneName } from '../../core/colour';
	import { formatLevel, inTenths } from '../../core/hair';
	import { eyeOffset } from '../../core/learn';
	import { setLevel } from '../../model/commands/reading';
	import type { ZoneName } from '../../schema/records';
	import { useRecords } from '../../state/records';
	import { useVisit } from '../../state/visitContext';
	import TextButton from '../../ui/TextButton.svelte';

	interface Props {
		zone: ZoneName;
		/** Level that was read by eye. */
		level: number;
		/** Undertone of that hair. */
		undertone: UndertoneName;
	}
	let { zone, level, undertone }: Props = $props();
	const session = useVisit();
	const { workspace } = useRecords();
	/** Less than this is not worth a word, levels. */
	const LEAST = 0.1;
	/** Whoever reads this head, if their eye is known and they want it corrected. */
	const reader = $derived(
		[...workspace.learners.values()].find(
			({ name, corrects }) => corrects && name === session.visit.colourist
		)
	);
	const off = $derived(reader && eyeOffset(reader.looks, undertone));
	const corrected = $derived(off === undefined ? undefined : inTenths(level - off));
	/** What was taken, zone by zone: it is not corrected twice. */
	let taken = $state.raw<Partial<Record<ZoneName, { from: number; to: number }>>>({});
	const was = $derived(taken[zone]?.to === level ? taken[zone] : undefined);
	function take(to: number) {
		taken = { ...taken, [zone]: { from: level, to } };
		session.changeReading(`level of ${zone}, corrected`, (draft) => setLevel(draft, zone, to));
	}
</script>

{#if reader && off !== undefined && corrected !== undefined && Math.abs(off) >= LEAST}
	<p class="mt-1 flex flex-wrap items-center gap-x-3 text-14">
		{#if was}
			Corrected from {formatLevel(was.from)} by what {reader.name}’s eye is known to be off.
		{:else}
			{reader.name}’s eye reads this {Math.abs(Math.round(10 * off) / 10)} too {off > 0
				? 'light'
				: 'deep'}, from {reader.looks.length} looks.
			<TextButton onclick={() => take(corrected)}>Take {formatLevel(corrected)}</TextButton>
		{/if}
	</p>
{/if}
