import { describe, expect, it } from 'vitest';
import { NOW, openVisit } from '../testing/demoVisit';
import { RunningView } from './runningView.svelte';

/** The bowls of a head that runs to its roots, with one developer in each that was weighed. */
async function weighed(volume: number) {
	const { session } = await openVisit('anneke-rill');
	const weigh = (share: number) =>
		session.change('weighed', ({ bowls }) => {
			const staged = session.bowls.staging!.bowls;
			bowls.mixed = staged.slice(0, Math.ceil(share * staged.length)).map((bowl) => ({
				id: bowl.id,
				kind: 'lightener',
				number: bowl.number,
				at: NOW.toISOString(),
				volume,
				ratio: 2,
				sections: [],
				parts: [
					{ key: 'lightener', name: 'powder', grams: 20, target: 20 },
					{ key: `developer:${volume}`, name: 'developer', grams: 40, target: 40 }
				],
				done: true
			}));
		});
	return { session, weigh };
}

describe('a bowl that was weighed otherwise than it was staged', () => {
	it('is cautioned for what is in it', async () => {
		const { session, weigh } = await weighed(40);
		const codes = () => session.cautions.map(({ code }) => code);
		expect(codes()).not.toContain('onScalpStrength');
		weigh(0.3);
		expect(codes()).toContain('onScalpStrength');
		expect(session.bowls.laid!.bowls[0]!.volume).toBe(40);
		// It is what it was staged as on paper.
		expect(session.bowls.staging!.bowls[0]!.volume).toBeLessThanOrEqual(20);
	});
	it('is the strength of the head once most of its bowls are so', async () => {
		const { session, weigh } = await weighed(40);
		const view = new RunningView(session, () => 3600);
		expect(view.lain.volume).toBeUndefined();
		weigh(0.3);
		expect(view.lain.volume).toBeUndefined();
		weigh(1);
		expect(view.lain.volume).toBeGreaterThan(session.plan.volume + 10);
	});
});
