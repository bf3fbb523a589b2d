import * as z from 'zod/mini';
import { practiceQuestion } from './records';

/** The mark of a `.practice.json` file: questions that a teacher chose, by what they are made from. */
export const PRACTICE_FORMAT = 'zelvant-practice';

export const practiceSetFile = z.object({
	format: z.literal(PRACTICE_FORMAT),
	version: z.literal(1),
	name: z.string().check(z.minLength(1), z.maxLength(120)),
	questions: z.array(practiceQuestion).check(z.minLength(1), z.maxLength(60))
});

/** Why a file is no set of questions. */
export type SetProblem =
	| { readonly code: 'damaged' | 'newer' | 'foreign' }
	/** It asks something that nobody teaches here. */
	| { readonly code: 'untaught'; readonly matter: string };
