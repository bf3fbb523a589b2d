import { depositOf, type Vehicle } from '../tone';
import { WEAR } from './constants';
import type { Mixture } from './events';
import { levelOfFibre, lightenFibre, WHITE_FIBRE, type DyeLayer, type Fibre } from './fibre';
import type { ReadyPoint, ReadySpell } from './prepare';
import type { PointNow } from './strand';
import { doseToDoubling } from './wear';

const VEHICLE_OF: Partial<Record<Mixture['product'], Vehicle>> = {
	highLift: 'highLift',
	permanent: 'permanent',
	alkalineDemi: 'demi'
};

/** What a tint has laid on a fibre by now, as a layer of its own. */
function laid(
	spell: ReadySpell,
	onto: Fibre,
	point: ReadyPoint,
	condition: number,
	minutes: number
) {
	const { mixture } = spell;
	const vehicle = VEHICLE_OF[mixture.product];
	if (!vehicle || !mixture.formula || minutes <= 0) return onto;
	const dyes = depositOf(mixture.formula, onto, {
		vehicle,
		ratio: mixture.ratio,
		minutes,
		porosity: point.start.porosity,
		texture: point.texture,
		naturalRed: point.red,
		condition,
		developerVolume: mixture.volume
	});
	const levels = mixture.formula.flatMap((part) => ('level' in part ? [part.level] : []));
	const layer: DyeLayer = { vehicle, level: Math.min(...levels, 12), layers: 1, dyes };
	return { ...onto, layers: [...onto.layers, layer] };
}

/** A factor on every dose: one way in which this head may differ from what is expected of it. */
export interface PointDraw {
	readonly speed: number;
	readonly start: Fibre;
}

/**
 * A point at a minute. Lighteners that follow one another add their doses; a tint in between sees the
 * natural pigment alone and lays its dye over what it finds.
 */
export function pointAt(point: ReadyPoint, minute: number, draw?: PointDraw): PointNow {
	const { start, spells } = point;
	let fibre = draw?.start ?? start.fibre;
	let white = start.white ?? WHITE_FIBRE;
	let wear = 0;
	let total = 0;
	// Dose given to `fibre` by the lighteners since it was last worked out.
	let pending = 0;
	let doubling: number | undefined;
	const settle = () => {
		if (pending > 0) {
			fibre = lightenFibre(fibre, pending);
			if (white.layers.length > 0) white = lightenFibre(white, pending);
		}
		pending = 0;
		doubling = undefined;
	};
	for (const spell of spells) {
		if (minute <= spell.clock.beginsMinute) break;
		const minutes = spell.clock.activeMinutes(minute);
		const dose = spell.rate * minutes * (draw?.speed ?? 1);
		total += dose;
		if (spell.spares) {
			settle();
			fibre = lightenFibre(fibre, dose, true);
			wear += spell.wearPerDose * spell.plainRate * minutes + WEAR.handling;
			const condition = start.condition * Math.exp(-wear);
			const laying = spell.clock.layingMinutes(minute);
			fibre = laid(spell, fibre, point, condition, laying);
			white = laid(spell, white, point, condition, laying);
			continue;
		}
		if (!draw) {
			doubling ??= thresholdOf(fibre);
			const doubled =
				dose > 0
					? (Math.max(0, pending + dose - doubling) - Math.max(0, pending - doubling)) / dose
					: 0;
			wear += spell.wearPerDose * spell.plainRate * minutes * (1 + doubled) + WEAR.handling;
		}
		pending += dose;
	}
	settle();
	return {
		distanceCm: start.distanceCm,
		fibre,
		white,
		level: levelOfFibre(fibre),
		condition: start.condition * Math.exp(-wear),
		dose: total
	};
}

/** More dose than any service gives: past it the threshold does not matter. */
const MOST_DOSE = 24;
const thresholds = new WeakMap<Fibre, number>();

/** Dose from which wear doubles. Points of a zone share their fibre, so it is looked for once. */
function thresholdOf(fibre: Fibre): number {
	let dose = thresholds.get(fibre);
	if (dose === undefined) thresholds.set(fibre, (dose = doseToDoubling(fibre, MOST_DOSE)));
	return dose;
}
