import type { Fibre, HeadFactors } from '../../core/lift';
import type { StallPoint, StallProblem } from '../../core/toner';
import type { DepositConditions } from '../../core/tone';
import type { ChosenPart, LiftPlan, ShelfLine, TonePlan } from '../../schema/records';
import type { ZoneStart } from '../head/hair';
import { applicationOn } from './lift';
import { recordParts } from './tone';

/** The hair whose lift may stop short. */
export interface StallingHair {
	readonly line: ShelfLine | undefined;
	readonly zone: ZoneStart & { readonly fibre: Fibre };
	readonly plan: LiftPlan;
	readonly lift: { readonly condition: number; readonly low: number };
	readonly target: number;
	readonly subject: { readonly factors: HeadFactors };
	readonly toner: { readonly conditions: DepositConditions };
}

/** Where this visit's plan may stop short; nothing while there is no colour on the shelf. */
export function stallProblem(
	{ tone }: { readonly tone: Pick<TonePlan, 'totalGrams'> },
	hair: StallingHair
): StallProblem | undefined {
	const { line, zone, plan, lift, target } = hair;
	return (
		line && {
			start: zone.fibre,
			application: applicationOn(plan, zone),
			factors: hair.subject.factors,
			conditionAfter: lift.condition,
			aimedLevel: target,
			lowLevel: lift.low,
			shelf: line.shades.map((shade) => ({ ...shade, vehicle: line.vehicle })),
			conditions: hair.toner.conditions,
			totalGrams: tone.totalGrams
		}
	);
}

/** The toner that still gives a wearable result, in the line's own codes; none where there is none. */
export function backupParts(
	{ backup }: StallPoint,
	line: ShelfLine | undefined
): ChosenPart[] | undefined {
	const [best] = backup;
	return best && line && recordParts(best, line);
}
