export { BOUNDS, inPercent, type Bound } from './bounds';
export {
	ANGLES,
	AREAS,
	CURLS,
	DENSITIES,
	DIRECTIONS,
	KEPT_OUT,
	ORDER_NAMES,
	TECHNIQUES,
	PACES,
	PICKING_NAMES,
	POROSITIES,
	RESULT_KIND_NAMES,
	RINSE_MODES,
	SECTIONS,
	SENSITIVITIES,
	STEP_KINDS,
	STRAND_PARTS,
	WORKED_PARTS,
	TEXTURES,
	UNDERTONES,
	VEHICLES,
	WARMTHS,
	ZONE_NAMES
} from './choices';
export { PLACEMENT_NAMES, PLACEMENTS, type Placement } from './placements';
export { CHOSEN_PRODUCTS, factsOf, type Product } from './products';
