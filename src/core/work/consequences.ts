import type { Lab, Undertone } from '../colour';
import { STAGING } from './constants';
import type { HeadStaging } from './headStaging';
import { movedTo, type SectionTap, type TapAct } from './onHead';
import { runningHead, type SeenRun } from './running';
import type { RunningSection } from './runningSection';
import type { Staging } from './staging';

/** What one act on a section would lead to, before it is done. */
export interface Consequence {
	/** Left out: nothing is done, and it comes off as planned. */
	readonly act: Exclude<TapAct, 'on'> | undefined;
	/** Volumes of the fresh bowl. */
	readonly volume: number | undefined;
	/** When it comes off then, minutes from the first brush stroke. */
	readonly offMinute: number;
	/** How it comes off. */
	readonly level: number;
	readonly lab: Lab;
	readonly undertone: Undertone;
	readonly condition: number;
}

type Choice = Pick<Consequence, 'act' | 'volume'>;

/** A fresh bowl is this much weaker than the one that lies there, where it is to be milder, volumes. */
const MILDER = 5;

/** What may be done with a section that lies: nothing stronger than what lies there, no place that it is in. */
function choicesOf(section: RunningSection, volume: number): Choice[] {
	const moves = (['open', 'cover', 'cap'] as const).filter((act) => {
		const to = movedTo(act, section.placement, false);
		const open = section.placement === 'openAir' || section.placement === 'onScalp';
		return act === 'open' ? !open : to !== section.placement && (open || act === 'cover');
	});
	const milder = volume - MILDER;
	const nothing: Choice = { act: undefined, volume: undefined };
	const fresh: Choice[] = [
		{ act: 'recoat', volume },
		...(milder >= STAGING.leastVolume ? [{ act: 'recoat' as const, volume: milder }] : [])
	];
	const places = moves.map((act): Choice => ({ act, volume: undefined }));
	const ends = (['wipe', 'acidStop', 'off'] as const).map((act): Choice => ({
		act,
		volume: undefined
	}));
	// What may lie no longer comes off before anything else is thought of.
	if (section.state === 'overdue') return [nothing, ...ends.toReversed(), ...places, ...fresh];
	return [
		nothing,
		...(section.offMinute < section.limitMinute
			? [{ act: 'longer' as const, volume: undefined }]
			: []),
		...fresh,
		...places,
		...ends
	];
}

/**
 * What may be done now with a section that lies, and what each of it leads to, by the same engine as the
 * screen: as if it had been tapped, to the minute at which the section then comes off.
 */
export function consequencesOf(
	head: HeadStaging,
	staging: Staging,
	run: SeenRun,
	section: RunningSection
): Consequence[] {
	const { section: id, part } = section;
	const { volume } = staging.bowls.find(({ number }) => number === section.bowl)!;
	const of = (taps: readonly SectionTap[], minute: number): RunningSection =>
		runningHead(head, staging, { ...run, taps, minute }).sections.find(
			(one) => one.section === id && one.part === part
		)!;
	return choicesOf(section, volume).map((choice): Consequence => {
		const { act } = choice;
		const taps =
			act === undefined
				? run.taps
				: [...run.taps, { ...choice, act, section: id, part, minute: run.minute }];
		const { offMinute } = of(taps, run.minute);
		// What is due already comes off now.
		const end = Math.max(offMinute, run.minute);
		const { level, lab, undertone, condition } = of(taps, end);
		return { ...choice, offMinute: end, level, lab, undertone, condition };
	});
}
