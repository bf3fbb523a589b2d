import * as z from 'zod/mini';

import {
	BENCH_STRANDS,
	BOUNDS,
	MOST_STRANDS,
	LEARNED_OF_HEADS,
	LEARNED_OF_HANDS,
	HEAD_PARTS,
	HEAD_TONES,
	HEAD_TOPICS,
	LESSONS,
	MOST_ACTS,
	MOST_HEADS,
	MOST_LOOKS,
	MOST_TEST_LOOKS,
	MOST_ANSWERS,
	MOST_SETS,
	MOST_FURTHER,
	MOST_PARTS,
	MOST_PLACED,
	CHECK_WORDS,
	HEATS,
	SCALP_FEELS,
	STRETCHES,
	SURPRISE_CAUSES,
	TAP_ACTS,
	ZONE_NAMES,
	SENSITIVITIES,
	AREAS,
	PICKING_NAMES,
	PACES,
	RESULT_KIND_NAMES,
	STEP_KINDS,
	ANGLES,
	ORDER_NAMES,
	TECHNIQUES,
	RINSE_MODES,
	STRAND_PARTS,
	CURE_ACTS,
	TONE_FAULTS,
	TONER_ORDERS,
	TONER_PLACES,
	WORKED_PARTS,
	HAND_PACE_NAMES,
	HISTORY_REACHES
} from '../core/vocabulary';
import * as hair from './hair';
import { wholeWithin, within } from './hair';

/** Version of every stored document. Raise it with a migration in `migrations.ts`. */
export const SCHEMA_VERSION = 9 as const;

const id = z.string().check(z.regex(/^[\w-]{1,64}$/));
const when = z.iso.datetime();
const day = z.iso.date();
const text = (most: number, least = 0) => z.string().check(z.minLength(least), z.maxLength(most));

const document = {
	schemaVersion: z.literal(SCHEMA_VERSION),
	id,
	createdAt: when,
	updatedAt: when
};

export const patchTest = z.object({ date: day, reacted: z.boolean() });

export const sensitivity = z.enum(SENSITIVITIES);

/** A strand cut or parted off and worked on ahead of the head: it tells of this hair as it was then. */
export const strandTest = z.object({
	id,
	date: day,
	result: z.enum(['pending', 'clean', 'reacted']),
	/** Level it reached, where somebody looked. */
	level: z.optional(hair.level),
	note: text(500),
	/** From where it was taken, and what went on it, wrapped in foil. */
	zone: z.optional(z.enum(ZONE_NAMES)),
	mixture: z.optional(
		z.object({ product: hair.product, volume: within(BOUNDS.volume), ratio: hair.ratio })
	),
	/** Its clock; nothing before it was put on. */
	clock: z.optional(
		z.object({
			startedAt: z.optional(when),
			runningSince: z.optional(when),
			elapsedSeconds: z.number().check(z.minimum(0), z.maximum(86_400))
		})
	),
	/** Levels that were seen on it, minute by minute, each with what was expected of it then. */
	looks: z.optional(
		z
			.array(
				z.object({
					minute: within(BOUNDS.seenMinute),
					level: hair.level,
					expected: z.optional(hair.level)
				})
			)
			.check(z.maxLength(MOST_TEST_LOOKS))
	)
});

export const client = z.object({
	...document,
	kind: z.literal('client'),
	name: text(120, 1),
	contact: text(200),
	note: text(4000),
	underSixteen: z.boolean(),
	/** What this person is known not to bear. */
	sensitivities: z.array(sensitivity).check(z.maxLength(8)),
	washesPerWeek: within(BOUNDS.washesPerWeek),
	/** Uses of a violet maintenance shampoo at home; none unless said. */
	violetPerWeek: z.optional(within(BOUNDS.violetPerWeek)),
	/** The same of a blue one. */
	bluePerWeek: z.optional(within(BOUNDS.violetPerWeek)),
	/** Comes for a gloss every so many weeks, between the visits. */
	glossWeeks: z.optional(within(BOUNDS.glossWeeks)),
	patchTests: z.array(patchTest).check(z.maxLength(200)),
	/** What is not learned of this head: predictions take it as typical. */
	learnOff: z.optional(z.array(z.enum(LEARNED_OF_HEADS)).check(z.maxLength(3)))
});

export const zoneName = z.enum(ZONE_NAMES);
export const areaName = z.enum(AREAS);
export const zoneState = z.enum(['natural', 'coloured', 'lightened']);

export const zoneReading = z.object({
	state: zoneState,
	presentLevel: hair.level,
	/** What the person calls it; the model's own name stands beside it. */
	undertone: z.optional(hair.undertoneName),
	/** Where this zone takes up liquid otherwise than the rest of the hair. */
	porosity: z.optional(hair.porosity),
	artificial: z.array(hair.artificialColour).check(z.maxLength(6)),
	/** Old light pieces among this hair: their part of it, and the level they have. */
	oldLights: z.optional(z.object({ share: within(BOUNDS.oldLightShare), level: hair.level }))
});

/** Which hair a past service went on, as it hung then. */
const onto = z.enum(HISTORY_REACHES);
const past = { id, date: day };

/** Something that was done to this hair before today. */
export const historyEntry = z.discriminatedUnion('kind', [
	z.object({
		...past,
		kind: z.literal('colour'),
		vehicle: hair.vehicle,
		level: hair.level,
		tone: hair.tone,
		onto
	}),
	z.object({ ...past, kind: z.literal('lightening'), toLevel: hair.level, onto }),
	z.object({ ...past, kind: z.enum(['perm', 'relaxer', 'henna', 'swimming']), onto }),
	z.object({ ...past, kind: z.literal('cut'), cm: within(BOUNDS.cutCm) })
]);

/** What may differ from one area of the head to another. */
export const areaReading = z.object({
	naturalLevel: hair.naturalLevel,
	warmth: hair.warmth,
	texture: hair.texture,
	porosity: hair.porosity,
	lengthCm: within(BOUNDS.lengthCm),
	/** Where the root zone ends and where the ends begin, cm from the scalp and from the tips. */
	regrowthCm: within(BOUNDS.zoneCm),
	endsCm: within(BOUNDS.zoneCm),
	whiteShare: hair.share,
	zones: z.object({ root: zoneReading, lengths: zoneReading, ends: zoneReading })
});

export const reading = z.extend(areaReading, {
	/** The same everywhere except here: only what differs is kept. */
	areas: z.partialRecord(areaName, z.partial(areaReading)),
	density: hair.density,
	curl: hair.curl,
	haircut: z.object({
		layers: z.enum(['none', 'some', 'many']),
		/** Areas clipped short: no foil holds there. */
		undercut: z.array(areaName).check(z.maxLength(8))
	}),
	strain: z.object({
		lightenings: wholeWithin(BOUNDS.lightenings),
		relaxer: z.boolean(),
		perm: z.boolean(),
		heatHabit: z.boolean(),
		stretch: z.enum(STRETCHES),
		feel: z.enum(['smooth', 'rough', 'gummy']),
		ends: z.enum(['sound', 'dry', 'splitting'])
	}),
	relaxerWeeksAgo: z.optional(within(BOUNDS.weeksAgo)),
	henna: z.boolean(),
	metallicSalts: z.boolean(),
	/** Water at home: lime dulls, iron warms, copper greens. */
	water: z.enum(['soft', 'hard', 'iron', 'copper']),
	scalp: z.enum(['calm', 'dry', 'oily', 'irritated', 'broken']),
	strandTests: z.array(strandTest).check(z.maxLength(40)),
	/** Nobody has read this head yet: what stands here is only something to start from. */
	guess: z.optional(z.literal(true)),
	/** Where the last visit ended was expected and not looked at: what is read here is a guess until it is. */
	unseen: z.optional(z.literal(true)),
	/** The small copy of the picture that was read, a document of its own; kept only on request. */
	picture: z.optional(id),
	/** What was done to this hair, in any order. */
	history: z.array(historyEntry).check(z.maxLength(60)),
	growthCmPerMonth: within(BOUNDS.growthCmPerMonth),
	/** What another person read, blind. */
	secondOpinion: z.optional(
		z.object({
			root: z.optional(hair.level),
			lengths: z.optional(hair.level),
			ends: z.optional(hair.level)
		})
	)
});

/** A colour asked for. */
const colourAim = z.object({
	level: hair.level,
	direction: hair.direction,
	keepWarmth: hair.share
});

/** A colour asked for, and where along the strand it should be another. */
const strandAim = z.extend(colourAim, {
	zones: z.partialRecord(zoneName, z.partial(colourAim)),
	/** Where old light pieces among it should end; left out, as the rest. */
	oldLights: z.optional(z.partial(colourAim))
});

/** How root and lengths follow one another. */
export const STRAND_WAYS = ['together', 'rootLater', 'twoStrengths'] as const;

export const resultKind = z.enum(RESULT_KIND_NAMES);

export const aim = z.extend(strandAim, {
	kind: resultKind,
	/** The same everywhere except here: only what differs is kept. */
	areas: z.partialRecord(areaName, z.partial(strandAim)),
	/** Share of the hair that is lightened; the rest stays between as it is. */
	lightShare: within(BOUNDS.lightShare),
	/** Strands coloured darker between the light ones: their share of all the hair. */
	lowlights: z.optional(
		z.object({ share: hair.share, level: hair.level, direction: hair.direction })
	),
	/** Depth left or put back at the scalp, and how far it runs, cm. */
	rootDepth: z.optional(z.object({ level: hair.level, cm: within(BOUNDS.rootDepthCm) })),
	/** A hidden panel: how far under the parting its top edge lies, cm, and how the hair is worn. */
	panel: z.optional(
		z.object({ topEdgeCm: within(BOUNDS.panelEdgeCm), worn: z.enum(['down', 'halfUp', 'up']) })
	),
	/** Nobody has agreed on it yet: only something to start from. */
	guess: z.optional(z.literal(true)),
	/** Levels to lift past the aim, so that the toner has room. */
	liftPast: within(BOUNDS.liftPast)
});

const delay = within(BOUNDS.delayMinutes);

export const chosenPart = z.object({
	shadeId: z.optional(text(80)),
	name: text(120),
	/** Absent for clear. */
	level: z.optional(hair.level),
	tone: z.optional(hair.tone),
	intensity: z.optional(hair.intensity),
	form: z.optional(hair.shadeForm),
	grams: within(BOUNDS.partGrams)
});

export const liftPlan = z.object({
	product: hair.product,
	/** A second lightener in the same bowl, and its share of the lightener by weight. */
	second: z.optional(z.object({ product: hair.product, share: within(BOUNDS.secondShare) })),
	volume: hair.volume,
	ratio: hair.ratio,
	minutes: within(BOUNDS.liftMinutes),
	placement: hair.placement,
	section: hair.section,
	/** Where product begins, mm from the skin. */
	startsAtMm: within(BOUNDS.startsAtMm),
	bondAdditive: z.boolean(),
	damp: z.boolean(),
	/** How much later a zone is begun, minutes; the root's holds for the centimetres the scalp warms. */
	delays: z.object({ root: delay, lengths: delay, ends: delay }),
	/** For how many of the last minutes the spent mixture is drawn over hair that was kept out; 0: not. */
	drawThroughMinutes: within(BOUNDS.drawThroughMinutes),
	covers: z.object({ root: z.boolean(), lengths: z.boolean(), ends: z.boolean() }),
	/** Hair that is lightened already is kept out unless this says why not, and how weak a bowl it gets. */
	overlap: z.optional(z.object({ reason: text(500, 1), volume: hair.volume })),
	/** The same of old light pieces among darker hair, which foils go round unless this says why not. */
	lightsAlong: z.optional(z.object({ reason: text(500, 1), volume: hair.volume })),
	/** The part of the head that is worked alone, its edges in cm; left out, all of it. */
	part: z.optional(
		z.object({
			name: z.enum(WORKED_PARTS),
			fromCm: within(BOUNDS.partEdgeCm),
			toCm: within(BOUNDS.partEdgeCm)
		})
	),
	/** The shades of a tint, which it lays down while it lifts; their grams tell their parts. */
	tint: z.optional(
		z.object({
			lineId: text(80),
			parts: z.array(chosenPart).check(z.minLength(1), z.maxLength(MOST_PARTS))
		})
	)
});

/** A further application of the same day, rinsed before the next. */
export const liftStep = z.extend(liftPlan, {
	id,
	kind: z.enum(STEP_KINDS),
	/** Only on these areas; left out, on all. */
	areas: z.optional(z.array(areaName).check(z.minLength(1), z.maxLength(8)))
});

/** All the lightening of one day: what goes before the main application, and what after it. */
const liftDay = {
	lift: liftPlan,
	before: z.array(liftStep).check(z.maxLength(MOST_FURTHER)),
	after: z.array(liftStep).check(z.maxLength(MOST_FURTHER))
};

/** Another way in which the day could be worked, kept beside the one that is planned. */
export const liftWay = z.object({ id, ...liftDay });

/** A part of the head that is worked in one go. */
export const headSection = z.object({
	id,
	areas: z.array(areaName).check(z.minLength(1), z.maxLength(8)),
	/** Its part of the hair that is worked. */
	share: z.number().check(z.gt(0), z.maximum(1)),
	picking: z.enum(PICKING_NAMES),
	angle: z.enum(ANGLES),
	thickness: z.optional(hair.section),
	placement: z.optional(hair.placement),
	lockedVolume: z.optional(hair.volume),
	minutes: z.optional(within(BOUNDS.sectionMinutes)),
	skip: z.optional(z.boolean())
});

/** A bowl as it was really weighed; its strength and ratio are those it was mixed for. */
export const mixedBowl = z.object({
	/** What it goes by for good, whatever its sections are called or where they stand. */
	id: text(200, 1),
	kind: z.enum(['lightener', 'lowlights', 'filler', 'firstToner', 'toner']),
	/** The hair it went on, where it is a toner for some of it alone. */
	place: z.optional(z.enum(TONER_PLACES)),
	/** The application of the day that it belongs to; none for colour beside it. */
	step: z.optional(text(64)),
	/** Its place in the order of mixing when it was weighed. */
	number: z.int().check(z.minimum(1), z.maximum(60)),
	at: when,
	/** 0 where nothing develops it. */
	volume: within(BOUNDS.volumeOrNone),
	ratio: z.number().check(z.minimum(0), z.maximum(4)),
	/** The sections it serves, by what they go by. */
	sections: z.array(id).check(z.maxLength(80)),
	/** The part of the strand it goes on, where several are worked apart. */
	part: z.optional(z.enum(STRAND_PARTS)),
	/** What it was for in the words of an older record, where no section answers to them any more. */
	heldFor: z.optional(z.array(text(120)).check(z.maxLength(40))),
	parts: z
		.array(
			z.object({
				/** What it goes by in this bowl: `lightener`, `second`, `developer:20`, `colour:…`, `additive`. */
				key: text(200, 1),
				/** What it was called then. */
				name: text(120),
				grams: z.number().check(z.minimum(0), z.maximum(5000)),
				target: z.number().check(z.minimum(0), z.maximum(5000))
			})
		)
		.check(z.maxLength(8)),
	/** Everything that belongs in it is in it. */
	done: z.boolean()
});

export const bowlsPlan = z.object({
	technique: z.enum(TECHNIQUES),
	foils: wholeWithin(BOUNDS.foils),
	/** How hair is picked up, unless a section says otherwise. */
	picking: z.enum(PICKING_NAMES),
	order: z.enum(ORDER_NAMES),
	/** Sections as somebody set them, in their order; absent while they are as proposed. */
	sections: z.optional(z.array(headSection).check(z.minLength(1), z.maxLength(40))),
	/** Root and lengths in one go, one after the other, or at once with a strength each. */
	strand: z.enum(STRAND_WAYS),
	/** Bowls of several strengths; otherwise the one of the lift throughout. */
	staged: z.boolean(),
	/** Whether staged bowls may be stronger than the lift was planned with; asked for, never assumed. */
	aboveChosen: z.boolean(),
	/** Whether bowls may also differ in how creamy they are. */
	ratioLever: z.boolean(),
	/** Weakest bowl, volumes, where it is not the usual. */
	leastVolume: z.optional(hair.volume),
	/** The last section gets a bowl of its own. */
	freshLast: z.boolean(),
	rinse: z.object({
		/** Absent: as is usual for work of this length. */
		mode: z.optional(z.enum(RINSE_MODES)),
		/** Minute of the one rinse; absent: as reckoned. */
		minute: z.optional(within(BOUNDS.rinseMinute)),
		/** Blocks of sections that rinse together, the first on first; absent: two. */
		blocks: z.optional(wholeWithin(BOUNDS.rinseBlocks))
	}),
	/** Pairs of hands that put it on. */
	hands: wholeWithin(BOUNDS.hands),
	/** Somebody mixes, wipes and rinses. */
	assistant: z.boolean(),
	/** Time of day of the first brush stroke. */
	startAt: z.optional(z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/))),
	mixed: z.array(mixedBowl).check(z.maxLength(60))
});

export const checkNote = z.object({
	id,
	minute: within(BOUNDS.seenMinute),
	zone: zoneName,
	/** The section that was looked at; absent where the head was. */
	section: z.optional(id),
	part: z.optional(z.enum(STRAND_PARTS)),
	/** What was seen, in a word or as a level. */
	word: z.optional(z.enum(CHECK_WORDS)),
	level: z.optional(hair.level),
	undertone: z.optional(hair.undertoneName),
	stretch: z.optional(z.enum(STRETCHES)),
	heat: z.optional(z.enum(HEATS)),
	scalp: z.optional(z.enum(SCALP_FEELS)),
	text: text(500),
	/** A picture of the strand, a document of its own. */
	picture: z.optional(id),
	/** How what lies on the section works, and what was expected of it then: what the look is judged by. */
	lay: z.optional(
		z.object({
			minutes: within(BOUNDS.seenMinute),
			volume: hair.volume,
			ratio: hair.ratio,
			bowlAgeMinutes: within(BOUNDS.seenMinute),
			expected: hair.level
		})
	),
	/** It was read when the lightener was off and the hair dry: where the lift ended. */
	dry: z.optional(z.literal(true)),
	/** The further application after which it was read so; left out, the main one. */
	step: z.optional(text(64)),
	/** Whether what is left of the plan bends to it; absent while nobody has said. */
	counts: z.optional(z.boolean())
});

/** A timer that was started, or is held. */
const timer = z.object({
	/** When it last started running; absent while held. */
	runningSince: z.optional(when),
	/** Seconds gathered before that. */
	elapsedSeconds: z.number().check(z.minimum(0), z.maximum(86_400)),
	startedAt: z.optional(when)
});

/** What lies on the hair beside the sections of the main application, with a clock of its own. */
export const processClock = z.extend(timer, {
	/** A further application by its id, `lowlights`, `filler`, `toner`, the toner on a zone, or a step of a rinse. */
	of: text(64, 1),
	/** Minutes that it was planned to lie when it was put on, where the plan of the day does not say so. */
	minutes: z.optional(within(BOUNDS.toneMinutes)),
	/** When somebody last looked at it, minutes on this clock. */
	lookedMinute: z.optional(z.number().check(z.minimum(0), z.maximum(1440))),
	/** When it was taken off. */
	offAt: z.optional(when)
});

export const run = z.extend(timer, {
	rinsedAtMinute: z.optional(z.number().check(z.minimum(0), z.maximum(1440))),
	notes: z.array(checkNote).check(z.maxLength(200)),
	/** What was done to single sections, in the order in which it was tapped. */
	taps: z.optional(
		z
			.array(
				z.object({
					act: z.enum(TAP_ACTS),
					section: id,
					part: z.optional(z.enum(STRAND_PARTS)),
					/** Minutes on the timer. */
					minute: z.number().check(z.minimum(0), z.maximum(1440)),
					/** The strength of a fresh bowl that it was coated with. */
					volume: z.optional(hair.volume)
				})
			)
			.check(z.maxLength(400))
	),
	/** What went wrong, and what was done about it. */
	cures: z.optional(
		z
			.array(
				z.object({
					id,
					at: when,
					fault: z.enum(TONE_FAULTS),
					level: hair.level,
					undertone: z.optional(hair.undertoneName),
					act: z.enum(CURE_ACTS),
					/** What was mixed for it. */
					parts: z.optional(z.array(chosenPart).check(z.maxLength(MOST_PARTS))),
					minutes: z.optional(within(BOUNDS.toneMinutes)),
					/** The level that was expected of it. */
					expected: hair.level
				})
			)
			.check(z.maxLength(30))
	),
	/** Everything else that lies on the hair today, or did. */
	clocks: z.optional(z.array(processClock).check(z.maxLength(60))),
	/** Sections that are not tapped count as on when the plan says so. */
	followsPlan: z.optional(z.literal(true)),
	/** When the last section was on, and what was reckoned for usual hands, minutes. */
	allOn: z.optional(
		z.object({
			minute: z.number().check(z.minimum(1), z.maximum(600)),
			reckonedMinutes: z.number().check(z.minimum(0.1), z.maximum(600))
		})
	)
});

/** A toner as it is mixed and left. */
const tonerMix = z.object({
	lineId: z.optional(text(80)),
	vehicle: hair.vehicle,
	ratio: hair.ratio,
	minutes: within(BOUNDS.toneMinutes),
	totalGrams: wholeWithin(BOUNDS.toneGrams),
	/** Another developer than the line's own. */
	developerVolume: z.optional(within(BOUNDS.volumeOrNone)),
	/** `none` is an answer too. */
	choice: z.enum(['open', 'formula', 'none']),
	parts: z.array(chosenPart).check(z.maxLength(MOST_PARTS))
});

/** A toner that goes on some of the hair, and what it is to make of that. */
export const placedToner = z.extend(tonerMix, {
	id,
	place: z.enum(TONER_PLACES),
	/** How far it reaches, from the scalp or from the tips, cm. */
	cm: z.optional(within(BOUNDS.rootDepthCm)),
	aim: colourAim,
	/** What the hair it goes on is, where that is not of this head. */
	start: z.optional(z.object({ level: hair.level, undertone: hair.undertoneName }))
});

export const tonePlan = z.extend(tonerMix, {
	/**
	 * What goes on before the toner and is rinsed before it: warm colour, where very light hair is taken
	 * down, or the first of two toners.
	 */
	filler: z.optional(
		z.object({
			parts: z.array(chosenPart).check(z.minLength(1), z.maxLength(MOST_PARTS)),
			minutes: within(BOUNDS.toneMinutes),
			/** Set where it is a toner itself: two-step toning. */
			isToner: z.optional(z.boolean())
		})
	),
	/** Toners of their own on some of the hair. */
	placed: z.optional(z.array(placedToner).check(z.maxLength(MOST_PLACED))),
	/** In which order it goes on; the warmest first unless said. */
	order: z.optional(z.enum(TONER_ORDERS)),
	/** All of it goes on damp hair. */
	damp: z.optional(z.literal(true)),
	/** Porous hair was evened out first. */
	evened: z.optional(z.literal(true))
});

/** What somebody saw of some of the hair at the end, dry. */
const seenPlace = z.object({
	level: z.optional(hair.level),
	/** In a word. */
	tone: z.optional(text(40)),
	stretch: z.optional(z.enum(STRETCHES))
});
const expectedEnd = z.object({ toned: hair.level, lifted: hair.level });

export const result = z.object({
	/** Level that somebody saw at the end; left out, nobody looked. */
	level: z.optional(hair.level),
	/** In records of before, whether it was seen or only expected was not told apart. */
	unsure: z.optional(z.literal(true)),
	/**
	 * What was expected when it was recorded: toned, and lifted under the toner as far as somebody had looked by then;
	 * and the lift as it was predicted before anybody did.
	 */
	expected: z.optional(
		z.extend(expectedEnd, {
			predicted: z.optional(hair.level),
			zones: z.optional(z.partialRecord(zoneName, expectedEnd)),
			areas: z.optional(z.partialRecord(areaName, expectedEnd))
		})
	),
	/** What was planned when it was recorded: minutes at the chair, grams of lightener mixed, the price by the rates. */
	planned: z.optional(
		z.object({
			minutes: wholeWithin(BOUNDS.tookMinutes),
			grams: wholeWithin(BOUNDS.dayGrams),
			price: z.optional(within(BOUNDS.price))
		})
	),
	/** The same of single zones, and of areas that are not as the rest. */
	zones: z.optional(z.partialRecord(zoneName, seenPlace)),
	areas: z.optional(z.partialRecord(areaName, seenPlace)),
	/** Why it went otherwise than expected, as the colourist has it. */
	causes: z.optional(z.array(z.enum(SURPRISE_CAUSES)).check(z.maxLength(6))),
	/** What was offered and not wanted. */
	refused: z.optional(text(1000)),
	/** A picture of the end, a document of its own; and where its grey card lies, shares of its width and height. */
	picture: z.optional(id),
	card: z.optional(z.object({ x: hair.share, y: hair.share })),
	tone: text(120),
	notes: text(4000),
	/** Nothing is learned from it. */
	untaught: z.optional(z.literal(true)),
	leftoverGrams: z.optional(within(BOUNDS.leftoverGrams)),
	returnWeeks: z.optional(wholeWithin(BOUNDS.returnWeeks)),
	/** Minutes from sitting down to getting up, and what was asked for it, as they came. */
	tookMinutes: z.optional(wholeWithin(BOUNDS.tookMinutes)),
	price: z.optional(within(BOUNDS.price)),
	recordedAt: z.optional(when)
});

export const station = z.enum(['read', 'aim', 'lift', 'bowls', 'chair', 'tone', 'sendOff']);

export const visit = z.object({
	...document,
	kind: z.literal('visit'),
	clientId: id,
	colourist: text(120),
	date: day,
	status: z.enum(['waiting', 'inChair', 'done']),
	chairSince: z.optional(when),
	/** Stations the colourist has said are done. */
	settled: z.array(station).check(z.maxLength(7)),
	reading,
	aim,
	...liftDay,
	/** Nothing is lightened today: the hair is toned or coloured as it is. */
	noLift: z.optional(z.literal(true)),
	/** Ways that were weighed against it, side by side. */
	ways: z.array(liftWay).check(z.maxLength(3)),
	/** Where several visits were planned together: which of them this is. */
	series: z.optional(
		z.object({
			id,
			number: z.int().check(z.minimum(1), z.maximum(60)),
			/** What was promised when it was planned: the level that this visit leaves, and after how many all is done. */
			promise: z.optional(
				z.object({
					level: hair.level,
					visits: z.int().check(z.minimum(1), z.maximum(60)),
					date: day
				})
			)
		})
	),
	bowls: bowlsPlan,
	run,
	tone: tonePlan,
	result,
	/** The price that was named to the client, and when. */
	quote: z.optional(z.object({ low: within(BOUNDS.price), high: within(BOUNDS.price), date: day })),
	/** Stops and questions passed, with the reason that was written. */
	passed: z.array(z.object({ code: text(60), reason: text(1000), at: when })).check(z.maxLength(60))
});

export const shelfShade = z.object({
	id: text(80, 1),
	/** As written on the tube. */
	code: text(40, 1),
	level: hair.level,
	tone: hair.tone,
	intensity: z.optional(hair.intensity),
	form: z.optional(hair.shadeForm),
	/** A tube of it is open. */
	open: z.optional(z.literal(true))
});

export const shelfLine = z.object({
	id: text(80, 1),
	name: text(80, 1),
	vehicle: hair.vehicle,
	ratio: hair.ratio,
	minutes: within(BOUNDS.lineMinutes),
	developerVolume: within(BOUNDS.volumeOrNone),
	/** What this line's own letters or digits mean, in families of the model. */
	key: z.record(text(12), hair.tone),
	shades: z.array(shelfShade).check(z.maxLength(300))
});

/** A blend that the salon keeps by a name of its own. */
export const houseFormula = z.object({
	id,
	name: text(120, 1),
	lineId: text(80, 1),
	parts: z.array(chosenPart).check(z.minLength(1), z.maxLength(MOST_PARTS)),
	ratio: within(BOUNDS.ratio),
	minutes: within(BOUNDS.toneMinutes),
	developerVolume: z.optional(within(BOUNDS.volumeOrNone))
});

const limit = within(BOUNDS.limitMinutes);

/** CIELAB of something that was measured. */
const lab = z.object({
	l: within(BOUNDS.lightness),
	a: within(BOUNDS.labAxis),
	b: within(BOUNDS.labAxis)
});
/** Depth without warmth, in units of L*. */
const depth = within(BOUNDS.lightness);

/** A swatch of the salon's own ring, as it was read. */
export const ringSwatch = z.object({
	/** What the ring calls it. */
	level: hair.level,
	depth,
	/** Its colour, where that was read and not only its place on the ladder. */
	lab: z.optional(lab),
	/** Standard deviation of its level, where that is known. */
	sd: z.optional(z.number().check(z.minimum(0), z.maximum(12))),
	by: z.enum(['picture', 'measured', 'eye']),
	date: day
});

/** Something on the shelf as it was counted. */
export const stockItem = z.object({
	grams: within(BOUNDS.stockGrams),
	countedAt: when,
	/** Grams in one tub, bottle or tube, and what it costs. */
	packGrams: within(BOUNDS.packGrams),
	packPrice: z.optional(within(BOUNDS.rate)),
	/** Fewer than this and it is bought again, g. */
	leastGrams: z.optional(within(BOUNDS.stockGrams)),
	useBy: z.optional(day)
});

export const shelf = z.object({
	...document,
	kind: z.literal('shelf'),
	developers: z.array(hair.volume).check(z.maxLength(20)),
	limitMinutes: limit,
	/** Products that may stay longer or shorter than that. */
	limits: z.partialRecord(hair.product, limit),
	/** How strong this salon likes to work, and the strengths over which it asks for a reason. */
	pace: z.enum(PACES),
	/** How fast colour is put on here, and by single colourists where they differ. */
	handPace: z.optional(z.enum(HAND_PACE_NAMES)),
	handPaces: z.optional(z.record(text(120, 1), z.enum(HAND_PACE_NAMES))),
	/** What is not learned of those who work here. */
	learnOff: z.optional(z.array(z.enum(LEARNED_OF_HANDS)).check(z.maxLength(1))),
	/** Factors on the rate of textures beside the published ones, taken from the salon's own heads. */
	textureRates: z.optional(z.partialRecord(hair.texture, within(BOUNDS.textureRate))),
	ceilings: hair.ceilings,
	lightenerName: text(80),
	/** Finest step of the scale, g. */
	scaleStep: within(BOUNDS.scaleStep),
	/** The bond-building additive: so much for every so many grams of lightener. */
	additive: z.object({
		name: text(80),
		amount: within(BOUNDS.additiveAmount),
		unit: z.enum(['g', 'drops', 'ml']),
		perGrams: within(BOUNDS.additivePerGrams)
	}),
	/** What 100 g cost, in the currency of the rates; without them no bowl is priced. */
	costs: z.optional(
		z.object({
			lightener: within(BOUNDS.costPer100g),
			developer: within(BOUNDS.costPer100g),
			colour: within(BOUNDS.costPer100g)
		})
	),
	/** What an hour and the materials of one application cost; without them nothing is priced. */
	rates: z.optional(
		z.object({
			currency: z.string().check(z.regex(/^[A-Z]{3}$/)),
			perHour: within(BOUNDS.rate),
			perApplication: within(BOUNDS.rate),
			/** Also by the foil and by the gram that is mixed, where the salon likes. */
			perFoil: z.optional(within(BOUNDS.rate)),
			perGram: z.optional(within(BOUNDS.rate))
		})
	),
	/** What stands there, as it was last counted, by what it goes by: it counts down by what is weighed. */
	stock: z.optional(z.record(text(100, 1), stockItem)),
	lines: z.array(shelfLine).check(z.maxLength(40)),
	/** Blends that are mixed again and again. */
	formulas: z.optional(z.array(houseFormula).check(z.maxLength(200))),
	/** The salon's own ring, swatch by swatch: what a ladder is made from. */
	ring: z.array(ringSwatch).check(z.maxLength(40)),
	/** Depths of levels 1-12 in which this salon tells its levels; without them the usual ladder. */
	ladder: z.optional(z.array(depth).check(z.length(12)))
});

/** A strand on the bench, what was put on it, and what came of it. */
export const benchStrand = z.object({
	id,
	/** Loose hair, a lock of an extension, or a strand of the client's own. */
	kind: z.enum(BENCH_STRANDS),
	/** What it is before anything goes on: its level, and the warmth in it. */
	level: hair.level,
	undertone: hair.undertoneName,
	porosity: hair.porosity,
	mix: tonerMix,
	/** Its clock; without a start it was not put on yet. */
	clock: z.object({
		startedAt: z.optional(when),
		runningSince: z.optional(when),
		elapsedSeconds: z.number().check(z.minimum(0), z.maximum(86_400)),
		offAt: z.optional(when)
	}),
	/** Level and tone as somebody saw them, dry. */
	seen: z.optional(z.object({ level: z.optional(hair.level), tone: z.optional(text(40)) })),
	/** How near it is to what is wanted, 1-5. */
	rating: z.optional(z.int().check(z.minimum(1), z.maximum(5))),
	note: text(500)
});

/** A morning at the bench: formulas tried on strands, until one is right. */
export const trial = z.object({
	...document,
	kind: z.literal('trial'),
	/** What is looked for, in the salon's own words. */
	name: text(120, 1),
	date: day,
	colourist: text(120),
	/** For whom; left out, for nobody yet. */
	clientId: z.optional(id),
	/** The colour that is looked for. */
	aim: z.object({ level: hair.level, direction: hair.direction }),
	strands: z.array(benchStrand).check(z.maxLength(MOST_STRANDS))
});

/** A question by what it is made from: the same on any machine. */
export const practiceQuestion = z.object({
	lesson: z.enum(LESSONS),
	matter: text(40, 1),
	rung: z.int().check(z.minimum(1), z.maximum(5)),
	seed: z.int().check(z.minimum(0), z.maximum(2 ** 31 - 1))
});

const headPart = z.enum(HEAD_PARTS);
/** An act on a simulated head. */
const headAct = z.discriminatedUnion('act', [
	z.object({ act: z.literal('ask'), topic: z.enum(HEAD_TOPICS) }),
	z.object({ act: z.literal('read'), stretch: zoneName, level: hair.level }),
	z.object({ act: z.literal('test') }),
	z.object({
		act: z.literal('mix'),
		product: hair.product,
		volume: within(BOUNDS.volume),
		grams: z.number().check(z.minimum(1), z.maximum(400))
	}),
	z.object({
		act: z.literal('apply'),
		part: headPart,
		on: z.array(zoneName).check(z.minLength(1), z.maxLength(3))
	}),
	z.object({ act: z.literal('wait'), minutes: z.number().check(z.minimum(0), z.maximum(600)) }),
	z.object({ act: z.enum(['check', 'measure', 'wipe']), part: headPart }),
	z.object({ act: z.literal('rinse') }),
	z.object({
		act: z.literal('tone'),
		level: hair.level,
		tone: z.enum(HEAD_TONES),
		minutes: within(BOUNDS.toneMinutes)
	}),
	z.object({ act: z.literal('finish') })
]);

/** Whoever practises: what they answered, and when what they missed comes again. */
export const learner = z.object({
	...document,
	kind: z.literal('learner'),
	name: text(120, 1),
	/** The latest answers, oldest first. */
	answers: z
		.array(
			z.object({
				at: when,
				lesson: z.enum(LESSONS),
				matter: text(40, 1),
				rung: z.int().check(z.minimum(1), z.maximum(5)),
				right: z.boolean(),
				/** Options that there were; left out where a figure was asked. */
				options: z.optional(z.int().check(z.minimum(2), z.maximum(8))),
				/** Levels between what was to be told apart. */
				gap: z.optional(z.number().check(z.minimum(0), z.maximum(12))),
				/** Levels that a named level lay above what was there. */
				off: z.optional(z.number().check(z.minimum(-12), z.maximum(12)))
			})
		)
		.check(z.maxLength(MOST_ANSWERS)),
	/** When each matter comes again, by the scheduler's own reckoning. */
	cards: z
		.array(
			z.object({
				lesson: z.enum(LESSONS),
				matter: text(40, 1),
				due: when,
				lastReview: z.optional(when),
				stability: z.number().check(z.minimum(0)),
				difficulty: z.number().check(z.minimum(0)),
				scheduledDays: z.number().check(z.minimum(0)),
				reps: z.int().check(z.minimum(0)),
				lapses: z.int().check(z.minimum(0)),
				state: z.int().check(z.minimum(0), z.maximum(3))
			})
		)
		.check(z.maxLength(400)),
	/** Simulated heads that were worked, oldest first: by their seed, act by act. */
	heads: z
		.array(
			z.object({
				id,
				at: when,
				seed: z.int().check(z.minimum(1), z.maximum(2 ** 31 - 1)),
				/** What came of it; nothing while it is still worked. */
				score: z.optional(z.number().check(z.minimum(0), z.maximum(100))),
				acts: z.array(headAct).check(z.maxLength(MOST_ACTS))
			})
		)
		.check(z.maxLength(MOST_HEADS)),
	/** Swatches that were read by eye and by instruments, oldest first. */
	looks: z
		.array(
			z.object({
				at: when,
				level: hair.level,
				undertone: z.optional(hair.undertoneName),
				reader: z.optional(lab),
				picture: z.optional(lab),
				/** Level that the ring gives it. */
				ring: z.optional(hair.level)
			})
		)
		.check(z.maxLength(MOST_LOOKS)),
	/** Whether what the eye is known to be off by is offered as a correction in visits. */
	corrects: z.optional(z.literal(true)),
	/** Sets of questions from a teacher, with what was answered. */
	sets: z
		.array(
			z.object({
				id,
				name: text(120, 1),
				questions: z
					.array(z.extend(practiceQuestion, { right: z.optional(z.boolean()) }))
					.check(z.minLength(1), z.maxLength(60))
			})
		)
		.check(z.maxLength(MOST_SETS))
});

/** A small copy of a picture that hair was read from. */
export const picture = z.object({
	...document,
	kind: z.literal('picture'),
	image: z.instanceof(Blob)
});

/** The same in a file, where everything is text. */
export const pictureInFile = z.extend(picture, {
	image: z
		.string()
		.check(z.maxLength(400_000), z.regex(/^data:image\/jpeg;base64,[A-Za-z0-9+/]+=*$/))
});

/** Any stored document. */
export const anyDocument = z.discriminatedUnion('kind', [
	client,
	visit,
	shelf,
	trial,
	learner,
	picture
]);

/** Any document as a file holds it. */
export const fileDocument = z.discriminatedUnion('kind', [
	client,
	visit,
	shelf,
	trial,
	learner,
	pictureInFile
]);

export type Client = z.infer<typeof client>;
export type Visit = z.infer<typeof visit>;
export type Shelf = z.infer<typeof shelf>;
export type Trial = z.infer<typeof trial>;
export type BenchStrand = z.infer<typeof benchStrand>;
export type Picture = z.infer<typeof picture>;
export type Learner = z.infer<typeof learner>;
export type WorkedHead = Learner['heads'][number];
export type PracticeCard = Learner['cards'][number];
export type PracticeSet = Learner['sets'][number];
export type PracticeQuestion = z.infer<typeof practiceQuestion>;
export type RingSwatch = z.infer<typeof ringSwatch>;
export type ShelfLine = z.infer<typeof shelfLine>;
export type HouseFormula = z.infer<typeof houseFormula>;
export type AnyDocument = z.infer<typeof anyDocument>;
export type Reading = z.infer<typeof reading>;
export type ZoneName = z.infer<typeof zoneName>;
export type AreaReading = z.infer<typeof areaReading>;
export type StrandTest = z.infer<typeof strandTest>;
export type ZoneReading = z.infer<typeof zoneReading>;
export type HistoryEntry = z.infer<typeof historyEntry>;
export type Aim = z.infer<typeof aim>;
export type LiftPlan = z.infer<typeof liftPlan>;
export type LiftStep = z.infer<typeof liftStep>;
export type LiftWay = z.infer<typeof liftWay>;
export type TonePlan = z.infer<typeof tonePlan>;
export type TonerMix = z.infer<typeof tonerMix>;
export type PlacedToner = z.infer<typeof placedToner>;
export type ChosenPart = z.infer<typeof chosenPart>;
export type BowlsPlan = z.infer<typeof bowlsPlan>;
export type StockItem = z.infer<typeof stockItem>;
export type MixedBowl = z.infer<typeof mixedBowl>;
export type Station = z.infer<typeof station>;
