import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import type { Shelf, Visit } from '../../schema/records';
import { demoShelf } from '../demo/shelf';
import { MOMENT, NOW } from '../../testing/demoVisit';
import { leafOf } from '../index/leaf';
import { newVisit } from '../commands/newVisit';
import { countStock, dropStock } from '../commands/stock';
import {
	gramPrice,
	moneyByMonth,
	reorderCsv,
	stockRows,
	toBuy,
	usedAt,
	weighedCost
} from './stock';

const plain: Shelf = { ...demoShelf(NOW), stock: {} };
const COUNTED = '2026-02-01T09:00:00.000Z';
const shelf: Shelf = {
	...plain,
	stock: {
		'lightener:powder': {
			grams: 500,
			countedAt: COUNTED,
			packGrams: 500,
			packPrice: 30,
			leastGrams: 400
		},
		'developer:20': { grams: 1000, countedAt: COUNTED, packGrams: 1000, packPrice: 12 },
		'colour:lantern-demi-9-V': {
			grams: 60,
			countedAt: COUNTED,
			packGrams: 60,
			useBy: '2026-03-01'
		}
	}
};
const bowl = (at: string, kind: 'lightener' | 'toner', parts: Record<string, number>) => ({
	id: `${kind} ${at}`,
	kind,
	number: 1,
	at,
	volume: 20,
	ratio: 2,
	sections: [],
	parts: Object.entries(parts).map(([key, grams]) => ({ key, name: key, grams, target: grams })),
	done: true
});
const visitWith = (mixed: Visit['bowls']['mixed'], over: Partial<Visit> = {}): Visit => {
	const visit = newVisit('c', MOMENT);
	return { ...visit, ...over, bowls: { ...visit.bowls, mixed } };
};
const worked = visitWith([
	bowl('2026-02-10T10:00:00.000Z', 'lightener', { lightener: 80, 'developer:20': 160 }),
	bowl('2026-02-10T12:00:00.000Z', 'toner', { 'colour:lantern-demi-9-V': 30, 'developer:7': 45 }),
	// Before anybody counted.
	bowl('2026-01-20T10:00:00.000Z', 'lightener', { lightener: 70 })
]);
const row = (key: string, visits: readonly Visit[] = [worked]) =>
	stockRows(shelf, visits.map(leafOf), MOMENT.day).find((each) => each.key === key)!;

describe('the shelf', () => {
	it('counts down by what was weighed since it was counted', () => {
		expect(row('lightener:powder').left.grams).toBe(420);
		expect(row('developer:20').left.grams).toBe(840);
		expect(row('colour:lantern-demi-9-V').left.grams).toBe(30);
		expect(row('lightener:powder', []).left.grams).toBe(500);
		expect(stockRows(plain, [leafOf(worked)], MOMENT.day)).toEqual([]);
	});
	it('a bleach wash comes out of the tub of powder, a second lightener out of its own', () => {
		const wash = { ...worked, lift: { ...worked.lift, product: 'bleachWash' as const } };
		expect(row('lightener:powder', [wash]).left.grams).toBe(420);
		const cream = { ...worked, lift: { ...worked.lift, product: 'cream' as const } };
		expect(row('lightener:powder', [cream]).left.grams).toBe(500);
	});
	it('says what is to be bought, also what is past its date, in a list that reads back', () => {
		const more = visitWith([
			bowl('2026-02-20T10:00:00.000Z', 'lightener', { lightener: 60, 'developer:20': 120 })
		]);
		const rows = stockRows(shelf, [worked, more].map(leafOf), MOMENT.day);
		expect(toBuy(rows).map(({ row: { key }, packs }) => [key, packs])).toEqual([
			['lightener:powder', 1],
			['colour:lantern-demi-9-V', 1]
		]);
		const { data: list } = Papa.parse<Record<string, string>>(
			reorderCsv(rows, ({ kind }) => `=${kind}`),
			{ header: true }
		);
		expect(list).toHaveLength(2);
		expect(list[0]).toMatchObject({ what: "'=lightener", packs: '1', price: '30' });
	});
	it('tells how long it lasts at what was used of late', () => {
		// 150 g in eight weeks, also before it was counted.
		expect(row('lightener:powder').left.weeks).toBeCloseTo(420 / (150 / 8), 6);
	});
	it('is counted, counted anew, and no longer', () => {
		const draft: Shelf = { ...plain };
		const item = { grams: 10, countedAt: COUNTED, packGrams: 60 };
		countStock(draft, 'colour:a', item);
		countStock(draft, 'colour:b', item);
		dropStock(draft, 'colour:a');
		expect(Object.keys(draft.stock!)).toEqual(['colour:b']);
		dropStock(draft, 'colour:b');
		expect(draft.stock).toBeUndefined();
	});
});

describe('money', () => {
	it('a gram is priced by its own pack, else by what the salon says of its kind', () => {
		expect(gramPrice(shelf, 'lightener:powder', 'lightener')).toBeCloseTo(0.06, 9);
		expect(gramPrice(shelf, 'colour:lantern-demi-9-V', 'colour')).toBeCloseTo(0.14, 9);
		expect(gramPrice(undefined, 'x', 'colour')).toBeUndefined();
	});
	it('a visit costs what was weighed for it', () => {
		const cost = 150 * 0.06 + 160 * 0.012 + 30 * 0.14 + 45 * 0.012;
		expect(weighedCost(usedAt(worked), shelf)).toBeCloseTo(cost, 9);
		expect(weighedCost(usedAt(visitWith([])), shelf)).toBeUndefined();
	});
	it('a month sums what was asked, the hours and the materials of what was recorded', () => {
		const recorded = {
			...worked,
			result: {
				...worked.result,
				recordedAt: '2026-03-02T12:00:00.000Z',
				price: 200,
				tookMinutes: 150
			}
		};
		const unasked = {
			...recorded,
			result: { ...recorded.result, price: undefined }
		} as unknown as Visit;
		const months = moneyByMonth([recorded, unasked, worked].map(leafOf), shelf);
		expect(months).toHaveLength(1);
		expect(months[0]).toMatchObject({
			month: '2026-03',
			visits: 2,
			asked: 200,
			askedVisits: 1,
			minutes: 300
		});
		// A visit of which nobody knows the price neither earns nor costs anything of the hour.
		const cost = weighedCost(usedAt(worked), shelf)!;
		expect(months[0]!.hourEarned).toBeCloseTo((200 - cost) / 2.5, 9);
	});
	it('a month tells by how much visits ran over their plans, of those of which both are known', () => {
		const took = (tookMinutes: number | undefined, planned?: number) =>
			({
				...worked,
				result: {
					...worked.result,
					recordedAt: '2026-03-02T12:00:00.000Z',
					tookMinutes,
					...(planned === undefined ? {} : { planned: { minutes: planned, grams: 90 } })
				}
			}) as unknown as Visit;
		const over = (...visits: Visit[]) => moneyByMonth(visits.map(leafOf), shelf)[0]!.overMinutes;
		expect(over(took(150, 120), took(120, 130), took(90), took(undefined, 60))).toBeCloseTo(10, 9);
		expect(over(took(90))).toBeUndefined();
	});
});
