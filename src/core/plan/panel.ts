import type { PANEL_WORN } from '../vocabulary';
/** How far hair of a curl hangs, as a share of its length drawn straight (reasoned). */
export const CURL_HANG = { straight: 1, wavy: 0.92, curly: 0.75, coily: 0.5 } as const;
export type Curl = keyof typeof CURL_HANG;

/** How much shorter the covering hair is than the line of the cut, as a share of the length (reasoned). */
export const LAYER_DROP = { none: 0, some: 0.15, many: 0.35 } as const;
export type Layers = keyof typeof LAYER_DROP;

/** Half up takes the hair down to the ears back, cm under the parting. */
const HALF_UP_CM = 14;

export interface HiddenPanel {
	/** Depth of its top edge under the parting, cm along the head. */
	readonly topEdgeCm: number;
	/** Length of its hair drawn straight, cm. */
	readonly lengthCm: number;
	readonly curl: Curl;
	readonly layers: Layers;
	readonly worn: (typeof PANEL_WORN)[number];
}

/**
 * How much of a hidden panel is seen. Worn down, hair from the parting hangs over it and both were cut
 * to one line; layers take the cover up, and curl takes the longer cover up further than the panel,
 * so it shows by `d (1 - s) + s · drop` with d the depth of its edge and s the share that hair hangs.
 * @returns cm seen of cm that hang
 */
export function panelShows(panel: HiddenPanel): {
	readonly showsCm: number;
	readonly hangsCm: number;
} {
	const { topEdgeCm, lengthCm, curl, layers, worn } = panel;
	const hang = CURL_HANG[curl];
	const hangsCm = lengthCm * hang;
	if (worn === 'up' || (worn === 'halfUp' && topEdgeCm <= HALF_UP_CM)) {
		return { showsCm: hangsCm, hangsCm };
	}
	// Half up, the cover starts where the hair is taken back, that much nearer to the panel.
	const depth = worn === 'halfUp' ? topEdgeCm - HALF_UP_CM : topEdgeCm;
	const shows = depth * (1 - hang) + hang * LAYER_DROP[layers] * lengthCm;
	return { showsCm: Math.min(hangsCm, shows), hangsCm };
}
