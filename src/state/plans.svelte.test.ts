import { judgeAim } from '../core/plan/judge';
import { daySteps } from '../model/day/steps';
import { wayName } from '../wording/ways';
import type { VisitState } from './visitState.svelte';
import type { Workspace } from '../store/workspace.svelte';
import { describe, expect, it } from 'vitest';
import { servicePrice, type ServicePlan } from '../core/plan';
import { levelOfFibre } from '../core/lift';
import { seriesOf } from '../model/commands/series';
import { visit as visitSchema } from '../schema/records';
import { openVisit, put } from '../testing/demoVisit';
import { hairOfHead } from './hairOfHead';
import { readiness } from '../core/lift';
import { readyWords } from '../wording/ready';
import { headWords } from '../wording/words';
import { nextOf } from '../stations/lift/hints';
import { planProblem, takePlan } from '../model/commands/takePlan';
import { deciding } from '../model/visit/planDay';
import { offers } from './dayOffers';
import { dayOf, paceWays, productWays, wayAnswer, waysOf } from './liftWays';

const NOW = new Date('2026-03-02T10:00:00Z');
const wishes = { pace: 'gentle', restWeeks: 4, maxVisits: 6 } as const;

/** A head whose aim has a plan of more than one visit, and that plan. */
async function twoVisits() {
	const { session, workspace } = await openVisit('casimir-bly');
	session.change('higher', ({ aim }) => {
		aim.level = 10;
		aim.zones = {};
		aim.areas = {};
		aim.liftPast = 0.5;
	});
	const hair = deciding(judgeAim(planProblem(session, wishes)))!;
	const plan = hair.plans.find(({ visits }) => visits.length > 1);
	if (!plan) throw new Error('no plan of several visits');
	return { session, workspace, plan };
}

/** Takes a plan as one step. */
const take = (session: VisitState, workspace: Workspace, plan: ServicePlan) =>
	workspace.transact('plan', (draft) =>
		takePlan(draft, session.visit, workspace.visits.values(), plan, NOW)
	);

/** Visits of this client that stand in a plan: somebody else of the demo has one, too. */
const plannedOf = (session: VisitState, workspace: Workspace) =>
	workspace.visitsOf(session.visit.clientId).filter(({ series }) => series);

describe('a plan of several visits', () => {
	it('is worked today as it was promised, makes the later visits, and is taken back whole', async () => {
		const { session, workspace, plan } = await twoVisits();
		const before = session.visit;
		const step = take(session, workspace, plan);
		const series = seriesOf(workspace.visits.values(), session.visit);
		expect(series).toHaveLength(plan.visits.length);
		for (const visit of series) expect(visitSchema.safeParse(visit).error).toBeUndefined();
		// What the plan says of today is what Lift now says.
		expect(session.head.lift.level).toBeCloseTo(plan.visits[0]!.level, 1);
		expect(session.head.lift.condition).toBeCloseTo(plan.visits[0]!.condition, 0);
		workspace.undo(step);
		expect(session.visit.lift).toEqual(before.lift);
		expect(session.visit).not.toHaveProperty('series');
		expect(plannedOf(session, workspace)).toEqual([]);
	});
	it('is undone and redone with the visits that it made', async () => {
		const { session, workspace, plan } = await twoVisits();
		take(session, workspace, plan);
		const made = () => plannedOf(session, workspace);
		session.undo();
		expect(made()).toEqual([]);
		session.redo();
		expect(made()).toHaveLength(plan.visits.length);
	});
	it('is replaced by another, without leaving visits behind', async () => {
		const { session, workspace, plan } = await twoVisits();
		take(session, workspace, plan);
		take(session, workspace, plan);
		expect(seriesOf(workspace.visits.values(), session.visit)).toHaveLength(plan.visits.length);
	});
	it('keeps to the ceilings of the salon', async () => {
		const { session, workspace } = await openVisit('hesper-oake');
		put(workspace, {
			...workspace.shelf!,
			pace: 'brisk',
			ceilings: { onScalp: 10, offScalp: 15, tint: 20, bleachWash: 20 }
		});
		const judged = judgeAim(planProblem(session, { ...wishes, pace: 'brisk' }));
		const used = judged.hair.flatMap(({ plans, nearest }) => [
			...plans.flatMap(({ visits }) => visits),
			...(nearest?.visits ?? [])
		]);
		const volumes = used.flatMap(({ applications }) => applications.map(({ volume }) => volume));
		expect(volumes.length).toBeGreaterThan(0);
		expect(Math.max(...volumes)).toBeLessThanOrEqual(20);
	});
});

describe('further applications', () => {
	it('old colour is taken out only where there is some', async () => {
		const plain = (await openVisit('hesper-oake')).session;
		expect(offers(plain).find(({ kind }) => kind === 'removal')!.make).toBeUndefined();
		const coloured = (await openVisit('yusra-halden')).session;
		const step = offers(coloured).find(({ kind }) => kind === 'removal')!.make!();
		expect(step).toMatchObject({ product: 'bleachWash', kind: 'removal' });
		expect(step.covers.root).toBe(false);
	});
	it('once more goes on what lags, for as long as that needs, and brings it to the aim', async () => {
		const { session } = await openVisit('hesper-oake');
		expect(offers(session).find(({ kind }) => kind === 'again')!.make).toBeUndefined();
		session.change('ends late', ({ lift }) => (lift.delays.ends = 20));
		const step = offers(session).find(({ kind }) => kind === 'again')!.make!();
		expect(step.covers).toEqual({ root: false, lengths: false, ends: true });
		session.change('again', (draft) => {
			draft.after.push(step);
		});
		const ends = session.head.zones.find(({ name }) => name === 'ends')!;
		expect(session.head.final.levelWith(ends, {})).toBeGreaterThan(session.head.target - 0.26);
		expect(offers(session).find(({ kind }) => kind === 'again')!.make).toBeUndefined();
	});
	it('a base break is for a natural root that was left out', async () => {
		const { session } = await openVisit('hesper-oake');
		const offer = () => offers(session).find(({ kind }) => kind === 'baseBreak')!;
		expect(offer().make).toBeUndefined();
		session.change('root out', ({ lift }) => (lift.covers.root = false));
		expect(offer().make!()).toMatchObject({
			product: 'permanent',
			placement: 'onScalp',
			covers: { root: true, lengths: false, ends: false }
		});
	});
});

describe('ways side by side', () => {
	it('the planned one says what Lift says', async () => {
		const { session } = await openVisit('yusra-halden');
		const answer = wayAnswer(session.head, dayOf(session.visit), session);
		expect(answer.lift.level).toBeCloseTo(session.head.lift.level, 9);
		expect(answer.work).toEqual(session.work);
		expect(answer.work.price).toBe(
			servicePrice({ chairMinutes: session.chairMinutes, applications: 1 }, session.shelf!.rates!)
		);
		expect(answer.moments.at(-1)!.minute).toBe(session.plan.minutes);
		expect(answer.moments.at(-1)!.level).toBeCloseTo(answer.lift.level, 6);
	});
	it('other paces reach the same level in other minutes, the milder with less wear', async () => {
		const { session } = await openVisit('hesper-oake');
		const level = session.head.lift.level;
		const ways = paceWays(session);
		expect(ways.length).toBeGreaterThan(0);
		const told = ways.map((way) => ({ way, answer: wayAnswer(session.head, way, session) }));
		for (const { way, answer } of told) {
			if (way.lift.minutes < session.limitOf(way.lift.product))
				expect(Math.abs(answer.lift.level - level)).toBeLessThan(0.1);
		}
		const byVolume = told.toSorted((p, q) => p.way.lift.volume - q.way.lift.volume);
		expect(byVolume[0]!.way.lift.minutes).toBeGreaterThan(byVolume.at(-1)!.way.lift.minutes);
		expect(byVolume[0]!.answer.lift.condition).toBeGreaterThan(
			byVolume.at(-1)!.answer.lift.condition
		);
	});
	it('high-lift and permanent leave old dye; nothing leaves everything', async () => {
		const { session } = await openVisit('yusra-halden');
		session.change('side by side', (draft) => {
			draft.ways = productWays(session);
		});
		const [lightener, highLift, permanent, nothing] = waysOf(session).map(({ answer }) => answer);
		expect(lightener!.lift.level).toBeGreaterThan(highLift!.lift.level);
		expect(highLift!.lift.level).toBeGreaterThan(permanent!.lift.level);
		expect(permanent!.lift.level).toBeGreaterThan(nothing!.lift.level);
		expect(nothing).toMatchObject({ undertone: '', work: { grams: 0 } });
		expect(wayName(daySteps(nothing!.day).map(({ plan }) => plan))).toBe('nothing');
		expect(nothing!.lift.level).toBeCloseTo(levelOfFibre(session.head.zone.fibre), 9);
	});
});

describe('words and hints', () => {
	it('says when all of it is inside the aim, and when it never is at once', () => {
		const zone = { name: 'lengths', area: 'back', fromCm: 0, toCm: 5 } as const;
		const words = (zones: Parameters<typeof readiness>[0]) => readyWords(readiness(zones, 60));
		expect(words([{ zone, from: 30.2, to: 44.9 }])).toBe('31–44 min');
		expect(words([{ zone, from: 30.2, to: undefined }])).toBe('from 31 min');
		expect(words([{ zone, from: undefined, to: undefined }])).toBe('not in time');
		expect(
			words([
				{ zone, from: 30, to: 34 },
				{ zone, from: 38, to: 50 }
			])
		).toBe('not at once');
	});
	it('tells every strand of a head that is read or aimed at apart', async () => {
		const { session } = await openVisit('casimir-bly');
		expect(hairOfHead(session).map(({ areas }) => headWords(areas))).toEqual([
			'rest of head',
			'fringe'
		]);
	});
	it('one step of a choice is the next stronger one, and at the top the one below', () => {
		const scale = (option: 'a' | 'b' | 'c') => ({ a: 1, b: 2, c: 3 })[option];
		expect(nextOf(['a', 'b', 'c'], 'a', scale)).toBe('b');
		expect(nextOf(['a', 'b', 'c'], 'c', scale)).toBe('b');
		expect(nextOf(['a'], 'a', scale)).toBe('a');
	});
});
