import { chromaOf, hueOf } from '../colour';
import { BOWL_FAULTS } from './constants';
import type { DepositConditions } from './deposit';
import { isClear, type FormulaPart } from './formula';
import { previewTone, type RawHair } from './preview';

/** What is wrong with a mixture for a head, before it shows on the hair. */
export type BowlFault =
	/** A deep shade in one bowl with pale ones: it decides the depth. */
	| { readonly code: 'deepWithPale'; readonly levels: number }
	/** Direct colour over porous hair, which it does not leave again evenly. */
	| { readonly code: 'directOnPorous' }
	/** White hair among it comes out warmer than the rest. */
	| { readonly code: 'whiteWarm' }
	/** Natural red or coarse hair takes little of it. */
	| { readonly code: 'takesLittle' };

/** What of the head a mixture is judged by. */
export interface BowlHead {
	readonly raw: RawHair;
	/** Some of the hair it goes on is porous. */
	readonly porous: boolean;
}

/** Vehicles that open coarse and red hair enough. */
const OPENS: readonly DepositConditions['vehicle'][] = ['permanent', 'highLift'];

/** What is wrong with a mixture for a head; nothing for one without parts. */
export function bowlFaults(
	parts: readonly FormulaPart[],
	conditions: DepositConditions,
	{ raw, porous }: BowlHead
): BowlFault[] {
	const shades = parts.flatMap((part) =>
		isClear(part) || part.form === 'concentrate' ? [] : [part]
	);
	if (shades.length === 0) return [];
	const faults: BowlFault[] = [];
	const deepest = Math.min(...shades.map(({ level }) => level));
	const apart = Math.max(...shades.map(({ level }) => level)) - deepest;
	const gramsOf = (some: typeof shades) => some.reduce((sum, { grams }) => sum + grams, 0);
	const deepShare = gramsOf(shades.filter(({ level }) => level === deepest)) / gramsOf(shades);
	if (apart >= BOWL_FAULTS.levelsApart && deepShare >= BOWL_FAULTS.deepShare)
		faults.push({ code: 'deepWithPale', levels: apart });
	if (conditions.vehicle === 'direct' && porous) faults.push({ code: 'directOnPorous' });
	if ((raw.whiteShare ?? 0) >= BOWL_FAULTS.leastWhite && whiteIsWarmer(raw, parts, conditions))
		faults.push({ code: 'whiteWarm' });
	if (
		(conditions.naturalRed || conditions.texture === 'coarse') &&
		!OPENS.includes(conditions.vehicle)
	)
		faults.push({ code: 'takesLittle' });
	return faults;
}

/** Whether white fibres come out a plain step warmer than the pigmented ones beside them. */
function whiteIsWarmer(
	raw: RawHair,
	parts: readonly FormulaPart[],
	conditions: DepositConditions
): boolean {
	const pigmented = previewTone({ ...raw, whiteShare: 0 }, parts, conditions).lab;
	const white = previewTone({ ...raw, whiteShare: 1 }, parts, conditions).lab;
	const hue = hueOf(white);
	return (
		hue < BOWL_FAULTS.warmHue && chromaOf(white) - chromaOf(pigmented) >= BOWL_FAULTS.warmerChroma
	);
}
