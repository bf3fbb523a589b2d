import { chosenSalon, waitingStoreOf } from '../store/open';
import type { WaitingStore } from '../store/waitingStore.svelte';
import { newId } from '../model/identity';

/** A form that was filled in and not sent yet. */
export interface WaitingForm {
	/** What the form goes by. */
	readonly name: string;
	/** What a person calls it: “a line of colour”. */
	readonly title: string;
	/** The page on which it is gone on with. */
	readonly path: string;
	/** What stood in it when somebody began to type, and what stands in it now. */
	readonly base: unknown;
	readonly value: unknown;
}

/** A lock that a window holds for as long as it is open: what a closed one left is anybody's. */
const LOCK = 'zelvant.window.';

/**
 * Forms of this salon that wait to be sent. They outlive a closed sheet, another page, a reload and a closed tab,
 * and every page says that they wait; what is typed in a window that is open is that window's alone. Where the browser
 * keeps nothing, they are held as long as the window is open.
 */
class WaitingForms {
	readonly #window = newId();
	/** Of the salon that this page was opened on: known once somebody asks. */
	#opened: WaitingStore | undefined;
	get #store(): WaitingStore {
		return (this.#opened ??= waitingStoreOf(chosenSalon()));
	}
	/** Of this window, and those that closed ones left. */
	#own: readonly WaitingForm[] = $state.raw([]);
	#left: readonly (WaitingForm & { readonly key: string })[] = $state.raw([]);

	#keyOf = (name: string) => `${this.#window}.${name}`;

	/** Looks for what closed windows left; asked before a page is shown. */
	async look(): Promise<void> {
		// Not there on pages over plain http, whatever the types say.
		const locks = navigator.locks as LockManager | undefined;
		if (locks && !this.#holds) {
			this.#holds = true;
			void locks.request(LOCK + this.#window, () => new Promise(() => undefined));
		}
		const [waiting, query] = await Promise.all([
			this.#store.read(),
			locks?.query().catch(() => undefined)
		]);
		const open = new Set((query?.held ?? []).map(({ name = '' }) => name.slice(LOCK.length)));
		this.#left = [...waiting].flatMap(([key, form]) => {
			const window = key.split('.')[0]!;
			if (window === this.#window || open.has(window)) return [];
			if (form !== undefined) return [{ ...(form as WaitingForm), key }];
			// Sent or let go while its page closed: that is written down by whoever comes next.
			this.#store.remove(key);
			return [];
		});
	}
	#holds = false;

	/** Whether what was typed is written down: it is on its way for a moment, or the browser refuses it. */
	get saving(): 'saved' | 'saving' | 'refused' {
		return this.#store.unsaved === 0 ? 'saved' : this.#store.isRefused ? 'refused' : 'saving';
	}
	/**
	 * Notes what is not written down yet, as the page may close.
	 * @returns whether all of it is: otherwise it is gone with the page
	 */
	leave = (): boolean => this.#store.leave();

	get list(): readonly WaitingForm[] {
		const own = new Set(this.#own.map(({ name }) => name));
		return [...this.#own, ...this.#left.filter(({ name }) => !own.has(name))];
	}
	of(name: string): WaitingForm | undefined {
		return this.list.find((form) => form.name === name);
	}
	put(form: WaitingForm): void {
		this.#own = [...this.#own.filter(({ name }) => name !== form.name), form];
		this.#store.put(this.#keyOf(form.name), form);
		// Taken over from a window that is closed.
		this.#forgetLeft(form.name);
	}
	/** It was sent, or is as it was. */
	drop(name: string): void {
		if (!this.of(name)) return;
		this.#own = this.#own.filter((form) => form.name !== name);
		this.#store.remove(this.#keyOf(name));
		this.#forgetLeft(name);
	}
	/** Forms that stand on this page, by name: what is let go or taken back elsewhere on it goes from them too. */
	readonly #standing = new Map<string, (waiting?: WaitingForm) => void>();
	/** @returns ends the watch */
	watch(name: string, changed: (waiting?: WaitingForm) => void): () => void {
		this.#standing.set(name, changed);
		return () => {
			if (this.#standing.get(name) === changed) this.#standing.delete(name);
		};
	}
	/** Lets go what was typed: what it was about may be no more, or is wanted no longer. */
	discard(form: WaitingForm): void {
		this.drop(form.name);
		this.#standing.get(form.name)?.();
	}
	/** Takes back that it was let go. */
	restore(form: WaitingForm): void {
		this.put(form);
		this.#standing.get(form.name)?.(form);
	}
	#forgetLeft(name: string): void {
		for (const { key } of this.#left.filter((one) => one.name === name)) this.#store.remove(key);
		if (this.#left.some((one) => one.name === name))
			this.#left = this.#left.filter((one) => one.name !== name);
	}
	/** The demo is made anew: what was typed into the one before is none of its affairs. */
	forgetAll(): void {
		for (const { name } of this.list) this.drop(name);
	}
}
export const waitingForms = new WaitingForms();
