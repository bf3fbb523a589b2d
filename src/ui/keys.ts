/** Where a key does something: everywhere, in a visit, or in one of its rooms. */
export type KeyPlace = 'anywhere' | 'visit' | 'chair' | 'weigh' | 'bench' | 'practice';

interface KeyRow {
	readonly act: string;
	readonly place: KeyPlace;
	/** As the sheet of keys writes it, and what it does. */
	readonly shown: string;
	readonly what: string;
	/** `event.key` of each way to press it; `Mod+` for Ctrl or Command, `Mod+Shift+` with Shift as well. */
	readonly keys: readonly string[];
	/** Works while somebody types, too. */
	readonly always?: true;
	/** Left to a focused button and its like, which use it themselves. */
	readonly yields?: true;
}

/** Every key there is. What a key does is written where it is done; which key it is, only here. */
export const KEYS = [
	{
		act: 'find',
		place: 'anywhere',
		shown: '/ or Ctrl K',
		what: 'find a client, a visit, a formula, a place, an act',
		keys: ['/', 'Mod+k'],
		always: true
	},
	{ act: 'keys', place: 'anywhere', shown: '?', what: 'this list', keys: ['?'] },
	{
		act: 'station',
		place: 'visit',
		shown: '1 to 7',
		what: 'go to a station',
		keys: ['1', '2', '3', '4', '5', '6', '7']
	},
	{
		act: 'clockBack',
		place: 'visit',
		shown: ',',
		what: 'the clock back a minute, with Shift five',
		// With Shift the key gives another character, which differs by keyboard.
		keys: [',', '<', ';']
	},
	{
		act: 'clockOn',
		place: 'visit',
		shown: '.',
		what: 'the clock on a minute, with Shift five',
		keys: ['.', '>', ':']
	},
	{ act: 'undo', place: 'visit', shown: 'Ctrl Z', what: 'undo', keys: ['Mod+z'] },
	{ act: 'redo', place: 'visit', shown: 'Ctrl Shift Z', what: 'redo', keys: ['Mod+Shift+z'] },
	{ act: 'print', place: 'visit', shown: 'p', what: 'print the sheet of the visit', keys: ['p'] },
	{ act: 'check', place: 'chair', shown: 'k', what: 'note a check', keys: ['k'] },
	{
		act: 'timer',
		place: 'chair',
		shown: 'Space',
		what: 'start or hold the timer',
		keys: [' '],
		yields: true
	},
	{
		act: 'done',
		place: 'chair',
		shown: 'Enter',
		what: 'what comes next is done: it is on, off, rinsed',
		keys: ['Enter'],
		yields: true
	},
	{
		act: 'lags',
		place: 'chair',
		shown: 'l',
		what: 'the section that is looked at lags',
		keys: ['l']
	},
	{ act: 'asPlanned', place: 'chair', shown: 'a', what: 'it is as planned', keys: ['a'] },
	{ act: 'ready', place: 'chair', shown: 'r', what: 'it is ready', keys: ['r'] },
	{
		act: 'sectionBefore',
		place: 'chair',
		shown: '←',
		what: 'look at the section before',
		keys: ['ArrowLeft']
	},
	{
		act: 'sectionNext',
		place: 'chair',
		shown: '→',
		what: 'look at the next section',
		keys: ['ArrowRight']
	},
	{
		act: 'take',
		place: 'weigh',
		shown: 'Space',
		what: 'take the part that is weighed',
		keys: [' ', 'Enter'],
		yields: true
	},
	{ act: 'tare', place: 'weigh', shown: 't', what: 'tare', keys: ['t'] },
	{ act: 'mend', place: 'weigh', shown: 'm', what: 'mend the ratio', keys: ['m'] },
	{ act: 'bowlBefore', place: 'weigh', shown: '←', what: 'the bowl before', keys: ['ArrowLeft'] },
	{ act: 'bowlNext', place: 'weigh', shown: '→', what: 'the next bowl', keys: ['ArrowRight'] },
	{ act: 'undo', place: 'bench', shown: 'Ctrl Z', what: 'undo', keys: ['Mod+z'] },
	{ act: 'redo', place: 'bench', shown: 'Ctrl Shift Z', what: 'redo', keys: ['Mod+Shift+z'] },
	{
		act: 'pick',
		place: 'practice',
		shown: '1 to 6',
		what: 'answer with what stands under that number',
		keys: ['1', '2', '3', '4', '5', '6']
	},
	{
		act: 'next',
		place: 'practice',
		shown: 'Enter',
		what: 'the next question',
		keys: ['Enter'],
		yields: true
	},
	{ act: 'leave', place: 'weigh', shown: 'Esc', what: 'back to the bowls', keys: ['Escape'] }
] as const satisfies readonly KeyRow[];

/** How the key of an act is written, beside the act itself. */
export const keyWords = (act: Row['act']): string => KEYS.find((key) => key.act === act)!.shown;

type Row = (typeof KEYS)[number];
/** What a key does in a place. */
type ActOf<P extends KeyPlace> = {
	[K in KeyPlace]: Extract<Row, { place: K }>['act'];
}[P];

/**
 * What a pressed key does in a place; nothing where it is no key of it, or belongs to a field or an open
 * sheet. What is found is no longer the browser's.
 */
export function actOf<P extends KeyPlace>(event: KeyboardEvent, place: P): ActOf<P> | undefined {
	if (event.altKey || event.defaultPrevented) return undefined;
	const written = pressed(event);
	const row = (KEYS as readonly KeyRow[]).find(
		(each) => each.place === place && each.keys.includes(written)
	);
	if (!row) return undefined;
	const modified = written.startsWith('Mod+');
	if (isTyping(event) && !(row.always && modified)) return undefined;
	if (row.yields && usesSpace(event)) return undefined;
	event.preventDefault();
	return row.act as ActOf<P>;
}

/** A pressed key as the table writes it. */
function pressed(event: KeyboardEvent): string {
	if (!event.ctrlKey && !event.metaKey) return event.key;
	return `Mod+${event.shiftKey ? 'Shift+' : ''}${event.key.toLowerCase()}`;
}

/** What takes letters and figures itself: fields, parts of a day or a time, and lists that are searched by typing. */
const TYPED_INTO =
	'input, textarea, select, [contenteditable="true"], [role="combobox"], [role="spinbutton"]';

/** Whether a key belongs to a field, a control that uses it, or an open sheet, and not to the place. */
function isTyping(event: KeyboardEvent): boolean {
	const target = event.target;
	if (!(target instanceof HTMLElement)) return false;
	if (document.querySelector(':is([role="dialog"], [role="alertdialog"])[data-state="open"]'))
		return true;
	return target.matches(TYPED_INTO) || target.closest('[role="menu"], [role="listbox"]') !== null;
}

/** Whether the focused element does something of its own on Space. */
const usesSpace = (event: KeyboardEvent): boolean =>
	event.target instanceof HTMLElement &&
	event.target.matches(
		'button, a, input, textarea, select, [role="slider"], [role="checkbox"], [role="radio"], [role="menu"]'
	);
