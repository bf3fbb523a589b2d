import { defaults, superForm, type Infer, type SuperForm } from 'sveltekit-superforms';
import { zod as zod4, zodClient as zod4Client, type ZodValidationSchema } from 'superforms-zod4';

/** What was typed into a form and not sent yet, by the form: it is there again when the form is, also after a reload. */
const drafts = {
	get(name: string): unknown {
		try {
			return JSON.parse(sessionStorage.getItem(keyOf(name)) ?? 'null') ?? undefined;
		} catch {
			return undefined;
		}
	},
	set(name: string, value: unknown) {
		// A browser that keeps nothing here keeps it until the page goes, in the form itself.
		try {
			sessionStorage.setItem(keyOf(name), JSON.stringify(value));
		} catch {
			return;
		}
	},
	delete(name: string) {
		try {
			sessionStorage.removeItem(keyOf(name));
		} catch {
			return;
		}
	}
};
const DRAFT = 'draft ';
const keyOf = (name: string) => `${DRAFT}${name}`;

/** Forgets all that was typed and not sent: another salon is opened, and it is none of its affairs. */
export function forgetDrafts(): void {
	for (const key of Object.keys(sessionStorage).filter((each) => each.startsWith(DRAFT))) {
		sessionStorage.removeItem(key);
	}
}

interface SentForm<S extends ZodValidationSchema> {
	/** What it goes by; its draft is kept under it. */
	readonly name: string;
	readonly schema: S;
	/** What stands in it before anybody has typed. */
	readonly initial: Infer<S, 'zod4'>;
	/** Does what the form is for, with what is valid. */
	readonly send: (value: Infer<S, 'zod4'>) => void;
}

/** What is wrong with a field, as one says it; nothing where the schema says it itself. */
function faultWords(issue: {
	code?: string;
	origin?: unknown;
	minimum?: unknown;
	maximum?: unknown;
}) {
	const words = issue.origin === 'string';
	if (issue.code === 'too_small')
		return words ? 'Something has to stand here.' : `No less than ${String(issue.minimum)}.`;
	if (issue.code === 'too_big')
		return words
			? `At most ${String(issue.maximum)} letters.`
			: `No more than ${String(issue.maximum)}.`;
	return undefined;
}

/**
 * A form that is sent: checked field by field against its schema as it is filled in and once more when it is
 * sent. Nothing leaves the page. What is typed outlives a closed sheet and another page, until it is sent.
 * @returns the form, its faults by field, and what makes a `<form>` send it
 */
export function sentForm<S extends ZodValidationSchema>({
	name,
	schema,
	initial,
	send
}: SentForm<S>): SuperForm<Infer<S, 'zod4'>> {
	const form = superForm<Infer<S, 'zod4'>>(defaults(initial, zod4(schema)), {
		id: name,
		SPA: true,
		// What is sent may be lists and groups of fields.
		dataType: 'json',
		// There is no server to ask anew, and what the form is for may go to another page.
		invalidateAll: false,
		applyAction: false,
		validators: zod4Client(schema, { error: faultWords }),
		// Sent and empty again; a form for the next one of the same kind.
		resetForm: true,
		onUpdate: ({ form: sent }) => {
			if (!sent.valid) return;
			drafts.delete(name);
			send(sent.data);
		}
	});
	const draft = drafts.get(name) as Infer<S, 'zod4'> | undefined;
	if (draft) form.form.set({ ...initial, ...draft }, { taint: true });
	$effect(() =>
		form.form.subscribe((value) => {
			if (form.isTainted()) drafts.set(name, value);
			else drafts.delete(name);
		})
	);
	return form;
}
