import { causeOf, type ToneFault } from '../../cure';
import { checkCautions, type CautionCode, type Facts } from '../../caution';
import type { Lab } from '../../colour';
import {
	doseToLevel,
	levelOfFibre,
	minutesForDose,
	predictLift,
	startOfReading,
	type Application,
	type Fibre,
	type HeadFactors
} from '../../lift';
import { naturalPigment } from '../../hair';
import { previewTone, type FormulaPart, type ToneWarning } from '../../tone';
import { AREAS, CHOSEN_PRODUCTS, factsOf, ORDER_NAMES, TEXTURES } from '../../vocabulary';
import { inOrder, type OrderName } from '../../work';
import type { Chance } from '../../numeric';
import { liftedTo, lightOf, shuffled, someOf, strandOf, within } from '../draw';
import type { Question, Rung } from '../question';

export const ORDER_MATTERS: readonly OrderName[] = ORDER_NAMES;

/** Which of some sections an order of work begins with. */
export function orderQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	const order = matter as OrderName;
	const areas = someOf(AREAS, rung <= 2 ? 3 : 4, chance);
	const levels = shuffled([3, 4, 5, 6], chance);
	const sections = areas.map((area, i) => ({ area, level: levels[i]! }));
	const sorted = inOrder(
		areas.map((area) => ({
			id: area,
			areas: [area],
			share: 1 / areas.length,
			picking: 'weave',
			angle: 'horizontal'
		})),
		order,
		({ id }) => sections.find(({ area }) => area === id)!.level
	).map(({ areas: [area] }) => area!);
	return {
		lesson: 'order',
		matter,
		rung,
		seed,
		light: 'daylight',
		strands: [],
		ask: { lesson: 'order', order, sections },
		answer: { form: 'choice', options: areas, right: sorted[0]! },
		because: { lesson: 'order', inOrder: sorted }
	};
}

const FOIL = { product: 'powder', ratio: 2, placement: 'foil' } as const;
const LIMIT_MINUTES = 50;
/** Levels below its aim at which hair is ready. */
const NEAR_ENOUGH = 0.25;

const naturalFibre = (level: number): Fibre => ({
	...naturalPigment(level, 'neutral'),
	layers: []
});
/** Minutes until hair of a level is ready; nothing where this mixture ends before. */
function readyAfter(
	start: number,
	aim: number,
	application: Omit<Application, 'minutes'>,
	head: HeadFactors
): number | undefined {
	const fibre = naturalFibre(start);
	return minutesForDose(
		{ ...application, minutes: 0 },
		head,
		doseToLevel(fibre, aim - NEAR_ENOUGH)
	);
}

export const RINSE_MATTERS = ['earlier', 'stronger', 'lighter', 'all'] as const;
/** Minutes between the first that is ready and the next, by rung. */
const READY_APART: Readonly<Record<Rung, number>> = { 1: 15, 2: 11, 3: 8, 4: 5, 5: 3 };
const TRIES = 600;

/** Which of three sections is to be rinsed first. */
export function rinseQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	const vary = (what: (typeof RINSE_MATTERS)[number]) => matter === what || matter === 'all';
	for (let i = 0; i < TRIES; i++) {
		const aim = chance.oneOf([7, 7.5, 8]);
		const base = { volume: chance.oneOf([15, 20]), level: chance.oneOf([4, 5]) };
		const sections = [0, 1, 2].map((n) => ({
			onAt: vary('earlier') ? Math.round(n * within(6, 14, chance)) : 0,
			volume: vary('stronger') ? chance.oneOf([10, 15, 20, 25, 30]) : base.volume,
			level: vary('lighter') ? chance.oneOf([3, 4, 5, 6]) : base.level
		}));
		const readyAt = sections.map(({ onAt, volume, level }) => {
			const head: HeadFactors = { naturalLevel: level, texture: 'medium' };
			const minutes = readyAfter(level, aim, { ...FOIL, volume }, head);
			return minutes === undefined ? undefined : onAt + minutes;
		});
		const times = readyAt.map((minute) => minute ?? Infinity).sort((p, q) => p - q);
		const told = Number.isFinite(times[0]) && times[1]! - times[0]! > READY_APART[rung];
		if (!told && i < TRIES - 1) continue;
		return {
			lesson: 'rinse',
			matter,
			rung,
			seed,
			light: 'daylight',
			strands: [],
			ask: { lesson: 'rinse', aim, sections },
			answer: {
				form: 'choice',
				options: ['1', '2', '3'],
				right: String(readyAt.findIndex((minute) => minute === times[0]) + 1)
			},
			because: { lesson: 'rinse', readyAt },
			explained: sections.map(({ level, volume, onAt }, k) => {
				const then = predictLift(
					naturalFibre(level),
					[{ ...FOIL, volume, minutes: Math.max(0, times[0]! - onAt) }],
					{ naturalLevel: level, texture: 'medium' }
				)[0]!;
				return { of: String(k + 1), labs: [then.lab], level: then.level };
			})
		};
	}
	throw new RangeError(`no sections for ${matter}`);
}

export const READY_MATTERS = ['rinse', 'leave', 'fresh'] as const;
/** Minutes between now and when it is ready, by rung. */
const OFF_READY: Readonly<Record<Rung, number>> = { 1: 18, 2: 13, 3: 9, 4: 6, 5: 4 };

/** Whether a strand is ready: rinse, leave it, or fresh product because this one ends below. */
export function readyQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	for (let i = 0; i < TRIES; i++) {
		const natural = chance.oneOf([3, 4, 5, 6, 7]);
		const aim = chance.oneOf([7, 8, 9, 9.5]);
		const volume = chance.oneOf([10, 20, 30]);
		const head: HeadFactors = { naturalLevel: natural, texture: chance.oneOf(TEXTURES) };
		const application = { ...FOIL, volume };
		const after = readyAfter(natural, aim, application, head);
		const readyAt = after !== undefined && after <= LIMIT_MINUTES ? after : undefined;
		const off = OFF_READY[rung];
		const minute =
			matter === 'fresh'
				? Math.round(within(25, 42, chance))
				: Math.round((readyAt ?? 0) + (matter === 'rinse' ? 0.3 : -1) * off);
		const at = (minutes: number) =>
			predictLift(naturalFibre(natural), [{ ...application, minutes }], head)[0]!;
		const endsAt = at(LIMIT_MINUTES).level;
		const fits =
			natural < aim - 1 &&
			(matter === 'fresh'
				? readyAt === undefined && endsAt < aim - 0.4
				: readyAt !== undefined && minute >= 5 && minute <= LIMIT_MINUTES - 4);
		if (!fits && i < TRIES - 1) continue;
		const right = readyAt === undefined ? 'fresh' : minute >= readyAt ? 'rinse' : 'leave';
		return {
			lesson: 'ready',
			matter,
			rung,
			seed,
			light: lightOf(rung, chance),
			strands: [strandOf([at(minute).lab], chance)],
			ask: { lesson: 'ready', aim, minute, volume, limitMinutes: LIMIT_MINUTES },
			answer: { form: 'choice', options: [...READY_MATTERS], right },
			because: { lesson: 'ready', level: at(minute).level, readyAt, endsAt },
			explained: [
				{ of: 'now', labs: [at(minute).lab], level: at(minute).level },
				...(readyAt === undefined
					? []
					: [{ of: 'ready', labs: [at(readyAt).lab], level: at(readyAt).level }]),
				{ of: 'limit', labs: [at(LIMIT_MINUTES).lab], level: endsAt }
			]
		};
	}
	throw new RangeError(`no strand for ${matter}`);
}

/** Faults that are drawn, of all that are cured at the basin. */
export const FAULT_MATTERS = [
	'hotRoot',
	'band',
	'warmEnds',
	'overViolet',
	'overGreen',
	'tooDark'
] as const satisfies readonly ToneFault[];
type DrawnFault = (typeof FAULT_MATTERS)[number];

/** Points along a drawn strand, and its length, cm. */
const POINTS = 16;
const LENGTH_CM = 28;
const distances = Array.from({ length: POINTS }, (_, i) => (i * LENGTH_CM) / (POINTS - 1));
/** Levels that a fault along the strand must stand out by, by rung. */
const STANDS_OUT: Readonly<Record<Rung, number>> = { 1: 0.9, 2: 0.75, 3: 0.6, 4: 0.5, 5: 0.4 };

/** A strand to which something happened, point by point; and its toner, where that was what went wrong. */
function strandWith(
	fault: DrawnFault,
	aim: number,
	chance: Chance
): { readonly fibres: readonly Fibre[]; readonly parts?: readonly FormulaPart[] } {
	const natural = chance.oneOf([3, 4, 5]);
	const head: HeadFactors = { naturalLevel: natural, texture: 'medium' };
	const start = naturalFibre(natural);
	const application = { ...FOIL, volume: chance.oneOf([20, 30]) };
	// Left open the lengths are cool, and the scalp's warmth tells.
	const open = { ...application, placement: 'openAir' } as const;
	const opened = (minutes: number, distanceCm: number) =>
		predictLift(start, [{ ...open, minutes, distanceCm }], head)[0]!.fibre;
	const lifted = (fibre: Fibre, minutes: number) =>
		predictLift(fibre, [{ ...application, minutes }], head)[0]!.fibre;
	const minutesTo = (how: Omit<Application, 'minutes'>) =>
		minutesForDose({ ...how, minutes: 0 }, head, doseToLevel(start, aim)) ?? LIMIT_MINUTES;
	const even = distances.map(() => liftedTo(aim, natural, 'neutral'));
	switch (fault) {
		case 'hotRoot': {
			// Root and lengths at once: the scalp's warmth takes the first centimetres further.
			const minutes = within(30, LIMIT_MINUTES, chance);
			return { fibres: distances.map((cm) => opened(minutes, cm)) };
		}
		case 'band': {
			// A regrowth longer than the warmth reaches, over lengths that are light already.
			const regrowth = within(6, 9, chance);
			const minutes = minutesTo({ ...open, distanceCm: 0.5 });
			return {
				fibres: distances.map((cm, i) => (cm > regrowth ? even[i]! : opened(minutes, cm)))
			};
		}
		case 'warmEnds': {
			const from = within(14, 19, chance);
			const old = startOfReading({
				naturalLevel: natural,
				warmth: 'neutral',
				artificial: [
					{
						kind: 'permanent',
						level: chance.oneOf([4, 5, 6]),
						tone: 'N',
						layers: chance.oneOf([1, 2, 3])
					}
				]
			}).fibre;
			const minutes = minutesTo(application);
			return {
				fibres: distances.map((cm) => lifted(cm > from ? old : start, minutes))
			};
		}
		case 'overViolet':
			return { fibres: even, parts: [{ level: Math.round(aim) - 1, tone: 'VV', grams: 40 }] };
		case 'overGreen':
			return {
				fibres: even,
				parts: [{ level: Math.round(aim), tone: chance.oneOf(['B', 'BM', 'M']), grams: 40 }]
			};
		case 'tooDark':
			return {
				fibres: even,
				parts: [{ level: Math.round(aim) - chance.oneOf([2, 3]), tone: 'N', grams: 40 }]
			};
	}
}

/** What a strand shows: along it by its levels, else by what its toner did. */
export function faultSeen(
	levels: readonly number[],
	warnings: readonly ToneWarning['code'][],
	least: number
): DrawnFault | undefined {
	const mean = (from: number, to: number) => {
		const part = levels.slice(Math.floor(from * levels.length), Math.ceil(to * levels.length));
		return part.reduce((sum, level) => sum + level, 0) / part.length;
	};
	const [root, middle, ends] = [levels[0]!, mean(0.4, 0.55), mean(0.85, 1)];
	const dip = Math.min(...levels.slice(1, Math.floor(0.4 * levels.length)));
	if (middle - dip >= least && root - dip >= least) return 'band';
	if (root - middle >= least) return 'hotRoot';
	if (middle - ends >= least) return 'warmEnds';
	if (warnings.includes('greenCast')) return 'overGreen';
	if (warnings.includes('violetCast')) return 'overViolet';
	return warnings.includes('tooDark') ? 'tooDark' : undefined;
}

/** What went wrong on a strand. */
export function faultQuestion(matter: string, rung: Rung, seed: number, chance: Chance): Question {
	for (let i = 0; i < TRIES; i++) {
		const aim = within(8, 10, chance);
		const { fibres, parts } = strandWith(matter as DrawnFault, aim, chance);
		const bare = fibres.map((fibre) => levelOfFibre(fibre));
		// What was asked for is what the sound part of it came to.
		const sound = matter === 'band' ? bare.at(-1)! : bare[POINTS / 2]!;
		const beige: readonly FormulaPart[] = [{ level: Math.round(sound), tone: 'P', grams: 30 }];
		const toned = fibres.map((fibre) =>
			previewTone({ pigment: fibre }, parts ?? beige, { vehicle: 'demi', ratio: 1.5, minutes: 20 })
		);
		const middle = toned[POINTS / 2]!;
		const fault = faultSeen(
			bare,
			middle.warnings.map(({ code }) => code),
			STANDS_OUT[rung]
		);
		if (fault !== matter && i < TRIES - 1) continue;
		if (fault === undefined) break;
		const labs: Lab[] = toned.map(({ lab }) => lab);
		const whole = matter === 'band' ? fibres.at(-1)! : fibres[POINTS / 2]!;
		const soundlyToned = previewTone({ pigment: whole }, beige, {
			vehicle: 'demi',
			ratio: 1.5,
			minutes: 20
		});
		return {
			lesson: 'faults',
			matter,
			rung,
			seed,
			light: lightOf(rung, chance),
			strands: [strandOf(labs, chance)],
			ask: { lesson: 'faults', aim: Math.round(2 * soundlyToned.level) / 2 },
			answer: { form: 'choice', options: [...FAULT_MATTERS], right: fault },
			because: { lesson: 'faults', fault, levels: toned.map(({ level }) => level) },
			explained: [
				{ of: 'seen', labs, level: middle.level },
				{ of: 'sound', labs: [soundlyToned.lab], level: soundlyToned.level }
			]
		};
	}
	throw new RangeError(`no strand shows ${matter}`);
}

/** Why a drawn fault came about, for the words beneath. */
export const causeOfDrawn = (fault: ToneFault) =>
	causeOf(fault, {
		regrowthCm: 7,
		oldColour: fault === 'warmEnds',
		porous: false,
		bareLevel: 9,
		holds: 1,
		takesLittle: false
	});

/** A head on which nothing stands in the way. */
const CALM: Facts = {
	patchTest: { standing: 'valid', hoursAgo: 480, validUntil: '2027-01-01' },
	strandTest: { standing: 'clean' },
	sensitivities: [],
	henna: false,
	metallicSalts: false,
	oldColour: false,
	scalpIrritated: false,
	underSixteen: false,
	product: 'powder',
	placement: 'foil',
	volume: 20,
	minutes: 35,
	limitMinutes: LIMIT_MINUTES,
	onScalp: false,
	hotRootLevels: 0,
	conditionBefore: 80,
	conditionAfter: 66,
	usesOxidative: true
};

/** What of a head or a plan calls for each caution. */
const CALLS_FOR: Readonly<Partial<Record<CautionCode, Partial<Facts>>>> = {
	patchReaction: { patchTest: { standing: 'reacted' } },
	colourAllergy: { sensitivities: ['colourAllergy'] },
	persulfateAllergy: { sensitivities: ['persulfateAllergy'] },
	asthma: { sensitivities: ['asthma'] },
	blackHenna: { sensitivities: ['blackHenna'] },
	patchMissing: { patchTest: { standing: 'none' } },
	patchOld: { patchTest: { standing: 'due', hoursAgo: 6600 } },
	patchTooFresh: { patchTest: { standing: 'waiting', hoursAgo: 20, readableOn: '2027-01-01' } },
	metallicSalts: { metallicSalts: true, strandTest: { standing: 'none' } },
	henna: { henna: true, strandTest: { standing: 'none' } },
	strandReacted: { strandTest: { standing: 'reacted' }, oldColour: true },
	scalpIrritated: { scalpIrritated: true },
	freshRelaxer: { relaxerWeeksAgo: 2 },
	underSixteen: { underSixteen: true },
	onScalpStrength: { onScalp: true, placement: 'onScalp', volume: 30 },
	overCeiling: { product: 'powder', volume: 40 },
	overTime: { minutes: 65 },
	conditionStop: { conditionBefore: 52, conditionAfter: 34 },
	overlap: { overlapVolume: 20 }
};
/** Nothing stands in the way, and whoever stops everybody is no help either. */
const NOTHING = 'none';
export const CAUTION_MATTERS: readonly string[] = [...Object.keys(CALLS_FOR), NOTHING];

/** What is true of a head and calls for nothing, so that it has to be told from what does. */
const HARMLESS: readonly Partial<Facts>[] = [
	{ oldColour: true, strandTest: { standing: 'clean' } },
	{ relaxerWeeksAgo: 14 },
	{ henna: true, strandTest: { standing: 'clean' } },
	{ volume: 30 },
	{ minutes: 50 },
	{ overlapVolume: 10 },
	{ conditionBefore: 74, conditionAfter: 60 }
];

const PERSULFATES = CHOSEN_PRODUCTS.filter((product) => factsOf(product).persulfate);

/** What must be settled before this head. */
export function cautionQuestion(
	matter: string,
	rung: Rung,
	seed: number,
	chance: Chance
): Question {
	const called = CALLS_FOR[matter as CautionCode] ?? {};
	const facts: Facts = {
		...CALM,
		// Past the first rung it may go by another name: what dissolves pigment is lightener.
		product: rung === 1 ? CALM.product : someOf(PERSULFATES, 1, chance)[0]!,
		...someOf(HARMLESS, rung - 1, chance).reduce((all, each) => ({ ...all, ...each }), {}),
		...called
	};
	const found = checkCautions(facts).filter(({ severity }) => severity !== 'note');
	const right = found[0]?.code ?? NOTHING;
	const wrong = CAUTION_MATTERS.filter(
		(code) => code !== NOTHING && !found.some((each) => each.code === code)
	);
	const options = [
		...new Set<string>([right, ...someOf(wrong, right === NOTHING ? 3 : 2, chance), NOTHING])
	];
	return {
		lesson: 'cautions',
		matter,
		rung,
		seed,
		light: 'daylight',
		strands: [],
		ask: { lesson: 'cautions', facts, product: facts.product },
		answer: { form: 'choice', options: shuffled(options, chance), right },
		because: { lesson: 'cautions', codes: found.map(({ code }) => code) }
	};
}
