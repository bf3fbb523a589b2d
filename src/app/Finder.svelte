<script lang="ts">
	import { goto } from '$app/navigation';
	import { Command, Dialog } from '../ui/headless';
	import { setMode } from 'mode-watcher';
	import { findByWords, findClients, searchable, warmUp } from '../model/find';
	import { useClock } from '../state/clock.svelte';
	import { finding } from '../state/finding.svelte';
	import { useRecords } from '../state/records';
	import { downloadRecords } from '../widgets/downloadRecords';
	import type { LedgerRow } from '../model/ledger/rows';
	import { headName, ledgerRows, rowPath } from '../state/ledger';
	import type { VisitCard } from '../model/index/card';
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
			go: () => downloadRecords(workspace, clock.moment(), 'zelvant')
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

	const nameOf = ({ clientId }: Pick<VisitCard, 'clientId'>) =>
		workspace.clients.get(clientId)?.name ?? 'Unknown client';
	/** What a visit mixes: its lightener, and the toner where one was chosen. */
	const mixedIn = ({ lightener: { product, volume, ratio }, parts = [] }: VisitCard) =>
		`${labelIn(PRODUCT_OPTIONS, product)} ${volume} vol ${formatRatio(ratio)}${
			parts.length > 0 ? `; ${formulaWords(parts)}` : ''
		}`;
	const visitName = (card: VisitCard) => `${nameOf(card)}, ${formatDate(card.date)}`;
	const aimOf = ({ aim }: VisitCard) => `${aim.level} ${aim.direction}`;
	/** Newest first. */
	const visits = [...workspace.cards.values()].sort((p, q) =>
		p.date < q.date ? 1 : p.date > q.date ? -1 : 0
	);
	/** All that was mixed, tried or came of it; each is found as in the ledger. */
	const { book } = workspace;
	void book.read();
	const ledger = $derived(ledgerRows(workspace));
	const textOf = searchable((row: LedgerRow) => ledgerText(row, headName(workspace, row)));
	$effect(() => warmUp(ledger, textOf));
	const byName = searchable(({ name }: { name: string }) => name);
	const asVisit = searchable((card: VisitCard) => `${visitName(card)} ${aimOf(card)}`);
	const asFormula = searchable((card: VisitCard) => `${mixedIn(card)} ${visitName(card)}`);
	$effect(() => warmUp(visits, (card) => asVisit(card) + asFormula(card)));

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
				hits: findByWords(visits, query, asVisit, MOST).map((card) => ({
					id: card.id,
					name: visitName(card),
					aside: aimOf(card),
					go: to(`/visit/${card.id}/${card.status === 'done' ? 'send-off' : 'read'}`)
				}))
			},
			{
				name: 'Formulas',
				hits: query.trim()
					? findByWords(visits, query, asFormula, MOST).map((card) => ({
							id: card.id,
							name: mixedIn(card),
							aside: visitName(card),
							go: to(`/visit/${card.id}/tone`)
						}))
					: []
			},
			{
				name: 'Ledger',
				hits: query.trim()
					? findByWords(ledger, query, textOf, MOST).map((row) => ({
							id: row.key,
							name: ledgerWords(row),
							aside: `${headName(workspace, row)}, ${formatDate(row.date)}`,
							go: to(rowPath(row) ?? '/ledger')
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
