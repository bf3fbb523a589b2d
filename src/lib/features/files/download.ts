import type { RecordsFile } from '../../schema/file';

const fileName = (about: string, day: string): string =>
	`${
		about
			.toLowerCase()
			.replace(/[^a-z0-9]+/g, '-')
			.replace(/^-|-$/g, '') || 'records'
	}-${day}.zelvant.json`;

/** Hands a file of records to the browser to save. */
export function downloadRecords(file: RecordsFile, about: string): void {
	const blob = new Blob([JSON.stringify(file, null, '\t')], { type: 'application/json' });
	const link = document.createElement('a');
	link.href = URL.createObjectURL(blob);
	link.download = fileName(about, file.exportedAt.slice(0, 10));
	link.click();
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
