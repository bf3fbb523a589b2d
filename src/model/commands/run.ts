import { BOUNDS, type CLOCKS } from '../../core/vocabulary';
import type { Lain, RunningSection } from '../../core/work';
import type { Visit } from '../../schema/records';

/** A timer as the record keeps it. */
export type Timer = Pick<Visit['run'], 'runningSince' | 'elapsedSeconds' | 'startedAt'>;

/** Longest that a timer counts, seconds: a day. */
const MOST_SECONDS = 86_400;

/** Seconds on the timer by the clock on the wall: what was gathered, and what runs since. */
export function elapsedSeconds(run: Timer, now: Date): number {
	const running = run.runningSince
		? Math.max(0, (now.getTime() - new Date(run.runningSince).getTime()) / 1000)
		: 0;
	return Math.min(MOST_SECONDS, run.elapsedSeconds + running);
}

/** A wall clock behind a steady one by more than this was set, seconds. */
const SET_BACK_SECONDS = 2;

/** Whether the clock on the wall was put back, by what it and a steady clock have counted. */
export const isSetBack = (wallSeconds: number, steadySeconds: number): boolean =>
	wallSeconds < steadySeconds - SET_BACK_SECONDS;

/**
 * Starts a held timer or holds a running one, on a draft.
 * @param shown seconds that stood on the timer: what is held is what was seen
 */
export function toggleRun(run: Timer, now: Date, shown: number): void {
	if (run.runningSince) {
		run.elapsedSeconds = Math.min(MOST_SECONDS, shown);
		delete run.runningSince;
		return;
	}
	run.runningSince = now.toISOString();
	run.startedAt ??= now.toISOString();
}

/** It began so many minutes before its timer was started, on a draft. */
export function beginEarlier(run: Timer, minutes: number): void {
	if (run.startedAt === undefined) return;
	run.elapsedSeconds = Math.min(MOST_SECONDS, run.elapsedSeconds + minutes * 60);
	run.startedAt = new Date(new Date(run.startedAt).getTime() - minutes * 60_000).toISOString();
}

/** The wall clock was put back: from now on it counts from where the timer stands, also after a reload. */
export function rebaseRun(run: Timer, now: Date, shown: number): void {
	if (!run.runningSince) return;
	run.elapsedSeconds = Math.min(MOST_SECONDS, shown);
	run.runningSince = now.toISOString();
}

/** Which of two clocks is right where they disagree: the one on the wall, or one that nobody can set. */
export type RightClock = (typeof CLOCKS)[number];

/** A jump of the clock on the wall, as a window noticed it. */
export interface NoticedJump {
	readonly at: Date;
	/** How far the wall went ahead of what passed, whole seconds; negative: back. */
	readonly bySeconds: number;
}
/** Windows of one device notice one jump within this, ms. */
const SAME_JUMP_MS = 120_000;
const MOST_JUMP_MINUTES = 1440;

const jumpMinutes = ({ bySeconds }: NoticedJump): number =>
	Math.max(-MOST_JUMP_MINUTES, Math.min(MOST_JUMP_MINUTES, Math.round(bySeconds / 6) / 10));

/** Whether a jump in the record is the one that was noticed, here or in another window. */
const isThisJump =
	(noticed: NoticedJump) =>
	({ at, byMinutes }: NonNullable<Visit['run']['clockJumps']>[number]): boolean =>
		Math.abs(noticed.at.getTime() - new Date(at).getTime()) < SAME_JUMP_MS &&
		Math.abs(byMinutes - jumpMinutes(noticed)) < 0.2;

/** By which clock the timers of a visit count after a jump: by the wall, unless the record says otherwise. */
export const countsBy = (run: Visit['run'], noticed: NoticedJump): RightClock =>
	run.clockJumps?.find(isThisJump(noticed))?.took ?? 'wall';

/**
 * The clock on the wall jumped while something lay on a head, on its draft: every timer that runs counts as the clock
 * says that is right, also after a reload, and the record keeps both. However many windows say so, it counts once.
 */
export function takeJump(
	{ run }: Pick<Visit, 'run'>,
	noticed: NoticedJump,
	right: RightClock,
	now: Date
): void {
	if (countsBy(run, noticed) !== right) {
		const by = right === 'steady' ? -noticed.bySeconds : noticed.bySeconds;
		// Put back, it is taken at once, and what runs then began before; later what was begun since counts as it does.
		const first = noticed.bySeconds < 0 && !run.clockJumps?.some(isThisJump(noticed));
		for (const timer of [run, ...(run.clocks ?? [])]) {
			if (!timer.runningSince) continue;
			const since = new Date(timer.runningSince).getTime();
			if (!first && since > noticed.at.getTime()) continue;
			const shown = timer.elapsedSeconds + (now.getTime() - since) / 1000 + by;
			// By whole seconds: of two windows at one moment both write the same.
			if (shown >= 0) timer.runningSince = new Date(since - by * 1000).toISOString();
			else rebaseRun(timer, now, 0);
		}
	}
	const entry = { at: noticed.at.toISOString(), byMinutes: jumpMinutes(noticed), took: right };
	const jumps = run.clockJumps ?? [];
	const known = jumps.findIndex(isThisJump(noticed));
	run.clockJumps =
		known < 0
			? [...jumps, entry].slice(-20)
			: jumps.map((jump, i) => (i === known ? { ...jump, took: right } : jump));
}

const { min: weakest, max: strongest } = BOUNDS.volumeOrNone;
const withinStrengths = (volume: number): number =>
	Math.min(strongest, Math.max(weakest, Math.round(10 * volume) / 10));

const inRecord = (minutes: number): number =>
	Math.min(BOUNDS.lainMinutes.max, Math.max(0, Math.round(minutes)));

/**
 * The last of the lightener came off, on a draft: how long it lay is known from then on, and stands as it is set right.
 * @param lain minutes that it lay, as they are known of its sections
 */
export function comeOff(run: Visit['run'], lain: Lain): void {
	// Whose clock nobody started lay as long as was planned, as far as anybody knows.
	if (run.startedAt === undefined || run.lain) return;
	const { minutes, root, volume } = lain;
	run.lain = {
		minutes: inRecord(minutes),
		...(root === undefined ? {} : { root: inRecord(root) }),
		...(volume === undefined ? {} : { volume: withinStrengths(volume) })
	};
}

/** Some of it lies after all, on a draft: nothing is known of how long, until that is off. */
export function notAllOff(run: Visit['run']): void {
	if (run.rinsedAtMinute === undefined) delete run.lain;
}

/**
 * The lightener is off, on a draft: the timer is held, its minute written down, and Chair is done.
 * @param lain minutes that it lay, as they are known of its sections
 */
export function rinse(draft: Visit, now: Date, shown: number, lain: Lain): void {
	if (draft.run.runningSince) toggleRun(draft.run, now, shown);
	draft.run.rinsedAtMinute = Math.floor(draft.run.elapsedSeconds / 60);
	comeOff(draft.run, lain);
	if (!draft.settled.includes('chair')) draft.settled.push('chair');
}

/**
 * The last section is on, on a draft: from this the pace of the hands is learned.
 * @param shown seconds that stand on the timer
 * @param reckonedMinutes what was reckoned for usual hands
 */
export function logAllOn(run: Visit['run'], shown: number, reckonedMinutes: number): void {
	run.allOn = { minute: Math.max(1, Math.round(shown / 6) / 10), reckonedMinutes };
}

/** One thing done to one section, as the record keeps it. */
export type Tap = NonNullable<Visit['run']['taps']>[number];

const isSame = (one: Tap, other: Pick<Tap, 'act' | 'section' | 'part'>): boolean =>
	one.act === other.act && one.section === other.section && one.part === other.part;

/** What is so once: of the same act only the last counts. Others may be done again. */
const ONCE: readonly Tap['act'][] = ['on', 'off'];

/**
 * Something was done to a section, on a draft.
 * @param shown seconds that stand on the timer
 */
export function tapSection(
	run: Visit['run'],
	tap: Pick<Tap, 'act' | 'section' | 'part' | 'volume'>,
	shown: number
): void {
	const others = (run.taps ?? []).filter((one) => !ONCE.includes(tap.act) || !isSame(one, tap));
	run.taps = [...others, { ...tap, minute: Math.round(shown / 0.6) / 100 }];
}

/** It was not done after all: what was tapped last is taken back, on a draft. */
export function untapSection(run: Visit['run'], tap: Pick<Tap, 'act' | 'section' | 'part'>): void {
	const taps = run.taps ?? [];
	const at = taps.findLastIndex((one) => isSame(one, tap));
	run.taps = at < 0 ? taps : taps.toSpliced(at, 1);
}

/** It was done so many minutes before it was tapped, on a draft; never before the service began. */
export function tappedEarlier(
	run: Visit['run'],
	tap: Pick<Tap, 'act' | 'section' | 'part'>,
	minutes: number
): void {
	const taps = run.taps ?? [];
	const at = taps.findLastIndex((one) => isSame(one, tap));
	const found = taps[at];
	if (found) run.taps = taps.with(at, { ...found, minute: Math.max(0, found.minute - minutes) });
}

/** The service began so many minutes before its clock was started, on a draft; what was done keeps its instant. */
export function beganEarlier(run: Visit['run'], minutes: number): void {
	if (run.startedAt === undefined) return;
	beginEarlier(run, minutes);
	const later = <One extends { minute: number }>(one: One): One => ({
		...one,
		minute: one.minute + minutes
	});
	run.notes = run.notes.map(later);
	if (run.taps) run.taps = run.taps.map(later);
	if (run.allOn) run.allOn = later(run.allOn);
	if (run.rinsedAtMinute !== undefined) run.rinsedAtMinute += minutes;
	// What nobody tapped on went on from the beginning: it lay so much longer.
	const told = run.allOn !== undefined || run.taps?.some(({ act }) => act === 'on');
	if (run.lain && !told) run.lain.minutes = inRecord(run.lain.minutes + minutes);
}

const isTappedOn = (run: Visit['run'], { section, part }: Pick<Tap, 'section' | 'part'>): boolean =>
	(run.taps ?? []).some((tap) => isSame(tap, { act: 'on', section, part }));

/** What lies on the hair. */
const LIES: readonly RunningSection['state'][] = ['on', 'ready', 'overdue'];

/**
 * A section is on, on a draft.
 * @param sections the head as it stands at this moment
 * @returns whether it was the last that was still to be put on
 */
export function tapOn(
	run: Visit['run'],
	tapped: Pick<Tap, 'section' | 'part'>,
	sections: readonly RunningSection[],
	shown: number
): boolean {
	tapSection(run, { act: 'on', ...tapped }, shown);
	return sections.every((one) => isTappedOn(run, one) || [...LIES, 'off'].includes(one.state));
}

/**
 * All of it is on, on a draft: what was not tapped went on one after the other since the last tap, each for
 * as much of that time as it was reckoned to take.
 * @param sections the head as it stands at this moment
 */
export function tapAllOn(
	run: Visit['run'],
	sections: readonly RunningSection[],
	shown: number
): void {
	const on = (run.taps ?? []).filter(({ act }) => act === 'on');
	const left = sections.filter((one) => !isTappedOn(run, one) && one.state !== 'off');
	/** Parts in one packet are put on in one go. */
	const begins = left.filter(
		({ section, fromMinute }, i) =>
			left.findIndex((one) => one.section === section && one.fromMinute === fromMinute) === i
	);
	const since = Math.max(0, ...on.map(({ minute }) => minute));
	const planned = begins.reduce((sum, { applyMinutes }) => sum + applyMinutes, 0);
	const pace = planned > 0 ? Math.max(0, shown / 60 - since) / planned : 0;
	let minute = since;
	for (const one of left) {
		if (begins.includes(one)) minute += one.applyMinutes * pace;
		tapSection(run, { act: 'on', section: one.section, part: one.part }, minute * 60);
	}
}
