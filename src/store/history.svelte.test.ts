import { describe, expect, it } from 'vitest';
import { History } from './history.svelte';

describe('undo', () => {
	it('goes back and forth through every step', () => {
		let now = 0;
		const history = new History<number>(() => (now += 1000));
		history.record(1, 'a');
		history.record(2, 'b');
		expect(history.undo(3)).toEqual({ value: 2, label: 'b' });
		expect(history.undo(2)).toEqual({ value: 1, label: 'a' });
		expect(history.undo(1)).toBeUndefined();
		expect(history.redo(1)).toEqual({ value: 2, label: 'a' });
		expect(history.redo(2)).toEqual({ value: 3, label: 'b' });
		expect(history.canRedo).toBe(false);
	});

	it('takes a drag back whole, but not two drags with a pause between', () => {
		let now = 0;
		const history = new History<number>(() => now);
		for (let value = 0; value < 10; value++) {
			now += 50;
			history.record(value, 'minute');
		}
		now += 5000;
		history.record(10, 'minute');
		expect(history.undo(11)?.value).toBe(10);
		expect(history.undo(10)?.value).toBe(0);
		expect(history.canUndo).toBe(false);
	});

	it('takes one press back whole, however slow, and two presses one by one', () => {
		let now = 0;
		const history = new History<number>(() => (now += 5000));
		history.record(1, 'minute', 1);
		history.record(2, 'minute', 1);
		history.record(3, 'minute', 2);
		expect(history.undo(4)?.value).toBe(3);
		expect(history.undo(3)?.value).toBe(1);
	});

	it('forgets what could be redone when something new is done', () => {
		const history = new History<number>(() => 0);
		history.record(1, 'a');
		history.undo(2);
		expect(history.canRedo).toBe(true);
		history.record(1, 'c');
		expect(history.canRedo).toBe(false);
	});
});
