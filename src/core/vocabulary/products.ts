/** What a product is to the hair, and how it is worked with. */
interface ProductFacts {
	/** A lightener takes out natural and artificial pigment; a wash is one with shampoo; a tint spares dye. */
	readonly kind: 'lightener' | 'wash' | 'tint';
	/**
	 * Whether persulfates are in it: what dissolves pigment holds them, and carries every caution of lightener
	 * (allergy, asthma, the scalp's ceiling, overlap), whatever it is called and diluted with.
	 */
	readonly persulfate: boolean;
	/** Against powder lightener (docs/model.md). */
	readonly strength: number;
	/**
	 * Parts of developer to one part that can be worked with: less stays dry or will not spread, more runs
	 * (usual ranges of directions for use; the maker's own go first).
	 */
	readonly ratio: readonly [least: number, most: number];
	/** Whether somebody chooses it for a lift; what only acts beside toning is not offered. */
	readonly chosen: boolean;
}

/** What lightens hair, in the order in which it is offered. A product that is added here is there everywhere. */
export const PRODUCTS = {
	powder: { kind: 'lightener', persulfate: true, strength: 1, ratio: [1, 3], chosen: true },
	cream: { kind: 'lightener', persulfate: true, strength: 0.9, ratio: [1, 3], chosen: true },
	clay: { kind: 'lightener', persulfate: true, strength: 0.8, ratio: [1, 2.5], chosen: true },
	oil: { kind: 'lightener', persulfate: true, strength: 0.6, ratio: [0.5, 2], chosen: true },
	bleachWash: { kind: 'wash', persulfate: true, strength: 0.58, ratio: [1, 4], chosen: true },
	highLift: { kind: 'tint', persulfate: false, strength: 0.41, ratio: [1, 2], chosen: true },
	permanent: { kind: 'tint', persulfate: false, strength: 0.165, ratio: [1, 2], chosen: true },
	alkalineDemi: { kind: 'tint', persulfate: false, strength: 0.06, ratio: [1, 2], chosen: false }
} as const satisfies Readonly<Record<string, ProductFacts>>;

export type Product = keyof typeof PRODUCTS;
/** What somebody chooses for a lift. */
export type ChosenProduct = {
	[P in Product]: (typeof PRODUCTS)[P]['chosen'] extends true ? P : never;
}[Product];

export const factsOf = (product: Product): ProductFacts => PRODUCTS[product];

export const CHOSEN_PRODUCTS = (Object.keys(PRODUCTS) as Product[]).filter(
	(product): product is ChosenProduct => factsOf(product).chosen
);
