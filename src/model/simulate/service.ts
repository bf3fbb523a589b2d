import { describeTone, inTenths } from '../../core/hair';
import { expectedOf, type LevelLook } from '../../core/learn';
import { predictLift, type AreaName, type Fibre } from '../../core/lift';
import { bisect, type Chance } from '../../core/numeric';
import { RETURN_WEEKS_BY_KIND } from '../../core/plan';
import { BOUNDS } from '../../core/vocabulary';
import type { MixedBowl, Shelf, ShelfLine, Visit } from '../../schema/records';
import { plannedOf } from '../commands/result';
import { weighedGrams } from '../day/weighed';
import { dayBowls } from '../visit/dayBowls';
import { aimOf, aimOn } from '../head/exceptions';
import { conditionOf, mainZone, seenFibre, type ZoneStart } from '../head/hair';
import { hairAt, sectionWork, workedIn, type SectionWork } from '../visit/headWork';
import { planAt } from '../visit/kept';
import { applicationOn, learnedFactor, liftTarget, type Learned } from '../visit/lift';
import { conditionsOf, previewChoice, rawOf, aimLab } from '../visit/tone';
import { dayWork } from '../visit/work';

/** What is true of a head, and nobody knows. */
export interface HiddenHead {
	/** Factor on the rate of the lift, 1 for typical. */
	readonly rate: number;
	/** Areas that lift otherwise: factors beside that. */
	readonly areas?: Partial<Record<AreaName, number>>;
}

/** What is true of whoever works on it. */
export interface HiddenHand {
	readonly name: string;
	/** Factor on the minutes of usual hands. */
	readonly pace: number;
	/** Levels that their eye reads lighter than there is. */
	readonly readsOff: number;
	/** Factor on the grams that usual hands put on. */
	readonly uses: number;
	/** They say when all is on: only then is their pace known. */
	readonly taps: boolean;
}

/** A day that is to be worked. */
export interface SimulatedDay {
	/** As it was read, aimed at and planned. */
	readonly planned: Visit;
	readonly shelf: Shelf;
	readonly line: ShelfLine;
	/** What was known of the head by then. */
	readonly learned: Learned;
	readonly head: HiddenHead;
	readonly hand: HiddenHand;
	readonly chance: Chance;
	/** Instant of the first brush stroke. */
	readonly at: Date;
}

/** Error of one look, and how one day differs from another on the same head: log(rate). */
const NOISE = { eye: 0.35, day: 0.04, minutes: 0.06 } as const;
/** Looks come at these shares of the time, and dry at the end. */
const LOOKS = [0.5, 0.75, 1] as const;
/** A fresh bowl is minutes old when its first strand is on. */
const MIXING_MINUTES = 2;

const tenth = (value: number): number => Math.round(value * 10) / 10;

/**
 * A service as it would go on a head of which more is true than is known: planned with what was learned, looked at
 * by somebody whose eye errs, and recorded. It is made with the engine that predicts, so that learning has
 * something true to find.
 */
export function simulateService(day: SimulatedDay): Visit {
	const { shelf, learned, head, hand, chance, at } = day;
	const planned = withMinutes(day);
	const { reading, aim, bowls, lift: plan } = planned;
	const limitMinutes = shelf.limits[plan.product] ?? shelf.limitMinutes;
	const source = { reading, aim, bowls, plan, earlier: [], shelf, learned, usage: 1, limitMinutes };
	const work = dayWork(planned, planned, shelf);
	const today = head.rate * Math.exp(chance.normal(NOISE.day));
	const rateOf = (area?: AreaName) => today * ((area && head.areas?.[area]) ?? 1);
	const eye = () => hand.readsOff + chance.normal(NOISE.eye);

	let on = 0;
	const laid = sectionWork(source).flatMap((section) => {
		if (!section.load) return [];
		const from = on;
		on += section.load.minutes * hand.pace;
		return [{ section, from, to: on }];
	});
	const needed = laid.reduce((sum, { section }) => sum + section.load!.grams, 0);
	const reckoned = laid.reduce((sum, { section }) => sum + section.load!.minutes, 0);
	const bowlAt = (minute: number) =>
		work.main.bowls.findLast(({ mixAtMinute }) => mixAtMinute * hand.pace <= minute) ??
		work.main.bowls[0]!;
	const notes = laid.length === 0 ? [] : LOOKS.flatMap((share, round) => lookAt(share, round));

	function lookAt(share: number, round: number): Visit['run']['notes'] {
		const own = laid.filter(({ section }) =>
			Object.keys(head.areas ?? {}).some((area) => section.section.areas[0] === area)
		);
		const one = round % 2 === 0 && own.length > 0 ? chance.oneOf(own) : chance.oneOf(laid);
		const minutes = tenth(plan.minutes * share);
		const { look, zone, area } = sectionLook(planned, one.section, minutes, {
			bowlAgeMinutes: tenth(
				Math.max(0, one.from - bowlAt(one.from).mixAtMinute * hand.pace) + MIXING_MINUTES
			)
		});
		const { volume, ratio, bowlAgeMinutes = 0 } = look.applications.at(-1)!;
		return [
			{
				id: `${planned.id}-look-${round}`,
				minute: Math.min(BOUNDS.seenMinute.max, tenth((one.from + one.to) / 2 + minutes)),
				zone: zone.name,
				section: one.section.section.id,
				level: inTenths(expectedOf(look, rateOf(area)) + eye()),
				text: '',
				lay: {
					minutes,
					volume,
					ratio,
					bowlAgeMinutes,
					expected: inTenths(expectedOf(look, learnedFactor(learned, area) ?? 1))
				}
			}
		];
	}

	const rinsed = Math.round(on + plan.minutes);
	const end = endOf(day, planned, rateOf());
	const guess = endOf(day, planned, learned.factor);
	const dry = inTenths(end.raw + eye());
	const mixed = mixedBowls(day, planned, work);
	const grams = weighedGrams({ bowls: { mixed } }, 'lightener');
	const took = Math.round(work.chairMinutes + (hand.pace - 1) * reckoned + 6 * chance.normal(1));
	const recordedAt = new Date(at.getTime() + took * 60_000);
	return {
		...planned,
		updatedAt: recordedAt.toISOString(),
		colourist: hand.name,
		status: 'done',
		settled: ['read', 'aim', 'lift', 'bowls', 'chair', 'tone', 'sendOff'],
		bowls: { ...bowls, mixed },
		run: {
			elapsedSeconds: rinsed * 60,
			startedAt: at.toISOString(),
			rinsedAtMinute: Math.min(rinsed, 1440),
			notes: [
				...notes,
				{
					id: `${planned.id}-dry`,
					minute: Math.min(BOUNDS.seenMinute.max, rinsed),
					zone: end.zone.name,
					level: dry,
					dry: true,
					text: ''
				}
			],
			...(reckoned > 0 && hand.taps
				? {
						allOn: {
							minute: Math.max(1, tenth(on * Math.exp(chance.normal(NOISE.minutes)))),
							reckonedMinutes: tenth(reckoned)
						}
					}
				: {})
		},
		result: {
			...planned.result,
			level: inTenths(end.toned + eye() / 2),
			tone: end.word,
			// As it is known once somebody looked: what was predicted before that stands beside it.
			expected: {
				toned: inTenths(tonedOn(day, planned, seenFibre(planned.reading, dry), guess).level),
				lifted: dry,
				predicted: inTenths(guess.raw)
			},
			planned: plannedOf(work),
			leftoverGrams: Math.max(0, Math.round(grams - needed * (hand.uses + chance.normal(0.04)))),
			returnWeeks: RETURN_WEEKS_BY_KIND[aim.kind].from,
			tookMinutes: took,
			...(work.price === undefined ? {} : { price: onList(work.price) }),
			recordedAt: recordedAt.toISOString()
		}
	};
}

/** A price as it is asked for: nobody asks for odd ones. */
const onList = (price: number): number => Math.round(price / 5) * 5;

/** A section as the learning would take a look at it. */
function sectionLook(
	visit: Visit,
	{ section, placement }: SectionWork,
	minutes: number,
	lay: { readonly bowlAgeMinutes: number }
): { readonly look: LevelLook; readonly zone: ZoneStart; readonly area: AreaName | undefined } {
	const { reading, aim, lift } = visit;
	const [area] = workedIn({ reading, aim, plan: lift }, section);
	const hair = hairAt(reading, area);
	const plan = planAt(lift, reading, aim, area);
	const zone = mainZone(hair.zones, plan.covers);
	const { naturalLevel, texture, warmth } = hair.reading;
	return {
		zone,
		area,
		look: {
			fibre: zone.fibre,
			applications: [{ ...applicationOn(plan, zone, minutes), minutes, placement, ...lay }],
			factors: { naturalLevel, texture, warmth },
			condition: conditionOf(hair.reading),
			seen: 0,
			minutes,
			area
		}
	};
}

/** The minutes that bring this head to its target by what is known of it, within what the product allows. */
function withMinutes({ planned, learned, shelf }: SimulatedDay): Visit {
	const { reading, aim, lift } = planned;
	const limit = shelf.limits[lift.product] ?? shelf.limitMinutes;
	const { zone, fibreAt } = headOf(planned);
	const target = liftTarget(aimOn(aimOf(aim, undefined), zone.name));
	const ready = (minutes: number) => fibreAt(minutes, learned.factor).level >= target;
	const minutes = ready(limit) ? bisect(ready, LEAST_MINUTES, limit, 0.5) : limit;
	return { ...planned, reading, lift: { ...lift, minutes: Math.round(minutes) } };
}

/** Nobody rinses sooner. */
const LEAST_MINUTES = 15;

/** The hair that the figures of a head speak of, and how it lies after some minutes. */
function headOf({ reading, aim, lift }: Visit) {
	const plan = planAt(lift, reading, aim, undefined);
	const { zones } = hairAt(reading);
	const zone = mainZone(zones, plan.covers);
	const { naturalLevel, texture, warmth } = reading;
	const fibreAt = (minutes: number, personal: number) =>
		predictLift(
			zone.fibre,
			[applicationOn(plan, zone, minutes)],
			{ naturalLevel, texture, warmth, personal },
			conditionOf(reading)
		).at(-1)!;
	return { zone, fibreAt };
}

/** The hair of a day as it ends. */
interface SimulatedEnd {
	readonly zone: ZoneStart;
	/** Level it was lifted to, and under the toner. */
	readonly raw: number;
	readonly toned: number;
	readonly word: string;
	readonly condition: number;
	readonly dose: number;
}

/** Where the day ends for some rate of the head: bare, and under its toner. */
function endOf(day: SimulatedDay, visit: Visit, rate: number): SimulatedEnd {
	const { lift } = visit;
	const { zone, fibreAt } = headOf(visit);
	const { fibre, level, condition, dose } = fibreAt(lift.minutes, rate);
	const left = { zone, condition, dose };
	const { level: toned, lab } = tonedOn(day, visit, fibre, left);
	return { ...left, raw: level, toned, word: describeTone(lab, 'toned') };
}

/** What the toner of a day comes to on hair that was lifted so far. */
function tonedOn(
	{ line }: SimulatedDay,
	{ reading, aim, tone }: Visit,
	fibre: Fibre,
	{ zone, condition, dose }: Pick<SimulatedEnd, 'zone' | 'condition' | 'dose'>
) {
	const raw = rawOf({ fibre }, reading);
	const conditions = conditionsOf(
		{ ...tone, developerVolume: line.developerVolume },
		reading,
		zone.porosity,
		{ condition, doseToday: dose }
	);
	return previewChoice(tone.parts, raw, conditions, aimLab(aim, raw));
}

/** Every bowl of the day, weighed by a hand that errs by a gram. */
function mixedBowls(
	{ shelf, line, chance, at }: SimulatedDay,
	visit: Visit,
	work: ReturnType<typeof dayWork>
): MixedBowl[] {
	const none = visit.tone.choice !== 'formula';
	const bowls = dayBowls({
		visit,
		shelf,
		work,
		line,
		head: { toner: { none, parts: visit.tone.parts } },
		placed: [],
		lowlights: { bowl: undefined }
	});
	return bowls.map(({ id, kind, step, number, volume, ratio, sections, mixAtMinute, parts }) => ({
		id,
		kind,
		...(step ? { step: step.id } : {}),
		number,
		at: new Date(at.getTime() + (mixAtMinute ?? work.chairMinutes / 2) * 60_000).toISOString(),
		volume,
		ratio,
		sections: [...sections],
		parts: parts
			.filter(({ unit }) => unit === 'g')
			.map(({ key, amount }) => ({
				key,
				name: key,
				grams: Math.max(0, amount + Math.round(chance.normal(0.6))),
				target: amount
			})),
		done: true
	}));
}
