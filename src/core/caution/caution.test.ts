import { describe, expect, it } from 'vitest';
import { docTable } from '../../testing/docTable';
import { quietFacts as quiet } from '../../testing/quietFacts';
import {
	CAUTION_RULES,
	checkCautions,
	patchStanding,
	strandStanding,
	USUAL_CEILINGS,
	type Facts
} from '.';

const CLEAN = { standing: 'clean' } as const;

/** For every rule: facts that call it, and the nearest facts that do not. */
const CASES: Record<string, { yes: Partial<Facts>; no: Partial<Facts> }> = {
	patchReaction: { yes: { patchTest: { standing: 'reacted' } }, no: {} },
	cutEnds: { yes: { coveredEndsCondition: 54 }, no: { coveredEndsCondition: 55 } },
	patchMissing: {
		yes: { patchTest: { standing: 'none' } },
		no: { patchTest: { standing: 'none' }, usesOxidative: false }
	},
	patchOld: { yes: { patchTest: { standing: 'due', hoursAgo: 5000 } }, no: {} },
	patchTooFresh: {
		yes: { patchTest: { standing: 'waiting', hoursAgo: 47, readableOn: '2026-03-04' } },
		no: {}
	},
	colourAllergy: {
		yes: { sensitivities: ['colourAllergy'] },
		no: { sensitivities: ['colourAllergy'], usesOxidative: false }
	},
	persulfateAllergy: {
		yes: { sensitivities: ['persulfateAllergy'] },
		no: { sensitivities: ['persulfateAllergy'], product: 'highLift' }
	},
	asthma: {
		yes: { sensitivities: ['asthma'] },
		no: { sensitivities: ['asthma'], product: 'permanent' }
	},
	blackHenna: {
		yes: { sensitivities: ['blackHenna'] },
		no: { sensitivities: ['blackHenna'], usesOxidative: false }
	},
	medicine: { yes: { sensitivities: ['medicine'] }, no: { sensitivities: ['asthma'] } },
	strandOutdated: {
		yes: { strandTest: { standing: 'outdated', by: '2026-02-01' } },
		no: { strandTest: CLEAN }
	},
	metallicSalts: { yes: { metallicSalts: true }, no: { metallicSalts: true, strandTest: CLEAN } },
	henna: {
		yes: { henna: true, strandTest: { standing: 'pending' } },
		no: { henna: true, strandTest: CLEAN }
	},
	strandReacted: { yes: { strandTest: { standing: 'reacted' } }, no: { strandTest: CLEAN } },
	scalpIrritated: { yes: { scalpIrritated: true }, no: {} },
	freshRelaxer: { yes: { relaxerWeeksAgo: 3 }, no: { relaxerWeeksAgo: 4 } },
	underSixteen: { yes: { underSixteen: true }, no: {} },
	oldColour: { yes: { oldColour: true }, no: { oldColour: true, strandTest: CLEAN } },
	minerals: { yes: { minerals: 'copper' }, no: {} },
	onScalpStrength: { yes: { onScalp: true, volume: 22.5 }, no: { onScalp: true, volume: 20 } },
	fortyVolume: {
		yes: { volume: 40, ceilings: { ...USUAL_CEILINGS, offScalp: 40 } },
		no: { volume: 40 }
	},
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
		const found = checkCautions({ ...quiet, metallicSalts: true, minerals: 'iron', retouchCm: 3 });
		expect(found.map(({ severity }) => severity)).toEqual(['stop', 'ask', 'note']);
		for (const { title, why, todo } of found) {
			expect([title, why, todo].every((text) => text.length > 8 && !text.includes('!'))).toBe(true);
		}
	});
	it('look at every application of the day, and tell each caution once', () => {
		const found = checkCautions(quiet, { ...quiet, volume: 35 }, { ...quiet, volume: 38 });
		expect(found.map(({ code }) => code)).toEqual(['overCeiling']);
		expect(found[0]!.why).toContain('35 vol');
		const ceilings = { ...USUAL_CEILINGS, offScalp: 35 };
		expect(checkCautions({ ...quiet, volume: 35, ceilings })).toEqual([]);
	});
});

describe('a patch test', () => {
	const NOW = '2026-03-02';
	const set = (date: string, reacted = false) => ({ date, reacted });
	it('waits two days, holds half a year, and is due then', () => {
		expect(patchStanding([], NOW)).toEqual({ standing: 'none' });
		expect(patchStanding([set('2026-03-01')], NOW)).toMatchObject({
			standing: 'waiting',
			readableOn: '2026-03-03'
		});
		expect(patchStanding([set('2026-02-28')], NOW)).toMatchObject({
			standing: 'valid',
			validUntil: '2026-08-29'
		});
		expect(patchStanding([set('2025-08-01')], NOW)).toMatchObject({ standing: 'due' });
	});
	it('is judged by the latest, and a reaction is never forgotten', () => {
		expect(patchStanding([set('2026-02-20'), set('2024-02-20')], NOW).standing).toBe('valid');
		expect(patchStanding([set('2026-02-20'), set('2024-02-20', true)], NOW).standing).toBe(
			'reacted'
		);
	});
});

describe('a strand test', () => {
	const NOW = '2026-03-02';
	const clean = (date: string) => ({ date, result: 'clean' as const });
	it('holds for the hair as it was when it was tried', () => {
		expect(strandStanding([], [], NOW).standing).toBe('none');
		expect(strandStanding([clean('2026-02-01')], ['2026-01-01'], NOW).standing).toBe('clean');
		expect(strandStanding([clean('2026-02-01')], ['2026-02-20', '2026-02-10'], NOW)).toEqual({
			standing: 'outdated',
			by: '2026-02-10'
		});
		expect(strandStanding([clean('2025-07-01')], [], NOW).standing).toBe('due');
	});
	it('keeps its word when it failed, whatever came after', () => {
		const reacted = [{ date: '2024-02-01', result: 'reacted' as const }];
		expect(strandStanding(reacted, ['2025-01-01'], NOW).standing).toBe('reacted');
		const pending = [...reacted, { date: '2026-03-01', result: 'pending' as const }];
		expect(strandStanding(pending, [], NOW).standing).toBe('pending');
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
