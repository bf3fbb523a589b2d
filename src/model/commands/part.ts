import { AREAS } from '../../core/vocabulary';
import { hairShare } from '../visit/headWork';
import { USUAL_TONER_GRAMS } from './newVisit';
import { PART_KINDS, usualPart, type WorkedPartName } from '../../core/work';
import type { Visit } from '../../schema/records';

type PartDraft = Pick<Visit, 'aim' | 'bowls' | 'lift' | 'tone'>;

/** The toner of a part is a part of the bowl; less than this cannot be mixed well, g. */
const LEAST_TONER_GRAMS = 10;
function tonePart({ lift, tone }: PartDraft): void {
	if (tone.choice !== 'open') return;
	const share = hairShare(AREAS, lift.part);
	tone.totalGrams = Math.max(LEAST_TONER_GRAMS, Math.round(USUAL_TONER_GRAMS * share));
}

/** Sections that no bowl was weighed for are cut up anew: they belong to the part that was worked before. */
function sectionAnew({ bowls }: PartDraft): void {
	if (!bowls.mixed.some(({ sections }) => sections.length > 0)) delete bowls.sections;
}

/** A panel is seen from its top edge down: what the aim says of it follows the part. */
function showPanel({ aim, lift: { part } }: PartDraft): void {
	if (part?.name === 'panel' || part?.name === 'underlight')
		aim.panel = { topEdgeCm: part.fromCm, worn: aim.panel?.worn ?? 'down' };
	else delete aim.panel;
}

/** Works a part of the head alone, with its usual edges, on a draft; without one, the whole head. */
export function takePart(draft: PartDraft, name: WorkedPartName | undefined): void {
	if (name) draft.lift.part = usualPart(name);
	else delete draft.lift.part;
	showPanel(draft);
	tonePart(draft);
	sectionAnew(draft);
}

/** A part keeps at least this much between its edges, cm. */
const NARROWEST_CM = 0.5;

/** Moves an edge of the part that is worked, on a draft; the edges never meet. */
export function movePartEdge(draft: PartDraft, edge: 'fromCm' | 'toCm', cm: number): void {
	const { part } = draft.lift;
	if (!part || !PART_KINDS[part.name].edges.includes(edge)) return;
	part[edge] =
		edge === 'fromCm'
			? Math.min(cm, part.toCm - NARROWEST_CM)
			: Math.max(cm, part.fromCm + NARROWEST_CM);
	showPanel(draft);
	tonePart(draft);
	sectionAnew(draft);
}
