import { sparesDye, type Application, type HeadFactors } from './application';
import { doseOf } from './dose';
import { levelOfFibre, lightenFibre, type Fibre } from './fibre';

/** One thing that moved a prediction away from the plain case. */
export interface Cause {
	readonly name:
		| 'product'
		| 'volume'
		| 'ratio'
		| 'minutes'
		| 'heat'
		| 'thickness'
		| 'damp'
		| 'additive'
		| 'texture'
		| 'personal'
		| 'artificial colour';
	/** Levels gained (positive) or lost against the plain case. */
	readonly levels: number;
}

/** The case every prediction is explained against: powder, 20 vol, 1:2, in foil, fully reached. */
export const PLAIN: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 40,
	placement: 'foil',
	section: 'seeThrough'
};

interface Setting {
	readonly application: Application;
	readonly head: HeadFactors;
	readonly fibre: Fibre;
}

const levelOf = ({ application, head, fibre }: Setting): number =>
	levelOfFibre(lightenFibre(fibre, doseOf(application, head), sparesDye(application.product)));

/** How each cause, taken from the actual case, changes a setting. */
const causesOf = (actual: Setting): [Cause['name'], (setting: Setting) => Setting][] => {
	const { application: a } = actual;
	const applied =
		(change: Partial<Application>) =>
		(setting: Setting): Setting => ({
			...setting,
			application: { ...setting.application, ...change }
		});
	const headed =
		(change: Partial<HeadFactors>) =>
		(setting: Setting): Setting => ({ ...setting, head: { ...setting.head, ...change } });
	return [
		['artificial colour', (setting) => ({ ...setting, fibre: actual.fibre })],
		['product', applied({ product: a.product, second: a.second })],
		['volume', applied({ volume: a.volume })],
		['ratio', applied({ ratio: a.ratio })],
		[
			'heat',
			applied({
				placement: a.placement,
				temperatureC: a.temperatureC,
				distanceCm: a.distanceCm
			})
		],
		['thickness', applied({ section: a.section })],
		['damp', applied({ damp: a.damp })],
		['additive', applied({ bondAdditive: a.bondAdditive })],
		['texture', headed({ texture: actual.head.texture })],
		['personal', headed({ personal: actual.head.personal })],
		['minutes', applied({ minutes: a.minutes })]
	];
};

/**
 * What moved a prediction, as levels against the plain case on the same natural hair. The causes work
 * together, so each is given the mean of what it does when the causes are put in one after another,
 * and in the opposite order; either way they add up to the whole difference exactly.
 * @param uncoloured the same hair without its old colour
 * @returns the plain level, the predicted level, and the causes that matter, largest first
 */
export function explainLift(
	fibre: Fibre,
	uncoloured: Fibre,
	application: Application,
	head: HeadFactors
): { readonly plain: number; readonly level: number; readonly causes: readonly Cause[] } {
	const actual: Setting = { application, head, fibre };
	const start: Setting = {
		application: PLAIN,
		head: { naturalLevel: head.naturalLevel, texture: 'medium' },
		fibre: uncoloured
	};
	const steps = causesOf(actual);
	const inOrder = (order: typeof steps): Map<Cause['name'], number> => {
		const gains = new Map<Cause['name'], number>();
		let setting = start;
		let before = levelOf(setting);
		for (const [name, put] of order) {
			setting = put(setting);
			const after = levelOf(setting);
			gains.set(name, after - before);
			before = after;
		}
		return gains;
	};
	const forwards = inOrder(steps);
	const backwards = inOrder(steps.toReversed());
	const causes = steps
		.map(([name]) => ({ name, levels: (forwards.get(name)! + backwards.get(name)!) / 2 }))
		.filter(({ levels }) => Math.abs(levels) > 1e-9)
		.sort((p, q) => Math.abs(q.levels) - Math.abs(p.levels));
	return { plain: levelOf(start), level: levelOf(actual), causes };
}
