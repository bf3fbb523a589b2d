import type { BowlPart } from '../../model/visit/dayBowls';

/** A bowl this full (g) is drawn to the rim. */
const FULL_GRAMS = 160;
const INSIDE = { top: 10, bottom: 84 } as const;

/** Layers of a drawn bowl: what is weighed first below, heights in proportion to grams. */
export function bowlFigure(parts: readonly BowlPart[]) {
	const weighed = parts.filter(({ unit }) => unit === 'g');
	const total = weighed.reduce((sum, { amount }) => sum + amount, 0);
	// A small bowl still has to show its layers.
	const filled = (INSIDE.bottom - INSIDE.top) * Math.min(0.92, Math.max(0.42, total / FULL_GRAMS));
	let y: number = INSIDE.bottom;
	let developers = 0;
	const layers = weighed.map(({ key, kind, amount }) => {
		const height = (filled * amount) / Math.max(1, total);
		y -= height;
		if (kind === 'developer') developers++;
		const shade =
			kind !== 'developer' ? 'lightener' : developers > 1 ? 'developer second' : 'developer';
		return { key, shade, y, height: height + 0.5 };
	});
	return { layers, numberY: y - 6 < 30 ? 46 : y - 6 };
}
