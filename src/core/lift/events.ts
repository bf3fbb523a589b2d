import { PLACEMENTS, type AREAS, type Placement } from '../vocabulary';
import type { Application } from './application';
import { AFTER_WIPE } from './constants';

/** Where on the head a strand hangs: the four quadrants, and what is treated apart within them. */
export type AreaName = (typeof AREAS)[number];

/** A mixture and where it works: an application whose minutes the events decide. */
export type Mixture = Omit<Application, 'minutes' | 'bowlAgeMinutes' | 'distanceCm' | 'porosity'>;

/** Which hair an event touches. */
export interface Reach {
	/** Left out: the whole head. */
	readonly areas?: readonly AreaName[] | undefined;
	/** From and to, cm from the scalp; left out: from the scalp, to the tips. */
	readonly fromCm?: number | undefined;
	readonly toCm?: number | undefined;
}

/** Something done at a minute of the service, counted from the first brush stroke. */
export type LiftEvent = Reach & { readonly minute: number } & (
		| {
				readonly kind: 'apply';
				readonly mixture: Mixture;
				/** When the bowl was mixed, ≤ minute; left out, just then. */
				readonly mixedMinute?: number | undefined;
		  }
		/** Fresh mixture of the same kind over what is there. */
		| { readonly kind: 'refresh'; readonly mixedMinute?: number | undefined }
		/** What lies there goes on in another place: a packet is opened, a cover laid over it. */
		| { readonly kind: 'place'; readonly placement: Placement }
		/** Wiped off: a fifth works on for five minutes, unless an acid stop ends it. */
		| { readonly kind: 'wipe'; readonly acidStop?: boolean | undefined }
		| { readonly kind: 'rinse' }
	);

/** A stretch of time in which one mixture works at one share of its strength. */
export interface Stretch {
	readonly fromMinute: number;
	readonly toMinute: number;
	readonly mixedMinute: number;
	readonly appliedMinute: number;
	/** 1 while it lies on the hair, a fifth after wiping. */
	readonly share: number;
	/** What drying in an earlier place took from it, as minutes of oxidation. */
	readonly dried?: number | undefined;
}

/** One mixture's stay on one point, from its application to its end. */
export interface Contact {
	readonly mixture: Mixture;
	readonly stretches: Stretch[];
	/** When the mixture first touched the hair, where it went on from another place. */
	readonly wetSince?: number | undefined;
}

/** Whether an event reaches a point. */
export const touches = (event: LiftEvent, area: AreaName, distanceCm: number): boolean =>
	(event.areas?.includes(area) ?? true) &&
	distanceCm >= (event.fromCm ?? 0) - 1e-9 &&
	distanceCm <= (event.toCm ?? Infinity) + 1e-9;

/** Ends whatever a contact still does at a minute. */
function endContact(contact: Contact | undefined, minute: number): void {
	if (!contact) return;
	contact.stretches.forEach((stretch, i) => {
		contact.stretches[i] = { ...stretch, toMinute: Math.min(stretch.toMinute, minute) };
	});
}

/**
 * What happens to one point: each mixture that reaches it, with the stretches in which it works.
 * @param events in order of their minutes
 */
export function contactsAt(
	events: readonly LiftEvent[],
	area: AreaName,
	distanceCm: number
): Contact[] {
	const contacts: Contact[] = [];
	let current: Contact | undefined;
	const lie = (contact: Contact, minute: number, mixedMinute: number) =>
		contact.stretches.push({
			fromMinute: minute,
			toMinute: Infinity,
			mixedMinute: Math.min(minute, mixedMinute),
			appliedMinute: minute,
			share: 1
		});
	for (const event of events) {
		if (!touches(event, area, distanceCm)) continue;
		const { minute } = event;
		switch (event.kind) {
			case 'apply':
				endContact(current, minute);
				current = { mixture: event.mixture, stretches: [] };
				lie(current, minute, event.mixedMinute ?? minute);
				contacts.push(current);
				break;
			case 'refresh':
				// Nothing to refresh where nothing lies: a point outside the work stays outside.
				if (!current) break;
				endContact(current, minute);
				lie(current, minute, event.mixedMinute ?? minute);
				break;
			case 'place': {
				const last = current?.stretches.at(-1);
				if (!current || !last || last.toMinute <= minute) break;
				endContact(current, minute);
				const { placement } = current.mixture;
				const lay = minute - last.appliedMinute;
				current = {
					mixture: { ...current.mixture, placement: event.placement },
					wetSince: current.wetSince ?? current.stretches[0]!.fromMinute,
					stretches: [
						{
							...last,
							fromMinute: minute,
							toMinute: Infinity,
							appliedMinute: minute,
							dried: (last.dried ?? 0) + lay * (1 / PLACEMENTS[placement].moisture - 1)
						}
					]
				};
				contacts.push(current);
				break;
			}
			case 'wipe': {
				const last = current?.stretches.at(-1);
				endContact(current, minute);
				if (current && last && last.toMinute > minute && !event.acidStop) {
					current.stretches.push({
						...last,
						fromMinute: minute,
						toMinute: minute + AFTER_WIPE.minutes,
						share: last.share * AFTER_WIPE.share
					});
				}
				break;
			}
			case 'rinse':
				endContact(current, minute);
				current = undefined;
		}
	}
	return contacts;
}
