import { paintStrand, type Rgb } from '../src/lib/charts/strand/paint';
import { weaveStrand } from '../src/lib/charts/strand/weave';
import { naturalPigment } from '../src/lib/core/hair';
import {
	labOfFibre,
	levelInterval,
	lightenStrand,
	liftCourse,
	pigmentOnPath,
	predictLift,
	strandPoints,
	type Application,
	type Fibre
} from '../src/lib/core/lift';
import { estimateSessions } from '../src/lib/core/plan';
import { rawLab, solveTone, targetLab } from '../src/lib/core/tone';
import { measure, type Timing } from './measure';

const head = { naturalLevel: 5, texture: 'medium' } as const;
const start: Fibre = { ...naturalPigment(5, 'neutral'), layers: [] };
const foil: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 45,
	placement: 'foil'
};
const points = strandPoints([{ toCm: 30, fibre: start, covered: true }], 30);

const raw = { pigment: pigmentOnPath(4, 'neutral', 9) };
const shelf = [5, 6, 7, 8, 9, 10]
	.flatMap((level) =>
		['N', 'V', 'B', 'A', 'P', 'G', 'C', 'M', 'R'].flatMap((tone) =>
			[0.6, 1, 1.5, 2].map((intensity) => ({
				id: `${level}${tone}${intensity}`,
				level,
				tone,
				intensity,
				vehicle: 'demi' as const
			}))
		)
	)
	.slice(0, 200);
const problem = (shades: typeof shelf) => ({
	raw,
	target: targetLab({ level: 8.5, direction: 'beige', keepWarmth: 0.4 }, rawLab(raw)),
	shelf: shades,
	conditions: { vehicle: 'demi' as const, ratio: 2, minutes: 20 },
	totalGrams: 40
});

/** Everything that runs without a page. */
export function coreTimings(): Timing[] {
	let minute = 0;
	const next = () => (minute = (minute + 1) % 60);
	const weave = weaveStrand(1600, 104, 7);
	const pixels = new Uint8ClampedArray(1600 * 104 * 4);
	const colours: Rgb[] = points.map((_, i) => [0.4 + i / 200, 0.3, 0.2]);
	return [
		measure('predict one application', () => predictLift(start, [foil], head)),
		measure('strand of 61 points at a minute, with colours', () =>
			lightenStrand(points, foil, head, next()).map((fibre) => labOfFibre(fibre))
		),
		measure('interval of one level', () => levelInterval(start, [foil], head)),
		measure('course of an hour with interval', () => liftCourse(start, foil, head, 60)),
		measure('sessions estimate', () =>
			estimateSessions({ ...naturalPigment(2, 'neutral'), layers: [] }, [foil], head, { level: 9 })
		),
		measure(
			'solve a toner, 60 shades',
			() => solveTone(problem(shelf.slice(0, 60))),
			undefined,
			60
		),
		measure('solve a toner, 200 shades', () => solveTone(problem(shelf)), 200, 30),
		measure(
			'paint a strand, 800 px at 2×, in Node',
			() => paintStrand(weave, { hair: colours }, pixels),
			8
		),
		measure(
			'weave a strand, 800 px at 2× (once per size)',
			() => weaveStrand(1600, 104, 7),
			undefined,
			12
		)
	];
}
