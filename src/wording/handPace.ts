import { HAND_PACE_NAMES } from '../core/vocabulary';

export const HAND_PACE_OPTIONS = HAND_PACE_NAMES.map((value) => ({ value, label: value }));

/** Hands beside usual ones: “12 % quicker than usual”. */
export function handsWords(factor: number): string {
	const percent = Math.round(Math.abs(factor - 1) * 100);
	if (percent === 0) return 'as quick as usual';
	return `${percent} % ${factor < 1 ? 'quicker' : 'slower'} than usual`;
}

/** What was learned of how fast somebody puts colour on, and from how much. */
export function handPaceWords({
	factor,
	visits
}: {
	readonly factor: number;
	readonly visits: number;
}): string {
	const from = visits === 1 ? 'from one service' : `from ${visits} services`;
	return `${handsWords(factor)}${visits === 0 ? '; nothing logged yet' : `, ${from}`}`;
}
