import { toStep } from '../../core/mix';
import { deltaE, type Lab, type UndertoneName } from '../../core/colour';
import type { Porosity } from '../../core/hair';
import { dyesOf, type Fibre } from '../../core/lift';
import type { TonerQuestion } from '../../core/toner';
import {
	addDyes,
	depositOf,
	fadeDyes,
	previewTone,
	rawLab,
	targetLab,
	type DepositConditions,
	type DyeAmounts,
	type RawHair,
	type TonePreview
} from '../../core/tone';
import { corePart } from '../day/parts';
import type { ToneFormula } from '../../core/toner';
import type { Aim, ChosenPart, Reading, ShelfLine, TonePlan, TonerMix } from '../../schema/records';

/** Hair as the toner finds it: expected from the plan, or seen at the chair. */
export interface ToneStart {
	readonly fibre: Fibre;
	/** Its white fibres, where a tint of the day has coloured them. */
	readonly white?: Fibre | undefined;
	readonly seen: boolean;
	readonly minute: number;
	/** What a person called its warmth, and the dye by which the hair shows it. */
	readonly named?: { readonly undertone: UndertoneName; readonly dye: DyeAmounts } | undefined;
}

export const rawOf = (
	start: Pick<ToneStart, 'fibre' | 'white' | 'named'>,
	reading: Pick<Reading, 'whiteShare'>
): RawHair => ({
	pigment: start.fibre,
	dye: addDyes(dyesOf(start.fibre), start.named?.dye ?? {}),
	...(start.white ? { dyeOnWhite: dyesOf(start.white) } : {}),
	whiteShare: reading.whiteShare
});

export const conditionsOf = (
	tone: Pick<TonerMix, 'vehicle' | 'ratio' | 'minutes' | 'developerVolume'>,
	reading: Reading,
	porosity: Porosity,
	{ condition, doseToday }: Pick<DepositConditions, 'condition' | 'doseToday'>
): DepositConditions => ({
	vehicle: tone.vehicle,
	ratio: tone.vehicle === 'direct' ? 1 : tone.ratio,
	minutes: tone.minutes,
	...(tone.developerVolume === undefined ? {} : { developerVolume: tone.developerVolume }),
	porosity,
	texture: reading.texture,
	naturalRed: reading.warmth === 'red',
	condition,
	doseToday
});

/** Hair with a filler on it, as the toner finds it once that is rinsed. */
export function filledHair(
	raw: RawHair,
	filler: TonePlan['filler'],
	conditions: DepositConditions
): RawHair {
	if (!filler) return raw;
	const { minutes, parts } = filler;
	const { dyes, dyesOnWhite } = previewTone(raw, parts.map(corePart), { ...conditions, minutes });
	return {
		...raw,
		dye: addDyes(raw.dye ?? {}, dyes),
		dyeOnWhite: addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, dyesOnWhite)
	};
}

/** What the aim means as a colour on this hair. */
export const aimLab = (aim: Aim, raw: RawHair): Lab => targetLab(aim, rawLab(raw));

/** A line as a toner of this visit is mixed from it: with the developer that was chosen for it. */
export const mixedFrom = <L extends Pick<ShelfLine, 'developerVolume'>>(
	line: L,
	{ developerVolume }: Pick<TonerMix, 'developerVolume'>
): L => (developerVolume === undefined ? line : { ...line, developerVolume });

/** What is asked of the search for a toner on one line; its answer holds for that line alone. */
export interface ToneSearchQuestion extends TonerQuestion {
	readonly lineId: string;
}

/** Direct colour only lies on top: a second over it would mix with it. */
const vehicleTakesTwo = ({ vehicle }: ShelfLine): boolean => vehicle !== 'direct';

/** A search for formulas of one line that bring this hair to the aim. */
export const toneQuestion = (
	line: ShelfLine,
	aim: Aim,
	raw: RawHair,
	fibre: Fibre,
	conditions: DepositConditions,
	totalGrams: number,
	{ naturalLevel, warmth }: Pick<Reading, 'naturalLevel' | 'warmth'>
): ToneSearchQuestion => ({
	lineId: line.id,
	fibre,
	keepsLevel: true,
	inTwoSteps: vehicleTakesTwo(line),
	goingDown: { level: aim.level, naturalLevel, warmth },
	problem: {
		raw,
		target: aimLab(aim, raw),
		shelf: line.shades.map((shade) => ({ ...shade, vehicle: line.vehicle })),
		conditions,
		totalGrams
	}
});

/** A shade of a line as it is kept in the record. */
export const partOfShade = (
	{ id, code, level, tone, intensity, form }: ShelfLine['shades'][number],
	grams: number
): ChosenPart => ({
	shadeId: id,
	name: code,
	level,
	tone,
	grams,
	...(intensity === undefined ? {} : { intensity }),
	...(form === undefined ? {} : { form })
});

/** A formula found, as it is kept in the record: with the line's own codes. */
export const recordParts = (formula: ToneFormula, line: ShelfLine): ChosenPart[] =>
	formula.parts.map((part) => {
		if ('clear' in part) return { name: 'clear', grams: part.grams };
		const shade = line.shades.find(({ id }) => id === part.id);
		return {
			...(part.id === undefined ? {} : { shadeId: part.id }),
			name: shade?.code ?? `${part.level}${part.tone}`,
			level: part.level,
			tone: part.tone,
			grams: part.grams,
			...(part.intensity === undefined ? {} : { intensity: part.intensity }),
			...(part.form === undefined ? {} : { form: part.form })
		};
	});

/**
 * Developer that a formula of a line is mixed with, g; direct colour takes none.
 * @param step finest step of the scale, g
 */
export const developerGramsOf = (
	parts: readonly ChosenPart[],
	{ vehicle }: Pick<ShelfLine, 'vehicle'>,
	ratio: number,
	step = 1
): number =>
	vehicle === 'direct' ? 0 : toStep(parts.reduce((sum, { grams }) => sum + grams, 0) * ratio, step);

/** Preview of the chosen parts, with its distance from the aim. */
export function previewChoice(
	parts: readonly ChosenPart[],
	raw: RawHair,
	conditions: DepositConditions,
	target: Lab
): TonePreview & { readonly deltaE: number } {
	const preview = previewTone(raw, parts.map(corePart), conditions);
	return { ...preview, deltaE: deltaE(preview.lab, target) };
}

/** The dye a choice leaves on pigment, after a number of washes. */
export const dyesAfter =
	(parts: readonly ChosenPart[], conditions: DepositConditions, washes: number) =>
	(pigment: Fibre | RawHair['pigment']) =>
		fadeDyes(
			depositOf(parts.map(corePart), pigment, conditions),
			conditions.vehicle,
			washes,
			conditions.porosity
		);
