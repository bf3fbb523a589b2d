import { HISTORY_WEAR, naturalPigment, type Porosity, type Texture, type Warmth } from '../hair';
import { fadeDyes, VEHICLES, type Shade, type Vehicle } from '../tone';
import type { Application, HeadFactors, Product } from './application';
import { doseOf } from './dose';
import { lightenFibre, WHITE_FIBRE, type Fibre } from './fibre';
import { doseToLevel, rememberedDeposit, saturated, USUAL_WASHES, withLayer } from './start';
import type { PointStart } from './strand';
import { wearOf } from './wear';

/** Which hair a past service went on, as the strand hung then. */
export type Onto = 'all' | 'regrowth' | 'ends' | { readonly fromCm: number; readonly toCm: number };

/** Something that was done to this hair. */
export type HistoryEvent = { readonly weeksAgo: number } & (
	| {
			readonly kind: 'colour';
			readonly vehicle: Vehicle;
			readonly shade: Shade;
			readonly onto: Onto;
	  }
	| {
			readonly kind: 'lightening';
			readonly onto: Onto;
			/** How it was done, or the level it is remembered to have reached. */
			readonly how: Application | { readonly toLevel: number };
	  }
	| { readonly kind: 'perm' | 'relaxer' | 'henna'; readonly onto: Onto }
	| { readonly kind: 'cut'; readonly cm: number }
);

/** What the years of a head are told from. */
export interface HeadHistory {
	readonly naturalLevel: number;
	readonly warmth: Warmth;
	readonly texture: Texture;
	readonly lengthCm: number;
	readonly events: readonly HistoryEvent[];
	/** Centimetres a month; 1.25 unless this client's own is known. */
	readonly growthCmPerMonth?: number | undefined;
	readonly washesPerWeek?: number | undefined;
	/** Porosity of hair to which nothing was done. */
	readonly porosity?: Porosity | undefined;
}

/** Below this condition the cuticle no longer shuts: hair takes and loses dye fast (planning value). */
const POROUS_BELOW = 60;
/** Lawsone stains keratin and stays: taken as a copper stain of level 7 without a brown base. */
const HENNA: Shade = { level: 7, tone: 'C', form: 'pure' };

/** One point on its way through the years. */
interface Aged {
	readonly fibre: Fibre;
	readonly white: Fibre;
	readonly wear: number;
	/** Dose of the lightening it has had. */
	readonly dose: number;
}

/** Something that reached a point, and where the point hung then. */
export interface Touch {
	readonly event: HistoryEvent;
	/** Distance from the scalp then, cm. */
	readonly then: number;
}

/** What the years have made of a point: each event in turn, oldest first. */
export function startOfPast(
	history: HeadHistory,
	touched: readonly Touch[]
): Omit<PointStart, 'distanceCm'> {
	const natural: Fibre = {
		...naturalPigment(history.naturalLevel, history.warmth),
		layers: []
	};
	let aged: Aged = { fibre: natural, white: WHITE_FIBRE, wear: 0, dose: 0 };
	for (const { event, then } of touched) aged = undergo(aged, event, then, history);
	const condition = 100 * Math.exp(-aged.wear);
	return {
		...saturated(aged),
		condition,
		porosity: condition < POROUS_BELOW ? 'high' : (history.porosity ?? 'normal'),
		...(touched.length > 0 ? { remembered: { before: natural, dose: aged.dose } } : {})
	};
}

function undergo(aged: Aged, event: HistoryEvent, then: number, history: HeadHistory): Aged {
	const head: HeadFactors = history;
	switch (event.kind) {
		case 'cut':
			return aged;
		case 'perm':
		case 'relaxer':
			return { ...aged, wear: aged.wear + HISTORY_WEAR[event.kind] };
		case 'henna':
			return dyed(aged, HENNA, 'permanent', event.weeksAgo, history);
		case 'colour':
			return dyed(
				worn(aged, event.vehicle, then, head),
				event.shade,
				event.vehicle,
				event.weeksAgo,
				history
			);
		case 'lightening': {
			if ('toLevel' in event.how) {
				const dose = doseToLevel(aged.fibre, event.how.toLevel);
				return lightened(aged, dose, HISTORY_WEAR.lightened);
			}
			const application: Application = { ...event.how, distanceCm: then };
			const dose = doseOf(application, head);
			return lightened(aged, dose, wearOf(application, head, aged.fibre, dose));
		}
	}
}

const lightened = (aged: Aged, dose: number, wear: number): Aged => ({
	fibre: lightenFibre(aged.fibre, dose),
	white: lightenFibre(aged.white, dose),
	wear: aged.wear + wear,
	dose: aged.dose + dose
});

const TINTS: Partial<Record<Vehicle, Product>> = { permanent: 'permanent', highLift: 'highLift' };

/**
 * What a remembered tint took of the condition, at 20 vol and its full time. The pigment beneath counts
 * as untouched: the level that is read says what it lifted.
 */
function worn(aged: Aged, vehicle: Vehicle, then: number, head: HeadFactors): Aged {
	const product = TINTS[vehicle];
	if (!product) return aged;
	const application: Application = {
		product,
		ratio: VEHICLES[vehicle].ratio,
		volume: 20,
		minutes: VEHICLES[vehicle].fullMinutes,
		placement: 'onScalp',
		distanceCm: then
	};
	return { ...aged, wear: aged.wear + wearOf(application, head) };
}

function dyed(
	aged: Aged,
	shade: Shade,
	vehicle: Vehicle,
	weeksAgo: number,
	history: HeadHistory
): Aged {
	const washes = weeksAgo * (history.washesPerWeek ?? USUAL_WASHES);
	const add = (fibre: Fibre): Fibre => {
		const dyes = rememberedDeposit(shade, vehicle, fibre, {
			texture: history.texture,
			naturalRed: history.warmth === 'red'
		});
		// Fading and later lightening both multiply, so the order in which they are counted is free.
		return withLayer(fibre, {
			vehicle,
			level: shade.level,
			dyes: fadeDyes(dyes, vehicle, washes)
		});
	};
	return { ...aged, fibre: add(aged.fibre), white: add(aged.white) };
}
