/** A part of a bowl: a shade by its level and tone, or clear, which has neither. */
export interface VariedPart {
	readonly name: string;
	readonly level?: number | undefined;
	readonly tone?: string | undefined;
	readonly grams: number;
}

const gramsOf = (parts: readonly VariedPart[]): number =>
	parts.reduce((sum, { grams }) => sum + grams, 0);

/** Share of the bowl that is added by hand to move it: seen, and not another colour (reasoned). */
const TOUCH = 0.15;

/** Parts of one name are one part. */
function joined<P extends VariedPart>(parts: readonly P[]): P[] {
	const bowl = new Map<string, P>();
	for (const part of parts) {
		const known = bowl.get(part.name);
		bowl.set(part.name, known ? { ...known, grams: known.grams + part.grams } : part);
	}
	return [...bowl.values()];
}

/** The bowl between two: half of each, as large as the first. */
export function between<P extends VariedPart>(first: readonly P[], second: readonly P[]): P[] {
	const total = gramsOf(first);
	const half = (parts: readonly P[]) => {
		const own = gramsOf(parts);
		return own > 0
			? parts.map((part) => ({ ...part, grams: (part.grams / own) * (total / 2) }))
			: [];
	};
	return joined([...half(first), ...half(second)]);
}

/** The bowl with some of something added, as large as it was. */
export function withTouch<P extends VariedPart>(parts: readonly P[], added: P): P[] {
	const total = gramsOf(parts);
	const kept = parts.map((part) => ({ ...part, grams: part.grams * (1 - TOUCH) }));
	return joined([...kept, { ...added, grams: total * TOUCH }]);
}

/**
 * The bowl a level deeper: every shade in the same tone one level down, where the line has it.
 * @param shadeOf a shade of the line by its level and tone
 * @returns nothing where the line has none of them deeper
 */
export function deeper<P extends VariedPart>(
	parts: readonly P[],
	shadeOf: (level: number, tone: string) => Omit<P, 'grams'> | undefined
): P[] | undefined {
	const shades = parts.map(({ level, tone }) =>
		level === undefined || tone === undefined ? undefined : shadeOf(level - 1, tone)
	);
	if (shades.every((shade) => shade === undefined)) return undefined;
	return joined(
		parts.map((part, i) => (shades[i] ? ({ ...shades[i], grams: part.grams } as P) : part))
	);
}

/** Share of its clear that a bowl keeps where it is made stronger: about half as much again of its dye. */
const STRONGER_KEEPS = 0.6;

/**
 * The bowl with less clear in it, as large as it was: deeper, where a line has no deeper shades.
 * @param isClear whether a part only thins
 * @returns nothing where nothing thins it
 */
export function stronger<P extends VariedPart>(
	parts: readonly P[],
	isClear: (part: P) => boolean
): P[] | undefined {
	const thin = gramsOf(parts.filter(isClear));
	const own = gramsOf(parts) - thin;
	if (thin <= 0 || own <= 0) return undefined;
	const more = (own + thin * (1 - STRONGER_KEEPS)) / own;
	return parts.map((part) => ({
		...part,
		grams: part.grams * (isClear(part) ? STRONGER_KEEPS : more)
	}));
}
