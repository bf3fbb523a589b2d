import { exportRecords, type Exported } from '../store/exportFile';

/** An export that takes longer than this is told of, ms. */
const TOLD_AFTER_MS = 300;

/** The export that is under way in this window. */
class Exporting {
	/** Share that is done, 0-1; nothing while none takes long enough to be told of. */
	share = $state.raw<number | undefined>();
	#stopping = new AbortController();

	/**
	 * Makes the file; one that was asked for before is stopped.
	 * @throws when the browser does not give a record
	 */
	async run(records: Exported, now: Date, only?: readonly string[]): Promise<Blob | undefined> {
		this.stop();
		const stopping = (this.#stopping = new AbortController());
		const begun = performance.now();
		try {
			return await exportRecords(records, now, only, {
				signal: stopping.signal,
				onprogress: (share) => {
					if (performance.now() - begun > TOLD_AFTER_MS) this.share = share;
				}
			});
		} finally {
			if (this.#stopping === stopping) this.share = undefined;
		}
	}
	stop(): void {
		this.#stopping.abort();
		this.share = undefined;
	}
}

export const exporting = new Exporting();
