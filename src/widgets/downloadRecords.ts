import type { RecordsFile } from '../schema/file';
import { downloadText, fileName } from '../ui/download';

/** Hands a file of records to the browser to save. */
export const downloadRecords = (file: RecordsFile, about: string): void =>
	downloadText(
		fileName(about, file.exportedAt.slice(0, 10), 'zelvant.json'),
		'application/json',
		JSON.stringify(file, null, '\t')
	);
