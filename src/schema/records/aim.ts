import * as z from 'zod/mini';
import { BOUNDS, PANEL_WORN, RESULT_KIND_NAMES } from '../../core/vocabulary';
import * as hair from '../hair';
import { within } from '../hair';
import { zoneName, areaName } from './reading';

/** A colour asked for. */
export const colourAim = z.object({
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
	panel: z.optional(z.object({ topEdgeCm: within(BOUNDS.panelEdgeCm), worn: z.enum(PANEL_WORN) })),
	/** Nobody has agreed on it yet: only something to start from. */
	guess: z.optional(z.literal(true)),
	/** Levels to lift past the aim, so that the toner has room. */
	liftPast: within(BOUNDS.liftPast)
});

export type Aim = z.infer<typeof aim>;
