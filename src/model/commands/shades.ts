import type { SHADE_FORMS } from '../../core/vocabulary';
import { newId } from '../identity';
import type { ShelfLine } from '../../schema/records';

/** Adds a shade to a line, in place; one of the same code is replaced. */
export function addShade(
	line: ShelfLine,
	code: string,
	level: number,
	tone: string,
	form: (typeof SHADE_FORMS)[number] = 'based'
): void {
	line.shades = line.shades.filter((shade) => shade.code !== code);
	line.shades.push({ id: newId(), code, level, tone, ...(form === 'based' ? {} : { form }) });
}

/** Says on a draft that a tube of a shade is open, or that none is. */
export function setOpen(line: ShelfLine, shadeId: string, open: boolean): void {
	const shade = line.shades.find(({ id }) => id === shadeId);
	if (!shade) return;
	if (open) shade.open = true;
	else delete shade.open;
}

/** Keeps how strong a shade was found to be; the usual strength is kept as none. */
export function keepStrength(
	line: ShelfLine,
	shadeId: string,
	intensity: number | undefined
): void {
	const shade = line.shades.find(({ id }) => id === shadeId);
	if (!shade) return;
	if (intensity === undefined) delete shade.intensity;
	else shade.intensity = intensity;
}
