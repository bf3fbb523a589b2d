import type { Bowl } from '../../core/mix';

/** A bowl this full (g) is drawn to the rim. */
const FULL_GRAMS = 160;
const INSIDE = { top: 10, bottom: 84 } as const;

/** Layers of a drawn bowl: lightener below, developers above it, heights in proportion to grams. */
export function bowlFigure(bowl: Bowl) {
	const developers = bowl.blend?.parts ?? [{ volume: 0, grams: bowl.developerGrams }];
	const parts = [
		{ name: 'lightener', kind: 'lightener', grams: bowl.lightenerGrams },
		...developers.map(({ volume, grams }, i) => ({
			name: `${volume} vol`,
			kind: i === 0 ? 'developer' : 'developer second',
			grams
		}))
	];
	const total = parts.reduce((sum, { grams }) => sum + grams, 0);
	// A small bowl still has to show its layers.
	const filled = (INSIDE.bottom - INSIDE.top) * Math.min(0.92, Math.max(0.42, total / FULL_GRAMS));
	let y: number = INSIDE.bottom;
	const layers = parts.map(({ name, kind, grams }) => {
		const height = (filled * grams) / total;
		y -= height;
		return { name, kind, y, height: height + 0.5 };
	});
	return { layers, numberY: y - 6 < 30 ? 46 : y - 6 };
}
