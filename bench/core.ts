import { finish } from '../src/core/steps';
import { runningHead, stageHeadSteps, type HeadStaging } from '../src/core/work';
import { stageBowls } from '../src/core/work/staging';
import { judgeAim } from '../src/core/plan/judge';
import { searchPlans } from '../src/core/plan/search';
import { AREAS } from '../src/core/vocabulary';
import { paintStrand } from '../src/charts/strand/paint';
import type { Rgb } from '../src/core/colour';
import { weaveStrand } from '../src/charts/strand/weave';
import { naturalPigment } from '../src/core/hair';
import {
	evenPoints,
	headAt,
	headInterval,
	labOfFibre,
	levelInterval,
	liftCourse,
	pigmentOnPath,
	predictLift,
	readyHead,
	startOfReading,
	type Application,
	type Fibre,
	type HeadArea,
	type LiftEvent,
	type Mixture
} from '../src/core/lift';
import { contactsAt } from '../src/core/lift/events';
import { levelOfFibre } from '../src/core/lift/fibre';
import { integratePoint } from '../tests/reference/rungeKutta';

import { rawLab, targetLab } from '../src/core/tone';
import { solveTone } from '../src/core/toner/solve';
import { measure, type Comparison, type Timing } from './measure';

const head = { naturalLevel: 5, texture: 'medium' } as const;
const start: Fibre = { ...naturalPigment(5, 'neutral'), layers: [] };
const foil: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 45,
	placement: 'foil'
};

/** A strand of 60 points as heads have them: regrowth, lengths with old colour, lightened ends. */
const old = startOfReading({
	naturalLevel: 5,
	warmth: 'neutral',
	presentLevel: 4,
	artificial: [{ kind: 'permanent', level: 4, tone: 'N', layers: 2 }]
}).fibre;
const ends: Fibre = { ...pigmentOnPath(5, 'neutral', 8), layers: [] };
const strandOf = (name: HeadArea['name']): HeadArea => ({
	name,
	whiteShare: 0,
	points: evenPoints(
		29.5,
		(cm) => ({
			fibre: cm < 5 ? start : cm < 24 ? old : ends,
			condition: 90,
			porosity: 'normal'
		}),
		0.5
	)
});
const areas = AREAS.map(strandOf);
const cream: Mixture = { product: 'cream', volume: 20, ratio: 1.5, placement: 'onScalp' };
const events: LiftEvent[] = [
	{ kind: 'apply', minute: 0, mixture: cream, fromCm: 2.5 },
	{ kind: 'apply', minute: 15, mixture: cream, mixedMinute: 13, toCm: 2.4 },
	{ kind: 'refresh', minute: 35, fromCm: 20 },
	{ kind: 'wipe', minute: 50, fromCm: 24 },
	{ kind: 'rinse', minute: 58 }
];
const strand = areas.slice(0, 1);
const wholeHead = readyHead(areas, events, head);
/** The strand as the plain method works it out. */
const plainly = () =>
	strand[0]!.points.map(({ distanceCm, fibre }) =>
		integratePoint(fibre, contactsAt(events, 'nape', distanceCm), distanceCm, head, 60)
	);

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

const sections = Array.from({ length: 12 }, (_, i) => ({
	id: `section ${i + 1}`,
	grams: 40,
	minutesToApply: 5,
	placement: i < 4 ? ('foilCovered' as const) : ('foil' as const)
}));
const commonOfBench = {
	fibre: { ...naturalPigment(4, 'neutral'), layers: [] },
	factors: { naturalLevel: 4, texture: 'medium' as const },
	product: 'powder' as const,
	ratio: 2,
	stock: [10, 20, 30],
	ceiling: 30
};
const staging = { ...commonOfBench, sections, rinseMinute: 85 };

/** A head of 24 sections while its service runs. */
const running: HeadStaging = {
	passes: [
		{
			sections: Array.from({ length: 24 }, (_, i) => ({
				...sections[i % sections.length]!,
				id: `section ${i + 1}`,
				minutesToApply: 2
			}))
		}
	],
	common: { ...commonOfBench, target: 8 },
	volume: 20,
	processMinutes: 40,
	rinse: {},
	staged: true
};
const runningBowls = finish(stageHeadSteps({ head: running }));
if (!runningBowls.ok) throw new Error('the head of the bench cannot be staged');
const { staging: staged } = runningBowls;
const service = {
	taps: runningBowls.staging.finish.map(({ section, appliedToMinute }) => ({
		act: 'on' as const,
		section,
		minute: appliedToMinute
	}))
};

/** Everything that runs without a page. */
export function coreTimings(): Timing[] {
	let minute = 0;
	const next = () => (minute = (minute + 1) % 60);
	const weave = weaveStrand(1600, 104, 7);
	const pixels = new Uint8ClampedArray(1600 * 104 * 4);
	const colours: Rgb[] = Array.from({ length: 61 }, (_, i) => [0.4 + i / 200, 0.3, 0.2]);
	return [
		measure('predict one application', () => predictLift(start, [foil], head)),
		measure(
			'strand of 60 points through 60 min of events',
			() => headAt(readyHead(strand, events, head), 60),
			0.5
		),
		measure(
			'whole head of 8 areas at a minute, from its events',
			() => headAt(readyHead(areas, events, head), next()),
			4
		),
		measure('the same with the colour of every point', () =>
			headAt(wholeHead, next()).map(({ points }) => points.map(({ fibre }) => labOfFibre(fibre)))
		),
		measure('interval of a whole head, 256 draws', () => headInterval(wholeHead, 60), 120, 30),
		measure('interval of one level', () => levelInterval(start, [foil], head)),
		measure('course of an hour with interval', () => liftCourse(start, foil, head, 60)),
		measure(
			'search of plans, coloured head',
			() =>
				searchPlans({ fibre: old, factors: head, condition: 90 }, 9, {
					pace: 'steady',
					maxVisits: 4
				}),
			600,
			20
		),
		measure(
			'verdict on an aim, three zones',
			() =>
				judgeAim({
					hair: [start, old, { ...start, eumelanin: start.eumelanin * 0.9 }].map((fibre, i) => ({
						id: String(i),
						head: { fibre, factors: head, condition: 90 },
						target: 9
					}))
				}),
			undefined,
			10
		),
		measure('staging, 12 sections', () => stageBowls(staging), 100, 40),
		measure(
			'a tick of the running service, 24 sections',
			() => runningHead(running, staged, { ...service, minute: 20 + (next() % 40) }),
			4
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

/** The closed form side by side with plain fourth-order Runge-Kutta at 0.05 min. */
export function plainComparison(): Comparison {
	const fast = measure('fast', () => headAt(readyHead(strand, events, head), 60));
	const plain = measure('plain', plainly, undefined, 20);
	const levels = headAt(readyHead(strand, events, head), 60)[0]!.points.map(({ level }) => level);
	const errors = plainly().map((fibre, i) => Math.abs(levelOfFibre(fibre) - levels[i]!));
	return {
		name: 'strand of 60 points through 60 min against Runge-Kutta at 0.05 min',
		fastMs: fast.median,
		plainMs: plain.median,
		ratio: plain.median / fast.median,
		worstErrorLevels: Math.max(...errors)
	};
}
