import { formatDay } from './words';

/** A day that somebody is to come. */
interface Dated {
	readonly what: 'back' | 'gloss' | 'patchTest';
	readonly from: string;
	readonly to?: string;
}

const WHAT: Readonly<Record<Dated['what'], string>> = {
	back: 'Come back',
	gloss: 'A gloss in between',
	patchTest: 'Patch test, 48 hours before'
};
export const backTitle = ({ what }: Dated): string => WHAT[what];

/** “18 January to 8 February”. */
export const backDaysWords = ({ from, to }: Dated): string =>
	to === undefined || to === from ? formatDay(from) : `${formatDay(from)} to ${formatDay(to)}`;
