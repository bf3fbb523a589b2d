import { isLying, type RunningSection } from './runningSection';
import type { SectionFinish } from './staging';

/**
 * Minutes that a mixture lay on a head, whole: on what is typical of it, which is planned in one strength, while staged
 * bowls differ from section to section so that all come out alike.
 */
export interface Lain {
	readonly minutes: number;
	/** At the root, where root and lengths were worked apart. */
	readonly root?: number | undefined;
	/** Volumes of the developer of most of it, where it was mixed otherwise than planned. */
	readonly volume?: number | undefined;
}

type Lay = Pick<
	RunningSection,
	'state' | 'part' | 'fromMinute' | 'toMinute' | 'offMinute' | 'wipedMinute'
>;

/** Minutes from the middle of its putting on until it came off, was wiped off, or the head was rinsed. */
function layOf({ state, fromMinute, toMinute, offMinute, wipedMinute }: Lay, end: number): number {
	const off = state === 'off' ? offMinute : state === 'wiped' ? (wipedMinute ?? end) : end;
	return Math.max(0, Math.min(off, end) - (fromMinute + toMinute) / 2);
}

const isOn = (one: Lay): boolean => isLying(one) || one.state === 'off' || one.state === 'wiped';

type Finish = Pick<
	SectionFinish,
	'section' | 'part' | 'appliedFromMinute' | 'appliedToMinute' | 'rinseMinute'
>;

/** Minutes that a section was to lie as it was staged. */
const stagedLay = ({ appliedFromMinute, appliedToMinute, rinseMinute }: Finish): number =>
	rinseMinute - (appliedFromMinute + appliedToMinute) / 2;

const mean = (minutes: readonly number[]): number =>
	minutes.reduce((sum, each) => sum + each, 0) / Math.max(1, minutes.length);

/**
 * How long the mixture lay on what is typical of a head: as long as was planned, and so much longer or shorter as its
 * sections lay on average than they were staged to. What was still being put on when the head was rinsed never lay. Old
 * light pieces, which have a bowl of their own, do not tell of the rest.
 * @param planned minutes that it was to lie; at the root too, where that was begun apart
 * @param finish of the staged sections
 * @param sections of a running head, at the minute at which it was rinsed
 * @param end that minute, from the first brush stroke
 */
export function lainOn(
	planned: Pick<Lain, 'minutes' | 'root'>,
	finish: readonly Finish[],
	sections: readonly (Lay & Pick<RunningSection, 'section'>)[],
	end: number
): Lain {
	const laid = sections.flatMap((one) => {
		const staged = finish.find(({ section, part }) => section === one.section && part === one.part);
		if (one.part === 'oldLights' || !isOn(one) || !staged) return [];
		return [{ isRoot: one.part === 'root', longer: layOf(one, end) - stagedLay(staged) }];
	});
	const lay = (minutes: number, isRoot: boolean): number | undefined => {
		const own = laid.filter((one) => one.isRoot === isRoot).map(({ longer }) => longer);
		return own.length === 0 ? undefined : Math.max(0, Math.round(minutes + mean(own)));
	};
	const root = lay(planned.root ?? planned.minutes, true);
	const rest = lay(planned.minutes, false);
	if (rest === undefined) return { minutes: root ?? 0 };
	return { minutes: rest, ...(root === undefined ? {} : { root }) };
}
