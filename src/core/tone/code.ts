import { BOUNDS } from '../vocabulary';
import { parseTone, type ShadeForm } from './tube';

/** What a line's own letters, digits or groups of them mean, in tones of the model. */
export type CodeKey = Readonly<Record<string, string>>;

/** A code that was read. */
export interface ReadCode {
	readonly ok: true;
	readonly level: number;
	readonly tone: string;
	readonly form: ShadeForm;
}

/** A code that was not, with the part that stood in the way. */
export interface UnreadCode {
	readonly ok: false;
	readonly problem: 'noLevel' | 'level' | 'tone';
	readonly part: string;
	/** All that was written. */
	readonly code: string;
}

/** Level that a concentrate's tone is measured by. */
const CONCENTRATE_LEVEL = 7;
const HIGHEST_LEVEL = BOUNDS.level.max;

const LEVEL_FIRST = /^(\d{1,2})(½|\.5(?=[^\d]|$))?\s*[./\-–,\s]?\s*([^\s./\-–,]*)$/u;
const LETTERS_FIRST = /^([^\d\s./\-–,½]+)\s*[./\-–,\s]?\s*(\d{1,2})(½|\.5)?$/u;

const unread = (problem: UnreadCode['problem'], part: string, code: string): UnreadCode => ({
	ok: false,
	problem,
	part,
	code
});

/** One written sign or group in the line's key, whatever its case. */
const inKey = (key: CodeKey, written: string): string | undefined =>
	key[written] ?? key[written.toUpperCase()] ?? key[written.toLowerCase()];

/**
 * The tone that a code's signs stand for: the whole group if the key has it, otherwise sign by sign,
 * first the stronger; a doubled sign is the same tone stronger; no sign at all is natural.
 */
function readTone(written: string, key: CodeKey): { tone: string } | { unreadable: string } {
	if (written === '') return { tone: 'N' };
	const whole = inKey(key, written);
	if (whole !== undefined) return { tone: whole };
	const signs = [...written];
	const tones = signs.map((sign) => inKey(key, sign));
	const bad = tones.findIndex((tone) => tone === undefined);
	if (bad >= 0) return { unreadable: signs.slice(bad).join('') };
	if (signs.length > 2) return { unreadable: signs.slice(2).join('') };
	return { tone: tones.map((tone) => tone![0]).join('') };
}

/**
 * Reads a shade code as lines write them: level and letters (`9V`), level with dot, slash, dash or
 * space and digits (`8.82`, `8/1`), half levels (`8½N`, `7.5/3`), letters before the level (`N6`), and
 * level zero for concentrates (`0.2`). What the signs mean is the line's own key: the same digit is
 * blue in one line and green in another. `8.5` is a half level unless the key knows a 5.
 * @returns the level and the model's tone, or the part that could not be read and why
 */
export function readCode(code: string, key: CodeKey): ReadCode | UnreadCode {
	const text = code.trim();
	const parts = splitCode(text, key);
	if (!parts) {
		return unread('noLevel', text, text);
	}
	const { level, signs } = parts;
	const concentrate = level === 0;
	if (!concentrate && (level < 1 || level > HIGHEST_LEVEL)) {
		return unread('level', String(level), text);
	}
	const read = readTone(signs, key);
	const unreadable = 'unreadable' in read ? read.unreadable : undefined;
	if (unreadable !== undefined || !('tone' in read) || !parseTone(read.tone, 'demi')) {
		return unread('tone', unreadable ?? signs, text);
	}
	return {
		ok: true,
		level: concentrate ? CONCENTRATE_LEVEL : level,
		tone: read.tone,
		form: concentrate ? 'concentrate' : 'based'
	};
}

function splitCode(text: string, key: CodeKey): { level: number; signs: string } | undefined {
	const lettersFirst = LETTERS_FIRST.exec(text);
	if (lettersFirst) {
		const [, signs = '', whole, half] = lettersFirst;
		return { level: Number(whole) + (half ? 0.5 : 0), signs };
	}
	const levelFirst = LEVEL_FIRST.exec(text);
	if (!levelFirst) return undefined;
	const [, whole, half, signs = ''] = levelFirst;
	// `8.5` alone: the key decides whether the 5 is a tone or half a level.
	if (half === '.5' && signs === '' && inKey(key, '5') !== undefined) {
		return { level: Number(whole), signs: '5' };
	}
	return { level: Number(whole) + (half ? 0.5 : 0), signs };
}
