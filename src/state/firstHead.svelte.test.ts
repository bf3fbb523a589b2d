import { describe, expect, it } from 'vitest';
import { judgeAim } from '../core/plan/judge';
import { levelOfFibre } from '../core/lift';
import { momentIn } from '../model/time';
import { newClient, newVisit } from '../model/commands/newVisit';
import { visit as visitSchema } from '../schema/records';
import { FirstHead } from './firstHead.svelte';

const NOW = new Date('2026-03-02T10:00:00Z');
const clock = { now: () => NOW, moment: () => momentIn(NOW, 'Etc/UTC') };
const told = (facts: FirstHead['facts']) => {
	const head = new FirstHead(clock, { judgeAim });
	head.tell(facts);
	return head;
};
const ALL = (['nothing', 'coloured', 'lightened'] as const).flatMap((done) =>
	[2, 5, 8].flatMap((level) => [7, 10].map((goal) => ({ level, done, goal })))
);

describe('three facts of a head', () => {
	it('are the head as it is seen', () => {
		for (const facts of ALL) {
			const { reading, aim } = told(facts).session.visit;
			expect(reading.zones.lengths.presentLevel).toBe(facts.level);
			expect(reading.zones.ends.presentLevel).toBe(facts.level);
			expect(reading.zones.root.state).toBe('natural');
			expect(aim.level).toBe(facts.goal);
			expect(reading.naturalLevel).toBe(
				{ nothing: facts.level, coloured: facts.level + 1, lightened: Math.min(facts.level, 5) }[
					facts.done
				]
			);
		}
	});
	it('bring the first day of the plan that is promised, to the level that is promised', () => {
		for (const facts of ALL) {
			const head = told(facts);
			const plan = head.today;
			if (!plan) {
				expect(facts.goal).toBeLessThanOrEqual(facts.level + 0.5);
				continue;
			}
			if (plan.visits.length === 0) continue;
			expect(head.takePlan()).toBe(true);
			// The warmth of a root, and porous ends, are in the plan as they are in the lift.
			const lifted = head.session.head.final.lift;
			const { judgement } = head.answer!;
			const judged = judgement.hair.find(({ id }) => id === judgement.decides)!;
			if (judged.id === head.session.head.zone.name)
				expect(lifted.level, JSON.stringify(facts)).toBeCloseTo(plan.visits[0]!.level, 6);
		}
	});
	it('never go over light hair: only the root of it is worked', () => {
		const head = told({ level: 8, done: 'lightened', goal: 10 });
		head.takePlan();
		const { zones } = head.session.head;
		const after = head.session.head.final.lifted.at(-1)!;
		expect(levelOfFibre(after)).toBeCloseTo(levelOfFibre(zones.at(-1)!.fibre), 6);
	});
	it('leave a clock alone that somebody has moved, until other facts are told', () => {
		const head = told({ level: 4, done: 'nothing', goal: 8 });
		head.session.changePlan('minute', (lift) => (lift.minutes = 12));
		expect(head.takePlan()).toBe(false);
		head.tell({ goal: 9 });
		expect(head.takePlan()).toBe(true);
	});
	it('go into the visit of whoever sits down, as a record that is valid', () => {
		const head = told({ level: 3, done: 'coloured', goal: 7 });
		head.takePlan();
		const visit = head.laidOn(newVisit(newClient('Somebody', NOW).id, clock.moment()));
		expect(visitSchema.safeParse(visit).error).toBeUndefined();
		expect(visit.reading.zones.lengths.artificial).toMatchObject([{ level: 3 }]);
		expect(visit.lift).toEqual(head.session.visit.lift);
	});
});
