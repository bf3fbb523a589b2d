import type { FormulaPart } from '../../core/tone';
import type { ChosenPart } from '../../schema/records';

/** A part of the record as the core reads it. */
export const corePart = (part: ChosenPart): FormulaPart =>
	part.level === undefined || part.tone === undefined
		? { clear: true, grams: part.grams }
		: {
				level: part.level,
				tone: part.tone,
				grams: part.grams,
				intensity: part.intensity,
				form: part.form
			};
