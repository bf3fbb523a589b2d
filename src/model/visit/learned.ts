import { yearsBetween } from '../time';
import {
	factorOf,
	fadePersonal,
	learn,
	UNKNOWN_CLIENT,
	type Observation,
	type Personal
} from '../../core/learn';
import { levelOfFibre, predictLift, type HeadFactors } from '../../core/lift';
import type { Visit } from '../../schema/records';
import { conditionOf, zonesOf } from './hair';
import { applicationOn, type Learned } from './lift';

/** Levels seen at the chair of a visit, each with what the model says of it for any factor. */
function observationsOf({ reading, before, lift, run }: Visit): Observation[] {
	const zones = zonesOf(reading);
	return run.notes.flatMap(({ zone, minute, level, lay, part }) => {
		const place = zones.find(({ name }) => name === zone);
		const minutes = lay?.minutes ?? minute;
		if (!place || minutes < 1 || !lift.covers[zone]) return [];
		// A word was judged at the chair; old light pieces are not the hair that the zone speaks of.
		if (level === undefined || part === 'oldLights') return [];
		const main = applicationOn(lift, place, minutes);
		const applications = [
			...before.map((step) => applicationOn(step, place)),
			lay ? { ...main, ...lay } : main
		];
		const expectedAt = (personal: number): number => {
			const head: HeadFactors = {
				naturalLevel: reading.naturalLevel,
				texture: reading.texture,
				warmth: reading.warmth,
				personal
			};
			return levelOfFibre(
				predictLift(place.fibre, applications, head, conditionOf(reading)).at(-1)!.fibre
			);
		};
		return [{ seen: level, expectedAt }];
	});
}

/** Visits that were recorded before a day, the oldest first. */
export const recordedBefore = (visits: readonly Visit[], day: string): Visit[] =>
	visits
		.filter(({ date, result }) => result.recordedAt !== undefined && date < day)
		.sort((p, q) => p.date.localeCompare(q.date));

/**
 * Learns from a client's recorded visits before a day, the oldest first; what is long ago counts for
 * less.
 * @param day ISO date of the visit that is being planned
 */
export function learnedFrom(visits: readonly Visit[], day: string): Learned {
	const past = recordedBefore(visits, day);
	let personal = UNKNOWN_CLIENT;
	let last: string | undefined;
	let taught = 0;
	for (const visit of past) {
		const observations = observationsOf(visit);
		if (observations.length === 0) continue;
		taught++;
		personal = learn(observations, last ? fadedOver(personal, last, visit.date) : personal);
		last = visit.date;
	}
	if (last) personal = fadedOver(personal, last, day);
	return {
		personal,
		factor: factorOf(personal),
		visits: taught
	};
}

const fadedOver = (personal: Personal, from: string, to: string): Personal =>
	fadePersonal(personal, yearsBetween(from, to));
