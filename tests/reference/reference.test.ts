import { type WARMTH } from '../../src/core/hair/constants';
import { activity } from '../../src/core/lift/application';
import { wearOf } from '../../src/core/lift/wear';
import { describe, expect, it } from 'vitest';
import { labOf, levelOf, reflectance, absorbance, type Lab } from '../../src/core/colour';
import { labOfMixture, labOfPigment, naturalPigment } from '../../src/core/hair';
import { predictLift, type Application, type Fibre } from '../../src/core/lift';
import { depositShares, previewTone, type FormulaPart, type Vehicle } from '../../src/core/tone';
import reference from './engine-reference.json';

/** The tolerances engine.md sets for agreement with the independent implementation. */
const LAB = 0.3;
const LEVEL = 0.03;

const expectLab = (lab: Lab, [l, a, b]: readonly number[]) => {
	expect(Math.abs(lab.l - l!), `L* ${lab.l} for ${l}`).toBeLessThan(LAB);
	expect(Math.abs(lab.a - a!), `a* ${lab.a} for ${a}`).toBeLessThan(LAB);
	expect(Math.abs(lab.b - b!), `b* ${lab.b} for ${b}`).toBeLessThan(LAB);
};

const close = (value: number, expected: number, within: number) => {
	expect(Math.abs(value - expected), `${value} for ${expected}`).toBeLessThan(within);
};

interface Stage {
	vol: number;
	ratio: number;
	min: number;
	temp?: number;
	product?: string;
	placement?: string;
	section?: string;
	distanceCm?: number;
}

const applicationOf = (stage: Stage): Application => ({
	product: (stage.product ?? 'powder') as Application['product'],
	volume: stage.vol,
	ratio: stage.ratio,
	minutes: stage.min,
	placement: (stage.placement ?? 'foil') as Application['placement'],
	section: stage.section as Application['section'],
	temperatureC: stage.temp,
	distanceCm: stage.distanceCm
});

describe('reference rows', () => {
	it.each(reference.natural)('natural hair $level $warmth', (row) => {
		const pigment = naturalPigment(row.level, row.warmth as keyof typeof WARMTH);
		close(pigment.eumelanin, row.E, 0.002);
		close(pigment.pheomelanin, row.P, 0.002);
		expectLab(labOfPigment(pigment), row.lab);
		close(levelOf(labOfPigment(pigment)), row.level, LEVEL);
	});

	it('white hair', () => {
		expectLab(labOf(reflectance(absorbance(0, 0))), reference.white_hair);
	});

	it.each(reference.white_mix)('$natural with a share of $share white', (row) => {
		expectLab(labOfMixture(naturalPigment(row.natural, 'neutral'), row.share), row.lab);
	});

	it.each(reference.activity)('activity of a mixture $minutes_mixed min old', (row) => {
		const mixture = { volume: row.vol, ratio: row.ratio };
		const value = activity(mixture, row.minutes_mixed, row.minutes_applied, row.moisture);
		close(value, row.activity, 1e-4);
	});

	it.each([...reference.lift, ...reference.lift_named])(
		'lift of $natural $warmth $texture, $stages',
		(row) => {
			const warmth = row.warmth as keyof typeof WARMTH;
			const head = {
				naturalLevel: row.natural,
				texture: row.texture as 'fine' | 'medium' | 'coarse'
			};
			const start: Fibre = { ...naturalPigment(row.natural, warmth), layers: [] };
			const applications = (row.stages as Stage[]).map(applicationOf);
			const results = predictLift(start, applications, head);
			expect(results).toHaveLength(row.result.length);
			results.forEach((result, i) => {
				const expected = row.result[i] as { lab: number[]; level: number; dose: number };
				expectLab(result.lab, expected.lab);
				close(result.level, expected.level, LEVEL);
				close(result.dose, expected.dose, 0.001);
				const wear = (expected as { wear?: number }).wear;
				if (wear !== undefined) close(wearOf(applications[i]!, head), wear, 2e-4);
			});
		}
	);

	it.each(reference.tone)('toning $parts as $vehicle for $minutes min', (row) => {
		const conditions = {
			vehicle: row.vehicle as Vehicle,
			ratio: row.ratio,
			minutes: row.minutes,
			porosity: row.porosity as 'low' | 'normal' | 'high'
		};
		const raw = { pigment: { eumelanin: row.E, pheomelanin: row.P } };
		expectLab(labOfPigment(raw.pigment), row.raw_lab);
		close(depositShares(conditions, row.E).tone, row.deposit, 1e-3);
		const preview = previewTone(raw, row.parts as FormulaPart[], conditions);
		expectLab(preview.lab, row.lab);
		close(preview.level, row.level, LEVEL);
	});
});
