import { describe, expect, it } from 'vitest';
import { docTable } from '../../testing/docTable';
import { CAUTION_RULES, checkCautions, type Facts } from '.';

/** A head without anything to be careful of. */
const quiet: Facts = {
	patchTest: { hoursAgo: 72, reacted: false },
	henna: false,
	metallicSalts: false,
	oldColour: false,
	minerals: false,
	scalpIrritated: false,
	underSixteen: false,
	product: 'powder',
	placement: 'foil',
	volume: 20,
	minutes: 40,
	limitMinutes: 50,
	onScalp: false,
	overlapsLightened: false,
	hotRootLevels: 0,
	conditionBefore: 100,
	conditionAfter: 85,
	usesOxidative: true
};

/** For every rule: facts that call it, and the nearest facts that do not. */
const CASES: Record<string, { yes: Partial<Facts>; no: Partial<Facts> }> = {
	patchReaction: { yes: { patchTest: { hoursAgo: 72, reacted: true } }, no: {} },
	cutEnds: { yes: { coveredEndsCondition: 54 }, no: { coveredEndsCondition: 55 } },
	patchMissing: {
		yes: { patchTest: undefined },
		no: { patchTest: undefined, usesOxidative: false }
	},
	patchOld: {
		yes: { patchTest: { hoursAgo: 5000, reacted: false } },
		no: { patchTest: { hoursAgo: 4300, reacted: false } }
	},
	patchTooFresh: {
		yes: { patchTest: { hoursAgo: 47, reacted: false } },
		no: { patchTest: { hoursAgo: 48, reacted: false } }
	},
	metallicSalts: { yes: { metallicSalts: true }, no: { metallicSalts: true, strandTest: 'clean' } },
	henna: { yes: { henna: true, strandTest: 'pending' }, no: { henna: true, strandTest: 'clean' } },
	strandReacted: { yes: { strandTest: 'reacted' }, no: { strandTest: 'clean' } },
	scalpIrritated: { yes: { scalpIrritated: true }, no: {} },
	freshRelaxer: { yes: { relaxerWeeksAgo: 3 }, no: { relaxerWeeksAgo: 4 } },
	underSixteen: { yes: { underSixteen: true }, no: {} },
	oldColour: { yes: { oldColour: true }, no: { oldColour: true, strandTest: 'clean' } },
	minerals: { yes: { minerals: true }, no: {} },
	onScalpStrength: { yes: { onScalp: true, volume: 22.5 }, no: { onScalp: true, volume: 20 } },
	fortyVolume: { yes: { volume: 40 }, no: { volume: 40, product: 'highLift' } },
	overCeiling: { yes: { volume: 35 }, no: { volume: 30 } },
	overTime: { yes: { minutes: 51 }, no: { minutes: 50 } },
	conditionStop: { yes: { conditionAfter: 39 }, no: { conditionAfter: 40 } },
	conditionFragile: { yes: { conditionAfter: 54 }, no: { conditionAfter: 55 } },
	overlap: { yes: { overlapsLightened: true }, no: { overlapsLightened: true, volume: 10 } },
	band: { yes: { retouchCm: 3.8 }, no: { retouchCm: 2.5 } },
	hotRoots: { yes: { hotRootLevels: 0.6 }, no: { hotRootLevels: 0.3 } },
	tonerStrength: { yes: { tonerVolume: 20 }, no: { tonerVolume: 7 } }
};

const codes = (facts: Partial<Facts>) =>
	checkCautions({ ...quiet, ...facts }).map(({ code }) => code);

describe('cautions', () => {
	it('are silent for a head without anything to be careful of', () => {
		expect(checkCautions(quiet)).toEqual([]);
	});

	it('each have a case here', () => {
		expect(Object.keys(CASES).sort()).toEqual(CAUTION_RULES.map(({ code }) => code).sort());
	});

	it.each(Object.entries(CASES))('%s speaks when it should and only then', (code, { yes, no }) => {
		expect(codes(yes)).toContain(code);
		expect(codes(no)).not.toContain(code);
	});

	it('give the reason and what to do in plain words, the most serious first', () => {
		const found = checkCautions({ ...quiet, metallicSalts: true, minerals: true, volume: 40 });
		expect(found.map(({ severity }) => severity)).toEqual(['stop', 'ask', 'note']);
		for (const { title, why, todo } of found) {
			expect([title, why, todo].every((text) => text.length > 8 && !text.includes('!'))).toBe(true);
		}
	});
});

describe('docs/cautions.md', () => {
	it('lists every rule as the code has it', () => {
		const rows = CAUTION_RULES.map(({ code, severity, station, title, why, todo }) => {
			const facts = { ...quiet, ...CASES[code]!.yes };
			return `| \`${code}\` | ${severity} | ${station} | ${title} | ${why(facts)} | ${todo} |`;
		});
		const table = [
			'| code | severity | where | when | why, on an example head | what to do |',
			'| --- | --- | --- | --- | --- | --- |',
			...rows
		].join('\n');
		const { shown, computed } = docTable('docs/cautions.md', 'caution', table);
		expect(shown).toBe(computed);
	});
});
