import { seenWithout, type Deficiency, type Lab } from '../core/colour';

/** With which eyes the hair of this window's practice is drawn. */
class Eyes {
	eye = $state<Deficiency | 'usual'>('usual');
	/** A colour as these eyes see it. */
	sees = (lab: Lab): Lab => (this.eye === 'usual' ? lab : seenWithout(lab, this.eye));
}

export const eyes = new Eyes();
