import type { Steps } from '../steps';
import type { HeadStaging } from './headStaging';
import { stageHeadSteps } from './stageHead';

/** A head worked in one of several ways. */
export interface HeadWay {
	readonly name: string;
	readonly head: HeadStaging;
}

/** How even and how near a way comes; nothing where it cannot be worked. */
export interface HeadWayResult {
	readonly name: string;
	readonly outcome?:
		| {
				readonly spread: number;
				readonly shortfall: number;
				readonly bowls: number;
				/** Weakest and strongest of them, volumes. */
				readonly weakest: number;
				readonly strongest: number;
				/** Minute of the last rinse. */
				readonly rinseMinute: number;
		  }
		| undefined;
}

/** Works a head in several ways and says how each would come out. */
export function* compareHeadsSteps(ways: readonly HeadWay[]): Steps<HeadWayResult[]> {
	const results: HeadWayResult[] = [];
	for (const [i, { name, head }] of ways.entries()) {
		const answer = yield* stageHeadSteps({ head });
		results.push({
			name,
			...(answer.ok
				? {
						outcome: {
							spread: answer.staging.spread,
							shortfall: answer.staging.shortfall,
							bowls: answer.staging.bowls.length,
							weakest: Math.min(...answer.staging.bowls.map(({ volume }) => volume)),
							strongest: Math.max(...answer.staging.bowls.map(({ volume }) => volume)),
							rinseMinute: Math.max(...answer.staging.finish.map((one) => one.rinseMinute))
						}
					}
				: {})
		});
		yield (i + 1) / ways.length;
	}
	return results;
}
