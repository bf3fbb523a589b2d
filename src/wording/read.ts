import type { Client, Reading } from '../schema/records';
import { areaWords, labelIn } from './words';

export const CURL_OPTIONS = [
	{ value: 'straight', label: 'straight' },
	{ value: 'wavy', label: 'wavy' },
	{ value: 'curly', label: 'curly' },
	{ value: 'coily', label: 'coily' }
] as const;

export const LAYERS_OPTIONS = [
	{ value: 'none', label: 'one length' },
	{ value: 'some', label: 'layers' },
	{ value: 'many', label: 'many, a shag' }
] as const;

export const SCALP_OPTIONS = [
	{ value: 'calm', label: 'calm' },
	{ value: 'dry', label: 'dry' },
	{ value: 'oily', label: 'oily' },
	{ value: 'irritated', label: 'irritated' },
	{ value: 'broken', label: 'broken skin' }
] as const;

export const WATER_OPTIONS = [
	{ value: 'soft', label: 'soft' },
	{ value: 'hard', label: 'lime' },
	{ value: 'iron', label: 'iron' },
	{ value: 'copper', label: 'copper' }
] as const;

export const SENSITIVITY_OPTIONS = [
	{ value: 'colourAllergy', label: 'hair colour' },
	{ value: 'persulfateAllergy', label: 'lightener' },
	{ value: 'asthma', label: 'asthma' },
	{ value: 'blackHenna', label: 'black-henna tattoo' },
	{ value: 'medicine', label: 'medicine' }
] as const;

/** Curl and cut in a line. */
export function cutWords({ curl, haircut }: Reading): string {
	const { layers, undercut } = haircut;
	return [
		curl,
		labelIn(LAYERS_OPTIONS, layers),
		undercut.length > 0 && `undercut at the ${areaWords(undercut)}`
	]
		.filter(Boolean)
		.join(', ');
}

/** Skin, water and sensitivities in a line. */
export function skinWords({ scalp, water }: Reading, client: Client | undefined): string {
	const borne = (client?.sensitivities ?? []).map((s) => labelIn(SENSITIVITY_OPTIONS, s));
	return [
		`scalp ${labelIn(SCALP_OPTIONS, scalp)}`,
		`water ${labelIn(WATER_OPTIONS, water)}`,
		...borne,
		client?.underSixteen && 'under sixteen'
	]
		.filter(Boolean)
		.join(', ');
}
