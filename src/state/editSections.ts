import type { HeadSection } from '../core/work';
import type { BowlsPlan } from '../schema/records';
import type { VisitSession } from './visitState.svelte';

/** Changes the sections; from then on they are as they were set, no longer as proposed. */
export function editSections(
	session: VisitSession,
	label: string,
	change: (sections: readonly HeadSection[]) => readonly HeadSection[]
): void {
	const now = session.bowls.sections.map(({ section }) => section);
	const next = change(now);
	session.change(label, (draft) => setSections(draft.bowls, next));
}

export function setSections(draft: BowlsPlan, sections: readonly HeadSection[]): void {
	draft.sections = sections.map((section) => ({ ...section, areas: [...section.areas] }));
}

/** Changes one section. */
export function editSection(
	session: VisitSession,
	id: string,
	label: string,
	change: Partial<HeadSection>
): void {
	editSections(session, label, (sections) =>
		sections.map((section) => (section.id === id ? clean({ ...section, ...change }) : section))
	);
}

/** What is undefined is not written down. */
const clean = (section: HeadSection): HeadSection =>
	Object.fromEntries(
		Object.entries(section).filter(([, value]) => value !== undefined)
	) as unknown as HeadSection;
