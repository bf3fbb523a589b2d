import { bowlWays, helpfulWays, wayChange, type HelpfulWay } from '../model/visit/behindHelp';
import { STAGING, type StagingAdvice } from '../core/work';
import { leverChange } from '../model/commands/lever';
import { Search } from './search.svelte';
import type { Searches } from './searches';
import type { BowlsView } from './bowlsView.svelte';

/** What would help a head of which some stays behind; it is looked for only while somebody looks. */
export class BowlHelp {
	readonly #bowls: () => BowlsView;
	readonly #levers: Search<'stageHead'>;
	readonly #ways: Search<'compareHeads'>;

	/**
	 * @param bowls those that are looked at
	 * @param searches the door to the worker, or whoever answers on the spot
	 */
	constructor(bowls: () => BowlsView, lane: string, searches: Searches) {
		this.#bowls = bowls;
		this.#levers = new Search(searches, 'stageHead', `advice ${lane}`, () => {
			const { staging, head } = bowls();
			return staging?.behind === undefined ? undefined : { head, advise: true };
		});
		this.#ways = new Search(searches, 'compareHeads', `help ${lane}`, () => {
			const looked = bowls();
			const { stagedWork } = looked;
			const heads = [
				...this.#done.map(({ lever, change }) => ({ name: lever.what, change })),
				...this.#otherwise.map((way) => ({ name: way.name, change: wayChange(way, stagedWork) }))
			].map(({ name, change }) => ({ name, head: looked.headWith(change) }));
			return heads.length === 0 ? undefined : heads;
		});
	}

	/** Levers of the bowls that promise to help; nothing before they are known. A search that failed has none. */
	#promised: readonly StagingAdvice[] | undefined = $derived.by(() => {
		const { found, searching, trouble } = this.#levers;
		if (trouble) return [];
		return found?.ok && !searching ? found.staging.advice : undefined;
	});
	/** Those of them that a tap brings about, with what it changes. */
	#done = $derived.by(() => {
		const { staging, stagedWork: work } = this.#bowls();
		return (this.#promised ?? []).flatMap((lever) => {
			const change = staging && leverChange(lever, { work, staging });
			return change ? [{ lever, change }] : [];
		});
	});
	/**
	 * Levers of the bowls that help, each with what the head comes to once it is done and not as it was tried; nothing before
	 * they are known.
	 */
	levers: readonly StagingAdvice[] | undefined = $derived.by(() => {
		const { found, searching, trouble } = this.#ways;
		const { staging } = this.#bowls();
		if (!this.#promised || trouble) return this.#promised;
		if (!staging || !found || searching) return undefined;
		const worth = staging.spread + staging.shortfall - STAGING.worthAdvising;
		return this.#promised.flatMap((lever) => {
			if (!this.#done.some((one) => one.lever === lever)) return [lever];
			const outcome = found.find(({ name }) => name === lever.what)?.outcome;
			return outcome && outcome.spread + outcome.shortfall < worth
				? [{ ...lever, spread: outcome.spread, shortfall: outcome.shortfall }]
				: [];
		});
	});
	/** The same head worked otherwise; looked for once the levers are known. */
	#otherwise = $derived.by(() =>
		this.#promised === undefined ? [] : bowlWays(this.#bowls().stagedWork)
	);
	/** Ways of working it that help, the best first; nothing before they are known. */
	ways: readonly HelpfulWay[] | undefined = $derived.by(() => {
		const { found, searching, trouble } = this.#ways;
		const { staging } = this.#bowls();
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
