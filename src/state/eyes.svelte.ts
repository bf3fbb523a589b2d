import type { Deficiency } from '../core/colour';

/** With which eyes the hair of this window's practice is drawn. */
class Eyes {
	eye = $state<Deficiency | 'usual'>('usual');
}

export const eyes = new Eyes();
