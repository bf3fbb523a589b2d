import type { Client, Shelf, Visit } from '../../schema/records';

/** What can be learned of a head. */
export type LearnedOfHead = NonNullable<Client['learnOff']>[number];

/** Something is learned of a head, or no longer, on a draft. */
export function switchLearning(draft: Client, what: LearnedOfHead, on: boolean): void {
	const off = (draft.learnOff ?? []).filter((each) => each !== what);
	if (!on) off.push(what);
	if (off.length > 0) draft.learnOff = off;
	else delete draft.learnOff;
}

/** A visit teaches, or does not, on a draft. */
export function letTeach(draft: Visit, on: boolean): void {
	if (on) delete draft.result.untaught;
	else draft.result.untaught = true;
}

/** The pace of hands is learned from what Chair logs, or no longer, on a draft. */
export function switchPaceLearning(draft: Shelf, on: boolean): void {
	if (on) delete draft.learnOff;
	else draft.learnOff = ['pace'];
}

/**
 * The salon takes a texture's rate from its own heads, on a draft; without one, the published rate is back.
 * @param factor beside the published rate
 */
export function takeTextureRate(
	draft: Shelf,
	texture: Visit['reading']['texture'],
	factor: number | undefined
): void {
	const others = Object.entries(draft.textureRates ?? {}).filter(([name]) => name !== texture);
	const rates: Shelf['textureRates'] = {
		...Object.fromEntries(others),
		...(factor === undefined ? {} : { [texture]: Math.round(100 * factor) / 100 })
	};
	if (Object.keys(rates).length > 0) draft.textureRates = rates;
	else delete draft.textureRates;
}
