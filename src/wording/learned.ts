import { factorOf, isHabit, type AreaHabit, type Calibration, type Personal } from '../core/learn';
import { AREA_NAMES } from './words';

const visitsOf = (count: number): string => `${count} visit${count === 1 ? '' : 's'}`;

/** What was learned, in words: “lifts 14 % slower than typical, from 3 visits (± 11 %)”. */
export function personalWords(personal: Personal, visits: number, strandLooks = 0): string {
	if (visits + strandLooks === 0) return 'nothing learned yet: typical, ± 20 %';
	const percent = Math.round(100 * Math.abs(factorOf(personal) - 1));
	const spread = Math.round(100 * personal.sd);
	const strands = strandLooks === 0 ? [] : ['a test strand'];
	const taught = [...(visits === 0 ? [] : [visitsOf(visits)]), ...strands].join(' and ');
	const from = `from ${taught} (± ${spread} %)`;
	const little = visits === 1 && strandLooks === 0 ? '; one visit says little' : '';
	if (percent < 3) return `lifts as is typical, ${from}${little}`;
	return `lifts ${percent} % ${personal.mean < 0 ? 'slower' : 'faster'} than typical, ${from}${little}`;
}

/** A habit of an area: “crown lags by 8 min”. */
export function habitWords({ area, lagMinutes }: AreaHabit): string {
	const minutes = Math.max(1, Math.round(Math.abs(lagMinutes)));
	return lagMinutes > 0
		? `${AREA_NAMES[area]} lags by ${minutes} min`
		: `${AREA_NAMES[area]} is ahead by ${minutes} min`;
}

/** Those habits that are known well enough to say, the largest first; nothing where there is none. */
export const habitsWords = (areas: readonly AreaHabit[]): string =>
	areas
		.filter(isHabit)
		.toSorted((p, q) => Math.abs(q.lagMinutes) - Math.abs(p.lagMinutes))
		.map(habitWords)
		.join(', ');

/** How predictions of some heads stand: “0.3 too hopeful (± 0.1)”. */
export function biasWords({ bias, biasSd }: Calibration): string {
	const size = Math.abs(bias).toFixed(1);
	const doubt = `± ${Math.max(0.05, biasSd).toFixed(biasSd < 0.1 ? 2 : 1)}`;
	if (Math.abs(bias) < 0.1 || Math.abs(bias) < biasSd)
		return `neither too hopeful nor too shy (${doubt})`;
	return `${size} level too ${bias < 0 ? 'hopeful' : 'shy'} (${doubt})`;
}

/** The share inside its band, beside what is honest. */
export const insideWords = ({ inside, looks }: Calibration): string =>
	`${Math.round(100 * inside)} % of ${looks} look${looks === 1 ? '' : 's'} inside the band`;

/** How somebody reads beside the others. */
export function readerWords({ off, sd }: { readonly off: number; readonly sd: number }): string {
	const doubt = `± ${sd.toFixed(1)}`;
	if (Math.abs(off) < 0.1) return `reads as the others do (${doubt})`;
	return `reads ${Math.abs(off).toFixed(1)} level ${off > 0 ? 'lighter' : 'deeper'} than the others (${doubt})`;
}
