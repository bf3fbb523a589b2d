import type { Density, Picking } from '../mix';
import { USUAL_FOILS } from './constants';

/**
 * Foils that a full head of this hair usually takes: fewer where more of it is left out, more for dense
 * hair, thin sections and the finest stitches. A place to start counting from, in whole foils.
 * @param lightShare share of the hair that is lightened, 0-1
 */
export const usualFoils = (
	lightShare: number,
	density: Density,
	picking: Picking,
	section: keyof typeof USUAL_FOILS.section
): number =>
	Math.max(
		6,
		Math.round(
			USUAL_FOILS.head *
				(USUAL_FOILS.least + (1 - USUAL_FOILS.least) * lightShare) *
				USUAL_FOILS.density[density] *
				USUAL_FOILS.section[section] *
				USUAL_FOILS.picking[picking]
		)
	);
