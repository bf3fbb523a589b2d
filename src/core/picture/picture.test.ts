import { describe, expect, it } from 'vitest';
import { hueOf, labOf, levelOf, type Spectrum } from '../colour';
import { lightenPigment, naturalPigment } from '../hair';
import {
	CURVES,
	DAYLIGHT_SCENE,
	grey,
	hairOf,
	LAMPS,
	numbers,
	patchOf,
	type LampName,
	type Scene
} from '../../testing/camera';
import { bandOf, isTakeable, readPicture, SURFACES, type Lamp, type Reference } from '.';

type SurfaceKind = keyof typeof SURFACES;
const lifted = (dose: number, from = 3) =>
	hairOf(lightenPigment(naturalPigment(from, 'neutral'), dose));
const natural = (level: number) => hairOf(naturalPigment(level, 'neutral'));
const surface = (kind: SurfaceKind, scene: Scene, off = 1): Reference => ({
	kind,
	patch: patchOf(grey(SURFACES[kind].luminance * off), scene)
});
const swatches = (levels: readonly number[], scene: Scene): Reference[] =>
	levels.map((level) => ({ kind: 'swatch', level, patch: patchOf(natural(level), scene, true) }));
function read(hair: Spectrum, scene: Scene, references: readonly Reference[] = [], lamp?: Lamp) {
	const answer = readPicture({ hair: [patchOf(hair, scene, true)], references, lamp });
	if (!answer.ok) throw new Error(answer.problem);
	return answer.reading;
}

const SAID: Readonly<Record<LampName, Lamp>> = {
	daylight: 'daylight',
	window: 'daylight',
	shade: 'daylight',
	coolLed: 'led',
	neutralLed: 'led',
	warmLed: 'led',
	bulb: 'bulb',
	tube: 'tube'
};

/** Errors over lamps, curves and hair, with what stands beside the hair. */
function errors(beside: (scene: Scene, next: () => number) => readonly Reference[]) {
	const next = numbers(5);
	const levels: number[] = [];
	const hues: number[] = [];
	let inside = 0;
	let seed = 1;
	for (const lamp of Object.keys(LAMPS) as LampName[]) {
		for (const curve of Object.keys(CURVES) as (keyof typeof CURVES)[]) {
			for (let k = 0; k < 4; k++) {
				const hair = lifted(k === 0 ? 0 : 4 * next(), 2 + Math.floor(6 * next()));
				const scene: Scene = {
					lamp,
					curve,
					balance: 0.4 + 0.5 * next(),
					exposure: 0.5 + 0.4 * next(),
					glare: 0.012 * next(),
					noise: 0.03,
					seed: seed++
				};
				const truth = labOf(hair);
				const reading = read(hair, scene, beside(scene, next), SAID[lamp]);
				const off = reading.level - levelOf(truth);
				levels.push(off);
				if (Math.abs(off) <= 1.28 * reading.sd) inside++;
				if (Math.hypot(truth.a, truth.b) > 12) {
					hues.push(((hueOf(reading.lab) - hueOf(truth) + 540) % 360) - 180);
				}
			}
		}
	}
	const rms = (all: readonly number[]) =>
		Math.sqrt(all.reduce((sum, x) => sum + x * x, 0) / all.length);
	return { level: rms(levels), hue: rms(hues), inside: inside / levels.length };
}
/** A card whose steps are off by what printers do, in standard deviations of it. */
const printed = (deviations: number) => (scene: Scene, next: () => number) =>
	(['cardWhite', 'cardGrey', 'cardBlack'] as const).map((kind) =>
		surface(kind, scene, Math.exp(deviations * SURFACES[kind].sd * Math.sqrt(12) * (next() - 0.5)))
	);

describe('over lamps, curves and hair', () => {
	it('swatches of the ring read within 0.2 level and 5°', () => {
		const { level, hue, inside } = errors((scene) => swatches([3, 6, 9], scene));
		expect(level).toBeLessThan(0.2);
		expect(hue).toBeLessThan(5);
		expect(inside).toBeGreaterThan(0.8);
	});
	it('a card that is what it should be, within 0.35 level and 6°', () => {
		const { level, hue, inside } = errors(printed(0));
		expect(level).toBeLessThan(0.35);
		expect(hue).toBeLessThan(6);
		expect(inside).toBeGreaterThan(0.75);
	});
	it('a card from any printer within 0.55 level and 6°, three quarters inside the band', () => {
		const { level, hue, inside } = errors(printed(1));
		expect(level).toBeLessThan(0.55);
		expect(hue).toBeLessThan(6);
		expect(inside).toBeGreaterThan(0.75);
	});
	it('a plain grey card is less sure on dark hair, and says so', () => {
		const { level, hue, inside } = errors((scene) => [surface('greyCard', scene)]);
		expect(level).toBeLessThan(0.6);
		expect(hue).toBeLessThan(6);
		expect(inside).toBeGreaterThan(0.75);
	});
	it('nothing beside the hair is a guess with a band that holds', () => {
		const { inside } = errors(() => []);
		expect(inside).toBeGreaterThan(0.75);
	});
});

describe('what stands beside the hair', () => {
	const bulb: Scene = { ...DAYLIGHT_SCENE, lamp: 'bulb', curve: 'soft', exposure: 0.6 };
	it('the surer, the more is known', () => {
		const hair = natural(3);
		const none = read(hair, bulb);
		const card = read(hair, bulb, [surface('greyCard', bulb)]);
		const steps = read(hair, bulb, [
			surface('cardWhite', bulb),
			surface('cardGrey', bulb),
			surface('cardBlack', bulb)
		]);
		const ring = read(hair, bulb, swatches([2, 5], bulb));
		expect(none.sd).toBeGreaterThan(card.sd);
		expect(card.sd).toBeGreaterThan(steps.sd);
		expect(steps.sd).toBeGreaterThan(ring.sd);
		expect(none).toMatchObject({ trust: 'poor' });
		expect(none.doubts).toContain('noReference');
		expect(card.doubts).toContain('farFromReferences');
		expect(ring).toMatchObject({ trust: 'good', doubts: [] });
	});
	it('one plain surface alone never claims a tenth of a level', () => {
		for (const level of [1, 3, 5, 7]) {
			const scene = DAYLIGHT_SCENE;
			const card = read(natural(level), scene, [surface('greyCard', scene)]);
			expect(bandOf(card)).toBeGreaterThan(0.3);
		}
	});
	it('past one level to either side it is a guess that cannot be taken', () => {
		expect(isTakeable({ sd: 0.77 })).toBe(true);
		expect(isTakeable({ sd: 0.8 })).toBe(false);
		const none = read(natural(3), bulb);
		expect(isTakeable(none)).toBe(bandOf(none) <= 1);
		if (!isTakeable(none)) expect(none.trust).toBe('poor');
	});
	it('a single swatch tells light and lamp, two tell the curve too', () => {
		const hair = lifted(2);
		const truth = levelOf(labOf(hair));
		const one = read(hair, bulb, swatches([6], bulb));
		const two = read(hair, bulb, swatches([5, 8], bulb));
		expect(Math.abs(one.level - truth)).toBeLessThan(0.4);
		expect(Math.abs(two.level - truth)).toBeLessThan(0.25);
		expect(two.sd).toBeLessThan(one.sd);
	});
	it('a swatch whose colour was read counts with that', () => {
		const own = hairOf(naturalPigment(6.5, 'golden'));
		const hair = lifted(2);
		const scene = DAYLIGHT_SCENE;
		const patch = patchOf(own, scene, true);
		const named = read(hair, scene, [{ kind: 'swatch', level: 6, patch }]);
		const known = read(hair, scene, [{ kind: 'swatch', level: 6, lab: labOf(own), patch }]);
		const truth = levelOf(labOf(hair));
		expect(Math.abs(known.level - truth)).toBeLessThan(0.15);
		expect(Math.abs(named.level - truth)).toBeGreaterThan(Math.abs(known.level - truth));
	});
	it('surfaces that cannot both be what they are called are told', () => {
		const scene = DAYLIGHT_SCENE;
		const wrong = read(lifted(2), scene, [
			{ kind: 'swatch', level: 2, patch: patchOf(natural(9), scene, true) },
			{ kind: 'swatch', level: 9, patch: patchOf(natural(3), scene, true) }
		]);
		expect(wrong.doubts).toContain('referencesDisagree');
		expect(wrong.trust).not.toBe('good');
	});
	it('the light that was named turns the hue back', () => {
		const scene: Scene = { ...DAYLIGHT_SCENE, lamp: 'coolLed' };
		const hair = lifted(2.5);
		const off = (lamp?: Lamp) =>
			Math.abs(
				hueOf(read(hair, scene, [surface('greyCard', scene)], lamp).lab) - hueOf(labOf(hair))
			);
		expect(off('led')).toBeLessThan(off('daylight'));
		expect(off('led')).toBeLessThan(5);
	});
});

describe('what spoils a picture', () => {
	const card = (scene: Scene) => [surface('greyCard', scene)];
	it('a strong cast, even when it was corrected', () => {
		const scene: Scene = { ...DAYLIGHT_SCENE, lamp: 'bulb', balance: 0.05, exposure: 0.5 };
		expect(read(lifted(3), scene, card(scene)).doubts).toContain('strongCast');
	});
	it('burnt-out hair, and a burnt-out card', () => {
		const bright: Scene = { ...DAYLIGHT_SCENE, exposure: 2.6 };
		expect(read(lifted(5), bright, card(bright)).doubts).toContain('clipped');
		const burnt = readPicture({
			hair: [patchOf(lifted(3), DAYLIGHT_SCENE, true)],
			references: [{ kind: 'greyCard', patch: patchOf(grey(1.4), DAYLIGHT_SCENE) }]
		});
		expect(burnt.ok && burnt.reading.doubts).toEqual(['referenceClipped', 'noReference']);
	});
	it('a colour that no hair has is refused, and every dyed one is read', () => {
		const flat = (r: number, g: number, b: number) => ({
			pixels: Uint8ClampedArray.from({ length: 4 * 400 }, (_, i) => [r, g, b, 255][i % 4]!)
		});
		expect(readPicture({ hair: [flat(0, 200, 0)] })).toEqual({ ok: false, problem: 'notHair' });
		expect(readPicture({ hair: [flat(250, 20, 20)] })).toEqual({ ok: false, problem: 'notHair' });
		// A violet and a blue as fashion tones come out, and a bright copper.
		for (const [r, g, b] of [
			[120, 80, 150],
			[70, 110, 160],
			[190, 90, 40]
		] as const)
			expect(readPicture({ hair: [flat(r, g, b)] }).ok).toBe(true);
	});
	it('too little light, and wet shine', () => {
		const night: Scene = { ...DAYLIGHT_SCENE, exposure: 0.06 };
		expect(read(natural(2), night, card(night)).doubts).toContain('tooDark');
		const { pixels } = patchOf(lifted(2.5), DAYLIGHT_SCENE, true);
		for (let i = 0; i < pixels.length; i += 4 * 5) pixels.fill(235, i, i + 3);
		const wet = readPicture({ hair: [{ pixels }], references: card(DAYLIGHT_SCENE) });
		expect(wet.ok && wet.reading.doubts).toContain('wet');
	});
	it('patches of two colours', () => {
		const answer = readPicture({
			hair: [patchOf(lifted(1), DAYLIGHT_SCENE, true), patchOf(lifted(4), DAYLIGHT_SCENE, true)]
		});
		expect(answer.ok && answer.reading.doubts).toContain('uneven');
		expect(answer.ok && answer.reading.sd).toBeGreaterThan(1);
	});
	it('no hair, or hardly a pixel of it', () => {
		expect(readPicture({ hair: [] })).toMatchObject({ ok: false, problem: 'noHair' });
		const crumb = patchOf(lifted(3), DAYLIGHT_SCENE, true, 20);
		expect(readPicture({ hair: [crumb] })).toMatchObject({ ok: false, problem: 'tooSmall' });
	});
});

describe('two kinds of hair in one picture', () => {
	const scenes = (Object.keys(LAMPS) as LampName[]).flatMap((lamp, i) =>
		(Object.keys(CURVES) as (keyof typeof CURVES)[]).map((curve, k): Scene => ({
			...DAYLIGHT_SCENE,
			lamp,
			curve,
			seed: 100 * i + k
		}))
	);
	/** A patch of strands of which some are of another hair. */
	const among = (dark: Spectrum, light: Spectrum, share: number, scene: Scene) => {
		const pixels = patchOf(dark, scene, true).pixels.slice();
		const other = patchOf(light, { ...scene, seed: scene.seed + 1 }, true).pixels;
		for (let i = 0; i < pixels.length / 4; i++) {
			if (Math.floor(i / 7) % 20 >= share * 20) continue;
			pixels.set(other.subarray(4 * i, 4 * i + 4), 4 * i);
		}
		return { pixels };
	};
	const kindsOf = (patch: { readonly pixels: Uint8ClampedArray }, scene: Scene, lamp: Lamp) => {
		const references = swatches([4, 6, 9], scene);
		const answer = readPicture({ hair: [patch], references, lamp });
		if (!answer.ok) throw new Error(answer.problem);
		return answer.reading.kinds;
	};
	it('one kind of hair, with its glints and shadow, is never taken for two', () => {
		for (const scene of scenes)
			for (const dose of [0, 2.5])
				expect(kindsOf(patchOf(lifted(dose), scene, true), scene, 'unknown')).toBeUndefined();
	});
	it('light pieces are told by their part and their level in every light', () => {
		for (const scene of scenes)
			for (const share of [0.3]) {
				const [dark, light] = [lifted(0.8), lifted(3)];
				const kinds = kindsOf(among(dark, light, share, scene), scene, SAID[scene.lamp])!;
				expect(kinds.light.share).toBeCloseTo(share, 1);
				expect(Math.abs(kinds.light.level - levelOf(labOf(light)))).toBeLessThan(0.6);
				expect(Math.abs(kinds.dark.level - levelOf(labOf(dark)))).toBeLessThan(0.6);
			}
	});
});
