import { describe, expect, it } from 'vitest';
import { runningHead } from '../../core/work';
import { openVisit } from '../../testing/demoVisit';
import { bowlsNow } from './bowlsNow';

const { session } = await openVisit('hesper-oake');
const { head } = session.bowls;
const staging = session.bowls.staging!;
const at = (minute: number) =>
	bowlsNow(staging, runningHead(head, staging, { taps: [], minute, followsPlan: true }), minute);

describe('the bowls for whoever mixes', () => {
	it('before the first stroke every one is still to be made', () => {
		expect(bowlsNow(staging, undefined, 0).every(({ left }) => left === 1)).toBe(true);
	});
	it('one is used while another waits; what is used up stands empty', () => {
		const now = at(staging.bowls[1]!.mixAtMinute + 3);
		expect(now[0]!.words).toMatch(/used up|fresh for/);
		expect(now.at(-1)!.words).toMatch(/^mix it in \d+ min$/);
		expect(at(200).every(({ left, words }) => left === 0 && words === 'used up')).toBe(true);
	});
	it('ages while it is used', () => {
		const [early, late] = [at(1)[0]!, at(3)[0]!];
		expect(late.left).toBeLessThan(early.left);
		expect(late.left).toBeGreaterThan(0.5);
	});
});
