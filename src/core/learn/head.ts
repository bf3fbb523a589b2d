import { perLadder } from '../colour';
import type { AreaName } from '../lift';
import { LEARN } from './constants';
import { levelsOf, type Look } from './look';
import { logLikelihood } from './word';
import { factorOf, fadePersonal, UNKNOWN_CLIENT, type Personal } from './personal';
import { addSeen, ratesBy, type PlaceEvidence, type RateSums } from './places';

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
export interface LookedVisit<L extends Look = Look> {
	/** Years from this visit to the last that was looked at, ≥ 0. */
	readonly years: number;
	readonly looks: readonly L[];
}

/** What was learned of a head by some time. */
export interface TaughtHead {
	readonly personal: Personal;
	/** Areas that were looked at by themselves, in the order of the first look. */
	readonly areas: readonly AreaHabit[];
}

/** Areas before anybody looked: their warmth and saturation differ by so much. */
const UNKNOWN_AREA: Personal = { mean: 0, sd: LEARN.areaSd };

/** What a look says of the rate where it was taken. */
const evidenceOf = (look: Look): PlaceEvidence<AreaName> => {
	const levelAt = levelsOf(look);
	return { place: look.area, logLikelihood: (logRate) => logLikelihood(look, levelAt(logRate)) };
};

type Sums = RateSums<AreaName>;

/** What is summed up after the looks of a visit: it stands as long as what came before is the same. */
interface Kept {
	readonly prior: Personal;
	readonly before: Sums | undefined;
	readonly gap: number;
	readonly sums: Sums;
}
/** A visit does not change: what a head was known by after it is summed up once, however often that is asked. */
const keptAfter = perLadder(() => new WeakMap<readonly Look[], Kept>());
/** Years are told apart to a part of a second. */
const SAME_YEARS = 1e-9;

/** All that was seen, as it counts on the day of the last of some visits; nothing where nobody looked. */
function sumsAfter(visits: readonly LookedVisit[], prior: Personal): Sums | undefined {
	const kept = keptAfter();
	const counts = (years: number) => Math.pow(0.5, years / LEARN.halfLifeYears);
	let sums: Sums | undefined;
	let last: LookedVisit | undefined;
	for (const visit of visits) {
		if (visit.looks.length === 0) continue;
		const gap = last ? last.years - visit.years : 0;
		const known = kept.get(visit.looks);
		const stands =
			known?.before === sums &&
			known?.prior.mean === prior.mean &&
			known.prior.sd === prior.sd &&
			Math.abs(known.gap - gap) < SAME_YEARS;
		const before = sums;
		sums = stands
			? known.sums
			: addSeen(visit.looks.map(evidenceOf), prior, LEARN.areaSd, LEARN.grid, before, counts(gap));
		if (!stands) kept.set(visit.looks, { prior, before, gap, sums });
		last = visit;
	}
	if (!sums || !last || last.years === 0) return sums;
	return addSeen<AreaName>([], prior, LEARN.areaSd, LEARN.grid, sums, counts(last.years));
}

/**
 * Learns a head from its visits: its own factor and each area's beside it, at once, so that a slow crown is not
 * taken for a slow head. What was seen years before the last visit counts for less: its likelihood is raised to the
 * power ½ a year. Since the last visit all of it fades.
 * @param visits the oldest first
 * @param prior of log(personal), before anything was seen
 * @param yearsSince the last visit
 */
export function learnHead(
	visits: readonly LookedVisit[],
	prior: Personal = UNKNOWN_CLIENT,
	yearsSince = 0
): TaughtHead {
	const sums = sumsAfter(visits, prior);
	if (!sums) return { personal: prior, areas: [] };
	const { head, places } = ratesBy(sums, prior, LEARN.areaSd, LEARN.grid);
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
