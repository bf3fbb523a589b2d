import type * as z from 'zod/mini';
import { checkCautions, liesOnScalp, type Facts } from '../../core/caution';
import { cautionWords } from '../../wording/cautions';
import { hexOf } from '../../core/colour';
import { onScale } from '../../core/hair';
import {
	DEFAULT_LIMIT_MINUTES,
	levelInterval,
	predictLift,
	SPREAD,
	startOfReading,
	undertoneInterval,
	type Application
} from '../../core/lift';
import type { predictAnswer, predictRequest } from '../../schema/api';
import { factorsOf } from './hair';

/** Answers `/api/predict`: the lift of each stage, its interval, and the cautions that apply. */
export function predict(request: z.output<typeof predictRequest>): z.input<typeof predictAnswer> {
	const { hair, stages } = request;
	const head = factorsOf(hair, request.personal);
	const start = startOfReading(hair);
	const applications: Application[] = stages.map((stage) => ({
		...stage,
		placement: stage.placement ?? 'foil',
		distanceCm: request.distanceCm
	}));
	const { fibre, white, remembered } = start;
	const results = predictLift(fibre, applications, head, hair.condition, hair.whiteShare, white);
	const intervals = levelInterval(fibre, applications, head, SPREAD, remembered);
	const undertones = undertoneInterval(fibre, applications, head, SPREAD, remembered);
	const lightened =
		(hair.presentLevel ?? hair.naturalLevel) > hair.naturalLevel && !hair.artificial?.length;
	// Every stage by itself: the milder of two may be the one that touches the skin.
	const facts = stages.map((stage): Facts => ({
		henna: false,
		metallicSalts: false,
		patchTest: { standing: 'none' },
		strandTest: { standing: 'none' },
		sensitivities: [],
		scalpIrritated: false,
		underSixteen: false,
		oldColour: (hair.artificial?.length ?? 0) > 0,
		product: stage.product,
		placement: stage.placement ?? 'foil',
		volume: stage.volume,
		minutes: stage.minutes,
		limitMinutes: DEFAULT_LIMIT_MINUTES,
		onScalp: liesOnScalp(stage.placement ?? 'foil'),
		...(lightened ? { overlapVolume: stage.volume } : {}),
		hotRootLevels: 0,
		conditionBefore: hair.condition,
		conditionAfter: results.at(-1)!.condition,
		// The caller says nothing of tests: it is asked for a prediction, not for a consultation.
		usesOxidative: false
	}));
	return {
		stages: results.map((result, i) => ({
			level: onScale(result.level),
			levelLow: onScale(intervals[i]!.low),
			levelHigh: onScale(intervals[i]!.high),
			undertoneLow: undertones[i]!.low,
			undertoneHigh: undertones[i]!.high,
			undertone: result.undertone,
			lab: result.lab,
			hex: hexOf(result.lab),
			dose: result.dose,
			condition: result.condition
		})),
		cautions: checkCautions(...facts).map((caution) => {
			const { title, why, todo } = cautionWords(caution);
			const { code, severity } = caution;
			return { code, severity, message: `${title} ${why} ${todo}` };
		})
	};
}
