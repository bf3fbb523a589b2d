import { checkCautions, type Caution } from '../../core/caution';
import { endsCondition } from '../../core/hair';
import type { Client, Visit } from '../../schema/records';
import type { LiftAnswer } from './lift';
import { conditionOf, type ZoneStart } from './hair';

const HOUR_MS = 3_600_000;

/** A caution with what was said about it. */
export interface StandingCaution extends Caution {
	/** The reason with which it was passed. */
	readonly reason: string | undefined;
}

/** The cautions of a visit as it stands. */
export function visitCautions(
	visit: Visit,
	client: Client | undefined,
	zones: readonly ZoneStart[],
	lift: LiftAnswer,
	limitMinutes: number,
	tonerVolume: number | undefined,
	today: Date
): StandingCaution[] {
	const { reading, lift: plan } = visit;
	const covered = zones.filter(({ name }) => plan.covers[name]);
	const state = (name: ZoneStart['name']) => reading.zones[name].state;
	const test = [...(client?.patchTests ?? [])].sort((p, q) => q.date.localeCompare(p.date))[0];
	const retouch =
		plan.covers.root && !plan.covers.lengths && state('lengths') === 'lightened'
			? reading.regrowthCm
			: undefined;
	return checkCautions({
		patchTest: test && {
			hoursAgo: Math.max(0, (today.getTime() - new Date(test.date).getTime()) / HOUR_MS),
			reacted: test.reacted
		},
		strandTest: reading.strandTest === 'none' ? undefined : reading.strandTest,
		henna: reading.henna,
		metallicSalts: reading.metallicSalts,
		oldColour: covered.some(({ name }) => state(name) === 'coloured'),
		minerals: reading.minerals,
		scalpIrritated: reading.scalpIrritated,
		relaxerWeeksAgo: reading.relaxerWeeksAgo,
		underSixteen: client?.underSixteen ?? false,
		product: plan.product,
		placement: plan.placement,
		volume: plan.volume,
		minutes: plan.minutes,
		limitMinutes,
		onScalp: plan.placement === 'onScalp',
		overlapsLightened: covered.some(({ name }) => state(name) === 'lightened'),
		retouchCm: retouch,
		hotRootLevels: lift.rootLead,
		conditionBefore: conditionOf(reading),
		conditionAfter: lift.condition,
		...(plan.covers.ends ? { coveredEndsCondition: endsCondition(reading.strain) } : {}),
		tonerVolume,
		usesOxidative: true
	}).map((caution) => ({
		...caution,
		reason: visit.passed.find(({ code }) => code === caution.code)?.reason
	}));
}

/** Stops that still stand: nobody has written why to go on. */
export const openStops = (cautions: readonly StandingCaution[]): StandingCaution[] =>
	cautions.filter(({ severity, reason }) => severity === 'stop' && reason === undefined);
