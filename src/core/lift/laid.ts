import { absorbanceAt550, depositOf, type DepositConditions, type Vehicle } from '../tone';
import type { Application } from './application';
import type { DyeLayer, Fibre } from './fibre';

const VEHICLE_OF: Partial<Record<Application['product'], Vehicle>> = {
	highLift: 'highLift',
	permanent: 'permanent',
	alkalineDemi: 'demi'
};

/**
 * A fibre with what a tint has laid on it, as a layer of its own.
 * @returns the fibre itself where the product is no tint, has no formula, or has not lain yet
 */
export function laid(
	{
		product,
		formula,
		ratio,
		volume
	}: Pick<Application, 'product' | 'formula' | 'ratio' | 'volume'>,
	onto: Fibre,
	conditions: Pick<
		DepositConditions,
		'minutes' | 'porosity' | 'texture' | 'naturalRed' | 'condition'
	>
): Fibre {
	const vehicle = VEHICLE_OF[product];
	if (!vehicle || !formula || conditions.minutes <= 0) return onto;
	const dyes = depositOf(formula, onto, {
		...conditions,
		vehicle,
		ratio,
		developerVolume: volume
	});
	const levels = formula.flatMap((part) => ('level' in part ? [part.level] : []));
	const layer: DyeLayer = { vehicle, level: Math.min(...levels, 12), layers: 1, dyes };
	return {
		...onto,
		layers: [...onto.layers, layer],
		// What is laid over saturated hair shows.
		...(onto.shows === undefined ? {} : { shows: onto.shows + absorbanceAt550(dyes) })
	};
}
