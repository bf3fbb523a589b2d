import { type Patch } from './read';
import { uniformFloat32 } from 'pure-rand/distribution/uniformFloat32';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { describe, expect, it } from 'vitest';
import { hueOf, labOfLinear, rgbOf, type Lab } from '../colour';
import { labOfPigment, naturalPigment } from '../hair';
import { pigmentOnPath } from '../lift';
import { readPicture } from '.';

type Light = readonly [number, number, number];
const DAYLIGHT: Light = [1, 1, 1];
const LAMP: Light = [1.15, 0.95, 0.72];
const SHADE: Light = [0.42, 0.48, 0.55];

const linear = (c: number) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4);
const encoded = (x: number) => {
	const c = Math.min(1, Math.max(0, x));
	return Math.round(255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055));
};

/** A picture of a colour in a light: glints, shadow between the strands, and the noise of a phone. */
function shot(
	rgb: readonly number[],
	light: Light,
	{ hair = true, pixels = 3000, glints = 0.08, exposure = 1 } = {}
): Patch {
	const random = xoroshiro128plus(11);
	const next = () => uniformFloat32(random);
	const data = new Uint8ClampedArray(pixels * 4);
	for (let i = 0; i < pixels; i++) {
		const u = next();
		const shade = !hair ? 1 : u < glints ? 2.6 : u < glints + 0.18 ? 0.35 : 0.92 + 0.16 * next();
		for (let c = 0; c < 3; c++) {
			const noise = 1 + 0.06 * (next() - 0.5);
			data[4 * i + c] = encoded(linear(rgb[c]!) * light[c]! * shade * noise * exposure);
		}
		data[4 * i + 3] = 255;
	}
	return { pixels: data };
}
/** An 18 % card, as sRGB. */
const CARD = [0.4663, 0.4663, 0.4663];
const TOWEL = [0.9063, 0.9063, 0.9063];
const hairOf = (lab: Lab) => rgbOf(lab);
const read = (lab: Lab, light: Light, card = true, change: object = {}) => {
	const answer = readPicture({
		hair: [shot(hairOf(lab), light, change)],
		...(card
			? {
					reference: {
						kind: 'greyCard' as const,
						patch: shot(CARD, light, { hair: false, ...change })
					}
				}
			: {})
	});
	if (!answer.ok) throw new Error(answer.problem);
	return answer.reading;
};
const lifted = (level: number) => labOfPigment(pigmentOnPath(3, 'neutral', level));

describe('a picture with a grey card', () => {
	it.each([
		['daylight', DAYLIGHT],
		['lamp', LAMP],
		['shade', SHADE]
	] as const)('in %s is read within 0.3 level and 4° of hue', (_, light) => {
		for (const level of [5, 6, 7, 8, 9, 9.5]) {
			const reading = read(lifted(level), light);
			expect(Math.abs(reading.level - level), `level ${level}`).toBeLessThan(0.3);
			expect(Math.abs(hueOf(reading.lab) - hueOf(lifted(level))), `hue at ${level}`).toBeLessThan(
				4
			);
		}
		const brown = labOfPigment(naturalPigment(4, 'neutral'));
		expect(Math.abs(read(brown, light).level - 4)).toBeLessThan(0.3);
	});
	it('is surer than one without, and says what to do', () => {
		const without = read(lifted(8), LAMP, false);
		expect(without.doubts).toContain('noReference');
		expect(without.trust).toBe('poor');
		expect(without.sd).toBeGreaterThan(read(lifted(8), DAYLIGHT).sd);
		expect(read(lifted(8), DAYLIGHT)).toMatchObject({ trust: 'good', doubts: [] });
	});
	it('works with a white towel as well', () => {
		const answer = readPicture({
			hair: [shot(hairOf(lifted(8)), SHADE)],
			reference: { kind: 'whiteTowel', patch: shot(TOWEL, SHADE, { hair: false }) }
		});
		expect(answer.ok && Math.abs(answer.reading.level - 8)).toBeLessThan(0.35);
	});
});

describe('what spoils a picture', () => {
	it('a strong cast, even when it was corrected', () => {
		expect(read(lifted(8), [1.1, 0.8, 0.45]).doubts).toContain('strongCast');
	});
	it('burnt-out hair, and a burnt-out card', () => {
		const bright = read(lifted(10), DAYLIGHT, true, { exposure: 2.6 });
		expect(bright.doubts).toContain('clipped');
		const burnt = readPicture({
			hair: [shot(hairOf(lifted(8)), DAYLIGHT)],
			reference: { kind: 'greyCard', patch: shot([1, 1, 1], DAYLIGHT, { hair: false }) }
		});
		expect(burnt.ok && burnt.reading.doubts).toEqual(['referenceClipped', 'noReference']);
	});
	it('too little light, and wet shine', () => {
		expect(
			read(labOfPigment(naturalPigment(2, 'neutral')), DAYLIGHT, true, { exposure: 0.1 }).doubts
		).toContain('tooDark');
		expect(read(lifted(7), DAYLIGHT, true, { glints: 0.2 }).doubts).toContain('wet');
	});
	it('patches of two colours', () => {
		const answer = readPicture({
			hair: [shot(hairOf(lifted(6)), DAYLIGHT), shot(hairOf(lifted(9)), DAYLIGHT)]
		});
		expect(answer.ok && answer.reading.doubts).toContain('uneven');
		expect(answer.ok && answer.reading.sd).toBeGreaterThan(1);
	});
	it('no hair, or hardly a pixel of it', () => {
		expect(readPicture({ hair: [] })).toMatchObject({ ok: false, problem: 'noHair' });
		const crumb = shot(hairOf(lifted(8)), DAYLIGHT, { pixels: 20 });
		expect(readPicture({ hair: [crumb] })).toMatchObject({ ok: false, problem: 'tooSmall' });
	});
});

it('linear light becomes the Lab that display colours come from', () => {
	const lab = lifted(8);
	const [r, g, b] = rgbOf(lab).map(linear) as [number, number, number];
	const back = labOfLinear(r, g, b);
	expect(back.l).toBeCloseTo(lab.l, 1);
	expect(back.a).toBeCloseTo(lab.a, 0);
	expect(back.b).toBeCloseTo(lab.b, 0);
});
