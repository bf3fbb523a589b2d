import { factorOf, type Personal } from '../core/learn';

/** What was learned, in words: “lifts 14 % slower than typical, from 3 visits (± 11 %)”. */
export function personalWords(personal: Personal, visits: number): string {
	if (visits === 0) return 'nothing learned yet: typical, ± 20 %';
	const percent = Math.round(100 * Math.abs(factorOf(personal) - 1));
	const spread = Math.round(100 * personal.sd);
	const from = `from ${visits} visit${visits === 1 ? '' : 's'} (± ${spread} %)`;
	if (percent < 3) return `lifts as is typical, ${from}`;
	return `lifts ${percent} % ${personal.mean < 0 ? 'slower' : 'faster'} than typical, ${from}`;
}
