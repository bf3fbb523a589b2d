/** What began before anybody said so: how much earlier is asked for. */
interface Asked {
	readonly name: string;
	/** Longest that it can have been, minutes. */
	readonly most: number;
	readonly onpick: (minutes: number) => void;
}

/** Asked by the station as a whole: what asks may move on the page meanwhile. */
export const earlier = $state<{ asked: Asked | undefined }>({ asked: undefined });
