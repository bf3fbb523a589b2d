import { untrack } from 'svelte';
import { defaults, superForm, type Infer, type SuperForm } from 'sveltekit-superforms';
import { zod as zod4, zodClient as zod4Client, type ZodValidationSchema } from 'superforms-zod4';
import { merge3, withValueAt, type Clash } from '../store/merge';
export type { Clash } from '../store/merge';
import { waitingForms } from './waitingForms.svelte';

interface SentForm<S extends ZodValidationSchema> {
	/** What it goes by; what was typed into it is kept under it. */
	readonly name: string;
	/** What a person calls it, where it waits to be sent: “a line of colour”. */
	readonly title: string;
	/** The page on which it is gone on with. */
	readonly path: string;
	readonly schema: S;
	/** What stands in it before anybody has typed. */
	readonly initial: Infer<S, 'zod4'>;
	/**
	 * What it is about as it is kept now, where it is about something that is kept already: only what was touched is
	 * laid on it, and where that was changed elsewhere meanwhile somebody is asked.
	 */
	readonly current?: (() => Infer<S, 'zod4'>) | undefined;
	/** What stands in it is worth nothing without the window: another page is left and come back to, and no more. */
	readonly passing?: boolean | undefined;
	/** Does what the form is for, with what is valid. */
	readonly send: (value: Infer<S, 'zod4'>) => void;
}

/** A form that is sent, with what somebody has to decide before. */
export interface AskedForm<T extends Record<string, unknown>> {
	readonly form: SuperForm<T>;
	/** Fields that were touched here and changed elsewhere meanwhile. */
	readonly clashes: readonly Clash[];
	/** Keeps what was typed here, or takes what stands there. */
	readonly decide: (clash: Clash, takes: 'mine' | 'theirs') => void;
}

/** What stands in forms that do not outlive their window. */
const held = new Map<string, { readonly base: unknown; readonly value: unknown }>();

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
 * sent. Nothing leaves the page. What is typed outlives a closed sheet, another page, a reload and a closed tab, until
 * it is sent; every page says that it waits.
 * @returns the form, its faults by field, what makes a `<form>` send it, and what has to be decided first
 */
export function askedForm<S extends ZodValidationSchema>({
	name,
	title,
	path,
	schema,
	initial,
	current,
	passing = false,
	send
}: SentForm<S>): AskedForm<Infer<S, 'zod4'>> {
	type Value = Infer<S, 'zod4'>;
	let clashes: readonly Clash[] = $state.raw([]);
	/** What it was filled in against: what differs from it was touched. */
	let base = initial;
	const form = superForm<Value>(defaults(initial, zod4(schema)), {
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
		onUpdate: ({ form: sent, cancel }) => {
			if (!sent.valid) return;
			const now = current?.() ?? base;
			const merged = current ? laidOn(sent.data, now) : sent.data;
			if (!merged || clashes.length > 0) {
				cancel();
				return;
			}
			waitingForms.drop(name);
			held.delete(name);
			send(merged);
		}
	});
	/** What was touched laid on what is kept now; nothing while somebody has to decide. */
	function laidOn(mine: Value, now: Value): Value | undefined {
		const merged = merge3<Value>(base, mine, now);
		if (merged.clashes.length === 0) return merged.value;
		clashes = merged.clashes;
		base = now;
		let value = merged.value!;
		// Until somebody decides, what was typed stands in the field.
		for (const clash of merged.clashes) value = withValueAt<Value>(value, clash.path, clash.mine);
		form.form.set(value, { taint: true });
		return undefined;
	}
	/** Lays what was typed before on what is kept now. */
	function lay(waiting: { readonly base: unknown; readonly value: unknown }, now: Value): void {
		if (!current) {
			form.form.set({ ...initial, ...(waiting.value as Value) }, { taint: true });
			return;
		}
		base = waiting.base as Value;
		const merged = laidOn(waiting.value as Value, now);
		base = now;
		if (merged) form.form.set(merged, { taint: true });
	}
	const waiting = passing ? held.get(name) : untrack(() => waitingForms.of(name));
	if (waiting) lay(waiting, initial);
	$effect(() =>
		waitingForms.watch(name, (restored) => {
			const now = current?.() ?? initial;
			clashes = [];
			if (restored) lay(restored, now);
			else {
				base = now;
				form.form.set(now, { taint: 'untaint-all' });
			}
		})
	);
	$effect(() =>
		form.form.subscribe((value) => {
			untrack(() => {
				if (passing) {
					if (form.isTainted()) held.set(name, { base, value });
					else held.delete(name);
				} else if (form.isTainted()) waitingForms.put({ name, title, path, base, value });
				else waitingForms.drop(name);
			});
		})
	);
	return {
		form,
		get clashes() {
			return clashes;
		},
		decide(clash, takes) {
			clashes = clashes.filter((one) => one !== clash);
			if (takes === 'theirs')
				form.form.update((value) => withValueAt<Value>(value, clash.path, clash.theirs), {
					taint: true
				});
		}
	};
}

/** The same of something that is not kept yet: nobody else can have changed it. */
export const sentForm = <S extends ZodValidationSchema>(
	asked: Omit<SentForm<S>, 'current'>
): SuperForm<Infer<S, 'zod4'>> => askedForm(asked).form;
