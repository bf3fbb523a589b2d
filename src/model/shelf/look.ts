import { rgbOf, type StrandColours } from '../../core/colour';
import { naturalPigment, onScale } from '../../core/hair';
import { pigmentOnPath } from '../../core/lift';
import { previewTone } from '../../core/tone';
import { SWATCH_NATURAL_LEVEL } from './strength';
import type { ShelfLine } from '../../schema/records';

type Shade = ShelfLine['shades'][number];

/** A shade is shown on hair this much lighter than itself, levels: there its tone is seen. */
const SHOWN_ON = 0.5;

/**
 * A lock toned with a shade of a line, undiluted and as the line says, on hair a little lighter than the
 * shade: what one would hold in the hand.
 */
export function shadeColours(
	line: ShelfLine,
	{ level, tone, form, intensity }: Shade
): StrandColours {
	const { vehicle, minutes, developerVolume } = line;
	const on = onScale(level + SHOWN_ON);
	const pigment =
		on <= SWATCH_NATURAL_LEVEL
			? naturalPigment(on, 'neutral')
			: pigmentOnPath(SWATCH_NATURAL_LEVEL, 'neutral', on);
	const shade = { level, tone, form, intensity };
	const ratio = vehicle === 'direct' ? 1 : line.ratio;
	const { lab } = previewTone({ pigment }, [{ ...shade, grams: 1 }], {
		vehicle,
		ratio,
		minutes,
		...(developerVolume > 0 ? { developerVolume } : {})
	});
	return { hair: [rgbOf(lab)] };
}

/** A line as it hangs: its shades level by level from the deepest, tone by tone in the order of its key. */
export function hangingShades(
	line: ShelfLine
): { readonly level: number; readonly shades: Shade[] }[] {
	const order = Object.values(line.key);
	const place = ({ tone }: Shade) => (order.includes(tone) ? order.indexOf(tone) : order.length);
	const levels = [...new Set(line.shades.map(({ level }) => level))].sort((p, q) => p - q);
	return levels.map((level) => ({
		level,
		shades: line.shades
			.filter((shade) => shade.level === level)
			.sort((p, q) => place(p) - place(q) || p.code.localeCompare(q.code))
	}));
}
