/** sRGB components, 0-1. */
export type Rgb = readonly [r: number, g: number, b: number];

/** Fibres among the others with a colour of their own: white ones, lowlights, what was left out. */
export interface ApartFibres {
	readonly colours: readonly Rgb[];
	/** Share of all fibres, 0-1. */
	readonly share: number;
}

/** Colours along a strand, scalp first, evenly spaced. */
export interface StrandColours {
	readonly hair: readonly Rgb[];
	readonly apart?: readonly ApartFibres[] | undefined;
}
