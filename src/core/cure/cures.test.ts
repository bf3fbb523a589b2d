import { describe, expect, it } from 'vitest';
import { levelOf } from '../colour';
import { levelOfFibre, pigmentOnPath } from '../lift';
import { previewTone, rawLab, targetLab } from '../tone';
import { TONE_FAULTS } from '../vocabulary';
import { causeOf, type FaultFacts } from './causes';
import { cures, type CureProblem } from './cures';

const CONDITIONS = { vehicle: 'demi', ratio: 2, minutes: 20 } as const;
const shelf = ['N', 'V', 'BV', 'A', 'B', 'M', 'G', 'C', 'R'].flatMap((tone) =>
	[5, 6, 7, 8, 9, 10].map((level) => ({
		id: `${level}${tone}`,
		level,
		tone,
		vehicle: 'demi' as const
	}))
);
const fibreAt = (level: number) => ({ ...pigmentOnPath(4, 'neutral', level), layers: [] });
const aim = (level: number, lifted: number) =>
	targetLab(
		{ level, direction: 'neutral', keepWarmth: 1 / 3 },
		rawLab({ pigment: fibreAt(lifted) })
	);
const toned = (lifted: number) =>
	previewTone({ pigment: fibreAt(lifted) }, [{ level: 9, tone: 'V', grams: 30 }], CONDITIONS).dyes;

const PROBLEM: CureProblem = {
	fault: 'overViolet',
	fibre: fibreAt(9),
	whiteShare: 0,
	dye: toned(9),
	seenLevel: 8,
	target: aim(8.75, 9),
	shelf,
	conditions: CONDITIONS,
	totalGrams: 20,
	habit: { washesPerWeek: 3 },
	head: { naturalLevel: 4, texture: 'medium' },
	condition: 80,
	placement: 'foil',
	mostVolume: 40
};
const solve = (change: Partial<CureProblem>) => cures({ ...PROBLEM, ...change });
const actsOf = (change: Partial<CureProblem>) => solve(change).cures.map(({ act }) => act);

describe('what is done where it went wrong', () => {
	it('begins from what is seen: as deep as somebody says, and leaning where the fault is', () => {
		const violet = solve({});
		expect(violet.level).toBeCloseTo(8, 1);
		const plain = rawLab({ pigment: PROBLEM.fibre, dye: PROBLEM.dye });
		expect(violet.before.b).toBeLessThan(plain.b - 5);
		const green = solve({ fault: 'overGreen' });
		expect(green.before.a).toBeLessThan(violet.before.a - 5);
	});
	it('every act brings it nearer to what it should be, the gentlest stands first', () => {
		const order = ['clarify', 'wait', 'tone', 'warmGloss', 'redCopper', 'again', 'lift'];
		for (const fault of TONE_FAULTS) {
			const { before, cures: found } = solve({ fault, fibre: fibreAt(7.5), seenLevel: 7 });
			const { deltaE: worst } = { deltaE: Infinity, ...found[0] };
			expect(before).toBeDefined();
			expect(worst).toBeGreaterThan(0);
			const places = found.map(({ act }) => order.indexOf(act));
			expect(places).toEqual(places.toSorted((p, q) => p - q));
		}
	});
	it('against violet and ash: clarify, wait, then a warm gloss of warm or natural shades alone', () => {
		expect(actsOf({})).toEqual(['clarify', 'wait', 'warmGloss']);
		// A clarifying wash takes what four ordinary ones do; one waits a week.
		expect(solve({}).cures[0]).toMatchObject({ washes: 4 });
		expect(solve({}).cures[1]).toMatchObject({ weeks: 1 });
		for (const cure of solve({}).cures) {
			if (!('formula' in cure)) continue;
			expect(cure.formula.shadeIds.every((id) => /[NGCR]$/.test(id))).toBe(true);
		}
	});
	it('against green: red or copper, and nothing else', () => {
		const cure = solve({ fault: 'overGreen' }).cures.find(({ act }) => act === 'redCopper');
		expect(cure && 'formula' in cure && cure.formula.shadeIds.every((id) => /[RC]$/.test(id))).toBe(
			true
		);
		expect(cure!.lab.a).toBeGreaterThan(solve({ fault: 'overGreen' }).before.a + 2);
	});
	it('too dark: washes first, and a bleach wash of 10 vol at most that stops at the level aimed at', () => {
		const { cures: found } = solve({ fault: 'tooDark', seenLevel: 7 });
		expect(found.map(({ act }) => act)).toEqual(['clarify', 'wait', 'lift']);
		const lift = found.at(-1)!;
		expect(lift).toMatchObject({ act: 'lift', volume: 10 });
		if (lift.act !== 'lift') return;
		expect(lift.minutes).toBeLessThanOrEqual(15);
		expect(lift.level).toBeLessThan(levelOf(PROBLEM.target) + 0.35);
		expect(lift.level).toBeGreaterThan(7);
	});
	it('never more strength than the place allows, and none on hair that does not bear it', () => {
		const dark = { fault: 'tooDark', seenLevel: 7 } as const;
		const weak = solve({ ...dark, mostVolume: 5 }).cures.find(({ act }) => act === 'lift');
		expect(weak).toMatchObject({ volume: 5 });
		expect(actsOf({ ...dark, mostVolume: 0 })).toEqual(['clarify', 'wait']);
		expect(actsOf({ ...dark, condition: 55 })).not.toContain('lift');
		expect(actsOf({ ...dark, condition: 70 })).toContain('lift');
	});
	it('a hot root is toned alone, towards the hair beside it', () => {
		const { cures: found, before } = solve({
			fault: 'hotRoot',
			fibre: fibreAt(9.5),
			dye: {},
			seenLevel: 9.5
		});
		expect(found.map(({ act }) => act)).toEqual(['tone']);
		expect(found[0]!.level).toBeLessThan(levelOf(before));
		expect(found[0]!.deltaE).toBeLessThan(3);
	});
	it('a band that lags is lifted alone; a toner cannot do it', () => {
		const band = { fault: 'band', fibre: fibreAt(7), dye: {}, seenLevel: 7 } as const;
		const lift = solve(band).cures.find(({ act }) => act === 'lift');
		expect(lift!.level).toBeGreaterThan(levelOfFibre(fibreAt(7)) + 0.3);
	});
	it('a toner that slid off hair that had too much holds better after a day', () => {
		const spent = { ...CONDITIONS, doseToday: 13 };
		const [again] = solve({ fault: 'slidOff', dye: {}, conditions: spent }).cures;
		expect(again).toMatchObject({ act: 'again' });
		expect(again!.deltaE).toBeLessThan(3);
	});
});

describe('why it came about', () => {
	const FACTS: FaultFacts = {
		regrowthCm: 2,
		oldColour: false,
		porous: false,
		bareLevel: 9,
		holds: 1,
		takesLittle: false
	};
	it.each([
		['band', {}, 'overlap'],
		['band', { regrowthCm: 2.6 }, 'longRegrowth'],
		['warmEnds', {}, 'coolEnds'],
		['warmEnds', { oldColour: true }, 'oldColour'],
		['overViolet', {}, 'tooLong'],
		['overViolet', { bareLevel: 9.5 }, 'tooPale'],
		['overViolet', { porous: true }, 'porous'],
		['overViolet', { porous: true, bareLevel: 9.5 }, 'tooPale'],
		['overAsh', {}, 'tooLong'],
		['overAsh', { porous: true }, 'porous'],
		['overGreen', {}, 'coldOnYellow'],
		['hotRoot', {}, 'rootTooEarly'],
		['spot', {}, 'missed'],
		['tooDark', {}, 'tooDeepShade'],
		['tooDark', { porous: true }, 'porous'],
		['slidOff', { holds: 0.8 }, 'spent'],
		['slidOff', { takesLittle: true }, 'holdsLittle'],
		['slidOff', {}, 'porous'],
		['patchy', {}, 'evenness'],
		['patchy', { porous: true }, 'porous']
	] as const)('%s with %o: %s', (fault, change, cause) => {
		expect(causeOf(fault, { ...FACTS, ...change })).toBe(cause);
	});
});
