import type * as z from 'zod/mini';
import { hexOf, levelOf, undertoneOf, type Lab } from '../../core/colour';
import { naturalPigment, onScale, pigmentOfLab, type Pigment } from '../../core/hair';
import { applyTo, pigmentOnPath, type Fibre } from '../../core/lift';
import { findToner } from '../../core/toner';
import {
	isClear,
	previewTone,
	rawLab,
	targetLab,
	warmthKept,
	usualMinutes,
	type ToneWarning
} from '../../core/tone';
import type {
	rawHair,
	tonePreviewAnswer,
	tonePreviewRequest,
	toneSolveAnswer,
	toneSolveRequest
} from '../../schema/api';
import { toneReasonWords, toneWarningWords } from '../../wording/tone';

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
	warnings.map((warning) => ({ code: warning.code, message: toneWarningWords(warning) }));

const colourOf = (lab: Lab) => ({ lab, hex: hexOf(lab) });

/** Toner lies wet on hair away from the scalp: no drying, and the temperature of the room's hair. */
const TONER_C = 27;
const LIFTS = { demi: 'alkalineDemi', permanent: 'permanent', highLift: 'highLift' } as const;

/**
 * Pigment after the lift that a vehicle makes with the developer it is mixed with. Without a strength
 * given nothing is lifted: a toning developer is too weak to.
 */
function openedBy(request: z.output<typeof tonePreviewRequest>, pigment: Pigment): Pigment {
	const { vehicle, developerVolume, ratio, minutes } = request;
	if (developerVolume === undefined || !(vehicle in LIFTS)) return pigment;
	const product = LIFTS[vehicle as keyof typeof LIFTS];
	const naturalLevel = Math.min(10, Math.max(1, levelOf(rawLab({ pigment }))));
	return applyTo(
		{ ...pigment, layers: [] },
		{
			product,
			volume: Math.max(1, developerVolume),
			ratio,
			minutes,
			placement: 'film',
			temperatureC: TONER_C
		},
		{ naturalLevel, texture: 'medium' }
	);
}

/** Answers `/api/tone/preview`. */
export function tonePreview(
	request: z.output<typeof tonePreviewRequest>
): z.input<typeof tonePreviewAnswer> {
	const pigment = pigmentOfRaw(request.raw);
	const preview = previewTone({ pigment: openedBy(request, pigment) }, request.parts, request);
	return {
		...colourOf(preview.lab),
		level: onScale(preview.level),
		undertone: undertoneOf(preview.lab),
		shift: { level: preview.level - levelOf(rawLab({ pigment })) },
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
					{
						...request.target,
						keepWarmth: request.target.keepWarmth ?? warmthKept(request.target.direction)
					},
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
	const fibre: Fibre = { ...pigment, layers: [] };
	const { formulas, needLevel } = findToner({ problem: { ...problem, raw }, fibre });
	const { name: undertone } = undertoneOf(rawLab(raw));
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
			level: onScale(formula.level),
			deltaE: formula.deltaE,
			why: toneReasonWords(formula.why, undertone),
			...(formula.untilLifted ? { untilLifted: true } : {}),
			ifLeftLonger: {
				...colourOf(formula.ifLeftLonger.lab),
				warnings: warningsOf(formula.ifLeftLonger.warnings)
			}
		})),
		...(needLevel === undefined ? {} : { needLevel })
	};
}
