import { emptySpectrum, EUMELANIN, WAVELENGTHS, type Spectrum } from '../colour';
import { DYES } from './constants';

/** The six dyes and the brown base of tubes. */
export type DyeName = keyof typeof DYES | 'brown';

/** Amount of each dye, dimensionless absorbance at its peak, ≥ 0. */
export type DyeAmounts = Readonly<Partial<Record<DyeName, number>>>;

/** All dyes in a fixed order. */
export const DYE_NAMES = [
	'brown',
	'violet',
	'blue',
	'green',
	'red',
	'orange',
	'yellow'
] as const satisfies readonly DyeName[];

const gaussians = (
	lobes: readonly { readonly peak: number; readonly sd: number; readonly height: number }[]
): Spectrum =>
	Float64Array.from(WAVELENGTHS, (nm) =>
		lobes.reduce(
			(sum, { peak, sd, height }) => sum + height * Math.exp(-0.5 * ((nm - peak) / sd) ** 2),
			0
		)
	);

/** Unit absorbance of each dye. The brown base has the shape of eumelanin. */
export const DYE_SPECTRA: Readonly<Record<DyeName, Readonly<Spectrum>>> = {
	brown: EUMELANIN,
	violet: gaussians(DYES.violet),
	blue: gaussians(DYES.blue),
	green: gaussians(DYES.green),
	red: gaussians(DYES.red),
	orange: gaussians(DYES.orange),
	yellow: gaussians(DYES.yellow)
};

/** Absorbance of a mixture of dyes. */
export function dyeSpectrum(amounts: DyeAmounts, out: Spectrum = emptySpectrum()): Spectrum {
	out.fill(0);
	for (const name of DYE_NAMES) {
		const amount = amounts[name];
		if (amount) addDyeTo(out, name, amount);
	}
	return out;
}

/** Adds one dye to a spectrum in place. */
export function addDyeTo(spectrum: Spectrum, name: DyeName, amount: number): void {
	const unit = DYE_SPECTRA[name];
	for (let i = 0; i < unit.length; i++) spectrum[i]! += amount * unit[i]!;
}

/** Sum of two mixtures of dyes, the second scaled. */
export function addDyes(one: DyeAmounts, other: DyeAmounts, scale = 1): DyeAmounts {
	const sum: Partial<Record<DyeName, number>> = { ...one };
	for (const name of DYE_NAMES) {
		const extra = other[name];
		if (extra) sum[name] = (sum[name] ?? 0) + scale * extra;
	}
	return sum;
}

/** A mixture of dyes, every amount times a factor. */
export const scaleDyes = (amounts: DyeAmounts, scale: number): DyeAmounts =>
	addDyes({}, amounts, scale);

const AT_550 = WAVELENGTHS.indexOf(550);

/** Absorbance of a mixture of dyes at 550 nm, where a unit of brown pigment has 1. */
export const absorbanceAt550 = (amounts: DyeAmounts): number =>
	DYE_NAMES.reduce((sum, name) => sum + (amounts[name] ?? 0) * DYE_SPECTRA[name][AT_550]!, 0);
