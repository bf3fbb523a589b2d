import { doseToLevel, isDarkColour, levelOfFibre, minutesForDose } from '../lift';
import { finish, type Steps } from '../steps';
import type { PlanConstraints, PlanHead, Stopped } from './recipes';
import { searchPlansSteps, type PlanAnswer, type ServicePlan } from './search';

/** A piece of hair and the level it has to be lifted to. */
export interface AimedHair {
	/** As it is called: “ends”, “lengths of the crown”. */
	readonly id: string;
	readonly head: PlanHead;
	readonly target: number;
	/** cm of strand left when this is cut off with all beyond it; left out where it cannot be cut. */
	readonly cutLeavesCm?: number | undefined;
}

export interface AimProblem {
	/** Everything the mixture goes on, one entry for hair that is alike. */
	readonly hair: readonly AimedHair[];
	readonly constraints?: PlanConstraints | undefined;
}

/** How one piece of hair gets there. */
export interface JudgedHair {
	readonly id: string;
	/** Distinct ways there; empty when there is none, or none is needed. */
	readonly plans: readonly ServicePlan[];
	/** The way with the fewest visits; none when it is there already or cannot get there. */
	readonly plan?: ServicePlan | undefined;
	readonly nearest?: (ServicePlan & { readonly stoppedBy: Stopped }) | undefined;
	readonly already: boolean;
}

/** Something else that may please as much. */
export type Alternative =
	| {
			readonly kind: 'nearest';
			readonly level: number;
			readonly visits: number;
			readonly condition: number;
	  }
	/** Cutting the hair that holds it up. */
	| {
			readonly kind: 'cut';
			readonly id: string;
			readonly leavesCm: number;
			readonly visits: number;
	  }
	/** Brightness from hair that was light before it came. */
	| { readonly kind: 'addedHair' };

/** The plain answer to an aim. */
export interface AimJudgement {
	readonly verdict: 'already' | 'today' | 'visits' | 'notSo';
	/** Visits of the hair that needs most; 0 when nothing has to be lifted. */
	readonly visits: number;
	readonly weeks: number;
	/** Level that the deciding hair is lifted to, with its 10-90 % range; none when nothing is lifted. */
	readonly lifts?:
		| { readonly level: number; readonly low: number; readonly high: number }
		| undefined;
	/** Lowest condition index expected at the end. */
	readonly condition: number;
	/** The hair that needs most; none when nothing was asked. */
	readonly decides: string | undefined;
	/** Whether old dark colour makes it take several visits: how much there is shows only as it goes. */
	readonly darkColour: boolean;
	/** Whether lightener was left out, because the head does not bear persulfates. */
	readonly withoutLightener?: boolean | undefined;
	/** The same, where it is told; none where all of it comes out alike. */
	readonly hardest: string | undefined;
	readonly hair: readonly JudgedHair[];
	readonly alternatives: readonly Alternative[];
}

/** Hair is not cut shorter than this to reach a colour, cm. */
const SHORTEST_CM = 6;

const fewest = ({ plans }: PlanAnswer): ServicePlan | undefined =>
	[...plans].sort((p, q) => p.visits.length - q.visits.length || q.condition - p.condition)[0];

/**
 * Judges an aim: each piece of hair is planned for by itself, and the one that needs most decides. Where
 * it cannot be had, or not today, what else can be had is told with it.
 */
export function* judgeAimSteps(problem: AimProblem): Steps<AimJudgement> {
	const { hair } = problem;
	// One bowl goes on all of it, and a tint does not lift tint.
	const coloured = hair.some(({ head }) => head.fibre.layers.length > 0);
	const constraints = { ...problem.constraints, ...(coloured ? { tints: false } : {}) };
	const judged: (JudgedHair & { readonly asked: AimedHair })[] = [];
	// Hair that is alike comes out alike: an untouched head is searched for once, not zone by zone.
	const known = new Map<string, PlanAnswer>();
	for (const [i, asked] of hair.entries()) {
		const key = JSON.stringify([asked.head, asked.target]);
		const before = known.get(key);
		if (before) {
			judged.push(judgedHair(asked, before));
			continue;
		}
		const search = searchPlansSteps(asked.head, asked.target, constraints);
		let step = search.next();
		while (!step.done) {
			yield (i + step.value) / hair.length;
			step = search.next();
		}
		known.set(key, step.value);
		judged.push(judgedHair(asked, step.value));
	}
	const visitsOf = ({ plan, already }: JudgedHair): number =>
		already ? 0 : (plan?.visits.length ?? Infinity);
	// Of two that need as many visits, the one on which the same bowl needs longer: all of it shares one.
	const harder = (one: (typeof judged)[number], other: (typeof judged)[number]): boolean => {
		const [more, less] = [visitsOf(one), visitsOf(other)];
		return more > less || (more === less && slownessOf(one.asked) > slownessOf(other.asked) + 1e-6);
	};
	const hardest = judged.reduce<(typeof judged)[number] | undefined>(
		(worst, one) => (!worst || harder(one, worst) ? one : worst),
		undefined
	);
	const visits = hardest ? visitsOf(hardest) : 0;
	const condition = Math.min(
		...judged.map(
			({ plan, nearest, asked }) => (plan ?? nearest)?.condition ?? asked.head.condition
		)
	);
	return {
		verdict:
			visits === 0 ? 'already' : visits === 1 ? 'today' : visits === Infinity ? 'notSo' : 'visits',
		visits,
		weeks: Math.max(0, ...judged.map(({ plan }) => plan?.weeks ?? 0)),
		condition: Number.isFinite(condition) ? condition : 100,
		lifts: liftsOf(hardest?.plan ?? hardest?.nearest),
		hardest: visits > 0 && !alike(judged) ? hardest?.id : undefined,
		hair: judged.map(({ id, plans, plan, nearest, already }) => ({
			id,
			plans,
			plan,
			nearest,
			already
		})),
		darkColour: visits > 1 && hardest !== undefined && isDarkColour(hardest.asked.head.fibre),
		...(constraints.persulfates === false ? { withoutLightener: true } : {}),
		decides: hardest?.id,
		alternatives: visits > 1 ? alternatives(judged, visitsOf) : []
	};
}

/** A bowl like any other, to tell which hair is slower. */
const ANY_BOWL = {
	product: 'powder',
	placement: 'foil',
	volume: 20,
	ratio: 2,
	minutes: 60
} as const;

/** So small a part of its dose that any bowl gives it before it is spent. */
const A_LITTLE = 0.01;

/** How slowly one bowl works towards the level of a hair: minutes for the same small part of its way. */
const slownessOf = ({ head, target }: AimedHair): number =>
	minutesForDose(
		{ ...ANY_BOWL, ...head.at },
		head.factors,
		A_LITTLE * doseToLevel(head.fibre, target)
	) ?? Infinity;

const judgedHair = (asked: AimedHair, answer: PlanAnswer) => ({
	asked,
	id: asked.id,
	plans: answer.plans,
	plan: fewest(answer),
	nearest: answer.nearest,
	already: answer.already
});

/** Whether every piece of hair gets to the same place in the same way. */
const alike = (judged: readonly JudgedHair[]): boolean =>
	judged.every(
		({ plan }) =>
			plan?.visits.length === judged[0]?.plan?.visits.length &&
			Math.abs((plan?.level ?? 0) - (judged[0]?.plan?.level ?? 0)) < 0.05
	);

const liftsOf = (plan: ServicePlan | undefined) =>
	plan && { level: plan.level, low: plan.levelLow, high: plan.levelHigh };

/**
 * {@link judgeAimSteps} without a pause.
 * @internal
 */
export const judgeAim = (problem: AimProblem): AimJudgement => finish(judgeAimSteps(problem));

function alternatives<J extends JudgedHair & { readonly asked: AimedHair }>(
	judged: readonly J[],
	visitsOf: (hair: J) => number
): Alternative[] {
	const most = Math.max(...judged.map(visitsOf));
	const holding = judged.filter((one) => visitsOf(one) === most);
	const found: Alternative[] = [];
	if (most === Infinity) {
		// The whole head ends where its slowest hair ends.
		const slowest = holding
			.map(({ nearest, asked }) => ({
				level: nearest?.level ?? levelOfFibre(asked.head.fibre),
				visits: nearest?.visits.length ?? 0,
				condition: nearest?.condition ?? asked.head.condition
			}))
			.sort((p, q) => p.level - q.level)[0]!;
		found.push({ kind: 'nearest', ...slowest });
	}
	const cuttable = holding.filter(({ asked }) => (asked.cutLeavesCm ?? 0) >= SHORTEST_CM);
	const others = judged.filter((one) => visitsOf(one) < most);
	if (cuttable.length === holding.length && others.length > 0) {
		const visits = Math.max(...others.map(visitsOf));
		const shortest = [...cuttable].sort((p, q) => p.asked.cutLeavesCm! - q.asked.cutLeavesCm!)[0]!;
		found.push({ kind: 'cut', id: shortest.id, leavesCm: shortest.asked.cutLeavesCm!, visits });
	}
	found.push({ kind: 'addedHair' });
	return found;
}
