import { deltaE, levelOf, type Lab } from '../colour';
import { rawLab, toneWarnings, type RawHair, type ToneWarning } from './preview';
import { takenUp, type DepositConditions } from './deposit';
import { addDyes } from './dyes';
import { depositOf, type FormulaPart } from './formula';

const NO_PIGMENT = { eumelanin: 0, pheomelanin: 0 };

/** A toner at a minute, as a wipe check would show it. */
export interface ToneMoment {
	readonly minute: number;
	readonly lab: Lab;
	readonly level: number;
	readonly warnings: readonly ToneWarning[];
}

/**
 * How a toner goes, minute by minute. A deposit only grows, so the first minute with a warning is when
 * it has to be off.
 * @param stepMinutes spacing, > 0
 */
export function toneCourse(
	raw: RawHair,
	parts: readonly FormulaPart[],
	conditions: Omit<DepositConditions, 'minutes'>,
	toMinute: number,
	stepMinutes = 1
): ToneMoment[] {
	const before = rawLab(raw);
	// What goes in grows by one factor for all of it: the formula is reckoned once and scaled.
	const last = { ...conditions, minutes: Math.max(1, toMinute) };
	const dyes = depositOf(parts, raw.pigment, last);
	const onWhite = depositOf(parts, NO_PIGMENT, last);
	const moments: ToneMoment[] = [];
	for (let minute = 0; minute <= toMinute + 1e-9; minute += stepMinutes) {
		const share = takenUp({ ...conditions, minutes: minute }) / takenUp(last);
		const lab = rawLab({
			...raw,
			dye: addDyes(raw.dye ?? {}, dyes, share),
			dyeOnWhite: addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, onWhite, share)
		});
		moments.push({ minute, lab, level: levelOf(lab), warnings: toneWarnings(before, lab) });
	}
	return moments;
}

/**
 * What a toner overdoes.
 * @param wanted level down to which depth was asked for and is no fault
 */
export const faultsOf = (
	{ level, warnings }: Pick<ToneMoment, 'level' | 'warnings'>,
	wanted = Infinity
): readonly ToneWarning[] => warnings.filter(({ code }) => code !== 'tooDark' || level < wanted);

/**
 * The first minute at which a toner has gone too far, or nothing when it never does.
 * @param wanted level down to which depth was asked for and is no fault
 */
export const overToned = (course: readonly ToneMoment[], wanted?: number): ToneMoment | undefined =>
	course.find((moment) => faultsOf(moment, wanted).length > 0);

/**
 * The minute at which a toner is nearest to a colour; of several that are as near, the first.
 * @param course at least one moment
 */
export const nearestMinute = (course: readonly ToneMoment[], target: Lab): number =>
	course.reduce(
		(best, { minute, lab }) => {
			const distance = deltaE(lab, target);
			return distance < best.distance - NO_NEARER ? { minute, distance } : best;
		},
		{ minute: course[0]?.minute ?? 0, distance: Infinity }
	).minute;

/** Nobody sees a difference of this, ΔE: the shorter time is the better. */
const NO_NEARER = 0.1;
