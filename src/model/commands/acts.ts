import type { LiftPlan, Visit } from '../../schema/records';
import type { DayAct } from '../day/acts';
import { MAIN_STEP, onNothing, planIn } from '../day/steps';
import { placedBowlId } from '../day/placed';
import { leaveOut } from './day';

/** As much of what was left out is remembered. */
const MOST_LEFT_OUT = 20;

/**
 * Something of the plan never came about, on a draft: the day is as if it had never been planned, and the record says
 * that it was left out.
 */
export function leaveActOut(draft: Visit, act: DayAct, now: Date): void {
	const { of, kind, place, planned: minutes } = act;
	const { tone, run } = draft;
	switch (kind) {
		case 'main':
			// What goes before it or after it is put on all the same.
			if (draft.before.length + draft.after.length > 0) draft.lift = onNothing(draft.lift);
			else draft.noLift = true;
			break;
		case 'lowlights':
			delete draft.aim.lowlights;
			break;
		case 'filler':
		case 'firstToner':
			delete tone.filler;
			break;
		case 'toner':
			if (place === undefined) tone.choice = 'none';
			else tone.placed = (tone.placed ?? []).filter(({ id }) => placedBowlId(id) !== of);
			break;
		default:
			leaveOut(draft, of);
	}
	const entry = { what: kind, minutes, at: now.toISOString(), ...(place ? { place } : {}) };
	run.leftOut = [...(run.leftOut ?? []), entry].slice(-MOST_LEFT_OUT);
}

/** Of everything that never began somebody said whether it was put on, on a draft. */
export function sayPutOn(
	draft: Visit,
	acts: readonly DayAct[],
	wasOn: (act: DayAct) => boolean,
	now: Date
): void {
	for (const act of acts)
		if (wasOn(act)) wasPutOn(draft, act, now);
		else leaveActOut(draft, act, now);
}

/** Something was put on, and nobody started its clock, on a draft: it lay as long as was planned. */
export function wasPutOn({ run }: Visit, { of, kind, planned }: DayAct, now: Date): void {
	const began = new Date(now.getTime() - planned * 60_000).toISOString();
	const clock = { elapsedSeconds: planned * 60, startedAt: began };
	if (kind === 'main') {
		Object.assign(run, clock, { rinsedAtMinute: planned, lain: { minutes: planned } });
		delete run.runningSince;
		return;
	}
	const others = (run.clocks ?? []).filter((other) => other.of !== of);
	run.clocks = [...others, { of, ...clock, offAt: now.toISOString() }];
}

/**
 * Sets how long something is to lie, on a draft; once it is off, how long it lay.
 * @param of the main application, a further one by its id, or what the clock of a toner goes by
 */
export function setMinutes(draft: Visit, of: string, minutes: number): void {
	const { run, tone } = draft;
	if (of === MAIN_STEP) {
		if (run.lain) {
			const by = minutes - run.lain.minutes;
			run.lain.minutes = minutes;
			if (run.lain.root !== undefined) run.lain.root = Math.max(0, run.lain.root + by);
		} else draft.lift.minutes = minutes;
		return;
	}
	const clock = run.clocks?.find((one) => one.of === of);
	if (clock?.offAt !== undefined) {
		clock.elapsedSeconds = minutes * 60;
		return;
	}
	const planned =
		of === 'toner'
			? tone
			: ([...draft.before, ...draft.after].find(({ id }) => id === of) ??
				tone.placed?.find(({ id }) => placedBowlId(id) === of));
	if (planned) planned.minutes = minutes;
}

/**
 * Sets how much later the root is begun, on a draft; once the main application is off and its root is known to have
 * lain by itself, how much later it was.
 */
export function setRootDelay(draft: Visit, of: string, minutes: number): void {
	const { lain } = draft.run;
	if (of === MAIN_STEP && lain?.root !== undefined) {
		lain.root = Math.max(0, lain.minutes - minutes);
		return;
	}
	const plan = planIn(draft, of);
	if (plan) plan.delays.root = minutes;
}

/**
 * Changes an application of a day, on a draft; a strength that is set once the main one is off is what it lay with.
 * @param recipe changes the plan of it
 */
export function changeStep(draft: Visit, of: string, recipe: (plan: LiftPlan) => void): void {
	const plan = planIn(draft, of) ?? draft.lift;
	const { volume } = plan;
	recipe(plan);
	const { lain } = draft.run;
	if (plan === draft.lift && lain && plan.volume !== volume) lain.volume = plan.volume;
}
