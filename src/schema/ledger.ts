import type { AreaName } from '../core/lift';
import type { StepKind } from '../core/plan';
import type { ChosenPart, LiftPlan, PlacedToner, Visit } from './records';

type Cure = NonNullable<Visit['run']['cures']>[number];

/** What a row of the ledger is: an application, a toner, or what was done where something went wrong. */
export type LedgerThing =
	| {
			readonly kind: 'lightening';
			readonly step: 'main' | StepKind;
			readonly plan: Pick<LiftPlan, 'product' | 'volume' | 'ratio' | 'placement'>;
			readonly areas: readonly AreaName[] | undefined;
	  }
	| {
			readonly kind: 'toner';
			readonly place: PlacedToner['place'] | undefined;
			readonly lineId: string | undefined;
			readonly line: string | undefined;
			readonly ratio: number;
			readonly parts: readonly ChosenPart[];
	  }
	| {
			readonly kind: 'cure';
			readonly fault: Cure['fault'];
			readonly act: Cure['act'];
			readonly parts: readonly ChosenPart[];
	  };
