import type { Moment } from '../model/time';
import { exporting } from '../state/exporting.svelte';
import { downloadBlob, fileName } from '../ui/download';

/**
 * Makes a file of records and hands it to the browser to save.
 * @param about what it is about, for its name
 * @param only keys of what is wanted; left out, everything
 */
export async function downloadRecords(
	records: Parameters<typeof exporting.run>[0],
	{ at, day }: Moment,
	about: string,
	only?: readonly string[]
): Promise<void> {
	const file = await exporting.run(records, at, only);
	if (file) downloadBlob(fileName(about, day, 'zelvant.json'), file);
}
