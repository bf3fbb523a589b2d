import { TEXTURE_SPEED, type Texture } from '../hair';
import { FIT, LEARN } from './constants';
import { learnHead, type LookedVisit } from './head';
import { expectedOf, type LevelLook } from './look';
import { UNKNOWN_CLIENT } from './personal';

/** A head of a salon, with all that was seen of it. */
export interface SeenHead {
	readonly texture: Texture;
	readonly visits: readonly LookedVisit<LevelLook>[];
}

/** What a salon's own heads say of how fast a texture lifts. */
export interface TextureFit {
	readonly texture: Texture;
	/** Factor on the rate as it is published, and as these heads have it. */
	readonly published: number;
	readonly fitted: number;
	/** Standard deviation of log(fitted). */
	readonly sd: number;
	readonly heads: number;
	readonly looks: number;
	/** Root mean square error of a head nobody has seen, levels: as published, and with it. */
	readonly errorBefore: number;
	readonly errorAfter: number;
	/** It is worth taking: enough heads, more than what is not known, and a gain that shows. */
	readonly worth: boolean;
}

interface HeadSays {
	readonly head: SeenHead;
	/** log(rate) that its looks say by themselves, and the variance of that among heads. */
	readonly says: number;
	readonly variance: number;
}

/** A head by itself: its posterior with what everybody shares taken out of it. */
function saysOf(head: SeenHead): HeadSays | undefined {
	const { personal } = learnHead(head.visits);
	const prior = 1 / UNKNOWN_CLIENT.sd ** 2;
	const precision = 1 / personal.sd ** 2 - prior;
	if (precision < prior / 100) return undefined;
	const says = personal.mean / (personal.sd ** 2 * precision);
	return { head, says, variance: LEARN.priorSd ** 2 + 1 / precision };
}

/** Mean of log(rate) of a texture, by Bayes from its heads. */
function meanOf(heads: readonly HeadSays[]): { readonly mean: number; readonly sd: number } {
	const prior = 1 / FIT.priorSd ** 2;
	const precision = heads.reduce((sum, { variance }) => sum + 1 / variance, prior);
	return {
		mean: heads.reduce((sum, { says, variance }) => sum + says / variance, 0) / precision,
		sd: 1 / Math.sqrt(precision)
	};
}

/**
 * Constants of the textures as a salon's own heads have them: a random-effects mean, each head weighed by how well
 * it is known. The gain is that on heads which were left out of the fit, one after the other.
 * @param heads of one texture; none is fitted from the heads of another
 * @returns nothing where too few heads were seen
 */
export function fitTexture(heads: readonly SeenHead[]): TextureFit | undefined {
	const known = heads.flatMap((head) => saysOf(head) ?? []);
	if (known.length < FIT.leastHeads) return undefined;
	const { texture } = known[0]!.head;
	const { mean, sd } = meanOf(known);
	let before = 0;
	let after = 0;
	let looks = 0;
	for (const one of known) {
		const others = Math.exp(meanOf(known.filter((each) => each !== one)).mean);
		for (const look of one.head.visits.flatMap((visit) => visit.looks)) {
			before += (look.seen - expectedOf(look, 1)) ** 2;
			after += (look.seen - expectedOf(look, others)) ** 2;
			looks++;
		}
	}
	const [errorBefore, errorAfter] = [before, after].map((sum) => Math.sqrt(sum / looks)) as [
		number,
		number
	];
	return {
		texture,
		published: TEXTURE_SPEED[texture],
		fitted: TEXTURE_SPEED[texture] * Math.exp(mean),
		sd,
		heads: known.length,
		looks,
		errorBefore,
		errorAfter,
		worth: Math.abs(mean) > sd && errorAfter < errorBefore * (1 - FIT.leastGain)
	};
}
