import {
	sparesDye,
	type Application,
	type HeadFactors,
	type Placement,
	type Section
} from './application';
import { PLACEMENTS } from '../vocabulary';
import { SECTION_REACH } from './constants';
import { doseOf } from './dose';
import { levelOfFibre, lightenFibre, type Fibre } from './fibre';

/** How far each dial may be turned. */
export interface DialLimits {
	/** Longest the product may stay, minutes. */
	readonly minutes: number;
	/** Strongest developer where it goes on, volumes. */
	readonly volume: number;
	/** Least developer per part of lightener that can still be brushed on. */
	readonly ratio: number;
}

/** What one dial alone would have to be for the hair to get to a level. */
export type DialAnswer = {
	/** Level at that setting, or at the end of the dial where it is not enough. */
	readonly level: number;
	readonly enough: boolean;
} & (
	| { readonly dial: 'minutes' | 'volume' | 'ratio'; readonly to: number }
	| { readonly dial: 'section'; readonly to: Section }
	| { readonly dial: 'placement'; readonly to: Placement }
);

/** Steps in which people turn the dials. */
const STEP = { minutes: 1, volume: 2.5, ratio: 0.25 } as const;

/**
 * “What would it take to reach 9?”, solved for each dial alone, the others left as they are. More minutes,
 * more strength, a thicker mix, thinner sections and a warmer place all lift further, so each answer is
 * the first step of its dial that is enough. Dials that stand at their end already are left out.
 */
export function whatWouldTake(
	fibre: Fibre,
	application: Application,
	head: HeadFactors,
	target: number,
	limits: DialLimits
): DialAnswer[] {
	const levelWith = (change: Partial<Application>): number => {
		const changed = { ...application, ...change };
		const dose = doseOf(changed, head);
		return levelOfFibre(lightenFibre(fibre, dose, sparesDye(changed.product)));
	};
	const answers: DialAnswer[] = [];
	const turn = (dial: 'minutes' | 'volume' | 'ratio', steps: readonly number[]) => {
		const last = steps.at(-1);
		if (last === undefined) return;
		const to = steps.find((value) => levelWith({ [dial]: value }) >= target) ?? last;
		const level = levelWith({ [dial]: to });
		answers.push({ dial, to, level, enough: level >= target });
	};
	turn('minutes', stepsUp(application.minutes, limits.minutes, STEP.minutes));
	turn('volume', stepsUp(application.volume, limits.volume, STEP.volume));
	turn('ratio', stepsDown(application.ratio, limits.ratio, STEP.ratio));

	const now = levelWith({});
	const better = <T extends Section | Placement>(
		options: readonly T[],
		level: (option: T) => number
	): T | undefined => {
		const rising = options
			.filter((option) => level(option) > now + 0.05)
			.sort((p, q) => level(p) - level(q));
		return rising.find((option) => level(option) >= target) ?? rising.at(-1);
	};
	const section = better(Object.keys(SECTION_REACH) as Section[], (to) =>
		levelWith({ section: to })
	);
	if (section) {
		const level = levelWith({ section });
		answers.push({ dial: 'section', to: section, level, enough: level >= target });
	}
	const placement = better(offScalp(application.placement), (to) => levelWith({ placement: to }));
	if (placement) {
		const level = levelWith({ placement });
		answers.push({ dial: 'placement', to: placement, level, enough: level >= target });
	}
	return answers.sort((p, q) => Number(q.enough) - Number(p.enough));
}

/** Other places for the mixture; on the scalp it stays on the scalp. */
const offScalp = (placement: Placement): Placement[] =>
	placement === 'onScalp' || placement === 'film'
		? ['onScalp', 'film']
		: (Object.keys(PLACEMENTS) as Placement[]).filter(
				(other) => other !== 'onScalp' && other !== 'film'
			);

function stepsUp(from: number, to: number, step: number): number[] {
	const steps: number[] = [];
	for (let value = Math.floor(from / step + 1) * step; value <= to + 1e-9; value += step) {
		steps.push(value);
	}
	return steps;
}

function stepsDown(from: number, to: number, step: number): number[] {
	const steps: number[] = [];
	for (let value = Math.ceil(from / step - 1) * step; value >= to - 1e-9; value -= step) {
		steps.push(value);
	}
	return steps;
}
