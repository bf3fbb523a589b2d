import { describe, expect, it } from 'vitest';
import { takeToday } from '../model/commands/takePlan';
import { deciding } from '../model/visit/planDay';
import { planWork, sumOf } from '../model/visit/planWork';
import { dayWork } from '../model/visit/work';
import { openVisit } from '../testing/demoVisit';

const RATES = { currency: 'EUR', perHour: 60, perApplication: 15, perFoil: 1, perGram: 0.2 };
const HEADS = ['hesper-oake', 'casimir-bly', 'anneke-rill', 'odile-ferrant', 'yusra-halden'];

describe('what a plan takes', () => {
	it.each(HEADS)('is what the day takes, once it is worked so: %s', async (who) => {
		const { session, workspace } = await openVisit(who);
		workspace.transact('rates', (draft) => (draft.shelf(workspace.shelf!.id).rates = RATES));
		const hair = session.judging.found && deciding(session.judging.found);
		if (who === HEADS[0]) expect(hair!.plans.length).toBeGreaterThan(1);
		for (const plan of hair?.plans ?? []) {
			const [first] = planWork(plan, session.planHead);
			const { session: other, workspace: own } = await openVisit(who);
			own.transact('rates', (draft) => (draft.shelf(own.shelf!.id).rates = RATES));
			other.change('taken', (draft) => takeToday(draft, plan));
			// By the same hands, before any bowl is staged; and staged, as every station says it.
			const plain = dayWork(
				other.visit,
				other.workedHead,
				other.shelf,
				undefined,
				other.lowlights.aside
			);
			expect(first!.chairMinutes).toBe(plain.chairMinutes);
			expect(first!.price).toBeCloseTo(plain.price!, 6);
			const [today] = planWork(plan, other.planHead);
			expect(today!.chairMinutes).toBe(other.work.chairMinutes);
			expect(today!.price).toBe(other.work.price);
		}
	});
	it('all of it is the sum of its visits, and has no price where that of one is not known', () => {
		const visits = [
			{ week: 0, chairMinutes: 100, price: 80 },
			{ week: 6, chairMinutes: 50, price: 40 }
		];
		expect(sumOf(visits)).toEqual({ chairMinutes: 150, price: 120 });
		expect(sumOf([...visits, { week: 9, chairMinutes: 10, price: undefined }])).toEqual({
			chairMinutes: 160,
			price: undefined
		});
	});
});
