import { kindOfAim, type KindProblem, type ResultKind } from '../../core/plan';
import { turnedTo } from '../../core/tone';
import type { Aim, ZoneName } from '../../schema/records';
import { aimOn } from '../visit/exceptions';

/** Fills an aim in for a kind of result; what single areas and zones were to be is let go. */
export function takeKind(draft: Aim, kind: ResultKind, problem: KindProblem): void {
	const { lowlights, rootDepth, panel, ...plain } = kindOfAim(kind, problem);
	delete draft.guess;
	Object.assign(draft, { kind, ...plain, zones: {}, areas: {} });
	if (lowlights) draft.lowlights = lowlights;
	else delete draft.lowlights;
	if (rootDepth) draft.rootDepth = rootDepth;
	else delete draft.rootDepth;
	if (panel) draft.panel = panel;
	else delete draft.panel;
}

type AimColour = Pick<Aim, 'level' | 'direction' | 'keepWarmth'>;

/**
 * Sets what is asked for of a zone, or of the whole strand where none is named. A direction brings the
 * warmth it keeps with it, where the one before would hide it.
 */
export function setColour(
	draft: Aim,
	zone: ZoneName | undefined,
	colour: Partial<AimColour>
): void {
	delete draft.guess;
	const { direction } = colour;
	const before = zone === undefined ? draft : aimOn(draft, zone);
	const { keepWarmth } = direction ? turnedTo(before, direction) : before;
	const change = { ...(keepWarmth === before.keepWarmth ? {} : { keepWarmth }), ...colour };
	if (zone === undefined) Object.assign(draft, change);
	else draft.zones[zone] = { ...draft.zones[zone], ...change };
}
