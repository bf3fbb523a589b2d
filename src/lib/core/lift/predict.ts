import { undertoneOf, type Lab, type Undertone } from '../colour';
import { sparesDye, type Application, type HeadFactors } from './application';
import { doseOf } from './dose';
import { labOfFibre, levelOfFibre, lightenFibre, type Fibre } from './fibre';
import { wearOf } from './wear';

/** What one application leaves. */
export interface LiftResult {
	readonly fibre: Fibre;
	readonly lab: Lab;
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
 * @returns one result per application
 */
export function predictLift(
	start: Fibre,
	applications: readonly Application[],
	head: HeadFactors,
	condition = 100,
	whiteShare = 0
): LiftResult[] {
	let fibre = start;
	let left = condition;
	return applications.map((application) => {
		const dose = doseOf(application, head);
		left *= Math.exp(-wearOf(application, head, fibre, dose));
		fibre = lightenFibre(fibre, dose, sparesDye(application.product));
		const lab = labOfFibre(fibre, whiteShare);
		return {
			fibre,
			lab,
			level: levelOfFibre(fibre),
			undertone: undertoneOf(lab),
			dose,
			condition: left
		};
	});
}
