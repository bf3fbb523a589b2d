import { compute } from '../compute/browser';
import { lateHead, type Delay, type SectionId, type Staging } from '../core/work';
import { Search } from './search.svelte';
import type { VisitState } from './visitState.svelte';
import { setSections } from '../model/commands/sections';

/** What a section that runs late would do: with the strengths as they were, and with those to come anew. */
export class LateHead {
	section: SectionId | undefined = $state();
	minutes = $state(10);
	readonly #session: VisitState;
	readonly #kept: Search<'stageHead'>;
	readonly #anew: Search<'stageHead'>;

	constructor(session: VisitState) {
		this.#session = session;
		this.#kept = new Search(compute, 'stageHead', `late, as mixed ${session.id}`, () =>
			this.#question('all')
		);
		this.#anew = new Search(compute, 'stageHead', `late, anew ${session.id}`, () =>
			this.#question('mixed')
		);
	}

	#question(keep: Delay['keep']) {
		const { bowls } = this.#session;
		const { section, minutes } = this;
		if (section === undefined || !bowls.staging) return undefined;
		const head = lateHead(bowls.head, bowls.staging, { section, minutes, keep });
		return { head };
	}
	#staged({ found, searching }: Search<'stageHead'>): Staging | undefined {
		return found?.ok && !searching ? found.staging : undefined;
	}
	get kept(): Staging | undefined {
		return this.#staged(this.#kept);
	}
	get anew(): Staging | undefined {
		return this.#staged(this.#anew);
	}
	get anewDiffers(): boolean {
		return (this.kept?.spread ?? 0) - (this.anew?.spread ?? 0) > 0.05;
	}
	/** Strengths of the bowls that are still to be mixed, volumes. */
	get strengthsToCome(): readonly number[] {
		const { anew } = this;
		const begun = anew?.finish.find(({ section }) => section === this.section);
		const coming = (anew?.bowls ?? []).filter(
			({ mixAtMinute }) => mixAtMinute > (begun?.appliedFromMinute ?? 0)
		);
		return [...new Set(coming.map(({ volume }) => volume))];
	}
}

/** It did run late: its minutes are written down, and what was mixed by then stays as it was. */
export function keepLate(session: VisitState, late: LateHead): void {
	const { staging, sections } = session.bowls;
	const id = late.section;
	if (!staging || id === undefined) return;
	const begun = staging.finish.find(({ section }) => section === id);
	session.change('ran late', (draft) =>
		setSections(
			draft.bowls,
			sections.map(({ section, load }) => {
				const planned = staging.finish.find((one) => one.section === section.id);
				const bowl = staging.bowls.find(({ number }) => number === planned?.bowl);
				const mixed = bowl && bowl.mixAtMinute <= (begun?.appliedToMinute ?? 0);
				return {
					...section,
					...(mixed && planned?.part === undefined ? { lockedVolume: bowl.volume } : {}),
					...(section.id === id && load ? { minutes: load.minutes + late.minutes } : {})
				};
			})
		)
	);
	late.section = undefined;
}
