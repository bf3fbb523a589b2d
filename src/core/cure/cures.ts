import { deltaE, levelOf, type Lab } from '../colour';
import { bisect } from '../numeric';
import {
	applyTo,
	labOfFibre,
	levelOfFibre,
	predictLift,
	type Application,
	type Fibre,
	type HeadFactors
} from '../lift';
import { finish, type Steps } from '../steps';
import {
	addDyes,
	fadeDyes,
	rawLab,
	type DepositConditions,
	type DyeAmounts,
	type DyeName,
	type RawHair,
	type Shade,
	type WashHabit
} from '../tone';
import {
	keepsLevelSteps,
	solveToneSteps,
	type ShelfShade,
	type ToneFormula,
	type ToneProblem
} from '../toner';
import type { ToneFault } from './causes';
import { CAST, CLARIFY, LIFT_AGAIN, WAIT, WORTH_DOING } from './constants';

/** What is asked where something went wrong. */
export interface CureProblem {
	readonly fault: ToneFault;
	/** The pigmented hair that is at fault, before any toner of the day. */
	readonly fibre: Fibre;
	readonly whiteShare: number;
	/** The dye that lies on it: what its toner left, or what its warmth was called by. */
	readonly dye: DyeAmounts;
	/** The level that somebody sees there. */
	readonly seenLevel: number;
	/** What it should look like. */
	readonly target: Lab;
	readonly shelf: readonly ShelfShade[];
	readonly conditions: DepositConditions;
	/** Grams of colour for it, whole, ≥ 1. */
	readonly totalGrams: number;
	readonly habit: WashHabit;
	readonly head: HeadFactors;
	/** Condition index now, 0-100. */
	readonly condition: number;
	/** Where a lightener would work, and the strength it may have there at most; 0 where none may go on. */
	readonly placement: Application['placement'];
	readonly mostVolume: number;
}

/** One act against a fault, with what it makes of the hair. */
export type Cure = {
	readonly lab: Lab;
	/** Of the pigmented hair. */
	readonly level: number;
	/** ΔE00 to what it should look like. */
	readonly deltaE: number;
} & (
	| { readonly act: 'wait'; readonly weeks: number }
	| { readonly act: 'clarify'; readonly washes: number }
	| {
			readonly act: 'tone' | 'warmGloss' | 'redCopper' | 'again';
			readonly formula: ToneFormula;
	  }
	| {
			readonly act: 'lift';
			readonly volume: number;
			readonly minutes: number;
			readonly condition: number;
	  }
);

/** The hair at fault as it is now, and the acts against it, the gentlest first. */
export interface CureAnswer {
	readonly before: Lab;
	readonly level: number;
	readonly cures: readonly Cure[];
}

/** The dye that makes a cast, by what it is seen as. */
const CAST_DYES: Readonly<Partial<Record<ToneFault, Readonly<Partial<Record<DyeName, number>>>>>> =
	{
		overViolet: { violet: 1 },
		overAsh: { blue: 0.8, violet: 0.2 },
		overGreen: { green: 0.7, blue: 0.3 },
		tooDark: { brown: 1 }
	};

/** Acts against each fault, the gentlest first (craft: faults and cures). */
const ACTS: Readonly<Record<ToneFault, readonly Cure['act'][]>> = {
	hotRoot: ['tone'],
	band: ['tone', 'lift'],
	spot: ['tone', 'lift'],
	warmEnds: ['tone', 'lift'],
	overViolet: ['clarify', 'wait', 'warmGloss'],
	overAsh: ['clarify', 'wait', 'warmGloss'],
	overGreen: ['clarify', 'redCopper'],
	tooDark: ['clarify', 'wait', 'lift'],
	slidOff: ['again'],
	patchy: ['clarify', 'tone']
};

/** What lies on the hair: the dye of the day, and as much of the cast as brings it to the level that is seen. */
function layOf({ fault, fibre, whiteShare, dye: toned, seenLevel }: CureProblem): DyeAmounts {
	const cast = CAST_DYES[fault];
	if (!cast) return toned;
	const at = (amount: number) => addDyes(toned, cast, amount);
	const deepEnough = (amount: number) =>
		levelOf(labWith(fibre, at(amount), whiteShare)) <= seenLevel;
	if (deepEnough(CAST.least) || !deepEnough(CAST.most)) return at(CAST.least);
	return at(bisect(deepEnough, CAST.least, CAST.most, 0.005));
}

const rawOf = (fibre: Fibre, dye: DyeAmounts, whiteShare: number): RawHair => ({
	pigment: fibre,
	dye,
	whiteShare
});
const labWith = (fibre: Fibre, dye: DyeAmounts, whiteShare: number): Lab =>
	rawLab(rawOf(fibre, dye, whiteShare));

const WARM = /^[GCR]+$/;
const RED_COPPER = /^[RC]+$/;
/** Shades that an act is looked for among. */
const SHADES: Readonly<Partial<Record<Cure['act'], (shade: Shade) => boolean>>> = {
	warmGloss: ({ tone }) => WARM.test(tone) || tone === 'N',
	redCopper: ({ tone }) => RED_COPPER.test(tone)
};

/** Acts against a fault with what each would make of the hair, the gentlest first. */
export function* curesSteps(problem: CureProblem): Steps<CureAnswer> {
	const { fibre, whiteShare, target } = problem;
	const lay = layOf(problem);
	const before = labWith(fibre, lay, whiteShare);
	const off = deltaE(before, target);
	const cures: Cure[] = [];
	const acts = ACTS[problem.fault];
	for (const [i, act] of acts.entries()) {
		const cure = yield* tried(act, problem, lay);
		if (cure && isWorthIt(before, off, cure, target)) cures.push(cure);
		yield (i + 1) / acts.length;
	}
	return { before, level: levelOf(labWith(fibre, lay, 0)), cures };
}

const toneOff = (lab: Lab, target: Lab): number => Math.hypot(lab.a - target.a, lab.b - target.b);

/** Whether an act brings hair plainly nearer, or its tone at least while it stays about as deep. */
function isWorthIt(before: Lab, off: number, cure: Cure, target: Lab): boolean {
	if (cure.deltaE < off - WORTH_DOING.nearer) return true;
	const deeper = levelOf(before) - levelOf(cure.lab);
	const tone = toneOff(before, target) - toneOff(cure.lab, target);
	return tone >= WORTH_DOING.tone && deeper <= WORTH_DOING.deeper;
}

/**
 * {@link curesSteps} without a pause.
 * @internal
 */
export const cures = (problem: CureProblem): CureAnswer => finish(curesSteps(problem));

function* tried(act: Cure['act'], problem: CureProblem, lay: DyeAmounts): Steps<Cure | undefined> {
	const { fibre, whiteShare, target, conditions, habit } = problem;
	const came = (lab: Lab, level: number) => ({ lab, level, deltaE: deltaE(lab, target) });
	const washed = (washes: number) => {
		const left = fadeDyes(lay, conditions.vehicle, washes, conditions.porosity);
		return came(labWith(fibre, left, whiteShare), levelOf(labWith(fibre, left, 0)));
	};
	switch (act) {
		case 'clarify':
			return { act, washes: CLARIFY.washes, ...washed(CLARIFY.washes) };
		case 'wait':
			return { act, weeks: WAIT.weeks, ...washed(WAIT.weeks * habit.washesPerWeek) };
		case 'tone':
		case 'warmGloss':
		case 'redCopper':
		case 'again': {
			const fits = SHADES[act];
			const raw = rawOf(fibre, lay, whiteShare);
			const question: ToneProblem = {
				raw,
				target,
				shelf: fits ? problem.shelf.filter(fits) : problem.shelf,
				// A day later the hair holds a toner again.
				conditions: act === 'again' ? { ...conditions, doseToday: 0 } : conditions,
				totalGrams: problem.totalGrams,
				most: 1,
				maxShades: 2
			};
			// Against a cast the tone counts: a gloss makes nothing lighter.
			const formula = fits
				? yield* keepsLevelSteps(question)
				: (yield* solveToneSteps(question))[0];
			return formula && formula.parts.length > 0
				? { act, formula, ...came(formula.lab, formula.level) }
				: undefined;
		}
		case 'lift':
			return lifted(problem, lay);
	}
}

/** The mildest lightener on the hair at fault alone, for as few minutes as bring it there. */
function lifted(
	{ fibre, whiteShare, target, head, condition, placement, mostVolume, conditions }: CureProblem,
	lay: DyeAmounts
): Cure | undefined {
	if (mostVolume <= 0) return undefined;
	const layers = Object.keys(lay).length === 0 ? [] : [layer(lay, conditions)];
	const start: Fibre = { ...fibre, layers: [...fibre.layers, ...layers] };
	const wanted = levelOf(target);
	const volume = Math.min(LIFT_AGAIN.volume, mostVolume);
	const at = (minutes: number): Application => ({
		product: 'bleachWash',
		volume,
		ratio: LIFT_AGAIN.ratio,
		minutes,
		placement
	});
	let minutes = 1;
	while (
		minutes < LIFT_AGAIN.mostMinutes &&
		levelOfFibre(applyTo(start, at(minutes), head)) < wanted
	)
		minutes++;
	const [result] = predictLift(start, [at(minutes)], head, condition);
	if (!result || result.condition < LIFT_AGAIN.leastCondition) return undefined;
	const lab = labOfFibre(result.fibre, whiteShare);
	return {
		act: 'lift',
		volume,
		minutes,
		condition: result.condition,
		lab,
		level: result.level,
		deltaE: deltaE(lab, target)
	};
}

/** The toner as it lies in the hair; its level matters to removal only where it is black. */
const layer = (dyes: DyeAmounts, { vehicle }: DepositConditions) => ({
	vehicle,
	level: 8,
	layers: 1,
	dyes
});
