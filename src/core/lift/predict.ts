import { undertoneOf, type Lab, type Undertone } from '../colour';
import type { FormulaPart } from '../tone';
import { sparesDye, type Application, type HeadFactors } from './application';
import { doseOf } from './dose';
import { labOfFibre, levelOfFibre, lightenFibre, WHITE_FIBRE, type Fibre } from './fibre';
import { pointAt } from './point';
import { readyHead } from './prepare';
import { wearOf } from './wear';

/** What one application leaves. */
export interface LiftResult {
	readonly fibre: Fibre;
	/** White fibres beside it: they lose their old dye, and have nothing else to lose. */
	readonly white: Fibre;
	/** Colour of the area, white hair included. */
	readonly lab: Lab;
	/** Level of the pigmented hair. */
	readonly level: number;
	readonly undertone: Undertone;
	/** Dose of this application alone. */
	readonly dose: number;
	/** Condition index after it, 0-100. */
	readonly condition: number;
}

/** One application on one point. */
export const applyTo = (fibre: Fibre, application: Application, head: HeadFactors): Fibre =>
	lightenFibre(fibre, doseOf(application, head), sparesDye(application.product));

/**
 * A list of applications on a uniform strand, each starting from what the last one left.
 * @param condition condition index before the first, 0-100
 * @param whiteShare share of white fibres, 0-1, mixed into the colour that is reported
 * @param startWhite the white fibres before the first
 * @returns one result per application
 */
export function predictLift(
	start: Fibre,
	applications: readonly Application[],
	head: HeadFactors,
	condition = 100,
	whiteShare = 0,
	startWhite: Fibre = WHITE_FIBRE
): LiftResult[] {
	let fibre = start;
	let white = startWhite;
	let left = condition;
	return applications.map((application) => {
		const dose = doseOf(application, head);
		const spares = sparesDye(application.product);
		left *= Math.exp(-wearOf(application, head, fibre, dose));
		fibre = lightenFibre(fibre, dose, spares);
		white = lightenFibre(white, dose, spares);
		const lab = labOfFibre(fibre, whiteShare, white);
		return {
			fibre,
			white,
			lab,
			level: levelOfFibre(fibre),
			undertone: undertoneOf(lab),
			dose,
			condition: left
		};
	});
}

/** Far enough from the scalp that its warmth does not count, cm. */
const PAST_THE_HEAT = 30;

/** Hair a tint goes on. */
export interface TintStart {
	readonly fibre: Fibre;
	readonly white?: Fibre | undefined;
	readonly condition?: number | undefined;
	readonly whiteShare?: number | undefined;
}

/**
 * A tint that lifts natural pigment and lays down its tone at the same time (permanent, high-lift, an
 * alkaline demi at 10 vol or more). White fibres only take the tone: one shade tints the white and
 * warms the rest.
 * @param formula the tubes mixed with the developer of `application`
 * @planned
 */
export function predictTint(
	start: TintStart,
	application: Application,
	formula: readonly FormulaPart[],
	head: HeadFactors
): LiftResult {
	const { minutes, bowlAgeMinutes = 0, distanceCm = PAST_THE_HEAT, ...mixture } = application;
	const whiteShare = start.whiteShare ?? 0;
	const ready = readyHead(
		[
			{
				name: 'back',
				whiteShare,
				points: [
					{
						distanceCm,
						fibre: start.fibre,
						white: start.white,
						condition: start.condition ?? 100,
						porosity: 'normal'
					}
				]
			}
		],
		[{ kind: 'apply', minute: 0, mixedMinute: -bowlAgeMinutes, mixture: { ...mixture, formula } }],
		head
	);
	const point = pointAt(ready.areas[0]!.points[0]!, minutes);
	const lab = labOfFibre(point.fibre, whiteShare, point.white);
	return { ...point, lab, undertone: undertoneOf(lab) };
}

/** What one more application would bring, and cost. */
export interface FurtherApplication {
	readonly number: number;
	readonly levelGained: number;
	readonly level: number;
	readonly conditionLost: number;
	readonly condition: number;
}

/**
 * What each further application of the same kind gains and costs, until it gains less than a tenth of
 * a level or `most` are told.
 */
export function furtherApplications(
	start: Fibre,
	application: Application,
	head: HeadFactors,
	condition: number,
	most = 4
): FurtherApplication[] {
	const told: FurtherApplication[] = [];
	let before = { level: levelOfFibre(start), condition };
	const results = predictLift(start, Array<Application>(most).fill(application), head, condition);
	for (const [i, after] of results.entries()) {
		const levelGained = after.level - before.level;
		if (levelGained < LEAST_GAIN) break;
		told.push({
			number: i + 1,
			levelGained,
			level: after.level,
			conditionLost: before.condition - after.condition,
			condition: after.condition
		});
		before = after;
	}
	return told;
}

/** Less than this is not worth a bowl, levels. */
const LEAST_GAIN = 0.1;
