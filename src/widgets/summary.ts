import { describeTone, formatLevel } from '../core/hair';
import { MAIN_STEP } from '../model/day/steps';
import { ZONES } from '../model/head/hair';
import { lightsWords } from '../wording/kept';
import type { Station } from '../schema/records';
import type { HairView } from '../state/hairView.svelte';
import type { VisitState } from '../state/visitState.svelte';

export type StationState = 'done' | 'needs' | 'later' | 'notToday';

const ORDER: readonly Station[] = ['read', 'aim', 'lift', 'bowls', 'chair', 'tone', 'sendOff'];

/** Done when it was said so; the first that is not done needs the colourist; the rest come later. */
export function stationState(session: VisitState, station: Station): StationState {
	const { settled } = session.visit;
	const skipped = (id: Station) => !session.lightens && LIGHTENING.includes(id);
	if (skipped(station)) return 'notToday';
	if (settled.includes(station)) return 'done';
	return ORDER.find((id) => !settled.includes(id) && !skipped(id)) === station ? 'needs' : 'later';
}

/** What there is to do only where something is lightened. */
const LIGHTENING: readonly Station[] = ['lift', 'bowls', 'chair'];

const readLine = ({ reading }: HairView): string => {
	const states = new Set(Object.values(reading.zones).map(({ state }) => state));
	const lights = ZONES.map((zone) => reading.zones[zone].oldLights).find((own) => own);
	const past = lights
		? `light pieces ${lightsWords(lights)}`
		: states.has('coloured')
			? 'coloured'
			: states.has('lightened')
				? 'part light'
				: 'untouched';
	return `${formatLevel(reading.naturalLevel)} ${reading.warmth}, ${reading.texture}, ${past}`;
};

/** The rail reads as the running formula of the visit: each station's answer in a line. */
export function stationLine(session: VisitState, station: Station): string {
	const { visit, head } = session;
	const { aim, lift } = head;
	if (!session.lightens && LIGHTENING.includes(station)) return 'nothing is lightened';
	switch (station) {
		case 'read':
			if (session.blind) return 'being read again';
			return visit.reading.guess ? 'not read yet' : readLine(session.head);
		case 'aim':
			if (visit.aim.guess) return 'not agreed yet';
			return `${formatLevel(aim.level)} ${aim.direction}, ${Math.round(aim.keepWarmth * 100)} % warmth`;
		case 'lift': {
			const read = head.readAfter(session.steps.at(-1)!.id);
			if (read !== undefined) return `${formatLevel(read)} seen, dry`;
			return `${formatLevel(lift.level)} ${lift.tone} ${
				session.steps.length > 1
					? `after ${session.steps.length} applications`
					: `${session.isOff(MAIN_STEP) ? 'after' : 'at'} ${head.plan.minutes} min`
			}`;
		}
		case 'bowls': {
			// Reckoned with one strength they are other bowls than those that will be mixed.
			if (!session.bowls.ready) return 'being staged';
			const { bowls, grams } = session.work;
			return `${bowls} bowl${bowls === 1 ? '' : 's'}, ${grams} g mixed`;
		}
		case 'chair': {
			const seen = head.seen ?? head.seenElsewhere;
			const where = head.seen || !seen ? '' : `${seen.zone} `;
			if (seen) return `${where}seen ${formatLevel(seen.level)} at ${seen.minute} min`;
			const checks = visit.run.notes.length;
			if (visit.run.lain) return `lay ${visit.run.lain.minutes} min, nothing seen yet`;
			if (checks > 0) return `running, ${checks} check${checks === 1 ? '' : 's'}`;
			return visit.run.startedAt ? 'running, nothing seen yet' : 'not started';
		}
		case 'tone': {
			const { toner } = session.head;
			const { length: others } = session.placed;
			const beside = others > 0 ? `, and ${others} more` : '';
			if (toner.none)
				return `${visit.tone.choice === 'none' ? 'no toner' : 'no toner expected'}${beside}`;
			const parts = toner.parts.map(({ name, grams }) => `${name} ${grams} g`).join(', ');
			return parts
				? `${parts}${visit.tone.choice === 'open' ? ' expected' : ''}${beside}`
				: 'nothing chosen';
		}
		case 'sendOff':
			return visit.result.recordedAt
				? `recorded${visit.result.returnWeeks ? `, back in ${visit.result.returnWeeks} weeks` : ''}`
				: 'not recorded';
	}
}

/** The toned colour in a word. */
export const tonedWord = (view: HairView): string =>
	view.toner.parts.length > 0 ? describeTone(view.finished.lab, 'toned') : view.startWord;
