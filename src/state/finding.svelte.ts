/** An act that a visit offers while it is open. */
export interface VisitAct {
	readonly name: string;
	/** The key that does it, too. */
	readonly key: string;
	readonly run: () => void;
}

/** The one search: whether it is open, and what may be done and where one may go in the visit that is. */
export const finding: {
	open: boolean;
	visit: { readonly id: string; readonly acts: readonly VisitAct[] } | undefined;
} = $state({ open: false, visit: undefined });
