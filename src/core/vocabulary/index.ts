export { BOUNDS, type Bound } from './bounds';
export {
	CURLS,
	DENSITIES,
	DIRECTIONS,
	POROSITIES,
	SECTIONS,
	TEXTURES,
	UNDERTONES,
	VEHICLES,
	WARMTHS,
	ZONE_NAMES
} from './choices';
export { PLACEMENT_NAMES, PLACEMENTS, type Placement } from './placements';
export { CHOSEN_PRODUCTS, factsOf, type Product } from './products';
