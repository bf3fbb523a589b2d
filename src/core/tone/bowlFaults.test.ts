import { describe, expect, it } from 'vitest';
import { bowlFaults } from './bowlFaults';
import type { DepositConditions } from './deposit';
import type { FormulaPart } from './formula';

const DEMI: DepositConditions = { vehicle: 'demi', ratio: 2, minutes: 20 };
const RAW = { pigment: { eumelanin: 0.05, pheomelanin: 0.6 } };
const HEAD = { raw: RAW, porous: false };
const shade = (level: number, tone: string, grams: number): FormulaPart => ({ level, tone, grams });
const codes = (...of: Parameters<typeof bowlFaults>) => bowlFaults(...of).map(({ code }) => code);

describe('what is wrong with a bowl', () => {
	it('a deep shade with pale ones, from three levels and 15 % of it on', () => {
		const bowl = (level: number, grams: number) => [
			shade(9, 'V', 100 - grams),
			shade(level, 'N', grams)
		];
		expect(codes(bowl(6, 15), DEMI, HEAD)).toEqual(['deepWithPale']);
		expect(codes(bowl(6, 14), DEMI, HEAD)).toEqual([]);
		expect(codes(bowl(7, 50), DEMI, HEAD)).toEqual([]);
		expect(bowlFaults(bowl(5, 20), DEMI, HEAD)[0]).toEqual({ code: 'deepWithPale', levels: 4 });
	});
	it('clear and concentrates have no depth to speak of', () => {
		const parts: FormulaPart[] = [
			shade(9, 'V', 20),
			{ clear: true, grams: 40 },
			{ level: 5, tone: 'B', grams: 10, form: 'concentrate' }
		];
		expect(codes(parts, DEMI, HEAD)).toEqual([]);
		expect(codes([{ clear: true, grams: 40 }], DEMI, HEAD)).toEqual([]);
	});
	it('direct colour over porous hair, and no other colour', () => {
		const porous = { ...HEAD, porous: true };
		const direct: DepositConditions = { vehicle: 'direct', ratio: 1, minutes: 20 };
		expect(codes([shade(9, 'V', 20)], direct, porous)).toEqual(['directOnPorous']);
		expect(codes([shade(9, 'V', 20)], direct, HEAD)).toEqual([]);
		expect(codes([shade(9, 'V', 20)], DEMI, porous)).toEqual([]);
	});
	it('white hair that comes out warmer than the rest, where there is a tenth of it', () => {
		const grey = { eumelanin: 3, pheomelanin: 0.2 };
		const warm = [shade(7, 'G', 30)];
		const with_ = (whiteShare: number) => ({ ...HEAD, raw: { pigment: grey, whiteShare } });
		expect(codes(warm, DEMI, with_(0.3))).toEqual(['whiteWarm']);
		expect(codes(warm, DEMI, with_(0.05))).toEqual([]);
		expect(codes([shade(7, 'V', 30)], DEMI, with_(0.3))).toEqual([]);
	});
	it('natural red and coarse hair take little, unless the colour opens it', () => {
		const parts = [shade(8, 'V', 30)];
		expect(codes(parts, { ...DEMI, naturalRed: true }, HEAD)).toEqual(['takesLittle']);
		expect(codes(parts, { ...DEMI, texture: 'coarse' }, HEAD)).toEqual(['takesLittle']);
		expect(codes(parts, { ...DEMI, vehicle: 'permanent', naturalRed: true }, HEAD)).toEqual([]);
	});
});
