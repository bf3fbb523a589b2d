import type { ACT_KINDS } from '../../core/vocabulary';
import type { Visit } from '../../schema/records';
import type { TonerPlace } from './placed';
import { clockOf, isBegun, liesBy } from './clocks';
import { minutesBy } from './done';
import type { DayProcess } from './processes';
import { goesOn, MAIN_STEP, mainPlan } from './steps';

/** What is put on a head: its main application, a further one, or colour that deposits. */
export type ActKind = (typeof ACT_KINDS)[number];

/** Something that is put on a head on a day, and how far it came. */
export interface DayAct {
	/** What it goes by in the record: the main application, a further one by its id, or what its clock goes by. */
	readonly of: string;
	readonly kind: ActKind;
	/** The hair it goes on, where it is a toner for some of it alone. */
	readonly place?: TonerPlace | undefined;
	readonly state: 'planned' | 'running' | 'done';
	/** Minutes that it was planned to lie. */
	readonly planned: number;
	/** That it lay; nothing before it is off. */
	readonly lay: number | undefined;
}

/**
 * Everything that is put on a head on a day, the main application first and the rest in the order of the day. What was
 * left out is no act of it.
 * @param processes everything beside the main application, as the plan of the day has it
 */
export function actsOf(visit: Visit, processes: readonly DayProcess[]): DayAct[] {
	const { run } = visit;
	const plan = mainPlan(visit);
	const isOff = run.rinsedAtMinute !== undefined || run.lain !== undefined;
	const main: DayAct = {
		of: MAIN_STEP,
		kind: 'main',
		state: isOff ? 'done' : run.startedAt === undefined ? 'planned' : 'running',
		planned: plan.minutes,
		lay: isOff ? (run.lain?.minutes ?? plan.minutes) : undefined
	};
	return [
		...(goesOn(plan) ? [main] : []),
		// The toner on a zone alone is the toner of the day, begun apart.
		...processes
			.filter(({ zone }) => zone === undefined)
			.map(({ of, name, place, minutes }): DayAct => {
				const apart =
					of === 'toner'
						? processes.filter(({ zone }) => zone !== undefined).map((one) => clockOf(run, one.of))
						: [];
				const clocks = [clockOf(run, of), ...apart].filter((clock) => clock?.startedAt);
				return {
					of,
					kind: name,
					place,
					state: clocks.some(liesBy) ? 'running' : clocks.length > 0 ? 'done' : 'planned',
					planned: minutes,
					lay: minutesBy(run, of)
				};
			})
	];
}

/** What was planned and never begun on a day on which something was: somebody has to say what became of it. */
export const neverBegun = (visit: Visit, processes: readonly DayProcess[]): DayAct[] =>
	isBegun(visit) ? actsOf(visit, processes).filter(({ state }) => state === 'planned') : [];
