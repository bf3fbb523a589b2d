import { pointAt, type ReadyPoint } from '../lift';
import { bisect } from '../numeric';
import { SERVICE_MINUTES, TAPPED } from './constants';
import type { LaidSection } from './onHead';
import { rinseTakes } from './rinse';

/** A section that lies, or will. */
export interface Lying {
	readonly laid: LaidSection;
	/** As it goes on by the rate that is reckoned with. */
	readonly strand: ReadyPoint;
	/** Level that it is brought to. */
	readonly target: number;
}

/** When a section comes off. */
export interface Turn {
	/** From the first brush stroke; never past its limit. */
	readonly minute: number;
	/** Which of the head's rinses it comes off in, from 0; what is wiped off before has none. */
	readonly rinse: number | undefined;
}

/** Sections that come off together. */
interface Block {
	readonly of: readonly Lying[];
	/** Minute that was planned. */
	readonly planned: number;
	minute: number;
	/** Whoever lies longest of it may lie no longer. */
	readonly limit: number;
}

/**
 * When each section comes off. What was planned to be rinsed together still is: on the mean it lies as long as
 * was planned; where the plan bends to the head, until on the mean it is where the plan was to bring it. None
 * lies past its limit.
 * @param bendsFrom the plan bends to how the head lifts, from this minute on; left out, it stays
 */
export function turnsOf(sections: readonly Lying[], bendsFrom?: number): Turn[] {
	const together = new Map<number, Lying[]>();
	for (const one of sections) {
		const { wipedFirst, rinse } = one.laid.planned;
		if (wipedFirst) continue;
		together.set(rinse, [...(together.get(rinse) ?? []), one]);
	}
	const blocks = [...together]
		.sort(([p], [q]) => p - q)
		.map(([planned, of]) => blockOf(planned, of, bendsFrom));
	spaceOut(blocks);
	return sections.map((one): Turn => {
		const { limitMinute, longer, recoatMinute, wipedMinute } = one.laid;
		const rinse = blocks.findIndex(({ of }) => of.includes(one));
		const own = blocks[rinse]?.minute ?? blockOf(0, [one], bendsFrom).minute;
		// What was wiped off waits for the water, and lies no longer.
		if (wipedMinute !== undefined) return { minute: own, rinse: rinse < 0 ? undefined : rinse };
		const given = (recoatMinute === undefined ? own : recoatMinute + TAPPED.recoatMinutes) + longer;
		return given > limitMinute || given !== own || rinse < 0
			? { minute: Math.min(limitMinute, given), rinse: undefined }
			: { minute: own, rinse };
	});
}

const meanOf = (numbers: readonly number[]): number =>
	numbers.reduce((sum, one) => sum + one, 0) / numbers.length;

function blockOf(planned: number, of: readonly Lying[], bendsFrom: number | undefined): Block {
	const on = Math.max(...of.map(({ laid }) => laid.to)) + SERVICE_MINUTES.leastLast;
	const limits = of.map(({ laid }) => laid.limitMinute);
	const stays = meanOf(of.map(({ laid }) => laid.at + laid.planned.rinse - laid.planned.at));
	// Who is past the limit is wiped off alone; the others wait for none of it.
	const last = Math.max(...limits);
	const minute =
		bendsFrom === undefined ? stays : reachedAt(of, Math.min(last, Math.max(on, bendsFrom)), last);
	return { of, planned, minute: Math.min(last, Math.max(on, minute)), limit: last };
}

/** From when a block is on the mean where the plan was to bring it; at its last minute, where it never is. */
function reachedAt(of: readonly Lying[], from: number, last: number): number {
	const wanted = meanOf(of.map(({ laid, target }) => Math.min(target, laid.finish.level)));
	const reached = (minute: number) =>
		meanOf(
			of.map(({ laid, strand }) => pointAt(strand, Math.min(minute, laid.limitMinute)).level)
		) >= wanted;
	if (reached(from)) return from;
	return reached(last) ? bisect(reached, from, last, 0.1) : last;
}

/** Each rinse comes once the one before it is done; what would wait at the basin too long goes earlier. */
function spaceOut(blocks: readonly Block[]): void {
	const takes = rinseTakes(Math.max(1, blocks.length));
	const gap = (i: number) => Math.min(takes, blocks[i]!.planned - blocks[i - 1]!.planned);
	for (let i = 1; i < blocks.length; i++) {
		const one = blocks[i]!;
		one.minute = Math.min(one.limit, Math.max(one.minute, blocks[i - 1]!.minute + gap(i)));
	}
	for (let i = blocks.length - 1; i > 0; i--) {
		const before = blocks[i - 1]!;
		before.minute = Math.min(before.minute, blocks[i]!.minute - gap(i));
	}
}
