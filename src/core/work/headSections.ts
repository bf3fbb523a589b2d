import type { ANGLES } from '../vocabulary';
import type { AreaName, Placement, Section } from '../lift';
import {
	AREA_SHARE,
	mixtureGrams,
	partingCm,
	workMinutes,
	type Coverage,
	type Picking
} from '../mix';
import { NAPE_UP, SECTION_MINUTES } from './constants';
import type { SectionId } from './ids';
import { partShare, type WorkedPart } from './workedPart';

/** How the partings of a section run. */
export type Angle = (typeof ANGLES)[number];

/** A part of the head that is worked in one go. */
export interface HeadSection {
	readonly id: SectionId;
	/** Where it lies; one area, or several that were put together. */
	readonly areas: readonly AreaName[];
	/** Its part of the hair, 0-1; those of a head that is worked throughout add up to 1. */
	readonly share: number;
	readonly picking: Picking;
	readonly angle: Angle;
	/** Subsections thinner or thicker than the rest. */
	readonly thickness?: Section | undefined;
	/** Another place than the rest: left open, covered, under film. */
	readonly placement?: Placement | undefined;
	/** A strength that is settled, volumes. */
	readonly lockedVolume?: number | undefined;
	/** Minutes it takes these hands; left out, as reckoned. */
	readonly minutes?: number | undefined;
	/** Left out today: light already. */
	readonly skip?: boolean | undefined;
}

/** What a head is cut up by. */
export interface SectioningProblem {
	readonly technique: Coverage['technique'];
	/** Foils over the whole head; not asked of open work. */
	readonly foils: number;
	/** Minutes for the whole head. */
	readonly minutes: number;
	readonly picking: Picking;
	/** Areas clipped too short to work on. */
	readonly undercut?: readonly AreaName[] | undefined;
	/** The part of the head that is worked; left out, all of it. */
	readonly part?: WorkedPart | undefined;
}

/** Partings that suit each area: across the back of the head, down the sides, with the face in front. */
const USUAL_ANGLE: Readonly<Record<AreaName, Angle>> = {
	nape: 'horizontal',
	back: 'diagonal',
	crown: 'diagonal',
	top: 'horizontal',
	leftSide: 'diagonal',
	rightSide: 'diagonal',
	fringe: 'horizontal',
	hairline: 'vertical'
};

/**
 * The sections of a head from the nape up: an area each, in halves where it takes long. Only areas that
 * would get a foil of their own are told apart, and only those of the part that is worked.
 */
export function proposeSections(problem: SectioningProblem): HeadSection[] {
	const areas = NAPE_UP.filter((area) => !problem.undercut?.includes(area));
	const hair = areas.reduce((sum, area) => sum + AREA_SHARE[area], 0);
	return areas.flatMap((area): HeadSection[] => {
		const share = (AREA_SHARE[area] * partShare(problem.part, area)) / hair;
		if (share === 0) return [];
		const section: HeadSection = {
			id: area,
			areas: [area],
			share,
			picking: problem.picking,
			angle: USUAL_ANGLE[area]
		};
		const large = problem.minutes * share > SECTION_MINUTES;
		return large ? [...halvesOf(section)] : [section];
	});
}

const halvesOf = (section: HeadSection): [HeadSection, HeadSection] => {
	const { minutes, ...rest } = section;
	const half = {
		...rest,
		share: section.share / 2,
		...(minutes === undefined ? {} : { minutes: minutes / 2 })
	};
	return [
		{ ...half, id: `${section.id}-1` },
		{ ...half, id: `${section.id}-2` }
	];
};

/** Cuts a section in two; the others stay as they are. */
export const splitSection = (sections: readonly HeadSection[], id: string): HeadSection[] =>
	sections.flatMap((section) => (section.id === id ? halvesOf(section) : [section]));

/** Puts a section together with the one after it; the last has none. What was settled of either goes. */
export function mergeSections(sections: readonly HeadSection[], id: string): HeadSection[] {
	const at = sections.findIndex((section) => section.id === id);
	const one = sections[at];
	const other = sections[at + 1];
	if (!one || !other) return [...sections];
	const merged: HeadSection = {
		id: one.id,
		areas: [...new Set([...one.areas, ...other.areas])],
		share: one.share + other.share,
		picking: one.picking,
		angle: one.angle,
		...(one.thickness === undefined ? {} : { thickness: one.thickness })
	};
	return sections.toSpliced(at, 2, merged);
}

/**
 * Moves a section to another place in the order, 0 for the first.
 * @internal
 */
export function moveSection(
	sections: readonly HeadSection[],
	id: string,
	to: number
): HeadSection[] {
	const at = sections.findIndex((section) => section.id === id);
	if (at < 0) return [...sections];
	const rest = sections.toSpliced(at, 1);
	return rest.toSpliced(Math.max(0, Math.min(rest.length, to)), 0, sections[at]!);
}

/** What one section takes. */
export interface SectionLoad {
	/** Whole foils, at least one; none for open work. */
	readonly foils: number | undefined;
	/** Centimetres of parting of a retouch by brush. */
	readonly partingCm?: number | undefined;
	/** Ready mixture, g, without reserve. */
	readonly grams: number;
	readonly minutes: number;
}

/** The head whose hair sections share out. */
export type SectionedHead = Omit<Extract<Coverage, { technique: 'open' }>, 'technique'> & {
	readonly technique: Coverage['technique'];
	readonly foils: number;
	/** What earlier leftovers taught of how much these hands use, 1 for typical. */
	readonly usage?: number | undefined;
	/** Pairs of usual hands at work: slower ones count for less. */
	readonly hands?: number | undefined;
};

/** A section with what of its hair is really worked. */
export interface LoadedSection extends HeadSection {
	/** Centimetres of each strand that are painted there, where they are not those of the head. */
	readonly coveredCm?: number | undefined;
}

/**
 * Foils, grams and minutes of each section, in their order; nothing for one that is left out. Foils are
 * whole and add up to those of the head, less what the left-out sections would have had.
 */
export function sectionLoads(
	sections: readonly LoadedSection[],
	head: SectionedHead
): (SectionLoad | undefined)[] {
	const foils = head.technique === 'foils' ? shareOut(sections, head.foils) : [];
	const usage = head.usage ?? 1;
	const hands = head.hands ?? 1;
	return sections.map((section, i) => {
		if (section.skip) return undefined;
		const own = {
			...head,
			section: section.thickness ?? head.section,
			coveredCm: section.coveredCm ?? head.coveredCm
		};
		const coverage: Coverage =
			head.technique === 'foils'
				? { ...own, technique: 'foils', foils: foils[i]!, picking: section.picking }
				: head.technique === 'retouch'
					? { ...own, technique: 'retouch', partingCm: partingCm(section.share, own.section) }
					: { ...own, technique: 'open' };
		const part = head.technique === 'open' ? section.share : 1;
		return {
			foils: foils[i],
			...(coverage.technique === 'retouch' ? { partingCm: coverage.partingCm } : {}),
			grams: mixtureGrams(coverage) * part * usage,
			minutes: section.minutes ?? (workMinutes(coverage) * part) / hands
		};
	});
}

/** Whole foils by share: the largest remainders get what is left over, and nobody goes without. */
function shareOut(sections: readonly HeadSection[], foils: number): number[] {
	const exact = sections.map(({ share }) => share * foils);
	const whole = exact.map((count) => Math.max(1, Math.floor(count)));
	// Where part of a section is kept out, the shares come to less than the head.
	const wanted = Math.round(exact.reduce((sum, count) => sum + count, 0));
	let left = wanted - whole.reduce((sum, count) => sum + count, 0);
	const byRemainder = exact
		.map((count, i) => ({ i, remainder: count - Math.floor(count) }))
		.sort((p, q) => q.remainder - p.remainder || p.i - q.i);
	for (const { i } of byRemainder) {
		if (left <= 0) break;
		whole[i]!++;
		left--;
	}
	return whole;
}

/** Gives one section this many foils; the other sections keep theirs. */
export function withFoils(
	sections: readonly HeadSection[],
	total: number,
	id: string,
	foils: number
): { readonly sections: HeadSection[]; readonly foils: number } {
	const counts = shareOut(sections, total).map((count, i) =>
		sections[i]!.id === id ? foils : count
	);
	const sum = counts.reduce((all, count) => all + count, 0);
	return {
		foils: sum,
		sections: sections.map((section, i) => ({ ...section, share: counts[i]! / sum }))
	};
}
