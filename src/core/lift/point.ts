import { levelOfFibre, lightenFibre, WHITE_FIBRE, type Fibre } from './fibre';
import { laid } from './laid';
import type { ReadyPoint } from './prepare';
import type { PointNow } from './strand';
import { wornDose, paleDoses } from './wear';

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
	const { start, contacts } = point;
	let fibre = draw?.start ?? start.fibre;
	let white = start.white ?? WHITE_FIBRE;
	let wear = 0;
	let total = 0;
	// Dose given to `fibre` by the lighteners since it was last worked out.
	let pending = 0;
	let pale: readonly number[] | undefined;
	const settle = () => {
		if (pending > 0) {
			fibre = lightenFibre(fibre, pending);
			if (white.layers.length > 0) white = lightenFibre(white, pending);
		}
		pending = 0;
		pale = undefined;
	};
	for (const contact of contacts) {
		if (minute <= contact.clock.beginsMinute) break;
		const minutes = contact.clock.activeMinutes(minute);
		const dose = contact.rate * minutes * (draw?.speed ?? 1);
		total += dose;
		if (contact.spares) {
			settle();
			fibre = lightenFibre(fibre, dose, true);
			wear += contact.wearPerDose * contact.plainRate * minutes + contact.handling;
			const condition = start.condition * Math.exp(-wear);
			const laying = contact.clock.layingMinutes(minute);
			const hair = {
				minutes: laying,
				condition,
				porosity: start.porosity,
				texture: point.texture,
				naturalRed: point.red
			};
			fibre = laid(contact.mixture, fibre, hair);
			white = laid(contact.mixture, white, hair);
			continue;
		}
		if (!draw) {
			pale ??= paleDoses(fibre);
			const heavier = dose > 0 ? wornDose(pale, pending, pending + dose) / dose : 1;
			wear += contact.wearPerDose * contact.plainRate * minutes * heavier + contact.handling;
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
