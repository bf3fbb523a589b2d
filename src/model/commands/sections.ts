import { mergeSections, splitSection, type HeadSection, type SectionId } from '../../core/work';
import type { BowlsPlan, MixedBowl } from '../../schema/records';

/**
 * Changes to the sections of a head, on a draft. From the first of them the sections are as they were set,
 * no longer as proposed. Whatever is done to a section, the bowl that was weighed for it goes with it.
 */

/** Puts these sections in place, in the order of the work. */
export function setSections(draft: BowlsPlan, sections: readonly HeadSection[]): void {
	draft.sections = sections.map((section) => ({ ...section, areas: [...section.areas] }));
}

/** Changes one section; what is given as `undefined` is no longer set. */
export function editSection(
	draft: BowlsPlan,
	sections: readonly HeadSection[],
	id: SectionId,
	change: Partial<HeadSection>
): void {
	setSections(
		draft,
		sections.map((section) =>
			section.id === id ? withoutUndefined({ ...section, ...change }) : section
		)
	);
}

const withoutUndefined = (section: HeadSection): HeadSection =>
	Object.fromEntries(
		Object.entries(section).filter(([, value]) => value !== undefined)
	) as unknown as HeadSection;

/** Cuts a section in two; a bowl that was weighed for it serves both halves. */
export function splitInTwo(
	draft: BowlsPlan,
	sections: readonly HeadSection[],
	id: SectionId
): void {
	const next = splitSection(sections, id);
	const had = new Set(sections.map((section) => section.id));
	const halves = next.map((section) => section.id).filter((each) => !had.has(each));
	setSections(draft, next);
	draft.mixed = renamed(draft.mixed, (section) => (section === id ? halves : [section]));
}

/** Bowls weighed for one of two sections: what is in them cannot be changed any more. */
const weighedBowls = (mixed: readonly MixedBowl[], id: SectionId): MixedBowl[] =>
	mixed.filter(({ sections }) => sections.includes(id));

/**
 * The two bowls that keep a section and the next one apart: each has been weighed for one of them, and
 * they differ. Nothing where they may be merged, or where there is no next one.
 */
export function keptApart(
	{ mixed }: Pick<BowlsPlan, 'mixed'>,
	sections: readonly HeadSection[],
	id: SectionId
): { readonly one: MixedBowl; readonly other: MixedBowl } | undefined {
	const next = sections[sections.findIndex((section) => section.id === id) + 1];
	if (!next) return undefined;
	for (const one of weighedBowls(mixed, id)) {
		const other = weighedBowls(mixed, next.id).find(
			(bowl) =>
				bowl.id !== one.id &&
				bowl.part === one.part &&
				(bowl.volume !== one.volume || bowl.ratio !== one.ratio)
		);
		if (other) return { one, other };
	}
	return undefined;
}

/** Puts a section together with the one after it; a bowl that was weighed for either serves what they become. */
export function mergeWithNext(
	draft: BowlsPlan,
	sections: readonly HeadSection[],
	id: SectionId
): void {
	if (keptApart(draft, sections, id)) return;
	const next = sections[sections.findIndex((section) => section.id === id) + 1];
	setSections(draft, mergeSections(sections, id));
	if (next) draft.mixed = renamed(draft.mixed, (section) => [section === next.id ? id : section]);
}

const renamed = (
	mixed: readonly MixedBowl[],
	become: (section: SectionId) => readonly SectionId[]
): MixedBowl[] =>
	mixed.map((bowl) => ({ ...bowl, sections: [...new Set(bowl.sections.flatMap(become))] }));

/**
 * Writes down what was weighed of a bowl. With the first bowl the sections are settled as they stand: what
 * is proposed later for another number of foils would be other hair.
 */
export function keepWeighed(
	draft: BowlsPlan,
	sections: readonly HeadSection[],
	bowl: MixedBowl
): void {
	if (!draft.sections && bowl.sections.length > 0) setSections(draft, sections);
	draft.mixed = [...draft.mixed.filter(({ id }) => id !== bowl.id), bowl];
}

/** A bowl that is poured away binds nothing any more. */
export function pourAway(draft: BowlsPlan, id: string): void {
	draft.mixed = draft.mixed.filter((bowl) => bowl.id !== id);
}
