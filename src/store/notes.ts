import { keyOf } from '../model/identity';
import { blobOfDataUrl } from '../schema/picture';
import type { AnyDocument, Picture } from '../schema/records';
import { readDocument } from './readDocument';
import type { Workspace } from './workspace.svelte';

/**
 * Storage is asynchronous, and a page that closes does not wait for it. What is not stored at that moment is
 * noted in localStorage, which is written at once, and taken over by the next page that opens: never while
 * somebody works.
 */
const prefixOf = (salon: string): string => `zelvant.journal.${salon}.`;

/** The document from what it was changed from to what it is; null where there is none. */
interface Note {
	readonly states: readonly (AnyDocument | null)[];
}

/** A picture that was just taken, in text. */
interface PictureNote {
	readonly states: readonly [null, Omit<Picture, 'image'> & { readonly image: string }];
}

/**
 * Notes what is not stored yet, and has it stored: where the page lives on, as one that is only hidden does,
 * the notes go with that. A full or forbidden localStorage only costs the note.
 * @returns whether all of it is noted: otherwise whoever closes the page loses it
 */
export function leaveNotes(
	workspace: Workspace,
	salon: string,
	storage: Storage | undefined
): boolean {
	if (!storage) return workspace.unsaved.length === 0;
	let whole = true;
	const keys: string[] = [];
	for (const { key, states } of workspace.unsaved) {
		const isPicture = key.startsWith('picture:');
		const text = workspace.textOf(key);
		// Of a picture only what was just taken is noted; one that is let go is let go another time.
		if (isPicture && (text === undefined || !states.at(-1))) continue;
		try {
			const note: Note | PictureNote = isPicture
				? { states: [null, { ...(states.at(-1) as Picture), image: text ?? '' }] }
				: { states: states.map((state) => state ?? null) };
			storage.setItem(prefixOf(salon) + key, JSON.stringify(note));
			keys.push(prefixOf(salon) + key);
		} catch {
			whole = false;
			break;
		}
	}
	clearWhenStored(workspace, keys, storage);
	return whole;
}

function clearWhenStored(workspace: Workspace, keys: readonly string[], storage: Storage): void {
	void workspace.flush().then(() => {
		if (workspace.saveState.status === 'saved') for (const key of keys) storage.removeItem(key);
	});
}

const documentIn = (value: unknown) => {
	const read = readDocument(asPicture(value));
	return read.ok ? read.document : undefined;
};

/** A picture that was noted in text as the picture itself; anything else as it is. */
function asPicture(value: unknown): unknown {
	const noted = value as { readonly kind?: unknown; readonly image?: unknown } | null;
	if (noted?.kind !== 'picture' || typeof noted.image !== 'string') return value;
	try {
		return { ...noted, image: blobOfDataUrl(noted.image) };
	} catch {
		return value;
	}
}

/** What a document was and became; nothing in a note that is a document itself, of an earlier Zelvant. */
function statesIn(noted: Record<string, unknown>): readonly unknown[] | undefined {
	if ('kind' in noted) return undefined;
	const states = noted['states'];
	if (Array.isArray(states)) return states as unknown[];
	return [noted['before'], noted['after']];
}

/**
 * Takes over what a closed page noted, and what an earlier Zelvant noted in a form of its own, through the
 * migrations; the notes are cleared when it is safe.
 * @param salon which records are opened
 */
export async function takeNotes(
	workspace: Workspace,
	salon: string,
	storage: Storage
): Promise<void> {
	const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i)).filter(
		(key): key is string => key?.startsWith(prefixOf(salon)) === true
	);
	if (keys.length === 0) return;
	await workspace.read(keys.map((key) => key.slice(prefixOf(salon).length)));
	for (const key of keys) {
		const noted = parsed(storage.getItem(key));
		if (noted === undefined) continue;
		const states = statesIn(noted);
		if (states) {
			const documents = states.map(documentIn);
			// A note that cannot be read is no removal.
			if (!documents.at(-1) && states.at(-1) !== null) continue;
			workspace.takeOver(key.slice(prefixOf(salon).length), documents);
			continue;
		}
		const read = readDocument(noted);
		if (!read.ok) continue;
		const stored = workspace.get(keyOf(read.document));
		if (!stored || stored.updatedAt < read.document.updatedAt) {
			workspace.begin([read.document, ...read.also]);
		}
	}
	// A visit that is held already is not read once more, with its pictures: they are asked for here.
	await workspace.readVisits(
		keys
			.map((key) => key.slice(prefixOf(salon).length))
			.filter((key) => key.startsWith('visit:'))
			.map((key) => key.slice('visit:'.length))
	);
	clearWhenStored(workspace, keys, storage);
}

/** How long a window that lives on may take to store what it noted, ms; what is noted longer was left. */
const LEFT_AFTER_MS = 1500;

/**
 * A page may be shown before the one that was left for it has noted what it had begun: such a note is taken over as
 * soon as it comes, or it would wait for the next page.
 * @returns ends it
 */
export function watchNotes(workspace: Workspace, salon: string, storage: Storage): () => void {
	const hear = ({ key, newValue }: StorageEvent) => {
		if (newValue === null || !key?.startsWith(prefixOf(salon))) return;
		setTimeout(() => {
			if (storage.getItem(key) === newValue) void takeNotes(workspace, salon, storage);
		}, LEFT_AFTER_MS);
	};
	addEventListener('storage', hear);
	return () => {
		removeEventListener('storage', hear);
	};
}

/** A half-written note is worth nothing; the store still holds the document before it. */
function parsed(text: string | null): Record<string, unknown> | undefined {
	try {
		const value: unknown = JSON.parse(text ?? '');
		return typeof value === 'object' && value !== null
			? (value as Record<string, unknown>)
			: undefined;
	} catch {
		return undefined;
	}
}
