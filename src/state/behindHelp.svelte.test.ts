import { describe, expect, it } from 'vitest';
import { finish } from '../core/steps';
import { compareHeadsSteps, STAGING } from '../core/work';
import { addAgain } from '../model/commands/again';
import {
	againOnBehind,
	aimInReach,
	bowlWays,
	helpfulWays,
	wayChange
} from '../model/visit/behindHelp';
import { beyondWork } from '../model/visit/helps';
import { openVisit } from '../testing/demoVisit';

const BEHIND = ['hesper-oake', 'teodor-vask', 'anneke-rill', 'dorrit-vane', 'casimir-bly'] as const;

async function behind(name: string) {
	const { session } = await openVisit(name);
	const work = session.bowls.stagedWork;
	const staging = session.bowls.staging!;
	const ways = bowlWays(work);
	const results = finish(
		compareHeadsSteps(
			ways.map((way) => ({ name: way.name, head: session.bowls.headWith(wayChange(way, work)) }))
		)
	);
	return { session, work, staging, ways, helpful: helpfulWays(staging, ways, results) };
}

describe('a head of which some stays behind', () => {
	it.each(BEHIND)('is never left without something that one tap does: %s', async (name) => {
		const { session, work, staging, helpful } = await behind(name);
		expect(staging.shortfall).toBeGreaterThan(STAGING.nearEnough);
		expect(aimInReach(work, staging)).toBeLessThan(work.aim.level);
		const again = againOnBehind(work, staging)!;
		expect(again.level).toBeGreaterThan(
			Math.min(...staging.finish.map(({ level }) => level)) + STAGING.worthAdvising
		);
		// Never stronger and never longer than was chosen and the product allows.
		expect(again.step.volume).toBe(session.plan.volume);
		expect(again.step.minutes).toBeLessThanOrEqual(session.limitOf(session.plan.product));
		session.change('again', (draft) => addAgain(draft, again.step));
		expect(session.visit.after).toHaveLength(1);
		for (const way of helpful)
			expect(way.spread + way.shortfall).toBeLessThan(
				staging.spread + staging.shortfall - STAGING.worthAdvising
			);
	});

	it('comes out as was promised when a way is taken, and nothing of it is stronger', async () => {
		const { session, staging, helpful } = await behind('hesper-oake');
		const [best] = helpful;
		expect(best!.rinse).toBe('eachReady');
		const strongest = session.plan.volume;
		session.verdict.take({ kind: 'way', way: best! });
		const after = session.bowls.staging!;
		expect(after.spread).toBeCloseTo(best!.spread, 6);
		expect(after.shortfall).toBeCloseTo(best!.shortfall, 6);
		expect(after.spread + after.shortfall).toBeLessThan(staging.spread + staging.shortfall - 0.5);
		expect(Math.max(...after.bowls.map(({ volume }) => volume))).toBeLessThanOrEqual(strongest);
	});

	it('is asked for a second pair only where that does more than the same without it', async () => {
		const { helpful, ways } = await behind('hesper-oake');
		expect(ways.map(({ name }) => name)).toContain('eachReady 2');
		expect(helpful.map(({ name }) => name)).not.toContain('eachReady 2');
		const at = (name: string, shortfall: number) => ({
			name,
			outcome: { spread: 0.2, shortfall, bowls: 1, weakest: 20, strongest: 20, rinseMinute: 60 }
		});
		const named = (alone: number, two: number) =>
			helpfulWays({ spread: 0.5, shortfall: 2 }, ways, [
				at('eachReady', alone),
				at('eachReady 2', two)
			]).map(({ name }) => name);
		expect(named(1, 0.95)).toEqual(['eachReady']);
		expect(named(1, 0.8)).toEqual(['eachReady 2', 'eachReady']);
		expect(named(2.5, 0.8)).toEqual(['eachReady 2']);
	});

	it('old dark colour is promised nothing for today', async () => {
		const { session, work, staging } = await behind('yusra-halden');
		const judged = {
			verdict: 'visits',
			visits: 2,
			weeks: 4,
			condition: 70,
			darkColour: true
		} as const;
		const kinds = (dark: boolean) =>
			beyondWork({
				work,
				staging,
				visit: session.visit,
				judged: { ...judged, darkColour: dark }
			}).map(({ kind }) => kind);
		expect(kinds(true)).toEqual(['visits']);
		expect(kinds(false)).toEqual(['again', 'visits']);
		session.change('again', (draft) => addAgain(draft, againOnBehind(work, staging)!.step));
		expect(kinds(false)).toEqual(['visits']);
	});

	it('is tried in every order and every rinse but the one that it is worked in, and with a second pair', async () => {
		const { session } = await openVisit('hesper-oake');
		const names = () => bowlWays(session.bowls.stagedWork).map(({ name }) => name);
		expect(names()).toContain('eachReady');
		expect(names()).toContain('eachReady 2');
		expect(names()).not.toContain('backFirst');
		expect(names()).not.toContain(session.visit.bowls.order);
		session.change('two', ({ bowls }) => (bowls.hands = 2));
		expect(names().some((name) => name.endsWith('2'))).toBe(false);
	});

	it('meets the aim that is called in reach, in half levels', async () => {
		const { session, work, staging } = await behind('teodor-vask');
		const level = aimInReach(work, staging)!;
		expect((work.aim.level - level) % 0.5).toBeCloseTo(0, 9);
		session.changeWholeAim('level', (aim) => (aim.level = level));
		expect(session.bowls.staging!.shortfall).toBeLessThanOrEqual(STAGING.nearEnough + 0.05);
	});

	it('needs nothing where all of it gets there', async () => {
		const { work, staging } = await behind('hesper-oake');
		const near = { ...staging, shortfall: STAGING.nearEnough };
		expect(aimInReach(work, near)).toBeUndefined();
		expect(againOnBehind(work, near)).toBeUndefined();
		const deep = { ...work, aim: { ...work.aim, level: work.reading.naturalLevel + 0.5 } };
		expect(aimInReach(deep, staging)).toBeUndefined();
	});
});
