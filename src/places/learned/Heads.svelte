<script lang="ts">
	import { learnedOn, type TaughtClient } from '../../model/learned/salon';
	import { letTeach, switchLearning } from '../../model/commands/learning';
	import { looksOf } from '../../model/visit/learned';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import Sheet from '../../ui/Sheet.svelte';
	import Switch from '../../ui/Switch.svelte';
	import Tick from '../../ui/Tick.svelte';
	import { habitsWords, personalWords } from '../../wording/learned';
	import { formatDate } from '../../wording/words';

	interface Props {
		taught: readonly TaughtClient[];
		/** How many more heads there are that are not read yet. */
		beyond: number;
		onmore: () => void;
	}
	let { taught, beyond, onmore }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	/** Each row learns a head, so a long list is shown in parts. */
	const PAGE = 12;
	let shown = $state(PAGE);
	const rows = $derived(
		taught
			.slice(0, shown)
			.map((one) => ({ one, learned: learnedOn(one, clock.today, workspace.shelf) }))
	);
	let openId = $state<string>();
	const open = $derived(taught.find(({ client }) => client.id === openId));
	const isOn = ({ client }: TaughtClient) => !client.learnOff?.includes('rate');
</script>

<section class="mt-6 border-t border-line pt-4" aria-labelledby="heads">
	<h2 id="heads" class="text-18">Head by head</h2>
	<ul>
		{#each rows as { one, learned } (one.client.id)}
			<li
				class="grid items-center gap-x-6 border-b border-line py-1 tablet:grid-cols-[minmax(140px,1fr)_minmax(0,2fr)_104px_104px]"
			>
				<a class="inline-grid tap items-center font-semibold" href="/clients/{one.client.id}"
					>{one.client.name}</a
				>
				<p>
					{isOn(one)
						? personalWords(learned.personal, learned.visits)
						: 'taken as typical: not learned from'}{habitsWords(learned.areas)
						? `; ${habitsWords(learned.areas)}`
						: ''}
				</p>
				<Button onclick={() => (openId = one.client.id)}
					>{one.visits.length} visit{one.visits.length === 1 ? '' : 's'}</Button
				>
				<Switch
					label="Learn"
					checked={isOn(one)}
					onchange={(on) =>
						workspace.transact('learning of a head', (draft) =>
							switchLearning(draft.client(one.client.id), 'rate', on)
						)}
				/>
			</li>
		{/each}
	</ul>
	{#if taught.length > shown}<Button onclick={() => (shown += PAGE)}>Show more heads</Button>
	{:else if beyond > 0}<Button onclick={onmore}>Read more of {beyond} heads seen before</Button
		>{/if}
</section>

<Sheet
	open={open !== undefined}
	title="What {open?.client.name ?? ''} taught"
	onclose={() => (openId = undefined)}
>
	{#if open}
		<p class="mb-2 text-ink-soft">A visit that went otherwise than usual need not count.</p>
		<ul>
			{#each open.visits as visit (visit.id)}
				<li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-line">
					<Tick
						label="{formatDate(visit.date)}, {visit.colourist || 'nobody named'}"
						checked={!visit.result.untaught}
						onchange={(on) =>
							workspace.transact('a visit that teaches', (draft) =>
								letTeach(draft.visit(visit.id), on)
							)}
					/>
					<span class="text-ink-soft"
						>{looksOf(visit).length} look{looksOf(visit).length === 1 ? '' : 's'}</span
					>
				</li>
			{/each}
		</ul>
		<Switch
			label="Learn how areas differ"
			checked={!open.client.learnOff?.includes('areas')}
			onchange={(on) =>
				workspace.transact('learning of areas', (draft) =>
					switchLearning(draft.client(open.client.id), 'areas', on)
				)}
		/>
		<Switch
			label="Learn how much mixture it takes"
			checked={!open.client.learnOff?.includes('grams')}
			onchange={(on) =>
				workspace.transact('learning of grams', (draft) =>
					switchLearning(draft.client(open.client.id), 'grams', on)
				)}
		/>
	{/if}
</Sheet>
