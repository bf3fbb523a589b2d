import { undertoneOf, type Lab, type Undertone } from '../colour';
import { sparesDye, type Application, type HeadFactors } from './application';
import { doseOf } from './dose';
import { labOfFibre, levelOfFibre, lightenFibre, WHITE_FIBRE, type Fibre } from './fibre';
import { laid } from './laid';
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
 * A list of applications on a uniform strand, each starting from what the last one left. A tint with a
 * formula lays it down while it lifts; white fibres only take the tone: one shade tints the white and
 * warms the rest.
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
		const hair = {
			minutes: application.minutes,
			condition: left,
			porosity: application.porosity,
			texture: head.texture,
			naturalRed: head.warmth === 'red'
		};
		fibre = laid(application, lightenFibre(fibre, dose, spares), hair);
		white = laid(application, lightenFibre(white, dose, spares), hair);
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
