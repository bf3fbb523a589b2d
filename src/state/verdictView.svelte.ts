import { MAIN_STEP, daySteps } from '../model/day/steps';
import { canDo, helpLabel, takeHelp } from '../model/commands/help';
import { isUntouched, takeToday } from '../model/commands/takePlan';
import { beyondWork, isFirst, workedOtherwise, type Help } from '../model/visit/helps';
import { deciding, isWorkedSo } from '../model/visit/planDay';
import { dayEnd } from '../model/visit/dayEnd';
import {
	dayVerdict,
	type DayEnd,
	type DayVerdict,
	type ServicePlan,
	type SessionsEstimate
} from '../core/plan';
import type { Visit } from '../schema/records';
import { BowlHelp } from './bowlHelp.svelte';
import { BowlsView, type BowlsSource } from './bowlsView.svelte';
import type { Search } from './search.svelte';
import type { Searches } from './searches';

/** What the answer to an aim rests on. */
export interface VerdictSource extends BowlsSource {
	readonly judging: Search<'judgeAim'>;
	readonly bowls: BowlsView;
	readonly head: { readonly sessions: SessionsEstimate };
	/** Whether anything at all is lightened today. */
	readonly lightens: boolean;
	change(label: string, recipe: (draft: Visit) => unknown): void;
}

/**
 * The one answer to an aim: what the aim takes, piece by piece, worked through as a whole day, and what would bring up what
 * stays behind.
 */
export class VerdictView {
	readonly #session: VerdictSource;
	readonly #of: 'plan' | 'day';
	readonly #planned: BowlsView;
	readonly help: BowlHelp;

	/**
	 * @param of the day as it stands, or as Aim’s plan has it until somebody sets it
	 * @param searches the door to the worker, or whoever answers on the spot
	 */
	constructor(session: VerdictSource, of: 'plan' | 'day', lane: string, searches: Searches) {
		this.#session = session;
		this.#of = of;
		this.#planned = new BowlsView(
			session,
			`bowls of ${of} ${lane}`,
			searches,
			() => this.#asPlanned ?? session.visit
		);
		this.help = new BowlHelp(() => this.bowls, `${of} ${lane}`, searches);
	}

	/** The plan that the verdict stands on. */
	plan: ServicePlan | undefined = $derived.by(() => {
		const { found } = this.#session.judging;
		return found && deciding(found)?.plan;
	});
	/** The visit as it will be once Aim’s plan is taken, where nobody has set its day. */
	#asPlanned: Visit | undefined = $derived.by(() => {
		const { plan } = this;
		const { visit, lightens } = this.#session;
		if (this.#of === 'day' || !plan || !lightens || !isUntouched(visit) || isWorkedSo(visit, plan))
			return undefined;
		const draft: Visit = { ...visit };
		takeToday(draft, plan);
		return draft;
	});
	/** The bowls that the verdict stands on. */
	bowls: BowlsView = $derived.by(() => (this.#asPlanned ? this.#planned : this.#session.bowls));
	/** Aim’s plan, where somebody set the day otherwise. */
	otherwise: ServicePlan | undefined = $derived.by(() => {
		const { plan } = this;
		return plan && !this.#asPlanned && !isWorkedSo(this.#session.visit, plan) ? plan : undefined;
	});
	/** How the head comes out by that day; nothing before its bowls are found, or where nothing is put on. */
	end: DayEnd | undefined = $derived.by(() => {
		const { bowls } = this;
		const steps = daySteps(this.#asPlanned ?? this.#session.visit);
		const later = steps.slice(steps.findIndex(({ id }) => id === MAIN_STEP) + 1);
		return bowls.staging && dayEnd(bowls.stagedWork, bowls.staging, later);
	});
	/** The answer as it is known: of the judgement alone until the bowls are staged; nothing before that. */
	answer: DayVerdict | undefined = $derived.by(() => {
		const { found } = this.#session.judging;
		return (
			found &&
			dayVerdict({
				judgement: found,
				end: this.end,
				repeated:
					this.otherwise || (found.verdict === 'notSo' && !isUntouched(this.#session.visit))
						? this.#session.head.sessions
						: undefined
			})
		);
	});

	/** Ways of working the head otherwise that help, the best first; nothing before they are known. */
	otherwiseWorked: readonly Help[] | undefined = $derived.by(() => {
		const { levers, ways } = this.help;
		return levers && ways && workedOtherwise(levers, ways);
	});
	/** What else could be done where that is not enough. */
	beyond: readonly Help[] = $derived.by(() => {
		const { bowls, otherwise } = this;
		if (!bowls.staging) return [];
		return beyondWork({
			work: bowls.stagedWork,
			staging: bowls.staging,
			visit: this.#session.visit,
			judged: this.#session.judging.found,
			plan: otherwise
		});
	});
	/** What helps most and can be done with a tap; nothing before it is known, or where nothing stays behind. */
	best: Help | undefined = $derived.by(() => {
		if (!this.answer?.behind || !this.otherwiseWorked) return undefined;
		const { staging } = this.bowls;
		const first = this.otherwiseWorked.find(canDo);
		const isWorth = first && staging && isFirst(first, staging);
		return isWorth ? first : (this.beyond.find(canDo) ?? first);
	});

	/** Does what would help, to the day that was judged: where nobody has set it, Aim’s plan is taken with it. */
	take(help: Help): void {
		const { bowls, plan } = this;
		const { staging, stagedWork: work } = bowls;
		if (!staging) return;
		const asPlanned = this.#asPlanned && plan;
		this.#session.change(helpLabel(help), (draft) => {
			if (asPlanned) takeToday(draft, asPlanned);
			takeHelp(draft, help, { work, staging });
		});
	}
}
