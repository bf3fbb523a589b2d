/** Fields in which something stands that is not taken yet: while there are some, nothing says that all is saved. */
class Typing {
	#fields: ReadonlyMap<string, () => void> = $state.raw(new Map());

	get fields(): number {
		return this.#fields.size;
	}
	/** Something was typed. @param take takes it at once, where it can be taken */
	begin(id: string, take: () => void): void {
		this.#fields = new Map(this.#fields).set(id, take);
	}
	/** It was taken, or put back. */
	end(id: string): void {
		if (!this.#fields.has(id)) return;
		const rest = new Map(this.#fields);
		rest.delete(id);
		this.#fields = rest;
	}
	/** The page is about to go: what stands in fields is taken as it is. */
	takeAll(): void {
		for (const take of this.#fields.values()) take();
	}
}
export const typing = new Typing();
