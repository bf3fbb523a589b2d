<script lang="ts">
	import { goto } from '$app/navigation';
	import { Command, Dialog } from 'bits-ui';
	import { setMode } from 'mode-watcher';
	import { findByWords, findClients } from '../model/find';
	import type { Visit } from '../schema/records';
	import { useClock } from '../state/clock.svelte';
	import { finding } from '../state/finding.svelte';
	import { useRecords } from '../state/records';
	import { exportRecords } from '../store/transfer';
	import { downloadRecords } from '../widgets/downloadRecords';
	import { ledgerRows, type LedgerRow } from '../model/ledger/rows';
	import { ledgerText, ledgerWords } from '../wording/ledger';
	import { formulaWords } from '../wording/tone';
	import { formatDate, formatRatio, labelIn, PRODUCT_OPTIONS, STATIONS } from '../wording/words';
	import { PLACES } from './places';

	interface Props {
		onkeys: () => void;
		onnew: () => void;
	}
	let { onkeys, onnew }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();

	/** Something that can be found: words, a line beside them, and what choosing it does. */
	interface Hit {
		readonly id: string;
		readonly name: string;
		readonly aside: string;
		readonly go: () => unknown;
	}
	let query = $state('');
	const MOST = 6;
	const to = (path: string) => () => goto(path);

	const acts: readonly Hit[] = [
		{ id: 'new', name: 'New visit', aside: '', go: () => onnew() },
		...(finding.visit?.acts ?? []).map(({ name, key, run }) => ({
			id: name,
			name,
			aside: key,
			go: run
		})),
		{
			id: 'export',
			name: 'Export everything',
			aside: 'a file of your own',
			go: async () => downloadRecords(await exportRecords(workspace, clock.now()), 'zelvant')
		},
		{ id: 'dark', name: 'Dark theme', aside: '', go: () => setMode('dark') },
		{ id: 'light', name: 'Light theme', aside: '', go: () => setMode('light') },
		{ id: 'keys', name: 'Keys', aside: '?', go: () => onkeys() }
	];
	const stations: readonly Hit[] = finding.visit
		? STATIONS.map(({ path, name, question }) => ({
				id: path,
				name,
				aside: question,
				go: to(`/visit/${finding.visit!.id}/${path}`)
			}))
		: [];
	const places: readonly Hit[] = PLACES.map(({ href, name, line }) => ({
		id: href,
		name,
		aside: line,
		go: to(href)
	}));

	const nameOf = ({ clientId }: Pick<Visit, 'clientId'>) =>
		workspace.clients.get(clientId)?.name ?? 'Unknown client';
	/** What a visit mixes: its lightener, and the toner where one was chosen. */
	const mixedIn = ({ lift, tone }: Visit) =>
		`${labelIn(PRODUCT_OPTIONS, lift.product)} ${lift.volume} vol ${formatRatio(lift.ratio)}${
			tone.parts.length > 0 ? `; ${formulaWords(tone.parts)}` : ''
		}`;
	/** Newest first; each with its words, made once while the search is open. */
	const visits = [...workspace.visits.values()]
		.sort((p, q) => q.date.localeCompare(p.date))
		.map((visit) => ({
			visit,
			name: `${nameOf(visit)}, ${formatDate(visit.date)}`,
			aside: `${visit.aim.level} ${visit.aim.direction}`,
			formula: mixedIn(visit)
		}));
	/** All that was mixed, tried or came of it; each is found as in the ledger. */
	const ledger = ledgerRows(workspace.visits.values(), workspace.shelf);
	const texts = new Map<LedgerRow, string>();
	function textOf(row: LedgerRow): string {
		const text = texts.get(row) ?? ledgerText(row, nameOf(row));
		texts.set(row, text);
		return text;
	}
	const byName = ({ name }: { name: string }) => name;
	const asWords = ({ name, aside }: { name: string; aside: string }) => `${name} ${aside}`;

	const groups = $derived(
		[
			{
				name: 'Clients',
				hits: query.trim()
					? findClients([...workspace.clients.values()], query)
							.slice(0, MOST)
							.map(({ id, name, note }) => ({
								id,
								name,
								aside: note,
								go: to(`/clients/${id}`)
							}))
					: []
			},
			{ name: 'Stations of this visit', hits: findByWords(stations, query, byName) },
			{ name: 'Acts', hits: findByWords(acts, query, byName) },
			{
				name: 'Visits',
				hits: findByWords(visits, query, asWords, MOST).map(({ visit, name, aside }) => ({
					id: visit.id,
					name,
					aside,
					go: to(`/visit/${visit.id}/${visit.status === 'done' ? 'send-off' : 'read'}`)
				}))
			},
			{
				name: 'Formulas',
				hits: query.trim()
					? findByWords(visits, query, (each) => `${each.formula} ${each.name}`, MOST).map(
							({ visit, name, formula }) => ({
								id: visit.id,
								name: formula,
								aside: name,
								go: to(`/visit/${visit.id}/tone`)
							})
						)
					: []
			},
			{
				name: 'Ledger',
				hits: query.trim()
					? findByWords(ledger, query, textOf, MOST).map((row) => ({
							id: row.key,
							name: ledgerWords(row),
							aside: `${nameOf(row)}, ${formatDate(row.date)}`,
							go: to(`/visit/${row.visitId}/send-off`)
						}))
					: []
			},
			{ name: 'Places', hits: findByWords(places, query, byName) }
		].filter(({ hits }) => hits.length > 0)
	);
	const nothing = $derived(groups.length === 0);

	function choose(hit: Hit) {
		finding.open = false;
		void hit.go();
	}
</script>

<Dialog.Root bind:open={finding.open}>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-40 bg-veil" />
		<Dialog.Content
			class="fixed top-16 left-1/2 z-41 flex max-h-[calc(100dvh_-_96px)] w-[min(640px,calc(100vw_-_24px))] -translate-x-1/2 animate-rise flex-col overflow-hidden rounded-box bg-room"
		>
			<Dialog.Title class="sr-only">Find</Dialog.Title>
			<Command.Root shouldFilter={false} loop label="Find" class="flex min-h-0 flex-col">
				<Command.Input
					bind:value={query}
					placeholder="A client, a visit, a formula, a station, an act"
					class="min-h-15 w-full border-b-2 border-ink bg-room px-6 text-18 placeholder:text-ink-soft focus-visible:outline-none"
				/>
				<Command.List class="min-h-0 overflow-y-auto px-3 pb-4">
					<Command.Viewport
						>{#each groups as group (group.name)}
							<Command.Group>
								<Command.GroupHeading class="px-3 pt-4 pb-1 text-13 text-ink-soft"
									>{group.name}</Command.GroupHeading
								>
								<Command.GroupItems>
									{#each group.hits as hit (hit.id)}
										<Command.Item
											value="{group.name} {hit.id}"
											onSelect={() => choose(hit)}
											class="flex tap cursor-pointer items-center justify-between gap-4 border-l-3 border-transparent px-3 data-selected:border-ink data-selected:bg-sunk"
										>
											<span class="truncate font-semibold">{hit.name}</span>
											<span class="min-w-0 truncate text-14 text-ink-soft">{hit.aside}</span>
										</Command.Item>
									{/each}
								</Command.GroupItems>
							</Command.Group>
						{/each}</Command.Viewport
					>
				</Command.List>
				{#if nothing}
					<p class="px-6 pb-5 text-ink-soft" role="status">
						Nothing holds all of “{query}”. Try part of a name, a shade’s code, a date.
					</p>
				{/if}
			</Command.Root>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
