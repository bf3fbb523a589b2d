import { rinseMinute } from './rinse';
import { type ClockSubject } from './clock';
import { stageHead } from './stageHead';
import { describe, expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import {
	chairMinutes,
	lastRinse,
	lateHead,
	serviceClock,
	tonerMinutes,
	usualRinse,
	type HeadStaging,
	type Staging
} from '.';

const head = (change: Partial<HeadStaging> = {}): HeadStaging => ({
	passes: [
		{
			sections: Array.from({ length: 8 }, (_, i) => ({
				id: `section ${i + 1}`,
				grams: 30,
				minutesToApply: 5,
				placement: 'foil' as const
			}))
		}
	],
	common: {
		fibre: { ...naturalPigment(5, 'neutral'), layers: [] },
		factors: { naturalLevel: 5, texture: 'medium' },
		product: 'powder',
		ratio: 2,
		stock: [10, 20, 30],
		ceiling: 30,
		limitMinutes: 50,
		target: 8.5
	},
	volume: 20,
	processMinutes: 40,
	rinse: { mode: 'together' },
	staged: true,
	...change
});
const staged = (change: Partial<HeadStaging> = {}): Staging => {
	const answer = stageHead(head(change));
	if (!answer.ok) throw new Error(answer.problem);
	return answer.staging;
};
/** A subject in one word, for comparing. */
const called = (of: ClockSubject): string =>
	of.kind === 'sections' ? of.sections.join(', ') : of.kind === 'round' ? of.id : of.kind;
const toner = { minutes: 20, applyMinutes: 7 };

describe('the clock', () => {
	const { bowls, finish } = staged();
	const clock = serviceClock({ bowls, finish, toner });
	const of = (what: string) => clock.items.filter((item) => item.what === what);

	it('has every section applied, processed and rinsed, and every bowl mixed before its use', () => {
		expect(of('apply')).toHaveLength(8);
		for (const { of: section, toMinute } of of('apply')) {
			const process = clock.items.find(
				(item) => item.what === 'process' && called(item.of) === called(section)
			)!;
			expect(process.fromMinute).toBe(toMinute);
		}
		expect(of('rinse').map((item) => called(item.of))).toEqual(['allSections', 'toner']);
		of('mix').forEach(({ toMinute }, i) => expect(toMinute).toBe(bowls[i]!.mixAtMinute));
	});
	it('comes to the chair time that was told before the bowls were staged', () => {
		const rinse = rinseMinute(40, 40, 50);
		expect(rinse).toBe(50);
		expect(clock.chairMinutes).toBe(chairMinutes([rinse], toner));
		expect(serviceClock({ bowls, finish }).chairMinutes).toBe(chairMinutes([rinse]));
		const last = Math.max(...clock.items.map(({ toMinute }) => toMinute));
		const first = Math.min(...clock.items.map(({ fromMinute }) => fromMinute));
		expect(clock.chairMinutes).toBe(Math.round(last - first));
		expect(clock.handsOnMinutes).toBeLessThan(clock.chairMinutes);
	});
	it('shows the gaps in which the colourist is free, and an assistant makes them longer', () => {
		const free = (gaps: typeof clock.gaps) =>
			gaps.reduce((sum, { fromMinute, toMinute }) => sum + toMinute - fromMinute, 0);
		for (const { fromMinute, toMinute } of clock.gaps) {
			expect(toMinute - fromMinute).toBeGreaterThanOrEqual(5);
			const busy = clock.items.filter(
				(item) =>
					item.who === 'colourist' &&
					item.fromMinute < toMinute - 1e-9 &&
					item.toMinute > fromMinute + 1e-9
			);
			expect(busy).toEqual([]);
		}
		const helped = serviceClock({ bowls, finish, toner, assistant: true });
		expect(free(helped.gaps)).toBeGreaterThan(free(clock.gaps));
		expect(helped.handsOnMinutes).toBeLessThan(clock.handsOnMinutes);
	});
	it('keeps lowlights apart: put on last, rinsed for themselves before the toner', () => {
		const aside = { applyMinutes: 6, minutes: 20 };
		const { items } = serviceClock({ bowls, finish, toner, aside });
		const rinses = items.filter(({ what }) => what === 'rinse');
		expect(rinses.map((item) => called(item.of))).toEqual(['allSections', 'aside', 'toner']);
		rinses
			.slice(1)
			.forEach(({ fromMinute }, i) =>
				expect(fromMinute).toBeGreaterThanOrEqual(rinses[i]!.toMinute)
			);
	});
	it('has the other applications of the day before and after, each rinsed before the next', () => {
		const removal = { id: 'old colour out', applyMinutes: 10, rinseMinute: 25 };
		const again = { id: 'again', applyMinutes: 5, rinseMinute: 20 };
		const day = serviceClock({ bowls, finish, toner, before: [removal], after: [again] });
		expect(day.chairMinutes).toBe(chairMinutes([25, 50, 20], toner));
		const rinses = day.items.filter(({ what }) => what === 'rinse').map((item) => called(item.of));
		expect(rinses).toEqual(['old colour out', 'allSections', 'again', 'toner']);
		const mine = day.items.filter(({ who, what }) => who === 'colourist' && what !== 'check');
		const early = mine.filter(({ of }) => called(of) === 'old colour out');
		for (const { toMinute } of early) expect(toMinute).toBeLessThanOrEqual(-2);
	});
	it('counts the strands of a toner apart by the time it takes to work it through', () => {
		expect(tonerMinutes(60)).toBeGreaterThan(tonerMinutes(15));
		expect(tonerMinutes(30, 1.3)).toBeGreaterThan(tonerMinutes(30));
	});
});

describe('the rinse', () => {
	it('counts the planned minutes from the middle of the work, never past the limit', () => {
		expect(rinseMinute(20, 35, 50)).toBe(45);
		expect(rinseMinute(40, 45, 50)).toBe(50);
		expect(rinseMinute(70, 30, 50)).toBe(75);
		expect([20, 40].map(usualRinse)).toEqual(['together', 'backFirst']);
	});
	it('back first: two rinses in turn, never two at once, the first no later than the other', () => {
		const { bowls, finish } = staged({ rinse: { mode: 'backFirst' } });
		const rinses = serviceClock({ bowls, finish }).items.filter(({ what }) => what === 'rinse');
		expect(rinses).toHaveLength(2);
		expect(rinses[1]!.fromMinute).toBeGreaterThanOrEqual(rinses[0]!.toMinute);
		expect(rinses[1]!.fromMinute).toBe(lastRinse(Array<number>(8).fill(5), 40, 50, 'backFirst'));
		expect(called(rinses[0]!.of)).toContain('section 1');
		expect(called(rinses[1]!.of)).toContain('section 8');
		// What is on longest may not pass its limit by waiting for the front.
		finish.forEach(({ rinseMinute, appliedFromMinute }) =>
			expect(rinseMinute - appliedFromMinute).toBeLessThanOrEqual(52.5)
		);
	});
	it('each packet when it is ready: one strength, all at the level, wiped off one by one', () => {
		const { bowls, finish, spread } = staged({ rinse: { mode: 'eachReady' } });
		expect(new Set(bowls.map(({ volume }) => volume))).toEqual(new Set([20]));
		expect(spread).toBeLessThan(0.15);
		const { items } = serviceClock({ bowls, finish });
		expect(items.filter(({ what }) => what === 'wipe')).toHaveLength(8);
		expect(items.filter(({ what }) => what === 'rinse').map((item) => item.of)).toEqual([
			{ kind: 'allSections' }
		]);
	});
});

describe('a section that runs late', () => {
	const plan = staged();
	const late = (keep: 'all' | 'mixed') => {
		const answer = stageHead(lateHead(head(), plan, { section: 'section 3', minutes: 10, keep }));
		if (!answer.ok) throw new Error(answer.problem);
		return answer.staging;
	};
	it('moves what follows by as much, and nothing before it', () => {
		const moved = late('all').finish.map(
			({ appliedFromMinute }, i) => appliedFromMinute - plan.finish[i]!.appliedFromMinute
		);
		expect(moved).toEqual([0, 0, 0, 10, 10, 10, 10, 10]);
	});
	it('leaves the strengths as they were, or chooses anew those not mixed yet, never less even', () => {
		const kept = late('all');
		// A bowl that would grow too old in the meantime is mixed again, as strong as it was.
		const strengths = ({ bowls }: { bowls: readonly { volume: number }[] }) =>
			bowls.map(({ volume }) => volume).filter((volume, i, all) => volume !== all[i - 1]);
		expect(strengths(kept)).toEqual(strengths(plan));
		const anew = late('mixed');
		expect(anew.bowls[0]!.volume).toBe(plan.bowls[0]!.volume);
		expect(anew.spread).toBeLessThanOrEqual(kept.spread + 1e-9);
	});
});

describe('root and lengths with bowls of their own', () => {
	const sections = head().passes[0]!.sections;
	it('on one strand at once: the lightened lengths get the weaker bowl', () => {
		const light = { ...naturalPigment(8, 'neutral'), layers: [] };
		const { bowls, finish } = staged({
			passes: [
				{ part: 'root', sections },
				{
					part: 'lengths',
					alongside: true,
					sections: sections.map((section) => ({ ...section, fibre: light }))
				}
			]
		});
		const strengths = (part: string) =>
			bowls.filter((bowl) => bowl.part === part).map(({ volume }) => volume);
		expect(Math.max(...strengths('lengths'))).toBeLessThan(Math.max(...strengths('root')));
		expect(Math.min(...strengths('lengths'))).toBeLessThanOrEqual(Math.min(...strengths('root')));
		expect(finish).toHaveLength(16);
		// One packet, painted with two brushes: it is put on once.
		const applied = serviceClock({ bowls, finish }).items.filter(({ what }) => what === 'apply');
		expect(applied).toHaveLength(8);
		expect(new Set(bowls.map(({ number }) => number)).size).toBe(bowls.length);
	});
	it('the root later: it is begun when the lengths are on, from a bowl of its own', () => {
		const short = sections.map((section) => ({ ...section, minutesToApply: 2 }));
		const { bowls, finish } = staged({
			passes: [
				{ part: 'lengths', sections: short },
				{ part: 'root', sections: short }
			]
		});
		const root = finish.filter(({ part }) => part === 'root');
		expect(Math.min(...root.map(({ appliedFromMinute }) => appliedFromMinute))).toBe(16);
		expect(bowls.filter(({ part }) => part === 'root')[0]!.mixAtMinute).toBe(16);
	});
	it('a section that runs late runs late once: the root is begun as much later', () => {
		const short = sections.map((section) => ({ ...section, minutesToApply: 2 }));
		const plan = head({
			passes: [
				{ part: 'lengths', sections: short },
				{ part: 'root', sections: short, notBefore: 10 }
			]
		});
		const answer = stageHead(plan);
		if (!answer.ok) throw new Error(answer.problem);
		const delay = { section: 'section 3', minutes: 10, keep: 'all' } as const;
		const late = stageHead(lateHead(plan, answer.staging, delay));
		const begins = (staged: typeof late) =>
			staged.ok && staged.staging.finish.find(({ part }) => part === 'root')!.appliedFromMinute;
		expect([begins(answer), begins(late)]).toEqual([16, 26]);
		const last = late.ok && late.staging.finish.at(-1)!;
		expect(last && last.appliedToMinute).toBe(42);
	});
});
