import { levelOfFibre } from '../core/lift';
import {
	closedDoors,
	KIND_PICKING,
	panelShows,
	trueDepositLevel,
	type AimJudgement,
	type ResultKind
} from '../core/plan';
import { usualFoils } from '../core/work';
import { aimOn } from '../model/head/exceptions';
import type { Aim, BowlsPlan, LiftPlan, Reading } from '../schema/records';
import type { VisitState } from './visitState.svelte';
import { seenFibre } from '../model/head/hair';
import { aimLab, rawOf } from '../model/visit/tone';
import { takeKind } from '../model/commands/aim';
import { takePart } from '../model/commands/part';
import { aimStrands } from '../model/visit/aimStrands';

/**
 * What the core says of an aim: the four strands as they would come out, the plain verdict, and what
 * the aim closes. The verdict is a search and comes from the worker; the strands follow the hand.
 */
export class AimView {
	readonly #session: VisitState;

	constructor(session: VisitState) {
		this.#session = session;
	}

	/** The last verdict; none before the first one is there. */
	judgement: AimJudgement | undefined = $derived.by(() => this.#session.judging.found);
	get searching(): boolean {
		return this.#session.judging.searching;
	}
	get trouble(): string | undefined {
		return this.#session.judging.trouble;
	}

	/** How far a piece of hair gets, where that is less than it should: the strands go no further. */
	#reach = $derived.by(() => {
		const short = (this.judgement?.hair ?? []).filter(({ plan, already }) => !plan && !already);
		return new Map(short.map(({ id, nearest }) => [id, nearest?.level]));
	});

	strands = $derived.by(() => aimStrands(this.#session, this.#session.view, this.#reach));

	/** Doors that this aim closes. */
	doors = $derived.by(() => {
		const { view } = this.#session;
		const { reading, strandAim, zones, taken } = view;
		const present = levelOfFibre(view.zone.fibre);
		const light = zones.filter(
			({ name }) => taken[name] && reading.zones[name].state === 'lightened'
		);
		const lightDownBy = Math.max(
			0,
			...light.map(({ name, fibre }) => levelOfFibre(fibre) - aimOn(strandAim, name).level)
		);
		return closedDoors({
			kind: strandAim.kind,
			level: view.aim.level,
			direction: view.aim.direction,
			presentLevel: present,
			lightDownBy,
			lowlights: strandAim.lowlights !== undefined,
			lightShare: strandAim.lightShare,
			conditionAfter: this.judgement?.visits === 0 ? undefined : this.judgement?.condition
		});
	});

	/** How much of a hidden panel is seen, worn as it is worn. */
	panel = $derived.by(() => {
		const { reading, strandAim } = this.#session.view;
		return (
			strandAim.panel &&
			panelShows({
				...strandAim.panel,
				lengthCm: reading.lengthCm,
				curl: reading.curl,
				layers: reading.haircut.layers
			})
		);
	});

	/** Level to lift to before any toner at all brings the aim; nothing when none would. */
	needs = $derived.by(() => needsLevel(this.#session.view.reading, this.#session.view.aim));

	/** Fills the aim in for a kind of result, with the room that its toner needs. */
	takeKind(kind: ResultKind): void {
		const { head, visit } = this.#session;
		const { naturalLevel, lengthCm } = visit.reading;
		const presentLevel = levelOfFibre(head.zone.fibre);
		this.#session.change(`aim ${kind}`, (draft) => {
			const { aim, bowls, reading, lift } = draft;
			const wasPanel = lift.part?.name === 'panel';
			const { level, direction } = aim;
			takeKind(aim, kind, { naturalLevel, presentLevel, lengthCm, level, direction });
			if (kind === 'panel') takePart(draft, 'panel');
			else if (wasPanel) takePart(draft, undefined);
			pickUp(bowls, KIND_PICKING[kind], aim.lightShare, reading.density, lift.section);
			if (kind === 'freshen') return;
			const needs = needsLevel(visit.reading, aim) ?? aim.level + MOST_ROOM;
			aim.liftPast = Math.min(MOST_ROOM, Math.max(aim.liftPast, needs - aim.level));
		});
	}
}

/** A kind of result also says how hair is picked up, and how many foils it usually takes. */
function pickUp(
	bowls: BowlsPlan,
	picking: BowlsPlan['picking'],
	lightShare: number,
	density: Reading['density'],
	section: LiftPlan['section']
): void {
	bowls.picking = picking;
	for (const section of bowls.sections ?? []) section.picking = picking;
	if (bowls.technique === 'foils') bowls.foils = usualFoils(lightShare, density, picking, section);
}

/** A preset asks for no more room than this past the aim, levels; the dial goes further. */
const MOST_ROOM = 1;

/** Level this head has to be lifted to before any dye brings the aim. */
const needsLevel = (reading: Reading, aim: Aim): number | undefined =>
	trueDepositLevel(
		(level) => rawOf({ fibre: seenFibre(reading, level) }, reading),
		(raw) => aimLab(aim, raw),
		Math.max(aim.level, reading.naturalLevel)
	);
