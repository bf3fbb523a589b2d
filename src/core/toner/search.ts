import {
	absorbance,
	deltaE,
	emptySpectrum,
	labOf,
	labOfTristimulus,
	levelOf,
	mixWithWhite,
	reflectance,
	tristimulusOf,
	undertoneOf,
	type Lab,
	type Spectrum,
	type Tristimulus,
	type UndertoneName
} from '../colour';
import type { Pigment } from '../hair';
import {
	CONCENTRATE,
	depositOfShade,
	dyeSpectrum,
	namedTones,
	rawLab,
	type DepositConditions,
	type DyeAmounts,
	type RawHair,
	type Shade,
	type Vehicle
} from '../tone';
import { PENALTY, WHEEL } from './constants';

/** A shade on the shelf. */
export interface ShelfShade extends Shade {
	readonly id: string;
	readonly vehicle: Vehicle;
	/** A tube of it is open. */
	readonly open?: boolean | undefined;
}

/** What is asked of the search. */
export interface ToneProblem {
	readonly raw: RawHair;
	readonly target: Lab;
	/** Up to 200 shades; those of another vehicle are left out. */
	readonly shelf: readonly ShelfShade[];
	readonly conditions: DepositConditions;
	/** Grams of colour wanted, developer not counted; whole, > 0. */
	readonly totalGrams: number;
	/** Most shades in one formula, 1-3; clear is not counted, nor is one concentrate. */
	readonly maxShades?: number | undefined;
	/** How many formulas to return. */
	readonly most?: number | undefined;
}

/** A shade made ready for the search: its absorbance at full strength on this hair. */
export interface Candidate {
	readonly shade: ShelfShade;
	readonly onPigmented: Spectrum;
	readonly onWhite: Spectrum;
	readonly warmShare: number;
	readonly tone: number;
	/** Where its cool dyes stand on the wheel; a mean by amount. */
	readonly place: number;
	/** Largest share of a formula, 0-1: concentrates are added by the gram. */
	readonly most: number;
}

/** Candidates with their shares of the whole formula; what is missing to 1 is clear. */
export type Mix = readonly { readonly candidate: Candidate; readonly x: number }[];

const WHITE: Pigment = { eumelanin: 0, pheomelanin: 0 };
const WARM = ['red', 'orange', 'yellow'] as const;
const COOL = ['violet', 'blue', 'green'] as const;
export const sumOf = (dyes: DyeAmounts, names: readonly (keyof DyeAmounts)[]): number =>
	names.reduce((sum, name) => sum + (dyes[name] ?? 0), 0);

/** Where an undertone's opposite stands on the wheel; nothing where there is none to take. */
const oppositeOf = (undertone: UndertoneName): number | undefined =>
	undertone in WHEEL.undertone
		? WHEEL.undertone[undertone as keyof typeof WHEEL.undertone]
		: undefined;

/** The hair, the target and the work space of one search. */
export class Search {
	private readonly pigmented: Spectrum;
	private readonly white: Spectrum;
	private readonly whiteShare: number;
	private readonly a = emptySpectrum();
	private readonly r = emptySpectrum();
	private readonly w = emptySpectrum();
	private readonly tristimulus: Tristimulus = { x: 0, y: 0, z: 0 };
	readonly candidates: readonly Candidate[];
	readonly targetLevel: number;
	private readonly opposite: number | undefined;

	constructor(readonly problem: ToneProblem) {
		const { raw, conditions, shelf } = problem;
		const there = raw.dye ? dyeSpectrum(raw.dye) : undefined;
		this.pigmented = absorbance(raw.pigment.eumelanin, raw.pigment.pheomelanin, there);
		const onWhite = raw.dyeOnWhite ?? raw.dye;
		this.white = absorbance(0, 0, onWhite && dyeSpectrum(onWhite));
		this.whiteShare = raw.whiteShare ?? 0;
		this.targetLevel = levelOf(problem.target);
		this.opposite = oppositeOf(undertoneOf(rawLab(raw)).name);
		this.candidates = shelf
			.filter((shade) => shade.vehicle === conditions.vehicle)
			.map((shade) => {
				const tones = namedTones(shade, conditions.vehicle);
				const warm = sumOf(tones, WARM);
				const tone = warm + sumOf(tones, COOL);
				return {
					shade,
					onPigmented: dyeSpectrum(depositOfShade(shade, raw.pigment, conditions)),
					onWhite: dyeSpectrum(depositOfShade(shade, WHITE, conditions)),
					warmShare: tone > 0 ? warm / tone : 0,
					tone,
					place: placeOf(tones),
					most: shade.form === 'concentrate' ? CONCENTRATE.mostShare : 1
				};
			});
	}

	/** Colour with these strengths (shares of the whole formula) of these candidates. */
	labAt(mix: Mix): Lab {
		const onPigmented = this.absorbed(this.pigmented, mix, 'onPigmented');
		// Where there is no white hair, X, Y and Z come from one loop: a search asks some ten thousand times.
		if (this.whiteShare <= 0)
			return labOfTristimulus(tristimulusOf(0, 0, onPigmented, this.tristimulus));
		reflectance(onPigmented, this.r);
		reflectance(this.absorbed(this.white, mix, 'onWhite'), this.w);
		return labOf(mixWithWhite(this.r, this.w, this.whiteShare, this.r));
	}

	/** Absorbance of hair with the dyes of a mix in it; written over at the next call. */
	private absorbed(hair: Spectrum, mix: Mix, on: 'onPigmented' | 'onWhite'): Spectrum {
		const { a } = this;
		let from = hair;
		for (const { candidate, x } of mix) {
			const dye = candidate[on];
			for (let i = 0; i < a.length; i++) a[i] = from[i]! + x * dye[i]!;
			from = a;
		}
		if (from !== a) a.set(hair);
		return a;
	}

	/** ΔE with what the trade would hold against the mix. */
	score(mix: Mix, lab: Lab = this.labAt(mix)): number {
		const level = levelOf(lab);
		let score = deltaE(lab, this.problem.target);
		const used = mix.filter(({ x }) => x > 0);
		score += PENALTY.perTubePastFirst * Math.max(0, used.length - 1);
		score += PENALTY.perLevelTooDark * Math.max(0, this.targetLevel - level - PENALTY.freeTooDark);
		const total = used.reduce((sum, { x }) => sum + x, 0);
		let warm = 0;
		let cool = 0;
		let place = 0;
		for (const { candidate, x } of used) {
			const share = total > 0 ? x / total : 0;
			const based = candidate.shade.form !== 'concentrate';
			const tooDeep = based ? Math.max(0, this.targetLevel - candidate.shade.level - 1) : 0;
			score += PENALTY.perLevelPartTooDeep * tooDeep * share;
			warm += x * candidate.tone * candidate.warmShare;
			const against = x * candidate.tone * (1 - candidate.warmShare);
			cool += against;
			place += against * candidate.place;
		}
		if (warm + cool > 0) {
			score += (PENALTY.fightingTones * Math.min(warm, cool)) / (warm + cool);
			score += (this.offTheWheel(place / cool) * cool) / (warm + cool);
		}
		return score;
	}

	/**
	 * What it costs that the cool dyes of a mix stand away from the opposite of the undertone. The nearest
	 * colour alone would take green against yellow, because it darkens least; nobody at a chair would.
	 */
	private offTheWheel(place: number): number {
		if (this.opposite === undefined || Number.isNaN(place)) return 0;
		const steps = Math.abs(place - this.opposite) - PENALTY.freeSteps;
		return PENALTY.perStepOffTheWheel * Math.max(0, steps);
	}
}

/** Place on the wheel of the cool dyes in a tube; a mean by amount. */
function placeOf(dyes: DyeAmounts): number {
	const cool = sumOf(dyes, COOL);
	return cool > 0
		? COOL.reduce((sum, dye) => sum + WHEEL.dye[dye] * (dyes[dye] ?? 0), 0) / cool
		: 0;
}
