import { DEFAULT_LIMIT_MINUTES, type Placement, type ReadyPoint } from '../lift';
import { isFoil, type TAP_ACTS } from '../vocabulary';
import { TAPPED } from './constants';
import { passesOf, type HeadStaging } from './headStaging';
import type { BowlId, SectionId, StrandPart } from './ids';
import { readySection, timesOf, type LaterEvent, type StagingProblem, type Timed } from './problem';
import type { SectionFinish, StagedBowl, Staging } from './staging';

/** Something that was done to a section of the head, as it was tapped. Minutes count from the first brush stroke. */
export interface SectionTap {
	readonly act: TapAct;
	readonly section: SectionId;
	readonly part?: StrandPart | undefined;
	readonly minute: number;
	/** Volumes of the fresh bowl that it was coated with. */
	readonly volume?: number | undefined;
}

export type TapAct = (typeof TAP_ACTS)[number];

/** What is known of a service that runs. */
export interface ServiceRun {
	/** In any order; of an act on a section the last counts. */
	readonly taps: readonly SectionTap[];
	/** From the first brush stroke. */
	readonly minute: number;
	/** What was not tapped counts as on when the plan says so; left out, it is being put on until it is tapped. */
	readonly followsPlan?: boolean | undefined;
	/** Minutes at which bowls were mixed in truth; the others move with their first section. */
	readonly mixedAt?: ReadonlyMap<BowlId, number> | undefined;
}

/** A section in its pass, as it was staged. */
export interface Staged {
	readonly problem: StagingProblem;
	readonly planned: Timed;
	readonly part: StrandPart | undefined;
	readonly finish: SectionFinish;
}

/** What is put on in one go: parts of a section that lie in the same packet. */
interface Packet {
	readonly of: readonly Staged[];
	readonly planned: Timed;
	/** Minutes left between it and what was put on before it. */
	readonly pause: number;
}

/** When a packet is put on, as far as that is known. */
export interface Times {
	readonly from: number;
	readonly to: number;
	/** Somebody said so, or it follows the plan. */
	readonly isOn: boolean;
}

/** What was done to a section since it is on. */
interface Since {
	readonly later: readonly LaterEvent[];
	/** Where it lies now. */
	readonly placement: Placement;
	/** Minutes that it was given beyond its turn. */
	readonly longer: number;
	/** When it was last coated anew; nothing where it was not. */
	readonly recoatMinute: number | undefined;
	/** When it was wiped off to wait for its rinse; nothing where it was not, or was coated since. */
	readonly wipedMinute: number | undefined;
}

/** A section with its bowl and its minutes, as far as they are known. */
export interface LaidSection extends Staged, Times, Since {
	readonly bowl: StagedBowl;
	/** It counts from here: the middle of its application. */
	readonly at: number;
	/** The last minute that the product may lie. */
	readonly limitMinute: number;
	/** When its bowl is mixed, and what lies there of it: at the latest then. */
	readonly bowlMinute: number;
	readonly mixedMinute: number;
	/** The first of what is put on in one go. */
	readonly first: boolean;
}

/** The head as it was put on, and as the rest follows: sections in the order of the work. */
export function laidSections(head: HeadStaging, staging: Staging, run: ServiceRun): LaidSection[] {
	const packets = packetsOf(head, staging);
	const times = timesNow(packets, run);
	const mixed = mixedMinutes(packets, times, staging, run);
	return packets.flatMap(({ of }, i) =>
		of.map((one): LaidSection => {
			const { from, to } = times[i]!;
			const at = (from + to) / 2;
			const { bowl, mixedAt } = mixed.get(one.finish.bowl)!;
			const since = sinceOn(one, run.taps, at, bowl.volume);
			return {
				...one,
				...times[i]!,
				...since,
				at,
				bowl,
				// A fresh mixture is another application.
				limitMinute:
					(since.recoatMinute ?? at) + (one.problem.limitMinutes ?? DEFAULT_LIMIT_MINUTES),
				// What was mixed after it was on cannot be what lies there: it was mixed at the latest then.
				bowlMinute: mixedAt,
				mixedMinute: Math.min(mixedAt, from),
				first: one === of[0]
			};
		})
	);
}

/**
 * How a section goes on from when it was put on, ready for any minute.
 * @param rate factor on the rate that it was planned with
 */
export function strandOf(
	{ problem, planned, bowl, mixedMinute, later, ...times }: LaidSection,
	rate = 1
): ReadyPoint {
	const { from, to, at } = times;
	const factors = planned.section.factors ?? problem.factors;
	const section = {
		...planned.section,
		factors: { ...factors, personal: (factors.personal ?? 1) * rate }
	};
	return readySection(problem, { ...planned, section, from, to, at }, bowl, mixedMinute, later);
}

/** Where a packet lies once it was opened or covered, by where it lay. */
export function movedTo(
	act: 'open' | 'cover' | 'cap',
	placement: Placement,
	onScalp: boolean
): Placement {
	if (act === 'cap') return 'cap';
	if (act === 'open') return onScalp ? 'onScalp' : 'openAir';
	return isFoil(placement) ? 'foilCovered' : 'film';
}

function sinceOn(
	{ finish, part, planned: { section } }: Staged,
	taps: readonly SectionTap[],
	at: number,
	volume: number
): Since {
	let { placement } = section;
	let longer = 0;
	let recoatMinute: number | undefined;
	let wipedMinute: number | undefined;
	const later: LaterEvent[] = [];
	const own = taps.filter((tap) => tap.section === finish.section && tap.part === part);
	for (const { act, minute, ...tap } of own.toSorted((p, q) => p.minute - q.minute)) {
		if (minute <= at) continue;
		switch (act) {
			case 'longer':
				longer += TAPPED.longerMinutes;
				break;
			case 'recoat':
				later.push({ kind: 'recoat', minute, volume: tap.volume ?? volume });
				({ placement } = section);
				recoatMinute = minute;
				wipedMinute = undefined;
				break;
			case 'open':
			case 'cover':
			case 'cap':
				placement = movedTo(act, placement, section.onScalp === true);
				later.push({ kind: 'place', minute, placement });
				break;
			case 'wipe':
			case 'acidStop':
				later.push({ kind: 'wipe', minute, acidStop: act === 'acidStop' });
				wipedMinute = minute;
		}
	}
	return { later, placement, longer, recoatMinute, wipedMinute };
}

/** Level that a section is brought to. */
export const targetOf = ({ problem, planned }: Staged, staging: Staging): number =>
	(problem.target ?? staging.target) + (planned.section.aimAbove ?? 0);

/** When each bowl is mixed: as it was, or moved along with the first section that takes of it. */
function mixedMinutes(
	packets: readonly Packet[],
	times: readonly Times[],
	staging: Staging,
	{ mixedAt }: ServiceRun
): Map<number, { readonly bowl: StagedBowl; readonly mixedAt: number }> {
	const mixed = new Map<number, { readonly bowl: StagedBowl; readonly mixedAt: number }>();
	packets.forEach(({ of, planned }, i) => {
		for (const { finish } of of) {
			if (mixed.has(finish.bowl)) continue;
			const bowl = staging.bowls.find(({ number }) => number === finish.bowl)!;
			const moved = bowl.mixAtMinute + times[i]!.from - planned.from;
			mixed.set(finish.bowl, { bowl, mixedAt: mixedAt?.get(bowl.id) ?? moved });
		}
	});
	return mixed;
}

/** What is put on, packet by packet in the order of the work, with what was staged for it. */
function packetsOf(head: HeadStaging, staging: Staging): Packet[] {
	const staged = passesOf(head).flatMap(({ part, problem }) =>
		timesOf(problem).flatMap((planned): Staged[] => {
			const finish = staging.finish.find(
				(one) => one.section === planned.section.id && one.part === part
			);
			return finish ? [{ problem, planned, part, finish }] : [];
		})
	);
	const groups = new Map<string, Staged[]>();
	for (const one of staged) {
		const key = `${one.finish.section} ${one.planned.from}`;
		groups.set(key, [...(groups.get(key) ?? []), one]);
	}
	const inOrder = [...groups.values()].sort((p, q) => p[0]!.planned.from - q[0]!.planned.from);
	return inOrder.map((of, i) => {
		const { planned } = of[0]!;
		const before = i === 0 ? 0 : inOrder[i - 1]![0]!.planned.to;
		return { of, planned, pause: Math.max(0, planned.from - before) };
	});
}

function timesNow(
	packets: readonly Packet[],
	{ taps, minute, followsPlan = false }: ServiceRun
): Times[] {
	let late = 0;
	let free = 0;
	return packets.map(({ of, planned, pause }): Times => {
		const lasts = planned.to - planned.from;
		const parts = of.map(({ part }) => part);
		const on = lastTap(taps, 'on', of[0]!.finish.section, parts);
		// Who is early waits out a pause that was planned; who is late keeps its length.
		const begin = planned.from + (pause > 0 ? Math.max(0, late) : late);
		const from = on === undefined ? begin : Math.min(on, Math.max(free, on - lasts));
		// What should be on and was not tapped is still being put on.
		const stays = !followsPlan && minute >= begin;
		const to = on ?? Math.max(begin + lasts, stays ? minute : 0);
		late = to - planned.to;
		free = to;
		return { from, to, isOn: followsPlan || on !== undefined };
	});
}

/** The minute at which an act was last done to a section; nothing when it was not. */
export const lastTap = (
	taps: readonly SectionTap[],
	act: SectionTap['act'],
	section: SectionId,
	parts: readonly (StrandPart | undefined)[]
): number | undefined =>
	taps.findLast((tap) => tap.act === act && tap.section === section && parts.includes(tap.part))
		?.minute;
