import type { VerdictView } from '../state/verdictView.svelte';
import { sectionNamer, type SectionNamer } from '../wording/bowls';
import { verdictWords, type VerdictWords } from '../wording/verdict';

/** What the sections that a verdict stands on are called. */
export const namerOf = ({ bowls }: Pick<VerdictView, 'bowls'>): SectionNamer =>
	sectionNamer(bowls.sections.map(({ section }) => section));

/** The answer to an aim in words; nothing before it is known. */
export const answerWords = (verdict: VerdictView): VerdictWords | undefined =>
	verdict.answer && verdictWords(verdict.answer, namerOf(verdict));
