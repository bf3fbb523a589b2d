import { keyOf } from '../model/identity';
import {
	previewImport,
	wantedOf,
	type ImportItem,
	type ImportOutcome,
	type ImportPreview
} from '../store/importFile';
import type { AnyDocument } from '../schema/records';
import type { Workspace } from '../store/workspace.svelte';

/** Up to so many documents come in as one step that can be taken back; more are stored part by part. */
export const MOST_AS_ONE = 2000;

/** What of a file may be taken in. */
export type ImportKind = 'client' | 'visit' | 'shelf';

/**
 * A picture belongs to the visit that was read from it; what was tried at the bench comes with the visits, and
 * what was practised with what the salon has.
 */
export const importKind = ({ kind }: Pick<ImportItem, 'kind'>): ImportKind =>
	kind === 'picture' || kind === 'trial' ? 'visit' : kind === 'learner' ? 'shelf' : kind;

/** What came of an import. */
export interface ImportDone {
	readonly added: number;
	readonly changed: number;
	/** The step, to be taken back; nothing where so many came in that it cannot be. */
	readonly step: string | undefined;
	/** Nothing where it came to its end, else how many came in before it did not. */
	readonly cameIn: number | undefined;
	readonly trouble: string | undefined;
	/** How many that could not be read could not be kept beside the records either. */
	readonly notAside?: number;
}

/** The file that is being read, waits to be taken in, or comes in: also while another page is looked at. */
class Importing {
	name = $state.raw('');
	outcome = $state.raw<ImportOutcome | undefined>();
	/** What is under way. */
	work = $state.raw<{ readonly label: string; readonly share: number } | undefined>();
	#file: File | undefined;
	#stopping = new AbortController();

	get preview(): ImportPreview | undefined {
		return this.outcome?.ok ? this.outcome.preview : undefined;
	}

	#following(label: string) {
		this.stop();
		this.#stopping = new AbortController();
		this.work = { label, share: 0 };
		return {
			signal: this.#stopping.signal,
			onprogress: (share: number) => (this.work = { label, share })
		};
	}
	stop(): void {
		this.#stopping.abort();
		this.work = undefined;
	}
	/** Forgets the file; nothing of it comes in. */
	leave(): void {
		this.stop();
		this.name = '';
		this.outcome = undefined;
		this.#file = undefined;
	}

	/** Goes through a file and says what it would do. */
	async read(file: File, workspace: Workspace): Promise<void> {
		this.leave();
		const outcome = await previewImport(file, workspace, this.#following('Reading the file…'));
		// Stopped, or another one was chosen meanwhile.
		if (!outcome) return;
		this.work = undefined;
		this.#file = file;
		this.name = file.name;
		this.outcome = outcome;
	}

	/** Takes of the file what is wanted. */
	async accept(
		workspace: Workspace,
		kinds: readonly ImportKind[]
	): Promise<ImportDone | undefined> {
		const { preview } = this;
		const file = this.#file;
		if (!preview || !file) return undefined;
		const wanted = (items: readonly ImportItem[]) =>
			items.filter((item) => kinds.includes(importKind(item)));
		const [added, changed] = [wanted(preview.added), wanted(preview.changed)];
		const keys = [...added, ...changed].map(({ key }) => key);
		this.outcome = undefined;
		const following = this.#following('Taking them in…');
		const parts = wantedOf(file, new Set(keys), following);
		const done = { added: added.length, changed: changed.length };
		let cameIn = 0;
		/** What could not be read is kept beside the records; where even that is refused, somebody has to know. */
		const setAside = () =>
			workspace.putAside(preview.aside).then(
				() => 0,
				() => preview.aside.length
			);
		try {
			if (keys.length <= MOST_AS_ONE) {
				const documents: AnyDocument[] = [];
				for await (const part of parts) documents.push(...part);
				if (following.signal.aborted) {
					return { ...done, step: undefined, cameIn, trouble: 'Stopped' };
				}
				await workspace.read(documents.map(keyOf));
				const step = workspace.transact('import', (draft) => {
					for (const document of documents) draft.put(document);
				});
				const notAside = await setAside();
				await workspace.flush();
				return { ...done, step, cameIn: undefined, trouble: undefined, notAside };
			}
			await workspace.bringIn(parts, (count) => (cameIn += count));
			if (following.signal.aborted) {
				return { ...done, step: undefined, cameIn, trouble: 'Stopped' };
			}
			const notAside = await setAside();
			return { ...done, step: undefined, cameIn: undefined, trouble: undefined, notAside };
		} catch (error) {
			const trouble = error instanceof Error ? error.message : String(error);
			return { ...done, step: undefined, cameIn, trouble };
		} finally {
			this.leave();
		}
	}
}

export const importing = new Importing();
