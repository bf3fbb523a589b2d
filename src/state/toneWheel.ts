import type { Lab } from '../core/colour';
import { labOfPigment } from '../core/hair';
import { pigmentOnPath } from '../core/lift';
import { dyePulls, DYE_NAMES, namedTones, type DyeName, type DyePull } from '../core/tone';
import type { TonerView } from './tonerView.svelte';
import { zonesFound } from './zoneTones';
import type { VisitState } from './visitState.svelte';

/** A place on the wheel with a name. */
interface WheelPoint {
	readonly name: string;
	readonly lab: Lab;
}

/** What the wheel shows of one toner. */
export interface ToneWheel {
	/** The way this head lifts, level by level. */
	readonly path: readonly (WheelPoint & { readonly level: number })[];
	/** The hair before toning: what is looked at first, then the other zones. */
	readonly starts: readonly WheelPoint[];
	readonly toned: WheelPoint;
	readonly aim: Lab;
	/** Where each dye that the line has pulls that hair. */
	readonly pulls: readonly (DyePull & { readonly used: boolean })[];
}

const PATH_TO = 11;

/** Dyes that the tones of a line are made of, brown left out. */
function dyesOn({ line, parts }: TonerView): { dye: DyeName; used: boolean }[] {
	if (!line) return [];
	const used = new Set(
		parts.flatMap(({ shadeId }) => {
			const shade = line.shades.find(({ id }) => id === shadeId);
			return shade ? Object.keys(namedTones(shade, line.vehicle)) : [];
		})
	);
	const held = new Set(
		line.shades.flatMap((shade) => Object.keys(namedTones(shade, line.vehicle)))
	);
	return DYE_NAMES.filter((dye) => dye !== 'brown' && held.has(dye)).map((dye) => ({
		dye,
		used: used.has(dye)
	}));
}

const pointOf = (name: string, lab: Lab): WheelPoint => ({ name, lab });

/** The wheel for the toner that is looked at. */
export function toneWheel(session: VisitState): ToneWheel {
	const { toner, head, placedToner } = session;
	const { naturalLevel, warmth } = head.reading;
	const from = Math.floor(naturalLevel);
	const levels = Array.from({ length: PATH_TO - from + 1 }, (_, i) =>
		Math.max(naturalLevel, from + i)
	);
	const start = toner.bareLab;
	const dyes = dyesOn(toner);
	const pulls = dyePulls(
		toner.filled,
		dyes.map(({ dye }) => dye)
	);
	return {
		path: levels.map((level) => ({
			level,
			...pointOf(String(level), labOfPigment(pigmentOnPath(naturalLevel, warmth, level)))
		})),
		starts: placedToner
			? [pointOf('', start)]
			: [
					pointOf('', start),
					...zonesFound(head)
						.filter(({ zone }) => zone !== head.zone.name)
						.map(({ zone, raw }) => pointOf(zone, raw))
				],
		toned: pointOf('toned', toner.toned.lab),
		aim: toner.target,
		pulls: pulls.map((pull, i) => ({ ...pull, used: dyes[i]!.used }))
	};
}
