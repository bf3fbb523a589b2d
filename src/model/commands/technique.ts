import { volumeCeiling, type Ceilings } from '../../core/caution';
import { STARTS_AT } from '../../core/lift';
import { isFoil } from '../../core/vocabulary';
import { ordersOf } from '../../core/work';
import type { BowlsPlan, Visit } from '../../schema/records';

/**
 * Works a head by another technique, on a draft. A retouch by brush goes on the root alone, from the skin,
 * without foils, and no stronger than the scalp bears.
 */
export function takeTechnique(
	{ bowls, lift }: Visit,
	technique: BowlsPlan['technique'],
	ceilings: Ceilings | undefined
): void {
	bowls.technique = technique;
	const orders = ordersOf(technique);
	if (!orders.includes(bowls.order)) bowls.order = orders[0]!;
	if (technique !== 'retouch') return;
	lift.covers = { root: true, lengths: false, ends: false };
	if (isFoil(lift.placement)) lift.placement = 'onScalp';
	lift.startsAtMm = Math.min(lift.startsAtMm, STARTS_AT.retouch);
	lift.volume = Math.min(lift.volume, volumeCeiling(lift.product, lift.placement, ceilings, true));
}
