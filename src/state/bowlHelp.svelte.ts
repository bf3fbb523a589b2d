import { bowlWays, helpfulWays, wayChange, type HelpfulWay } from '../model/visit/behindHelp';
import type { Staging } from '../core/work';
import { Search } from './search.svelte';
import type { Searches } from './searches';
import type { VisitState } from './visitState.svelte';

/** What would help a head of which some stays behind; it is looked for only while somebody looks. */
export class BowlHelp {
	readonly #session: VisitState;
	readonly #levers: Search<'stageHead'>;
	readonly #ways: Search<'compareHeads'>;

	/** @param searches the door to the worker, or whoever answers on the spot */
	constructor(session: VisitState, searches: Searches) {
		this.#session = session;
		const { bowls, id } = session;
		this.#levers = new Search(searches, 'stageHead', `advice ${id}`, () =>
			bowls.staging?.behind === undefined ? undefined : { head: bowls.head, advise: true }
		);
		this.#ways = new Search(searches, 'compareHeads', `help ${id}`, () => {
			const ways = this.#otherwise;
			return ways.length === 0
				? undefined
				: ways.map((way) => ({
						name: way.name,
						head: bowls.headWith(wayChange(way, bowls.stagedWork))
					}));
		});
	}

	/** Levers of the bowls that help, the best first; nothing before they are known. A search that failed has none. */
	levers: Staging['advice'] | undefined = $derived.by(() => {
		const { found, searching, trouble } = this.#levers;
		if (trouble) return [];
		return found?.ok && !searching ? found.staging.advice : undefined;
	});
	/** The same head worked otherwise; looked for once the levers are known. */
	#otherwise = $derived.by(() =>
		this.levers === undefined ? [] : bowlWays(this.#session.bowls.stagedWork)
	);
	/** Ways of working it that help, the best first; nothing before they are known. */
	ways: readonly HelpfulWay[] | undefined = $derived.by(() => {
		const { found, searching, trouble } = this.#ways;
		const { staging } = this.#session.bowls;
		if (trouble) return [];
		return staging && found && !searching
			? helpfulWays(staging, this.#otherwise, found)
			: undefined;
	});
	/** Share of the search that is done, 0-1. */
	get progress(): number {
		return (this.#levers.progress + this.#ways.progress) / 2;
	}
}
