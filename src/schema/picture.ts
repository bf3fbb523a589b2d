/** A picture in text as the picture itself. */
export function blobOfDataUrl(url: string): Blob {
	const [head = '', data = ''] = url.split(',');
	const bytes = Uint8Array.from(atob(data), (letter) => letter.charCodeAt(0));
	return new Blob([bytes], { type: head.replace(/^data:|;base64$/g, '') });
}

/** A picture as text, to stand in a file. */
export async function dataUrlOf(blob: Blob): Promise<string> {
	const bytes = new Uint8Array(await blob.arrayBuffer());
	let letters = '';
	for (const byte of bytes) letters += String.fromCharCode(byte);
	return `data:${blob.type};base64,${btoa(letters)}`;
}
