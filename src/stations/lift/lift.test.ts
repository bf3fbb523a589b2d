import { describe, expect, it } from 'vitest';
import { openVisit, put } from '../../testing/demoVisit';
import { stallPoints } from '../../core/toner';
import { backupParts, stallProblem } from '../../model/visit/stall';
import { backupWords, nextRoundWords } from '../../wording/stall';
import { dialWords } from '../../wording/why';

const open = async (name: string) => (await openVisit(name)).session;

describe('if the lift stops short', () => {
	it('tells the next round and a toner of the shelf for every half level', async () => {
		const session = await open('hesper-oake');
		session.change('shorter', (draft) => (draft.lift.minutes = 20));
		const points = stallPoints(stallProblem(session.visit, session.view)!);
		expect(points.length).toBeGreaterThan(1);
		for (const point of points) {
			expect(nextRoundWords(point)).toMatch(/fresh round|No further round/);
			expect(backupWords(point, backupParts(point, session.head.line))).toMatch(
				/^Or (tone to|leave it)/
			);
		}
	});
	it('asks nothing of an empty shelf', async () => {
		const { session, workspace } = await openVisit('hesper-oake');
		const point = { backup: [], backupLevel: 7 } as never;
		expect(backupWords(point, backupParts(point, session.head.line))).toBe('');
		put(workspace, { ...workspace.shelf!, lines: [] });
		expect(stallProblem(session.visit, session.head)).toBeUndefined();
	});
});

describe('a dial in words', () => {
	it('says its setting, and how far it gets where it is not enough', () => {
		expect(dialWords({ dial: 'minutes', to: 42, level: 9, enough: true })).toBe('42 min');
		expect(dialWords({ dial: 'ratio', to: 1.5, level: 8.2, enough: false })).toBe(
			'1 : 1.5: only 8.2'
		);
		expect(dialWords({ dial: 'section', to: 'seeThrough', level: 9, enough: true })).toBe(
			'see-through sections'
		);
	});
});
