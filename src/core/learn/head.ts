import type { AreaName } from '../lift';
import { LEARN } from './constants';
import { levelsOf, type LevelLook } from './look';
import { factorOf, fadePersonal, UNKNOWN_CLIENT, type Personal } from './personal';
import { headAndPlaces, type PlaceEvidence } from './places';

/** How an area lifts beside the rest of the head. */
export interface AreaHabit {
	readonly area: AreaName;
	/** Of log(its factor), beside that of the head. */
	readonly known: Personal;
	/** Factor on the rate beside the head's own, 1 for as the rest. */
	readonly factor: number;
	/** Minutes that it needs more for what the head does in the usual ones; negative where it is ahead. */
	readonly lagMinutes: number;
	readonly looks: number;
	readonly visits: number;
}

/** What the looks of one visit teach. */
export interface LookedVisit {
	/** Years from this visit to the last that was looked at, ≥ 0. */
	readonly years: number;
	readonly looks: readonly LevelLook[];
}

/** What was learned of a head by some time. */
export interface TaughtHead {
	readonly personal: Personal;
	/** Areas that were looked at by themselves, in the order of the first look. */
	readonly areas: readonly AreaHabit[];
}

/** Areas before anybody looked: their warmth and saturation differ by so much. */
const UNKNOWN_AREA: Personal = { mean: 0, sd: LEARN.areaSd };

/**
 * Learns a head from its visits: its own factor and each area's beside it, at once, so that a slow crown is not
 * taken for a slow head. What was seen years before the last visit counts for less: its likelihood is raised to the
 * power ½ a year. Since the last visit all of it fades.
 * @param prior of log(personal), before anything was seen
 * @param yearsSince the last visit
 */
export function learnHead(
	visits: readonly LookedVisit[],
	prior: Personal = UNKNOWN_CLIENT,
	yearsSince = 0
): TaughtHead {
	const evidence = visits.flatMap(({ years, looks }) =>
		looks.map((look): PlaceEvidence<AreaName> => {
			const expectedAt = levelsOf(look);
			const counts = Math.pow(0.5, years / LEARN.halfLifeYears);
			return {
				place: look.area,
				logLikelihood: (logRate) => {
					const d = (look.seen - expectedAt(logRate)) / LEARN.readingSd;
					return (-counts * d * d) / 2;
				}
			};
		})
	);
	if (evidence.length === 0) return { personal: prior, areas: [] };
	const { head, places } = headAndPlaces(evidence, prior, LEARN.areaSd, LEARN.grid);
	return {
		personal: fadePersonal(head, yearsSince, prior),
		areas: [...places].map(([area, { beside }]) => {
			const own = visits
				.map(({ looks }) => looks.filter((look) => look.area === area))
				.filter((looks) => looks.length > 0);
			const looks = own.flat();
			const known = fadePersonal(beside, yearsSince, UNKNOWN_AREA);
			const factor = factorOf(known);
			const minutes = looks.reduce((sum, look) => sum + look.minutes, 0) / looks.length;
			return {
				area,
				known,
				factor,
				lagMinutes: minutes * (1 / factor - 1),
				looks: looks.length,
				visits: own.length
			};
		})
	};
}

/** Whether an area is known to lift otherwise: more than what is not known of it, and not from one visit alone. */
export const isHabit = ({ known, visits }: AreaHabit): boolean =>
	visits >= LEARN.leastVisits && Math.abs(known.mean) > known.sd;
