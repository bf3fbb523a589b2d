import { describe, expect, it } from 'vitest';
import type { LiftStep } from '../../schema/records';
import { openVisit } from '../../testing/demoVisit';
import { daySteps } from './steps';
import { dayProcesses } from './processes';

const { session } = await openVisit('hesper-oake');
const { visit } = session;
const step = (id: string, change: Partial<LiftStep> = {}): LiftStep => ({
	...visit.lift,
	id,
	kind: 'other',
	minutes: 20,
	...change
});
const steps = daySteps({
	before: [step('out', { kind: 'removal', product: 'bleachWash' })],
	lift: visit.lift,
	after: [step('tint', { product: 'permanent' }), step('nothing', { covers: nowhere() })]
});
function nowhere() {
	return { root: false, lengths: false, ends: false };
}
const limitOf = (product: string) => (product === 'permanent' ? 45 : 30);

describe('what has a clock of its own', () => {
	it('stands in the order of the day, lowlights beside the main application, toners last', () => {
		const filler = { parts: visit.tone.parts, minutes: 10, isToner: true };
		const all = dayProcesses(steps, { ...visit.tone, filler }, 25, limitOf);
		expect(all.map(({ of, when }) => `${of} ${when}`)).toEqual([
			'out before',
			'lowlights beside',
			'tint after',
			'filler after',
			'toner after'
		]);
		expect(all.find(({ of }) => of === 'filler')?.name).toBe('firstToner');
	});
	it('lightener keeps to the limit of its product and is looked at; colour is not held to one', () => {
		const all = dayProcesses(steps, visit.tone, 25, limitOf);
		expect(all[0]).toMatchObject({ minutes: 20, limitMinutes: 30, lifts: true });
		expect(all.find(({ of }) => of === 'tint')).toMatchObject({ limitMinutes: 45, lifts: false });
		expect(all.find(({ of }) => of === 'lowlights')).toMatchObject({ minutes: 25, lifts: false });
		expect(all.find(({ of }) => of === 'toner')?.limitMinutes).toBeUndefined();
	});
	it('a zone whose toner was begun apart counts as it was planned then', () => {
		const clocks = [
			{ of: 'toner:ends', minutes: 12, elapsedSeconds: 0 },
			{ of: 'toner:root', minutes: 18, elapsedSeconds: 0 }
		];
		const all = dayProcesses(daySteps(visit), visit.tone, undefined, limitOf, clocks);
		expect(all.map(({ of, zone, minutes }) => [of, zone, minutes])).toEqual([
			['toner', undefined, visit.tone.minutes],
			['toner:root', 'root', 18],
			['toner:ends', 'ends', 12]
		]);
	});
	it('no toner and no lowlights, no clock', () => {
		const tone = { ...visit.tone, choice: 'none' as const };
		expect(dayProcesses(daySteps(visit), tone, undefined, limitOf)).toEqual([]);
	});
});
