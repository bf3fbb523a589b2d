import type { z } from 'zod';
import { hexOf, undertoneOf, type Lab } from '../core/colour';
import { naturalPigment, pigmentOfLab, type Pigment } from '../core/hair';
import { pigmentOnPath, type Fibre } from '../core/lift';
import { neededLevel } from '../core/plan';
import {
	isClear,
	previewTone,
	rawLab,
	solveTone,
	targetLab,
	USUAL_WARMTH,
	usualMinutes,
	type ToneWarning
} from '../core/tone';
import type {
	rawHair,
	tonePreviewAnswer,
	tonePreviewRequest,
	toneSolveAnswer,
	toneSolveRequest
} from '../schema/api';

/** Natural level assumed for lightened hair of which only the result is known. */
const UNKNOWN_NATURAL_LEVEL = 3;

/** Pigment of hair given as amounts, as a measured colour, or as a level on the lift path. */
export function pigmentOfRaw(raw: z.output<typeof rawHair>): Pigment {
	if ('E' in raw) return { eumelanin: raw.E, pheomelanin: raw.P };
	if ('l' in raw) return pigmentOfLab(raw);
	if (raw.level <= UNKNOWN_NATURAL_LEVEL) return naturalPigment(raw.level, 'neutral');
	return pigmentOnPath(UNKNOWN_NATURAL_LEVEL, 'neutral', raw.level);
}

const warningsOf = (warnings: readonly ToneWarning[]) =>
	warnings.map(({ code, message }) => ({ code, message }));

const colourOf = (lab: Lab) => ({ lab, hex: hexOf(lab) });

/** Answers `/api/tone/preview`. */
export function tonePreview(
	request: z.output<typeof tonePreviewRequest>
): z.input<typeof tonePreviewAnswer> {
	const raw = { pigment: pigmentOfRaw(request.raw) };
	const preview = previewTone(raw, request.parts, request);
	return {
		...colourOf(preview.lab),
		level: preview.level,
		undertone: undertoneOf(preview.lab),
		shift: { level: preview.levelShift },
		warnings: warningsOf(preview.warnings)
	};
}

/** Answers `/api/tone/solve`. */
export function toneSolve(
	request: z.output<typeof toneSolveRequest>
): z.input<typeof toneSolveAnswer> {
	const pigment = pigmentOfRaw(request.raw);
	const raw = { pigment };
	const target =
		'l' in request.target
			? request.target
			: targetLab(
					{ ...request.target, keepWarmth: request.target.keepWarmth ?? USUAL_WARMTH },
					rawLab(raw)
				);
	const problem = {
		target,
		shelf: request.shelf,
		conditions: {
			vehicle: request.vehicle,
			ratio: request.vehicle === 'direct' ? 1 : (request.ratio ?? 2),
			minutes: request.minutes ?? usualMinutes(request.vehicle)
		},
		totalGrams: request.totalGrams,
		maxShades: request.maxShades
	};
	const formulas = solveTone({ ...problem, raw });
	const fibre: Fibre = { ...pigment, layers: [] };
	const need = formulas.some(({ close }) => close) ? undefined : neededLevel(problem, fibre);
	return {
		formulas: formulas.map((formula) => ({
			parts: formula.parts.map((part) =>
				isClear(part)
					? part
					: { id: part.id ?? '', level: part.level, tone: part.tone, grams: part.grams }
			),
			ratio: formula.ratio,
			minutes: formula.minutes,
			developerGrams: formula.developerGrams,
			...colourOf(formula.lab),
			level: formula.level,
			deltaE: formula.deltaE,
			why: formula.why,
			ifLeftLonger: {
				...colourOf(formula.ifLeftLonger.lab),
				warnings: warningsOf(formula.ifLeftLonger.warnings)
			}
		})),
		...(need === undefined ? {} : { needLevel: need })
	};
}
