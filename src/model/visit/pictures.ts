import type { Visit } from '../../schema/records';

/** Copies of pictures that a visit shows, by what they go by: of its reading, and of its looks at the chair. */
export const picturesOf = ({ reading, run }: Pick<Visit, 'reading' | 'run'>): string[] => [
	...(reading.picture === undefined ? [] : [reading.picture]),
	...run.notes.flatMap(({ picture }) => picture ?? [])
];
