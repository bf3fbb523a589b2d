import { AREA_SHARE, DENSITY_GRAMS, TONER_GRAMS, tonerGrams, type TonedHair } from '../../core/mix';
import { tonerMinutes } from '../../core/work';
import { AREAS } from '../../core/vocabulary';
import type { PlacedToner, Visit } from '../../schema/records';
import type { Reaching } from '../../core/tone';
import { hairShare } from './headWork';
import { reachOf } from '../day/placed';
import { zonesOf } from '../head/hair';

/** The head that a toner is mixed for. */
export type TonedHead = Pick<Visit, 'reading' | 'aim' | 'lift'>;

/** Hair between the foils, where nobody has said how much of it there is. */
const DROPOUTS = 0.3;
/** Added hair beside one's own. */
const ADDED_HAIR = 0.3;

/** The hair that a toner on a place goes on. */
function hairAt(
	{ reading, aim, lift }: TonedHead,
	{ place, cm = reading.lengthCm }: Pick<PlacedToner, 'place' | 'cm'>
): TonedHair {
	const { density, texture, lengthCm } = reading;
	const all = { density, texture, coveredCm: lengthCm, atScalp: true };
	const share = hairShare(AREAS, lift.part);
	switch (place) {
		case 'root':
			return { ...all, coveredCm: Math.min(cm, lengthCm), share };
		case 'middle':
		case 'ends':
			return { ...all, coveredCm: Math.min(cm, lengthCm), atScalp: false, share };
		case 'faceFrame':
			return { ...all, share: AREA_SHARE.hairline + AREA_SHARE.fringe };
		case 'panel':
			return { ...all, share: AREA_SHARE.nape };
		case 'dropouts':
			return { ...all, share: aim.lightShare < 1 ? 1 - aim.lightShare : DROPOUTS };
		case 'whiteHair':
			return { ...all, share: Math.max(reading.whiteShare, 0.1) };
		case 'addedHair':
			return { ...all, atScalp: false, share: ADDED_HAIR };
		case 'glaze':
			return { ...all, share };
	}
}

/** Grams of colour that a toner on some of the hair takes. */
export const placedGrams = (
	head: TonedHead,
	placed: Pick<PlacedToner, 'place' | 'cm' | 'ratio'>
): number => tonerGrams(hairAt(head, placed), placed.ratio);

/** Minutes to work a toner through the hair of a place. */
export function placedPass(head: TonedHead, placed: Pick<PlacedToner, 'place' | 'cm'>): number {
	const { density, coveredCm, share } = hairAt(head, placed);
	return Math.max(LEAST_PASS, Math.ceil(tonerMinutes(coveredCm, DENSITY_GRAMS[density]) * share));
}
/** Nobody puts a toner anywhere in less, minutes. */
const LEAST_PASS = 2;

/** Grams of colour for a zone, or a place of its own. */
export interface TonerNeed {
	readonly of: string;
	readonly coveredCm: number;
	readonly grams: number;
}

/**
 * Grams of colour that the toner for the rest of the hair takes: zone by zone, what other toners go on left out.
 * @param placed the others
 */
export function restNeeds(
	head: TonedHead,
	ratio: number,
	placed: readonly Pick<PlacedToner, 'place' | 'cm'>[]
): TonerNeed[] {
	const { reading, lift } = head;
	const { density, texture, lengthCm } = reading;
	const across = placed.flatMap((one) =>
		one.place === 'faceFrame' || one.place === 'panel' ? [hairAt(head, one).share] : []
	);
	const share = Math.max(
		0,
		hairShare(AREAS, lift.part) - across.reduce((sum, each) => sum + each, 0)
	);
	const reach = placed.flatMap((one) => reachOf(one) ?? []);
	const most = (end: Reaching['from']) =>
		Math.max(0, ...reach.map(({ from: own, cm }) => (own === end ? cm : 0)));
	const [from, to] = [most('scalp'), lengthCm - most('tips')];
	const zones = zonesOf(reading)
		.map(({ name, fromCm, toCm }) => ({
			of: name,
			atScalp: fromCm === 0 && from === 0,
			coveredCm: Math.max(0, Math.min(toCm, to) - Math.max(fromCm, from))
		}))
		.filter(({ coveredCm }) => coveredCm > 0);
	const whole: TonedHair = {
		density,
		texture,
		share,
		atScalp: from === 0,
		coveredCm: Math.max(0, to - from)
	};
	const all = tonerGrams(whole, ratio);
	const weight = ({ atScalp, coveredCm }: (typeof zones)[number]) =>
		coveredCm + (atScalp ? TONER_GRAMS.scalp / TONER_GRAMS.perCm : 0);
	const total = zones.reduce((sum, zone) => sum + weight(zone), 0);
	return zones.map((zone) => ({
		of: zone.of,
		coveredCm: zone.coveredCm,
		grams: Math.round((all * weight(zone)) / total)
	}));
}
