import { inTenths } from '../../core/hair';
import type { Cure } from '../../core/cure';
import type { ChosenPart, Visit } from '../../schema/records';
import type { SeenFault } from '../visit/cure';

/**
 * Notes on a draft that something went wrong, and what was done about it.
 * @param parts what was mixed for it, with the line's own codes
 */
export function logCure(
	{ run }: Pick<Visit, 'run'>,
	{ fault, level, undertone }: SeenFault,
	cure: Cure,
	parts: readonly ChosenPart[],
	at: { readonly id: string; readonly now: Date }
): void {
	const minutes =
		cure.act === 'lift' ? cure.minutes : 'formula' in cure ? cure.formula.minutes : undefined;
	run.cures = [
		...(run.cures ?? []),
		{
			id: at.id,
			at: at.now.toISOString(),
			fault,
			level: inTenths(level),
			...(undertone === undefined ? {} : { undertone }),
			act: cure.act,
			...(parts.length > 0 ? { parts: [...parts] } : {}),
			...(minutes === undefined ? {} : { minutes }),
			expected: inTenths(cure.level)
		}
	];
}

/** Takes what was noted back, on a draft. */
export function dropCure({ run }: Pick<Visit, 'run'>, id: string): void {
	const left = (run.cures ?? []).filter((cure) => cure.id !== id);
	if (left.length === 0) delete run.cures;
	else run.cures = left;
}
