import { describe, expect, it } from 'vitest';
import { openVisit } from '../testing/demoVisit';
import { rinse, tapSection } from '../model/commands/run';
import { RunningView } from './runningView.svelte';
import { NOW } from '../testing/demoVisit';

describe('a head that was worked exactly as it was staged', () => {
	it.each(['hesper-oake', 'teodor-vask', 'anneke-rill', 'yusra-halden', 'casimir-bly'])(
		'lay as long as was planned, and no expected figure moves: %s',
		async (name) => {
			const { session } = await openVisit(name);
			const { head } = session;
			const before = [head.lift.level, head.lift.condition, head.rawLevel, session.work.price];
			const { staging } = session.bowls;
			const end = Math.max(...staging!.finish.map(({ rinseMinute }) => rinseMinute));
			session.change('worked', ({ run }) => {
				run.startedAt = NOW.toISOString();
				for (const { section, part, appliedToMinute, rinseMinute } of staging!.finish) {
					tapSection(run, { act: 'on', section, part }, appliedToMinute * 60);
					tapSection(run, { act: 'off', section, part }, rinseMinute * 60);
				}
			});
			const running = new RunningView(session, () => end * 60);
			expect(running.lain.minutes).toBe(session.plan.minutes);
			session.change('rinsed', (draft) => rinse(draft, NOW, end * 60, running.lain));
			expect([head.lift.level, head.lift.condition, head.rawLevel, session.work.price]).toEqual(
				before
			);
		}
	);
});
