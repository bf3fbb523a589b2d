import type { HistoryEntry } from '../schema/records';
import { labelIn, VEHICLE_NAMES, formatShare } from './words';

export const KIND_OPTIONS = [
	{ value: 'colour', label: 'colour' },
	{ value: 'lightening', label: 'lightening' },
	{ value: 'perm', label: 'perm' },
	{ value: 'relaxer', label: 'relaxer' },
	{ value: 'henna', label: 'henna' },
	{ value: 'swimming', label: 'swimming' },
	{ value: 'cut', label: 'cut' }
] as const satisfies readonly { value: HistoryEntry['kind']; label: string }[];

export const ONTO_OPTIONS = [
	{ value: 'all', label: 'all of it' },
	{ value: 'regrowth', label: 'the regrowth' },
	{ value: 'ends', label: 'the ends' }
] as const;

/** Weeks as people say them back. */
export function agoWords(weeks: number): string {
	if (weeks < 1) return 'this week';
	if (weeks < 9) return `${Math.round(weeks)} week${Math.round(weeks) === 1 ? '' : 's'} ago`;
	if (weeks < 96) return `${Math.round(weeks / 4.35)} months ago`;
	const years = Math.round(weeks / 26.1) / 2;
	return `${years} years ago`;
}

/** An entry in words, without its time. */
export function entryWords(entry: HistoryEntry): string {
	if (entry.kind === 'cut') return `cut ${entry.cm} cm`;
	const where = labelIn(ONTO_OPTIONS, entry.onto);
	if (entry.kind === 'colour') {
		return `${VEHICLE_NAMES[entry.vehicle]} ${entry.level}${entry.tone} on ${where}`;
	}
	if (entry.kind === 'lightening')
		return `${entry.share === undefined ? 'lightened' : `${formatShare(entry.share)} lightened`} to ${entry.toLevel}, ${where}`;
	return entry.kind === 'swimming' ? 'swimming' : `${entry.kind} on ${where}`;
}
