/** What a file is called: what it is about, in letters that every system takes, and its day. */
export const fileName = (about: string, day: string, ending: string): string =>
	`${
		about
			.toLowerCase()
			.replace(/[^a-z0-9]+/g, '-')
			.replace(/^-|-$/g, '') || 'records'
	}-${day}.${ending}`;

/** Hands a text to the browser to save as a file. */
export const downloadText = (name: string, type: string, text: string): void =>
	downloadBlob(name, new Blob([text], { type }));

/** Hands what is already a file to the browser to save. */
export function downloadBlob(name: string, file: Blob): void {
	const link = document.createElement('a');
	link.href = URL.createObjectURL(file);
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
