import { describe, expect, it } from 'vitest';
import { finish } from '../core/steps';
import { compareHeadsSteps, STAGING, stageHeadSteps } from '../core/work';
import { takeToday } from '../model/commands/takePlan';
import { plainLift } from '../model/commands/newVisit';
import { cost } from '../model/visit/upkeep';
import { missedWith } from '../model/visit/helps';
import { openVisit, SPOT } from '../testing/demoVisit';
import { answerWords } from '../widgets/answerWords';
import { leverChange } from '../model/commands/lever';
import { canDo } from '../model/commands/help';
import type { VisitState } from './visitState.svelte';

const SEARCHES = {
	...SPOT,
	stageHead: (problem) => finish(stageHeadSteps(problem)),
	compareHeads: (ways) => finish(compareHeadsSteps(ways))
} satisfies Parameters<typeof openVisit>[1];

const HEADS = [
	'hesper-oake',
	'teodor-vask',
	'anneke-rill',
	'dorrit-vane',
	'casimir-bly',
	'yusra-halden'
] as const;

/** A visit whose day nobody has set. */
async function untouched(name: string): Promise<VisitState> {
	const { session } = await openVisit(name, SEARCHES);
	session.change('as it begins', (draft) => {
		draft.before = [];
		draft.after = [];
		draft.lift = { ...plainLift(draft.reading), covers: draft.lift.covers };
	});
	return session;
}

const told = ({
	verdict,
	visits,
	weeks,
	condition,
	behind
}: NonNullable<VisitState['verdict']['answer']>) => ({
	verdict,
	visits,
	weeks,
	condition,
	behind
});

describe('the answer to an aim', () => {
	it.each(HEADS)(
		'is at Aim, before its plan is taken, what it is at Bowls after: %s',
		async (name) => {
			const session = await untouched(name);
			const before = told(session.aimVerdict.answer!);
			const { plan } = session.aimVerdict;
			if (plan) session.change('plan', (draft) => takeToday(draft, plan));
			expect(told(session.verdict.answer!)).toEqual(before);
			expect(told(session.aimVerdict.answer!)).toEqual(before);
			expect(session.verdict.otherwise).toBeUndefined();
		}
	);

	it.each(HEADS)(
		'says what stays behind, and each help that is done brings it nearer: %s',
		async (name) => {
			const session = await untouched(name);
			const { aimVerdict } = session;
			const words = answerWords(aimVerdict)!;
			expect(words.sentence).not.toMatch(/NaN|undefined|Infinity/);
			const { behind } = aimVerdict.answer!;
			if (!behind) return;
			expect(behind.by).toBeGreaterThan(STAGING.nearEnough);
			expect(behind.minutes).toBeLessThanOrEqual(behind.longest);
			const work = aimVerdict.bowls.staging!;
			for (const help of aimVerdict.otherwiseWorked!.filter(canDo)) {
				aimVerdict.take(help);
				const then = session.bowls.staging!;
				expect(then.spread + then.shortfall).toBeCloseTo(missedWith(help)!, 6);
				expect(then.spread + then.shortfall).toBeLessThan(work.spread + work.shortfall);
				session.undo();
				expect(aimVerdict.answer!.behind).toEqual(behind);
			}
		}
	);

	it('changes of the bowls what it says and nothing else', async () => {
		const { session } = await openVisit('hesper-oake', SEARCHES);
		const { staging, stagedWork: work } = session.bowls;
		const change = leverChange({ what: 'secondPair' }, { work, staging: staging! })!;
		expect(Object.keys(change).toSorted()).toEqual(['hands', 'rinse']);
		expect(leverChange({ what: 'fasterHands' }, { work, staging: staging! })).toBeUndefined();
	});

	it('counts another application that is planned on what lags', async () => {
		const session = await untouched('hesper-oake');
		const before = session.aimVerdict.answer!.behind!;
		const again = session.aimVerdict.beyond.find(({ kind }) => kind === 'again')!;
		session.aimVerdict.take(again);
		expect(session.visit.after).toHaveLength(1);
		const { answer, end, bowls } = session.verdict;
		expect(answer!.behind?.by ?? 0).toBeLessThan(before.by - STAGING.worthAdvising);
		// The bowls alone are as short as they were: what comes after them is counted, not forgotten.
		expect(bowls.staging!.shortfall).toBeGreaterThan(STAGING.nearEnough);
		expect(end!.behind?.by ?? 0).toBeLessThan(bowls.staging!.shortfall);
	});

	it.each(HEADS)(
		'costs as many visits as it takes, the first as the day does once the plan is taken: %s',
		async (name) => {
			const session = await untouched(name);
			const { answer, plan } = session.aimVerdict;
			const costs = cost(session.planHead, answer, plan);
			expect(costs?.visits.length ?? 0).toBe(plan ? answer!.visits : 0);
			if (!plan) return;
			session.change('plan', (draft) => takeToday(draft, plan));
			const taken = cost(session.planHead, session.aimVerdict.answer, session.aimVerdict.plan)!;
			expect(taken.visits[0]!.chairMinutes).toBe(session.chairMinutes);
			expect(taken.visits.map(({ week }) => week)).toEqual(costs!.visits.map(({ week }) => week));
		}
	);

	it('is of the day as somebody set it, and says that Aim’s plan would do more', async () => {
		const session = await untouched('hesper-oake');
		session.changePlan('weak', (lift) => {
			lift.volume = 10;
			lift.minutes = 12;
		});
		const { answer, otherwise, beyond } = session.verdict;
		expect(answer).toMatchObject({ isOwn: true });
		expect(answer!.verdict).not.toBe('already');
		expect(answer!.verdict === 'today' && answer!.behind === undefined).toBe(false);
		expect(otherwise).toBeDefined();
		expect(beyond[0]).toMatchObject({ kind: 'plan' });
		expect(answerWords(session.verdict)!.sentence).toContain('as it is set');
		session.verdict.take(beyond[0]!);
		expect(session.verdict.answer).toMatchObject({ isOwn: false });
	});
});
