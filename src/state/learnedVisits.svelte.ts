import { learningSteps, type LearnsFrom } from '../model/visit/learned';
import type { Client, Shelf, Visit } from '../schema/records';

/** A page answers within this, ms: nothing of it is held up longer at once. */
const SLICE_MS = 30;

/**
 * What a client's visits taught, gone through in slices: a head of many years takes seconds, and the page that waits
 * for it answers meanwhile. What was learned is kept with the visits; asked again, it is there.
 */
export class LearnedVisits {
	/** Share of the visits that was gone through; 1 once all of it is known. */
	share = $state(0);
	#asked = 0;

	/** @param steady milliseconds of a clock that only goes forward */
	constructor(private readonly steady: () => number) {}

	/** Goes through some visits; what was asked before is left. */
	async go(
		visits: readonly Visit[],
		client: Client | undefined,
		shelf: Pick<Shelf, 'textureRates'> | undefined
	): Promise<void> {
		const asked = ++this.#asked;
		const from: LearnsFrom = {
			salon: visits[0] && shelf?.textureRates?.[visits[0].reading.texture],
			off: client?.learnOff
		};
		const steps = learningSteps(visits, from);
		let begun = this.steady();
		for (let step = steps.next(); !step.done; step = steps.next()) {
			if (this.steady() - begun < SLICE_MS) continue;
			this.share = step.value;
			await new Promise((resolve) => setTimeout(resolve, 0));
			if (asked !== this.#asked) return;
			begun = this.steady();
		}
		this.share = 1;
	}
	leave(): void {
		this.#asked++;
	}
}
