import type { ChosenPart, LiftPlan, ShelfLine } from '../../schema/records';

/** Gives a tint its shades, on a draft; without any it lifts alone. */
export function chooseTint(plan: LiftPlan, line: ShelfLine, parts: readonly ChosenPart[]): void {
	if (parts.length === 0) delete plan.tint;
	else plan.tint = { lineId: line.id, parts: [...parts] };
}

/** Adds a shade of the line to a tint, on a draft; one that is in it already stays as it is. */
export function addTintShade(plan: LiftPlan, line: ShelfLine, shadeId: string): void {
	const shade = line.shades.find(({ id }) => id === shadeId);
	const parts = plan.tint?.lineId === line.id ? plan.tint.parts : [];
	if (!shade || parts.some((part) => part.shadeId === shadeId)) return;
	const { id, code, ...rest } = shade;
	chooseTint(plan, line, [...parts, { ...rest, shadeId: id, name: code, grams: ADDED_GRAMS }]);
}

/** A shade comes into a formula with this weight, to be changed. */
const ADDED_GRAMS = 30;

/** Sets the grams of a part, on a draft; none takes it out. */
export function weighTintPart(plan: LiftPlan, index: number, grams: number): void {
	const part = plan.tint?.parts[index];
	if (!plan.tint || !part) return;
	if (grams > 0) part.grams = grams;
	else if (plan.tint.parts.length > 1) plan.tint.parts.splice(index, 1);
	else delete plan.tint;
}
