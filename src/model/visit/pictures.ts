import type { Visit } from '../../schema/records';

/** Copies of pictures that a visit shows, by what they go by: of its reading, of its looks at the chair, of its end. */
export const picturesOf = ({
	reading,
	run,
	result
}: Pick<Visit, 'reading' | 'run' | 'result'>): string[] => [
	...[reading.picture, result.picture].flatMap((picture) => picture ?? []),
	...run.notes.flatMap(({ picture }) => picture ?? [])
];
