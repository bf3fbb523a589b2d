<script lang="ts">
	import type { Reader } from '../../core/learn';
	import { switchPaceLearning } from '../../model/commands/learning';
	import { taughtHands } from '../../model/learned/salon';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import Switch from '../../ui/Switch.svelte';
	import { handPaceWords } from '../../wording/handPace';
	import { readerWords } from '../../wording/learned';

	interface Props {
		readers: readonly Reader[];
	}
	let { readers }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	const hands = $derived(
		taughtHands([...workspace.cards.values()], workspace.shelf, clock.today).map((hand) => ({
			...hand,
			reader: readers.find(({ reader }) => reader === hand.name)
		}))
	);
	const learns = $derived(!workspace.shelf?.learnOff?.includes('pace'));
</script>

<section class="mt-6 border-t border-line pt-4" aria-labelledby="hands">
	<h2 id="hands" class="text-18">Hand by hand</h2>
	<dl class="grid gap-x-10 tablet:grid-cols-2">
		{#each hands as { name, pace, left, leftVisits, reader } (name)}
			<div class="border-b border-line py-2">
				<dt class="font-semibold">{name}</dt>
				<dd>Puts colour on {handPaceWords(pace)}.</dd>
				<dd>
					{left === undefined
						? 'Nothing weighed of what was left over.'
						: `Leaves ${Math.round(100 * left)} % of the lightener over, from ${leftVisits} visit${leftVisits === 1 ? '' : 's'}.`}
				</dd>
				<dd>
					{reader
						? `Of heads that others read too ${readerWords(reader)}, from ${reader.looks} looks at ${reader.heads} head${reader.heads === 1 ? '' : 's'}.`
						: 'Too few looks at heads that others read too: nothing is known of the eye.'}
				</dd>
			</div>
		{/each}
	</dl>
	<Switch
		label="Learn the pace of hands"
		checked={learns}
		onchange={(on) =>
			workspace.transact('learning of hands', (draft) =>
				switchPaceLearning(draft.shelf(workspace.shelf!.id), on)
			)}
	/>
</section>
