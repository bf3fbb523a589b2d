import type { Lab } from '../colour';
import type { DyeName } from './dyes';
import { addDyes } from './dyes';
import { rawLab, type RawHair } from './preview';

/** Where a dye pulls the colour of hair. */
export interface DyePull {
	readonly dye: DyeName;
	/** Shift in a* and b*. */
	readonly a: number;
	readonly b: number;
}

/** So much of each dye as tells its direction and covers nothing, absorbance. */
const TOUCH = 0.08;

/** Where a touch of each of some dyes pulls this hair on the wheel, all of the same amount. */
export function dyePulls(raw: RawHair, dyes: readonly DyeName[]): DyePull[] {
	const from: Lab = rawLab(raw);
	return dyes.map((dye) => {
		const touched = { [dye]: TOUCH };
		const to = rawLab({
			...raw,
			dye: addDyes(raw.dye ?? {}, touched),
			dyeOnWhite: addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, touched)
		});
		return { dye, a: to.a - from.a, b: to.b - from.b };
	});
}
