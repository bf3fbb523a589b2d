import { levelOf, NEUTRALISERS, undertoneOf, type Lab, type Undertone } from '../core/colour';
import { nearestMinute, overToned, rawLab, toneCourse, type ToneMoment } from '../core/tone';
import { tintOf } from '../model/visit/day';
import { aimLab, corePart, filledHair, rawOf } from '../model/visit/tone';
import type { TonePlan, ZoneName } from '../schema/records';
import type { HairView } from './hairView.svelte';
import { DEEPER_THAN_AIM, LEFT_LONGER_MINUTES } from './tonerView.svelte';

/** A zone under the toner, minute by minute. */
export interface ZoneTone {
	readonly zone: ZoneName;
	/** What the toner finds on it. */
	readonly raw: Lab;
	readonly level: number;
	readonly undertone: Undertone;
	/** Somebody saw it; otherwise it is expected. */
	readonly seen: boolean;
	/** Past its time too, every minute from 0. */
	readonly course: readonly ToneMoment[];
	/** As it comes out. */
	readonly toned: ToneMoment;
	/** Minutes that it takes, never more than the toner is left. */
	readonly minutes: number;
	/** So much after the first it is begun, that all of them end together. */
	readonly beginAfter: number;
	/** From this minute on it goes too far; nothing where it does not. */
	readonly tooLate: number | undefined;
}

/**
 * What the toner does on every zone that the service takes in, the darkest first: that one decides what goes into a
 * bowl that they share. Where a tint of the day has coloured the hair only the zone that the figures speak of is told.
 */
export function zoneTones(hair: HairView, tone: TonePlan): ZoneTone[] {
	const tinted = hair.steps.some(({ plan }) => tintOf(plan));
	const parts = hair.toner.parts.map(corePart);
	return hair.zones
		.filter(({ name }) => hair.taken[name] && (!tinted || name === hair.zone.name))
		.map((zone): ZoneTone => {
			const start = hair.startOn(zone);
			const bare = rawOf(start, hair.reading);
			const conditions = { ...hair.toner.conditions, porosity: hair.porosityToTone(zone) };
			const raw = filledHair(bare, tone.filler, conditions);
			const course = toneCourse(raw, parts, conditions, tone.minutes + LEFT_LONGER_MINUTES);
			const aim = hair.aimOf(zone.name);
			const own = course.filter(({ minute }) => minute <= tone.minutes);
			const minutes = nearestMinute(own, aimLab(aim, raw));
			const lab = rawLab(bare);
			const found = undertoneOf(lab);
			const name = start.named?.undertone;
			return {
				zone: zone.name,
				raw: lab,
				level: levelOf(rawLab({ ...bare, whiteShare: 0 })),
				undertone: name ? { ...found, name, neutraliser: NEUTRALISERS[name] } : found,
				seen: start.seen,
				course,
				toned: own.find(({ minute }) => minute === minutes)!,
				minutes,
				beginAfter: tone.minutes - minutes,
				tooLate: overToned(course, aim.level - DEEPER_THAN_AIM)?.minute
			};
		})
		.sort((p, q) => p.level - q.level);
}
