import * as z from 'zod/mini';

/** Something of a page that could not be drawn. */
const fault = z.object({
	/** What of the page it was, as a person calls it. */
	what: z.string(),
	/** Its address. */
	where: z.string(),
	/** What the browser says. */
	said: z.string(),
	/** When, ISO with zone. */
	at: z.string()
});
export type Fault = z.infer<typeof fault>;

const KEY = 'zelvant.faults';
/** Older ones are forgotten: what repeats itself says nothing new. */
const MOST = 20;

function kept(): Fault[] {
	try {
		return z.array(fault).parse(JSON.parse(localStorage.getItem(KEY) ?? '[]'));
	} catch {
		return [];
	}
}
function keep(list: readonly Fault[]): void {
	try {
		localStorage.setItem(KEY, JSON.stringify(list));
	} catch {
		// Whoever lets nothing be kept here is told as long as the window is open.
	}
}

/** What could not be drawn in this browser, the newest first; told on Records until somebody has seen it. */
class Faults {
	list: readonly Fault[] = $state.raw(kept());

	add(what: string, where: string, error: unknown, at: Date): void {
		const said = error instanceof Error ? error.message : String(error);
		const others = this.list.filter((one) => one.what !== what || one.said !== said);
		this.list = [{ what, where, said, at: at.toISOString() }, ...others].slice(0, MOST);
		keep(this.list);
	}
	forget(): void {
		this.list = [];
		keep([]);
	}
}
export const faults = new Faults();
