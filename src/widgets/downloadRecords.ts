import type { Moment } from '../model/time';
import { exporting } from '../state/exporting.svelte';
import { downloadBlob, fileName } from '../ui/download';
import { say } from '../ui/say.svelte';

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
	try {
		const file = await exporting.run(records, at, only);
		if (file) downloadBlob(fileName(about, day, 'zelvant.json'), file);
	} catch (error) {
		const told = error instanceof Error ? ` (${error.message})` : '';
		say(`This browser does not give all of the records${told}. No file was made; nothing is lost.`);
	}
}
