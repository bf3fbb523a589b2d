import { untrack } from 'svelte';
import { learnedFrom, looksToday, recordedBefore, type LearnsFrom } from '../model/visit/learned';
import type { Learned } from '../model/visit/lift';
import { taughtByStrands } from '../model/visit/strandTests';
import { usageFrom, type Usage } from '../model/visit/usage';
import type { Client, Shelf, Visit } from '../schema/records';
import { steady } from './steady';

/** Whose past counts for a visit. */
export interface HeadLearningSource {
	readonly visit: Visit;
	readonly client: Client | undefined;
	readonly shelf: Shelf | undefined;
	/** All visits of the client; the same for as long as none of them changes. */
	readonly visits: readonly Visit[];
}

/** What a client's past and what is seen today teach of how their head lifts, and what their leftovers teach. */
export class HeadLearning {
	readonly #source: HeadLearningSource;

	constructor(source: HeadLearningSource) {
		this.#source = source;
	}

	/** Which of the past counts; the same for as long as none of it changes. */
	#past = $derived.by(
		steady(() => {
			const { visit, visits } = this.#source;
			const { clientId, date } = visit;
			const past = recordedBefore(visits, date).map(({ id, updatedAt }) => ({ id, updatedAt }));
			return { clientId, date, past };
		})
	);
	#from: LearnsFrom = $derived.by(
		steady(() => {
			const { shelf, client, visit } = this.#source;
			return {
				salon: shelf?.textureRates?.[visit.reading.texture],
				off: client?.learnOff,
				tried: taughtByStrands(visit.reading, visit.date)
			};
		})
	);
	/** All visits as they are by now; what is worked out of them waits for the past to change. */
	#visits = (): readonly Visit[] => untrack(() => this.#source.visits);

	/** What recorded visits taught; not worked out again while they stay as they are. */
	taught: Learned = $derived.by(() => learnedFrom(this.#visits(), this.#past.date, this.#from));
	/** Whether predictions use it; off, the head is looked at as a typical one. */
	isUsed = $state(true);
	/** What predictions use of it. */
	learned: Learned | undefined = $derived.by(() => (this.isUsed ? this.taught : undefined));

	#today = $derived.by(steady(() => looksToday(this.#source.visit)));
	/** The same with what is seen of the head today: what nobody has looked at is expected by it. */
	today: Learned | undefined = $derived.by(() => {
		const today = this.#today;
		const { date } = this.#past;
		if (today.length === 0) return this.learned;
		return this.isUsed
			? learnedFrom(this.#visits(), date, { ...this.#from, today })
			: learnedFrom([], date, { today });
	});
	/** What leftovers taught of how much this head takes. */
	usage: Usage = $derived.by(() => {
		const { shelf, client } = this.#source;
		return usageFrom(this.#visits(), this.#past.date, shelf, client?.learnOff?.includes('grams'));
	});
}
