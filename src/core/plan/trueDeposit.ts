import { deltaE, type Lab } from '../colour';
import { idealDyes, rawLab, type RawHair } from '../tone';

/** Within this of the aim a deposit counts as true (ΔE00). */
const TRUE_WITHIN = 2;
const STEP = 0.25;
/** No lift is asked for past this level: hair hardly holds together beyond it. */
const HIGHEST = 11;

/**
 * The level hair has to be lifted to before any dye at all brings it to the aim: taking warmth away costs
 * depth, so a clear shade asks for more than its own level. Whatever is on the shelf comes after that.
 * @param rawAt this hair lifted to a level, before any toner
 * @param targetOn the colour asked for, as it is meant on that hair
 * @param from level to begin at, usually the aim's own
 * @returns undefined when no lift would do
 */
export function trueDepositLevel(
	rawAt: (level: number) => RawHair,
	targetOn: (raw: RawHair) => Lab,
	from: number
): number | undefined {
	for (let level = from; level <= HIGHEST; level += STEP) {
		const raw = rawAt(level);
		const target = targetOn(raw);
		const dye = idealDyes(raw, target);
		if (deltaE(rawLab({ ...raw, dye }), target) <= TRUE_WITHIN) return level;
	}
	return undefined;
}
