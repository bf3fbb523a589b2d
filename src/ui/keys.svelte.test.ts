import { afterEach, describe, expect, it } from 'vitest';
import { actOf, KEYS, type KeyPlace } from './keys';

/** What a key does when it is pressed on an element of the page. */
function press(place: KeyPlace, init: KeyboardEventInit, on: HTMLElement = document.body) {
	let act: string | undefined;
	const hear = (event: KeyboardEvent) => (act = actOf(event, place));
	window.addEventListener('keydown', hear, { once: true });
	const event = new KeyboardEvent('keydown', { bubbles: true, cancelable: true, ...init });
	on.dispatchEvent(event);
	return { act, taken: event.defaultPrevented };
}
const put = (html: string): HTMLElement => {
	document.body.innerHTML = html;
	return document.body.firstElementChild as HTMLElement;
};

describe('keys', () => {
	afterEach(() => (document.body.innerHTML = ''));

	it('do one thing each wherever they are heard together', () => {
		const HEARD: readonly (readonly KeyPlace[])[] = [
			['anywhere', 'visit', 'chair'],
			['anywhere', 'weigh']
		];
		for (const places of HEARD) {
			const keys = KEYS.filter(({ place }) => places.includes(place)).flatMap(({ keys }) => [
				...keys
			]);
			expect(new Set(keys).size).toBe(keys.length);
		}
	});
	it('are taken from the browser where they do something, and only there', () => {
		expect(press('visit', { key: 'z', ctrlKey: true })).toEqual({ act: 'undo', taken: true });
		expect(press('visit', { key: 'Z', ctrlKey: true, shiftKey: true }).act).toBe('redo');
		expect(press('visit', { key: 'p', ctrlKey: true })).toEqual({ act: undefined, taken: false });
		expect(press('visit', { key: 'k' }).act).toBeUndefined();
		expect(press('chair', { key: 'k' }).act).toBe('check');
	});
	it('belong to whoever types, and to an open sheet; the search is always there', () => {
		const field = put('<input />');
		expect(press('chair', { key: 'k' }, field).act).toBeUndefined();
		expect(press('anywhere', { key: '/' }, field).act).toBeUndefined();
		expect(press('anywhere', { key: 'k', ctrlKey: true }, field).act).toBe('find');
		const sheet = put('<div role="dialog" data-state="open"><p></p></div>');
		expect(press('visit', { key: '3' }, sheet).act).toBeUndefined();
	});
	it('leave Space to a button that has the focus', () => {
		expect(press('chair', { key: ' ' }, put('<button>On</button>')).act).toBeUndefined();
		expect(press('chair', { key: ' ' }, put('<p></p>')).act).toBe('timer');
	});
});
