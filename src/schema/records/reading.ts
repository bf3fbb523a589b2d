import * as z from 'zod/mini';
import {
	AREAS,
	BOUNDS,
	ENDS_LOOK,
	FEW_OR_MANY,
	HAIR_FEELS,
	HISTORY_REACHES,
	MOST_TEST_LOOKS,
	SCALPS,
	STRETCHES,
	TEST_RESULTS,
	WATERS,
	WORN_BY,
	ZONE_NAMES,
	ZONE_STATES
} from '../../core/vocabulary';
import * as hair from '../hair';
import { wholeWithin, within } from '../hair';
import { id, when, day, text } from './base';

/** A strand cut or parted off and worked on ahead of the head: it tells of this hair as it was then. */
export const strandTest = z.object({
	id,
	date: day,
	result: z.enum(TEST_RESULTS),
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

export const zoneName = z.enum(ZONE_NAMES);

export const areaName = z.enum(AREAS);

export const zoneState = z.enum(ZONE_STATES);

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
	z.object({
		...past,
		kind: z.literal('lightening'),
		toLevel: hair.level,
		/** What foils picked up of it; left out, all of it. */
		share: z.optional(hair.share),
		onto
	}),
	z.object({ ...past, kind: z.enum(WORN_BY), onto }),
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
		layers: z.enum(FEW_OR_MANY),
		/** Areas clipped short: no foil holds there. */
		undercut: z.array(areaName).check(z.maxLength(8))
	}),
	strain: z.object({
		lightenings: wholeWithin(BOUNDS.lightenings),
		relaxer: z.boolean(),
		perm: z.boolean(),
		heatHabit: z.boolean(),
		stretch: z.enum(STRETCHES),
		feel: z.enum(HAIR_FEELS),
		ends: z.enum(ENDS_LOOK)
	}),
	relaxerWeeksAgo: z.optional(within(BOUNDS.weeksAgo)),
	henna: z.boolean(),
	metallicSalts: z.boolean(),
	/** Water at home: lime dulls, iron warms, copper greens. */
	water: z.enum(WATERS),
	scalp: z.enum(SCALPS),
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

export type Reading = z.infer<typeof reading>;

export type ZoneName = z.infer<typeof zoneName>;

export type AreaReading = z.infer<typeof areaReading>;

export type StrandTest = z.infer<typeof strandTest>;

export type ZoneReading = z.infer<typeof zoneReading>;

export type HistoryEntry = z.infer<typeof historyEntry>;
