import { formatLevel } from '../core/hair';
import type { LadderAnswer } from '../core/learn';
import type { RingSwatch } from '../schema/records';

/** What stands between the swatches that were read and a ladder. */
export function ladderWords(answer: LadderAnswer): string {
	if (answer.ok) return 'The swatches make a ladder.';
	if (answer.problem === 'tooFew') {
		return `${answer.read === 0 ? 'No swatch is' : answer.read === 1 ? 'One swatch is' : 'Two swatches are'} read. Three make a ladder: a dark, a middle and a light one. More make it truer.`;
	}
	if (answer.problem === 'farOff') {
		return `Swatch ${formatLevel(answer.level)} lies more than a level and a half from where it usually lies: read it again, or see what it is called.`;
	}
	return `Level ${formatLevel(answer.level)} comes out hardly lighter than the one below it: read both again.`;
}

/** How a swatch was read. */
export const READ_BY: Readonly<Record<RingSwatch['by'], string>> = {
	picture: 'from a picture',
	measured: 'L*a*b* typed in',
	eye: 'by eye'
};

/** Where a level of the ring lies on the usual ladder. */
export function liesWords(lies: number | undefined, level: number): string {
	if (lies === undefined) return '';
	const off = Math.round((lies - level) * 10) / 10;
	return off === 0 ? 'as usual' : `${Math.abs(off).toFixed(1)} ${off > 0 ? 'lighter' : 'deeper'}`;
}
