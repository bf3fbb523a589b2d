import { plainShelf } from '../model/demo/shelf';
import { scratch } from '../store/open';
import { planVerdict } from '../core/plan';
import { compute } from '../compute/browser';
import { deciding } from '../model/visit/planDay';
import { isUntouched, takeToday } from '../model/commands/takePlan';
import { newClient, newVisit } from '../model/commands/newVisit';
import { tellFacts, type FirstFacts } from '../model/commands/firstFacts';
import type { Clock } from './clock.svelte';
import type { Searches } from './searches';
import type { Visit } from '../schema/records';
import { VisitState } from './visitState.svelte';

/**
 * A head of which three facts are known, on a workspace of its own: worked out by the very engine of a visit,
 * and written into nobody's records until somebody sits down.
 */
export class FirstHead {
	readonly session: VisitState;
	facts: FirstFacts = $state.raw({ level: 5, done: 'nothing', goal: 8 });

	constructor(clock: Pick<Clock, 'now' | 'moment'>, searches: Searches = compute) {
		const client = newClient('Trial', clock.now());
		const visit = newVisit(client.id, clock.moment());
		tellFacts(visit, this.facts);
		const workspace = scratch([client, visit, plainShelf(clock.now())], clock);
		this.session = new VisitState(workspace, visit.id, clock, searches);
	}

	tell(facts: Partial<FirstFacts>): void {
		this.facts = { ...this.facts, ...facts };
		this.session.change('facts', (draft) => tellFacts(draft, this.facts));
	}

	/** The answer on these facts; none while it is being worked out. */
	answer = $derived.by(() => {
		const { searching, found } = this.session.judging;
		// Of no head yet is said how it is worked.
		return searching || !found ? undefined : planVerdict(found);
	});

	/** What the first day of the plan is, where there is anything to be lifted. */
	get today() {
		const { searching, found } = this.session.judging;
		const hair = searching ? undefined : found && deciding(found);
		return hair?.plan ?? hair?.nearest;
	}

	/** Works the day as the plan says, unless somebody has moved its clock. */
	takePlan(): boolean {
		const plan = this.today;
		if (!plan || !isUntouched(this.session.visit)) return false;
		this.session.change('plan', (draft) => takeToday(draft, plan));
		return true;
	}

	/** A visit that has just begun, with what was told and planned here. */
	laidOn(visit: Visit): Visit {
		const { reading, aim, lift, before, after } = this.session.visit;
		return { ...visit, reading, aim, lift, before, after };
	}
}
