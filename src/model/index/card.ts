import { isRunning } from '../day/clocks';
import { weighedGrams } from '../day/weighed';
import type { ChosenPart, Visit } from '../../schema/records';

/**
 * What is known of a visit without reading it: enough for the day, for lists and for what is learned of hands. It
 * is made of the visit and of nothing else; raise `INDEX_VERSION` when it is made otherwise.
 */
export type VisitCard = Pick<
	Visit,
	'id' | 'clientId' | 'date' | 'createdAt' | 'status' | 'colourist'
> & {
	/** Product lies on the head, or is put on. */
	readonly isRunning?: true;
	readonly isRecorded?: true;
	/** A level was noted at the chair of it, once it is recorded: it may teach. */
	readonly isLookedAt?: true;
	/** Somebody said that nothing is to be learned of it. */
	readonly isUntaught?: true;
	readonly naturalLevel: number;
	readonly aim: Pick<Visit['aim'], 'level' | 'direction'>;
	/** Level that was seen at its end. */
	readonly seen?: number;
	readonly lightener: Pick<Visit['lift'], 'product' | 'volume' | 'ratio'>;
	/** The toner of the rest of the hair. */
	readonly parts?: readonly Pick<ChosenPart, 'name' | 'grams'>[];
	/** When all was on, and when that was reckoned to be. */
	readonly allOn?: NonNullable<Visit['run']['allOn']>;
	/** Grams of lightener that were mixed, and left of it; nothing where that was not weighed. */
	readonly leftover?: { readonly mixed: number; readonly left: number };
	readonly notes?: string;
};

/** The card of a visit. */
export function cardOf(visit: Visit): VisitCard {
	const { id, clientId, date, createdAt, status, colourist, reading, aim, lift, tone, run } = visit;
	const { recordedAt, level, leftoverGrams: left, notes, untaught } = visit.result;
	const isRecorded = recordedAt !== undefined;
	const mixed = weighedGrams(visit, 'lightener');
	const isLookedAt =
		isRecorded && !visit.noLift && run.notes.some((note) => note.level !== undefined);
	return {
		id,
		clientId,
		date,
		createdAt,
		status,
		colourist,
		naturalLevel: reading.naturalLevel,
		aim: { level: aim.level, direction: aim.direction },
		lightener: { product: lift.product, volume: lift.volume, ratio: lift.ratio },
		// There are many cards, and what is not so need not be said.
		...(isRunning(visit) && { isRunning: true }),
		...(isRecorded && { isRecorded }),
		...(isLookedAt && { isLookedAt }),
		...(untaught && { isUntaught: true }),
		...(level !== undefined && { seen: level }),
		...(tone.parts.length > 0 && {
			parts: tone.parts.map(({ name, grams }) => ({ name, grams }))
		}),
		...(run.allOn && { allOn: run.allOn }),
		...(left !== undefined && mixed > 0 && { leftover: { mixed, left } }),
		...(notes !== '' && { notes })
	};
}
