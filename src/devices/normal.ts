/** A normal deviate from two even ones, 0 ≤ x < 1 (Box and Muller). */
export const normalFrom = (random: () => number): number =>
	Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
