import { migrate } from '../schema/migrations';
import { anyDocument, type AnyDocument } from '../schema/records';

const firstFault = (parsed: ReturnType<typeof anyDocument.safeParse> | undefined): string => {
	const issue = parsed?.error?.issues[0];
	return issue ? `${issue.path.join('.')} ${issue.message}` : '';
};

type ReadDocument =
	| { readonly ok: true; readonly document: AnyDocument; readonly also: readonly AnyDocument[] }
	| { readonly ok: false; readonly reason: string };

/** A stored value as a document of today, with what its migration parted from it; or why it is none. */
export function readDocument(value: unknown): ReadDocument {
	const migrated = migrate(value);
	if (!migrated.ok) {
		return {
			ok: false,
			reason:
				migrated.problem === 'newer' ? 'written by a newer Zelvant' : 'not a document of Zelvant'
		};
	}
	const parsed = anyDocument.safeParse(migrated.document);
	if (!parsed.success) return { ok: false, reason: `does not fit: ${firstFault(parsed)}` };
	const also = migrated.also.flatMap((each) => {
		const own = anyDocument.safeParse(each);
		return own.success ? [own.data] : [];
	});
	return { ok: true, document: parsed.data, also };
}

/** A stored value that could not be read; kept as it is and shown, never dropped. */
export interface SetAside {
	readonly key: string;
	readonly reason: string;
	readonly value: unknown;
}
