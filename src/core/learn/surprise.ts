import type { SURPRISE_CAUSES } from '../vocabulary';
import {
	heatFactor,
	misread,
	misremembered,
	SCALP,
	SPREAD,
	type Application,
	type AreaName,
	type Fibre,
	type Remembered
} from '../lift';
import { scaleDyes } from '../tone';
import { LEARN, SURPRISE } from './constants';
import { expectedOf, type LevelLook } from './look';

export type SurpriseCause = (typeof SURPRISE_CAUSES)[number];

/** A look with what was expected of it then. */
export interface SurpriseLook {
	readonly look: LevelLook;
	/** Factor on the rate that it was planned with. */
	readonly personal: number;
	readonly remembered?: Remembered | undefined;
}

/** Why a head may have ended otherwise, and how likely that is beside the other causes. */
export interface Surprise {
	readonly cause: SurpriseCause;
	/** Where, if it is a matter of one place. */
	readonly area?: AreaName | undefined;
	/** 0-1; of all causes and of none together 1. */
	readonly likely: number;
	/**
	 * How much it would be: of `head`, `thickness`, `bowlAge` and `oldColour` a factor (on the rate, on how fast a bowl
	 * grows old, on the dye), of `heat` °C, of `reading` levels.
	 */
	readonly size: number;
	/** What it would make of the level on the mean of the looks. */
	readonly levels: number;
}

/** What the looks of a visit say of why it went as it did. */
export interface SurpriseAnswer {
	/** The likeliest first; only what the looks can tell at all. */
	readonly causes: readonly Surprise[];
	/** How likely it is that nothing surprised: the eye errs. */
	readonly nothing: number;
	/** Mean of seen less expected, levels. */
	readonly gap: number;
}

/** A cause with one standard deviation of it put into a look. */
interface Hypothesis {
	readonly cause: SurpriseCause;
	readonly area?: AreaName | undefined;
	readonly changed: (look: SurpriseLook) => LevelLook | undefined;
	readonly sizeOf: (deviations: number) => number;
	/** On the rate, where it is that. */
	readonly rate?: number;
}

const withLast = (look: LevelLook, change: (last: Application) => Application): LevelLook => ({
	...look,
	applications: look.applications.map((each, i, all) =>
		i === all.length - 1 ? change(each) : each
	)
});

const isAtScalp = ({ applications }: LevelLook): boolean =>
	(applications.at(-1)?.distanceCm ?? Infinity) < SCALP.heatZoneCm;

function hypothesesOf(looks: readonly SurpriseLook[]): Hypothesis[] {
	const areas = [...new Set(looks.flatMap(({ look }) => look.area ?? []))];
	const onRate = (
		cause: SurpriseCause,
		sd: number,
		concerns: (look: LevelLook) => boolean,
		area?: AreaName
	): Hypothesis => ({
		cause,
		area,
		rate: Math.exp(sd),
		changed: ({ look }) => (concerns(look) ? look : undefined),
		sizeOf: (deviations) => Math.exp(sd * deviations)
	});
	return [
		onRate('head', LEARN.priorSd, () => true),
		{
			...onRate('heat', Math.log(heatFactor(SURPRISE.scalpC)), isAtScalp),
			sizeOf: (deviations) => SURPRISE.scalpC * deviations
		},
		// One area alone says the same as the head.
		...(areas.length > 1
			? areas.map((area) => onRate('thickness', LEARN.areaSd, (look) => look.area === area, area))
			: []),
		{
			cause: 'bowlAge',
			changed: ({ look }) =>
				withLast(look, (last) => ({
					...last,
					bowlAgeMinutes: (last.bowlAgeMinutes ?? 0) * Math.exp(SURPRISE.bowlAge)
				})),
			sizeOf: (deviations) => Math.exp(SURPRISE.bowlAge * deviations)
		},
		{
			cause: 'oldColour',
			changed: ({ look, remembered }) =>
				look.fibre.layers.length === 0
					? undefined
					: { ...look, fibre: withMore(look.fibre, remembered) },
			sizeOf: (deviations) => Math.exp(SPREAD.history * deviations)
		},
		{
			cause: 'reading',
			changed: ({ look }) => ({ ...look, fibre: misread(look.fibre, SPREAD.startLevel) }),
			sizeOf: (deviations) => SPREAD.startLevel * deviations
		}
	];
}

/** Hair that holds more old colour than was thought. */
function withMore(fibre: Fibre, remembered: Remembered | undefined): Fibre {
	if (remembered) return misremembered(fibre, remembered, SPREAD, 1);
	const more = Math.exp(SPREAD.history);
	const layers = fibre.layers.map((layer) => ({ ...layer, dyes: scaleDyes(layer.dyes, more) }));
	return { ...fibre, layers };
}

/** A change that no eye would see tells nothing, levels over all looks. */
const LEAST_EFFECT = 0.05;

/**
 * Weighs the causes of what was seen against one another, each as if it were the only one: Bayes factors of linear
 * models with one unknown (Kass and Raftery, Journal of the American Statistical Association 90(430), 1995), its
 * size normal, the eye's error normal beside it. Causes whose marks are alike share the likelihood.
 * @returns nothing where nobody looked
 */
export function surpriseOf(looks: readonly SurpriseLook[]): SurpriseAnswer | undefined {
	if (looks.length === 0) return undefined;
	const expected = looks.map(({ look, personal }) => expectedOf(look, personal));
	const gaps = looks.map(({ look }, i) => look.seen - expected[i]!);
	const variance = LEARN.readingSd ** 2;
	const mean = (values: readonly number[]) =>
		values.reduce((sum, value) => sum + value, 0) / values.length;
	const weighed = hypothesesOf(looks).flatMap((hypothesis) => {
		const { changed, rate = 1 } = hypothesis;
		const effect = looks.map((each, i) => {
			const then = changed(each);
			return then === undefined ? 0 : expectedOf(then, each.personal * rate) - expected[i]!;
		});
		const square = effect.reduce((sum, each) => sum + each * each, 0);
		if (square < LEAST_EFFECT ** 2) return [];
		const along = effect.reduce((sum, each, i) => sum + each * gaps[i]!, 0);
		const gain = 1 + square / variance;
		const log = -Math.log(gain) / 2 + along ** 2 / (2 * variance ** 2 * gain);
		const deviations = along / (variance + square);
		return [{ hypothesis, log, deviations, levels: deviations * mean(effect) }];
	});
	// Several places are one cause, and share its weight.
	const places = weighed.filter(({ hypothesis }) => hypothesis.area !== undefined).length;
	const causes = weighed.length - Math.max(0, places - 1);
	const weightOf = (area: AreaName | undefined) =>
		(1 - SURPRISE.nothing) / causes / (area === undefined ? 1 : places);
	const largest = Math.max(0, ...weighed.map(({ log }) => log));
	const weights = weighed.map(
		({ hypothesis, log }) => weightOf(hypothesis.area) * Math.exp(log - largest)
	);
	const none = SURPRISE.nothing * Math.exp(-largest);
	const total = weights.reduce((sum, weight) => sum + weight, none);
	return {
		gap: mean(gaps),
		nothing: none / total,
		causes: weighed
			.map(({ hypothesis: { cause, area, sizeOf }, deviations, levels }, i): Surprise => ({
				cause,
				area,
				likely: weights[i]! / total,
				size: sizeOf(deviations),
				levels
			}))
			.sort((p, q) => q.likely - p.likely)
	};
}
