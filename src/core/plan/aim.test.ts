import { CURL_HANG } from './panel';
import { DOORS } from './doors';
import { judgeAim } from './judge';
import { type DoorFacts } from './doors';
import { type HiddenPanel } from './panel';
import { RESULT_KIND_NAMES } from '../vocabulary';
import { describe, expect, it } from 'vitest';
import { fibreOfReading, pigmentOnPath } from '../lift';
import { rawLab, targetLab, type Direction } from '../tone';
import {
	closedDoors,
	freshenWeek,
	kindOfAim,
	panelShows,
	priceRange,
	trueDepositLevel,
	type AimedHair
} from '.';

const natural = (level: number, rest: Partial<AimedHair> = {}): AimedHair => ({
	id: 'lengths',
	target: 9,
	head: {
		fibre: fibreOfReading({ naturalLevel: level, warmth: 'neutral', artificial: [] }),
		factors: { naturalLevel: level, texture: 'medium' },
		condition: 100
	},
	...rest
});

/** Dark hair with nothing left to give. */
const worn = (rest: Partial<AimedHair> = {}): AimedHair => {
	const dark = natural(2, { target: 10, ...rest });
	return { ...dark, head: { ...dark.head, condition: 60 } };
};

describe('an aim is judged', () => {
	it('as there already, today, in visits, or not with this hair', () => {
		expect(judgeAim({ hair: [natural(9)] })).toMatchObject({ verdict: 'already', visits: 0 });
		expect(judgeAim({ hair: [natural(6)] })).toMatchObject({ verdict: 'today', visits: 1 });
		expect(judgeAim({ hair: [natural(1, { target: 11 })] })).toMatchObject({ verdict: 'visits' });
		expect(judgeAim({ hair: [worn()] }).verdict).toBe('notSo');
		expect(judgeAim({ hair: [] })).toMatchObject({ verdict: 'already', condition: 100 });
	});

	it('by the hair that needs most', () => {
		const judged = judgeAim({ hair: [natural(6), natural(2, { id: 'ends' })] });
		expect(judged.hardest).toBe('ends');
		expect(judged.visits).toBe(judgeAim({ hair: [natural(2)] }).visits);
	});

	it('by the slower of two that need as many visits: the scalp warms a root, and a bowl is for both', () => {
		for (const level of [2, 4, 6]) {
			const lengths = natural(level);
			const at = { distanceCm: 1, porosity: 'normal' } as const;
			const root = { ...lengths, id: 'root', head: { ...lengths.head, at } };
			for (const hair of [
				[root, lengths],
				[lengths, root]
			]) {
				const judged = judgeAim({ hair });
				expect(judged.decides).toBe('lengths');
				expect(judged.lifts?.level).toBe(judgeAim({ hair: [lengths] }).lifts?.level);
			}
		}
	});

	it('never asks for more visits of a lesser aim', () => {
		const visits = [6, 7, 8, 9, 10].map(
			(target) => judgeAim({ hair: [natural(4, { target })] }).visits
		);
		expect(visits).toEqual([...visits].sort((p, q) => p - q));
	});

	it('offers cutting what holds it up, where enough is left, and added hair always', () => {
		const kinds = (cutLeavesCm: number) =>
			judgeAim({
				hair: [natural(6), worn({ id: 'ends', cutLeavesCm })]
			}).alternatives.map(({ kind }) => kind);
		expect(kinds(20)).toEqual(['nearest', 'cut', 'addedHair']);
		expect(kinds(3)).toEqual(['nearest', 'addedHair']);
	});

	it('tells how near one gets', () => {
		const [nearest] = judgeAim({ hair: [worn()] }).alternatives;
		expect(nearest).toMatchObject({ kind: 'nearest' });
		expect(nearest?.kind === 'nearest' && nearest.level).toBeGreaterThan(2);
	});
});

describe('a true deposit', () => {
	const rawAt = (level: number) => ({ pigment: pigmentOnPath(5, 'neutral', level) });
	const needs = (level: number, direction: Direction, keepWarmth: number) =>
		trueDepositLevel(
			rawAt,
			(raw) => targetLab({ level, direction, keepWarmth }, rawLab(raw)),
			level
		);
	it('needs nothing past the aim where all the warmth stays', () => {
		expect(needs(8, 'neutral', 1)).toBe(8);
	});
	it('asks for more the more warmth is to go, and for the palest shades most', () => {
		const levels = [0.9, 0.5, 0.1].map((keep) => needs(8, 'ash', keep) ?? 99);
		expect(levels).toEqual([...levels].sort((p, q) => p - q));
		expect(levels[2]!).toBeGreaterThanOrEqual(8.5);
		expect(needs(10, 'silver', 0) ?? 99).toBeGreaterThan(10);
	});
});

describe('a hidden panel', () => {
	const panel: HiddenPanel = {
		topEdgeCm: 18,
		lengthCm: 30,
		curl: 'straight',
		layers: 'none',
		worn: 'down'
	};
	it('is hidden under straight hair of one length, and shows when it is worn up', () => {
		expect(panelShows(panel).showsCm).toBe(0);
		expect(panelShows({ ...panel, worn: 'up' })).toEqual({ showsCm: 30, hangsCm: 30 });
	});
	it('shows more with curl and with layers, never more than there is', () => {
		const curls = (['straight', 'wavy', 'curly', 'coily'] as const).map(
			(curl) => panelShows({ ...panel, curl }).showsCm
		);
		expect(curls).toEqual([...curls].sort((p, q) => p - q));
		expect(panelShows({ ...panel, layers: 'many' }).showsCm).toBeCloseTo(10.5, 9);
		const short = panelShows({ ...panel, lengthCm: 4, curl: 'coily' });
		expect(short.showsCm).toBe(4 * CURL_HANG.coily);
	});
	it('half up bares what starts above the ears', () => {
		expect(panelShows({ ...panel, topEdgeCm: 10, worn: 'halfUp' }).showsCm).toBe(30);
		expect(panelShows({ ...panel, worn: 'halfUp' }).showsCm).toBe(0);
	});
});

describe('kinds of result', () => {
	const problem = {
		naturalLevel: 5,
		presentLevel: 5,
		lengthCm: 30,
		level: 8.5,
		direction: 'beige'
	} as const;
	it('fill a whole aim in, within the scale', () => {
		for (const kind of RESULT_KIND_NAMES) {
			const aim = kindOfAim(kind, problem);
			expect(aim.level).toBeGreaterThanOrEqual(1);
			expect(aim.level + aim.liftPast).toBeLessThanOrEqual(12);
			expect(aim.lightShare).toBeGreaterThan(0);
			expect((aim.lowlights?.level ?? 5) >= problem.naturalLevel).toBe(true);
			expect(aim.rootDepth?.cm ?? 1).toBeLessThan(problem.lengthCm);
		}
	});
	it('keep the wish where they can', () => {
		expect(kindOfAim('solid', problem)).toMatchObject({ level: 8.5, direction: 'beige' });
		expect(kindOfAim('pastel', problem)).toMatchObject({ level: 9.5, direction: 'rose' });
		expect(kindOfAim('pastel', { ...problem, direction: 'silver' }).direction).toBe('silver');
		expect(kindOfAim('freshen', problem)).toMatchObject({ level: 5, liftPast: 0 });
	});
});

describe('doors', () => {
	const open: DoorFacts = {
		kind: 'dimensional',
		level: 8,
		direction: 'beige',
		presentLevel: 6,
		lightDownBy: 0,
		lowlights: false,
		lightShare: 0.6,
		conditionAfter: 90
	};
	const CASES: Record<string, Partial<DoorFacts>> = {
		darkOverLight: { lightDownBy: 1 },
		weak: { conditionAfter: 60 },
		solidLine: { kind: 'solid', lightShare: 1, level: 8.5 },
		paleCanvas: { level: 9.5 },
		shortLived: { kind: 'pastel' },
		lowlights: { lowlights: true }
	};
	it('each have a case here', () => {
		expect(Object.keys(CASES).sort()).toEqual(DOORS.map(({ code }) => code).sort());
		expect(closedDoors(open)).toEqual([]);
	});
	it.each(Object.entries(CASES))('%s closes when it should', (code, facts) => {
		expect(closedDoors({ ...open, ...facts })).toContain(code);
	});
});

describe('upkeep', () => {
	it('freshens a toner when half of it is gone', () => {
		const lab = { l: 80, a: 0, b: 20 };
		const week = (week: number, left: number) => ({ week, left, lab, level: 9 });
		expect(freshenWeek([week(0, 1), week(1, 0.7), week(2, 0.45)])).toBe(2);
		expect(freshenWeek([week(0, 0), week(1, 0.9)])).toBeUndefined();
	});
	it('tells prices in tens, both ways', () => {
		expect(priceRange(200)).toEqual({ low: 170, high: 230 });
	});
});
