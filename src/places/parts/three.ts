/** Something to choose among. */
export const THREE = [
	{ value: 'one', label: 'one' },
	{ value: 'two', label: 'two' },
	{ value: 'three', label: 'three' }
] as const;
export type One = (typeof THREE)[number]['value'];
