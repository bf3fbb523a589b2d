import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { formatLevel } from '../core/hair';
import { finish } from '../core/steps';
import { compareHeadsSteps, stageHeadSteps } from '../core/work';
import { beginVisit } from '../model/commands/newVisit';
import { record } from '../model/commands/result';
import { rinse, tapSection } from '../model/commands/run';
import { rowsOf } from '../model/ledger/rows';
import { momentIn } from '../model/time';
import { NOW, openVisit, put, SPOT, standing } from '../testing/demoVisit';
import { answerWords, namerOf } from '../widgets/answerWords';
import { helpWords } from '../widgets/helpWords';
import { stationLine } from '../widgets/summary';
import { evenWords } from '../wording/bowls';
import { RunningView } from './runningView.svelte';
import { SendOffView } from './sendOffView.svelte';
import { VisitState } from './visitState.svelte';

const SEARCHES = {
	...SPOT,
	stageHead: (problem) => finish(stageHeadSteps(problem)),
	compareHeads: (ways) => finish(compareHeadsSteps(ways))
} satisfies Parameters<typeof openVisit>[1];

/** Weeks until the client comes again. */
const WEEKS = 8;
const MINUTE_MS = 60_000;
const WEEK_MS = 7 * 24 * 60 * MINUTE_MS;

it('docs/a-day.md names the figures that the stations name, one after the other', async () => {
	const { session, workspace } = await openVisit('hesper-oake', SEARCHES);
	const lines: string[] = [];
	const say = (station: string, told: string) => lines.push(`- **${station}.** ${told}`);
	const { head, bowls, verdict } = session;

	say('Aim', answerWords(session.aimVerdict)!.sentence);
	const { words, outcome } = helpWords(verdict.best!, namerOf(verdict), session.visit.aim.level);
	say('Aim, what helps most', `${words} ${outcome}`);
	verdict.take(verdict.best!);
	say('Aim, once that is done', answerWords(session.aimVerdict)!.sentence);
	say('Lift', `${stationLine(session, 'lift')}, condition ${Math.round(head.lift.condition)}`);
	const { work } = session;
	say(
		'Bowls',
		`${stationLine(session, 'bowls')}, ${evenWords(bowls.staging!)}; ${session.chairMinutes} min at the chair, €${Math.round(work.price!)}`
	);

	// Worked as it is staged.
	const { finish: ends } = bowls.staging!;
	const end = Math.max(...ends.map(({ rinseMinute }) => rinseMinute));
	session.change('worked', ({ run }) => {
		run.startedAt = NOW.toISOString();
		for (const { section, part, appliedToMinute, rinseMinute } of ends) {
			tapSection(run, { act: 'on', section, part }, appliedToMinute * 60);
			tapSection(run, { act: 'off', section, part }, rinseMinute * 60);
		}
	});
	const running = new RunningView(session, () => end * 60);
	const off = new Date(NOW.getTime() + end * MINUTE_MS);
	session.change('rinsed', (draft) => rinse(draft, off, end * 60, running.lain));
	say(
		'Chair',
		`${stationLine(session, 'chair')}; the last foil is off at minute ${Math.round(end)}`
	);
	say('Lift, once it is off', stationLine(session, 'lift'));
	say('Tone', `begins at ${formatLevel(head.rawLevel)}; ${stationLine(session, 'tone')}`);
	const view = new SendOffView(session);
	say(
		'Send-off',
		`expected ${formatLevel(view.foreseen.expected.toned)}, lifted ${formatLevel(view.foreseen.expected.lifted)}`
	);
	session.change('recorded', (draft) => record(draft, view.foreseen, view.back.from, off));
	const row = rowsOf(session.visit).find(({ kind }) => kind === 'lightening')!;
	say('Ledger', `lay ${row.minutes} min, ${formatLevel(row.expected!)} expected, nothing seen`);
	const then = new Date(NOW.getTime() + WEEKS * WEEK_MS);
	const next = beginVisit(
		session.client!,
		workspace.visitsOf(session.client!.id),
		session.shelf,
		momentIn(then, 'Etc/UTC')
	);
	put(workspace, next);
	const again = new VisitState(workspace, next.id, standing(then), SEARCHES);
	say(`Read, ${WEEKS} weeks later`, stationLine(again, 'read'));
	const told = readFileSync('docs/a-day.md', 'utf8');
	for (const line of lines) expect(told).toContain(line);
});
