import { formatLevel } from '../../core/hair';
import { clockOf } from '../../model/day/clocks';
import { MAIN_STEP } from '../../model/day/steps';
import type { ZoneName } from '../../schema/records';
import { StepView } from '../../state/stepView.svelte';
import { untilCall, type DayClock, type DayClocks } from '../../state/dayClocks.svelte';
import type { VisitState } from '../../state/visitState.svelte';
import { dueWords } from '../../wording/chair';
import { processAct, processName } from '../../wording/processes';
import type { ChairRun } from './chairRun.svelte';

/** What the station says at its head. */
export interface ChairAnswer {
	readonly question: string;
	readonly answer: string;
	readonly words: string;
	readonly range: string;
	/** What else lies on the hair, or goes on it, that comes before what the sections ask for. */
	readonly process?: DayClock | undefined;
}

/** What else lies on the hair, or goes on next, before anything that the sections ask for. */
function processNext(
	service: ChairRun,
	clocks: DayClocks,
	begun: boolean,
	isOff: boolean
): DayClock | undefined {
	const [calling] = clocks.calling;
	const { next, minute } = service;
	const sections = next && !isOff ? next.minute - minute : Infinity;
	if (calling && untilCall(calling) < sections) return clocks.of(calling.of);
	const waits = (when: DayClock['when']) =>
		clocks.all.find((one) => one.when === when && one.plan && one.state === 'waiting');
	if (!begun) return waits('before');
	return isOff ? waits('after') : undefined;
}

/** The application of the day that came off last. */
export interface LastOff {
	readonly step: string;
	/** Minute of the service at which it did. */
	readonly minute: number;
}

/**
 * The application that came off last; nothing while another lies.
 * @param offMinute when the last of the main application came off
 */
export function lastOff(
	{ visit }: VisitState,
	clocks: DayClocks,
	offMinute: number | undefined
): LastOff | undefined {
	const { run } = visit;
	if (offMinute === undefined) return undefined;
	const after = clocks.all.filter(({ when, plan }) => when === 'after' && plan);
	if (after.some(({ state }) => state === 'lying' || state === 'held')) return undefined;
	const last = after.findLast(({ state }) => state === 'off');
	const offAt = last && clockOf(run, last.of)?.offAt;
	if (offAt === undefined || run.startedAt === undefined)
		return { step: MAIN_STEP, minute: offMinute };
	const minute = (new Date(offAt).getTime() - new Date(run.startedAt).getTime()) / 60_000;
	return { step: last!.of, minute };
}

/** What zones are expected to have come to by an application of the day. */
export function expectedAfter(
	session: VisitState,
	service: ChairRun,
	step: string
): (zone: ZoneName) => number | undefined {
	if (step === MAIN_STEP) return (zone) => service.expectedOn(zone);
	const view = new StepView(session.head, () => step);
	return (name) => {
		const zone = session.head.zones.find((each) => each.name === name);
		return zone && view.levelWith(zone, {});
	};
}

/**
 * What comes next, or where it stands.
 * @param begun whether the main application has begun
 * @param offMinute when the last of it came off; nothing while something lies
 * @param elsewise what is said where nothing asks for anything
 */
export function chairAnswer(
	session: VisitState,
	service: ChairRun,
	clocks: DayClocks,
	begun: boolean,
	offMinute: number | undefined,
	elsewise: { readonly level: number; readonly words: string; readonly range: string }
): ChairAnswer {
	const { head, next } = service;
	const isOff = offMinute !== undefined;
	const said = (head?.acts ?? []).map((act) => service.said(act));
	const process = processNext(service, clocks, begun, isOff);
	if (process) {
		const { call } = process;
		const then = said.slice(0, 2).join('; ');
		return {
			question: 'What comes next?',
			answer: call ? processAct(process, call.kind) : `Put on: ${processName(process)}`,
			words: call ? dueWords(untilCall({ ...process, call })) : `${process.minutes} min`,
			range: then && begun ? `Then: ${then}.` : '',
			process
		};
	}
	if (next) {
		const range = said.length > 1 ? `Then: ${said.slice(1, 3).join('; ')}.` : elsewise.range;
		return {
			question: 'What comes next?',
			answer: service.act(next),
			words: service.due(next),
			range
		};
	}
	if (isOff) {
		const zone = session.head.zone.name;
		const { seen } = session.head;
		const read = seen?.zone === zone && seen.after !== undefined ? seen.level : undefined;
		const expected =
			session.steps.at(-1)!.id === MAIN_STEP
				? (service.expectedOn(zone) ?? elsewise.level)
				: session.head.lift.level;
		return {
			question: 'Where did it end?',
			answer: formatLevel(read ?? expected),
			words: read === undefined ? 'expected, not read yet' : 'seen, dry',
			range: 'All is off. Read it again dry, then tone it.'
		};
	}
	return {
		question: 'Is it ready?',
		answer: formatLevel(elsewise.level),
		words: elsewise.words,
		range: elsewise.range
	};
}
