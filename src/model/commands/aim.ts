import { kindOfAim, type KindProblem, type ResultKind } from '../../core/plan';
import { turnedTo } from '../../core/tone';
import type { Aim, ZoneName } from '../../schema/records';
import { aimOn, lightsAim } from '../head/exceptions';

/** Fills an aim in for a kind of result; what single areas and zones were to be is let go. */
export function takeKind(draft: Aim, kind: ResultKind, problem: KindProblem): void {
	const { lowlights, rootDepth, panel, ...plain } = kindOfAim(kind, problem);
	delete draft.guess;
	delete draft.oldLights;
	Object.assign(draft, { kind, ...plain, zones: {}, areas: {} });
	if (lowlights) draft.lowlights = lowlights;
	else delete draft.lowlights;
	if (rootDepth) draft.rootDepth = rootDepth;
	else delete draft.rootDepth;
	if (panel) draft.panel = panel;
	else delete draft.panel;
}

type AimColour = Pick<Aim, 'level' | 'direction' | 'keepWarmth'>;

/** Hair of a strand that may have an aim of its own: a zone, or the old light pieces among it. */
export type AimPlace = ZoneName | 'oldLights';

/** What is asked for there; of the whole strand where no place is named. */
export const aimAt = (aim: Aim, place: AimPlace | undefined): Aim =>
	place === undefined ? aim : place === 'oldLights' ? lightsAim(aim, 'lengths') : aimOn(aim, place);

/** Aims for one colour along the whole strand, on a draft. */
export function aimAlike(draft: Aim): void {
	draft.zones = {};
	delete draft.oldLights;
}

/**
 * Sets what is asked for of a place, or of the whole strand where none is named. A direction brings the
 * warmth it keeps with it, where the one before would hide it.
 */
export function setColour(
	draft: Aim,
	place: AimPlace | undefined,
	colour: Partial<AimColour>
): void {
	delete draft.guess;
	const { direction } = colour;
	const before = aimAt(draft, place);
	const { keepWarmth } = direction ? turnedTo(before, direction) : before;
	const change = { ...(keepWarmth === before.keepWarmth ? {} : { keepWarmth }), ...colour };
	if (place === undefined) Object.assign(draft, change);
	else if (place === 'oldLights') draft.oldLights = { ...draft.oldLights, ...change };
	else draft.zones[place] = { ...draft.zones[place], ...change };
}
