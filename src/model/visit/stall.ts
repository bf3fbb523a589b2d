import { formatLevel } from '../../core/hair';
import type { StallPoint, StallProblem } from '../../core/plan';
import type { ShelfLine } from '../../schema/records';
import { formulaWords } from '../../wording/tone';
import { applicationOn } from './lift';
import type { HairView } from '../../state/hairView.svelte';
import type { VisitSession } from '../../state/visitState.svelte';
import { recordParts } from './tone';

/** Where this visit's plan may stop short; nothing while there is no colour on the shelf. */
export function stallProblem({ visit }: VisitSession, view: HairView): StallProblem | undefined {
	const { line, zone, plan, lift, target } = view;
	return (
		line && {
			start: zone.fibre,
			application: applicationOn(plan, zone),
			factors: view.subject.factors,
			conditionAfter: lift.condition,
			aimedLevel: target,
			lowLevel: lift.low,
			shelf: line.shades.map((shade) => ({ ...shade, vehicle: line.vehicle })),
			conditions: view.toneConditions,
			totalGrams: visit.tone.totalGrams
		}
	);
}

/** What a further round would bring from there. */
export function nextRoundWords({ again, stopped }: StallPoint): string {
	if (!again) {
		return stopped === 'condition'
			? 'No further round: the hair would not stand it.'
			: 'No further round: it would gain nothing.';
	}
	const cost = `condition ${Math.round(again.condition)}`;
	return again.minutesToAim === undefined
		? `A fresh round brings ${again.levelGained.toFixed(1)} level more, to ${formatLevel(again.level)}; ${cost}.`
		: `A fresh round reaches the aim in ${again.minutesToAim} min; ${cost}.`;
}

/** The toner that still gives a wearable result, in the line's own codes. */
export function backupWords(
	{ backup, backupLevel }: StallPoint,
	line: ShelfLine | undefined
): string {
	const [best] = backup;
	if (!best || !line) return '';
	if (best.parts.length === 0) return `Or leave it: ${formatLevel(best.level)} as it is.`;
	const parts = formulaWords(recordParts(best, line));
	return `Or tone to ${formatLevel(backupLevel)}: ${parts}, ${best.minutes} min.`;
}
