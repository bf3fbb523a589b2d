import {
	conesOf,
	labOfTristimulus,
	tristimulusOfCones,
	tristimulusOfLab,
	type Lab
} from '../colour';
import type { LightName } from './question';

/**
 * Lights of a room against daylight: what reaches the long, the middle and the short cones (reasoned: a warm
 * lamp, a cold tube, a window at dusk).
 */
const LIGHTS: Readonly<Record<LightName, readonly [number, number, number]>> = {
	daylight: [1, 1, 1],
	lamp: [1, 0.93, 0.62],
	tube: [0.92, 0.98, 1.06],
	dusk: [0.66, 0.7, 0.8]
};

/** A colour of daylight as it looks in another light, to an eye that does not adapt to it. */
export function underLight(lab: Lab, light: LightName): Lab {
	if (light === 'daylight') return lab;
	const [long, middle, short] = LIGHTS[light];
	const [l, m, s] = conesOf(tristimulusOfLab(lab));
	return labOfTristimulus(tristimulusOfCones([l * long, m * middle, s * short]));
}
