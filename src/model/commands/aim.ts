import { kindOfAim, type KindProblem, type ResultKind } from '../../core/plan';
import type { Aim, ZoneName } from '../../schema/records';

/** Fills an aim in for a kind of result; what single areas and zones were to be is let go. */
export function takeKind(draft: Aim, kind: ResultKind, problem: KindProblem): void {
	const { lowlights, rootDepth, panel, ...plain } = kindOfAim(kind, problem);
	Object.assign(draft, { kind, ...plain, zones: {}, areas: {} });
	if (lowlights) draft.lowlights = lowlights;
	else delete draft.lowlights;
	if (rootDepth) draft.rootDepth = rootDepth;
	else delete draft.rootDepth;
	if (panel) draft.panel = panel;
	else delete draft.panel;
}

/** Sets what is asked for of a zone, or of the whole strand where none is named. */
export function setColour(
	draft: Aim,
	zone: ZoneName | undefined,
	colour: Partial<Pick<Aim, 'level' | 'direction' | 'keepWarmth'>>
): void {
	if (zone === undefined) Object.assign(draft, colour);
	else draft.zones[zone] = { ...draft.zones[zone], ...colour };
}
