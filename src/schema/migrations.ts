import { SCHEMA_VERSION } from './records';
import { bowlsWithIds } from './bowlsByName';
import { blobOfDataUrl } from './picture';

/** Turns a document of one version into the next. */
type Migration = (document: Record<string, unknown>) => Record<string, unknown>;

const isRecord = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** `MIGRATIONS[n]` lifts version n to n + 1; each comes with a test on a stored example. */
const MIGRATIONS: Readonly<Record<number, Migration>> = {
	/** Readings tell their history, how fast this head grows, and how the hair and its ends feel. */
	1: (document) => {
		const { kind, reading } = document;
		if (kind !== 'visit' || !isRecord(reading)) return document;
		const strain = isRecord(reading['strain']) ? reading['strain'] : {};
		return {
			...document,
			reading: {
				history: [],
				growthCmPerMonth: 1.25,
				...reading,
				strain: { feel: 'smooth', ends: 'sound', ...strain }
			}
		};
	},
	/**
	 * Areas of the head, curl and haircut; water, scalp and strand tests told more finely; aims by zone
	 * and area; sensitivities of the client.
	 */
	2: (document) => {
		const { kind, reading, aim } = document;
		if (kind === 'client') return { sensitivities: [], ...document };
		if (kind !== 'visit' || !isRecord(reading) || !isRecord(aim)) return document;
		const { minerals, scalpIrritated, strandTest, ...rest } = reading;
		const tested = strandTest !== undefined && strandTest !== 'none';
		return {
			...document,
			reading: {
				areas: {},
				curl: 'straight',
				haircut: { layers: 'none', undercut: [] },
				water: minerals === true ? 'hard' : 'soft',
				scalp: scalpIrritated === true ? 'irritated' : 'calm',
				// When it was made was not written down; the day of the visit is the latest it can be.
				strandTests: tested
					? [{ id: 'strand-test', date: document['date'], result: strandTest, note: '' }]
					: [],
				...rest
			},
			aim: { kind: 'solid', zones: {}, areas: {}, lightShare: 1, ...aim }
		};
	},
	/** Several applications in a day and other ways to work it; pace, ceilings and limits of the salon. */
	3: (document) => {
		const { kind, lift } = document;
		if (kind === 'shelf') {
			return {
				limits: {},
				pace: 'gentle',
				ceilings: { onScalp: 20, offScalp: 30, tint: 40, bleachWash: 40 },
				...document
			};
		}
		if (kind !== 'visit' || !isRecord(lift)) return document;
		const { rootDelayMinutes, ...rest } = lift;
		return {
			before: [],
			after: [],
			ways: [],
			...document,
			lift: {
				delays: { root: rootDelayMinutes ?? 0, lengths: 0, ends: 0 },
				drawThroughMinutes: 0,
				...rest
			}
		};
	},
	/** Sections, orders, rinses and staged bowls; what was weighed; scale, additive and costs. */
	4: (document) => {
		const { kind, bowls } = document;
		if (kind === 'shelf') {
			return {
				scaleStep: 1,
				additive: { name: 'bond additive', amount: 1, unit: 'g', perGrams: 10 },
				...document
			};
		}
		if (kind !== 'visit' || !isRecord(bowls)) return document;
		return {
			...document,
			bowls: {
				picking: 'weave',
				order: 'napeUp',
				strand: 'together',
				// Bowls of that time had one strength.
				staged: false,
				ratioLever: false,
				freshLast: false,
				rinse: { mode: 'together' },
				hands: 1,
				assistant: false,
				mixed: [],
				...bowls
			}
		};
	},
	/** Bowls and their sections go by ids; until then they went by the words on the screen. */
	5: (document) =>
		document['kind'] === 'visit'
			? { ...document, bowls: bowlsWithIds(document), reading: withPictureApart(document) }
			: document,
	/** The salon's own swatch ring and the ladder made from it; bowls no stronger than was chosen. */
	6: (document) => {
		const { kind, bowls } = document;
		if (kind === 'shelf') return { ring: [], ...document };
		if (kind !== 'visit' || !isRecord(bowls)) return document;
		const { result } = document;
		// Until then staging took what strength it liked: what was weighed so is kept, what was not follows the lift.
		return {
			...document,
			bowls: { aboveChosen: false, ...bowls },
			// An untouched Send-off stored what was expected as if it had been seen.
			...(isRecord(result) && result['recordedAt'] !== undefined && result['level'] !== undefined
				? { result: { ...result, unsure: true } }
				: {})
		};
	},
	/**
	 * Plans say where product begins: what was called on the scalp lay on it, the rest did not. Hair that is
	 * lightened already is kept out unless somebody said why not; where work had begun, it went wherever it was
	 * planned to go, and that stays as it was.
	 */
	7: (document) => {
		const { kind, run, result, reading } = document;
		if (kind !== 'visit' || !isRecord(run) || !isRecord(result) || !isRecord(reading))
			return document;
		const begun = run['startedAt'] !== undefined || result['recordedAt'] !== undefined;
		const overlapped = begun && readsLightened(reading);
		const plan = (value: unknown): unknown =>
			isRecord(value)
				? {
						...value,
						startsAtMm: value['placement'] === 'onScalp' ? 0 : JUST_OFF_THE_SCALP,
						...(overlapped ? { overlap: { reason: BEFORE_REASONS, volume: value['volume'] } } : {})
					}
				: value;
		const plans = (value: unknown): unknown => (Array.isArray(value) ? value.map(plan) : value);
		const day = (value: Record<string, unknown>) => ({
			...value,
			before: plans(value['before']),
			lift: plan(value['lift']),
			after: plans(value['after'])
		});
		const ways: unknown = document['ways'];
		return {
			...day(document),
			ways: Array.isArray(ways)
				? ways.map((way) => (isRecord(way) ? day(way) : (way as unknown)))
				: ways
		};
	},
	/** Everything that lies on the hair has a clock of its own, the toner too. */
	8: (document) => {
		const { kind, run, tone } = document;
		if (kind !== 'visit' || !isRecord(run) || !isRecord(tone) || !isRecord(tone['timer']))
			return document;
		const { timer, ...rest } = tone;
		return { ...document, tone: rest, run: { ...run, clocks: [timer] } };
	}
};

const JUST_OFF_THE_SCALP = 5;
const BEFORE_REASONS = 'Worked before a reason was asked for.';

/** Whether any hair of the head was read as lightened, on any area. */
function readsLightened(reading: Record<string, unknown>): boolean {
	const areas = isRecord(reading['areas']) ? Object.values(reading['areas']) : [];
	return [reading, ...areas].some((each) => {
		const zones = isRecord(each) && isRecord(each['zones']) ? Object.values(each['zones']) : [];
		return zones.some((zone) => isRecord(zone) && zone['state'] === 'lightened');
	});
}

/** Up to version 5 the copy of a picture stood in the reading, as text. */
const PICTURE_TEXT = /^data:image\/jpeg;base64,[A-Za-z0-9+/]+=*$/;
const pictureTextIn = ({ reading }: Record<string, unknown>): string | undefined => {
	const text = isRecord(reading) ? reading['picture'] : undefined;
	return typeof text === 'string' && PICTURE_TEXT.test(text) ? text : undefined;
};
const pictureIdOf = ({ id }: Record<string, unknown>): string => `of-${String(id)}`.slice(0, 64);

function pictureWithin(document: Record<string, unknown>): Record<string, unknown> | undefined {
	const text = document['kind'] === 'visit' ? pictureTextIn(document) : undefined;
	if (text === undefined) return undefined;
	const { createdAt, updatedAt } = document;
	return {
		schemaVersion: SCHEMA_VERSION,
		id: pictureIdOf(document),
		createdAt,
		updatedAt,
		kind: 'picture',
		image: blobOfDataUrl(text)
	};
}

function withPictureApart(document: Record<string, unknown>): unknown {
	const { reading } = document;
	if (!isRecord(reading)) return reading;
	const rest = { ...reading };
	delete rest['picture'];
	return pictureTextIn(document) === undefined ? rest : { ...rest, picture: pictureIdOf(document) };
}

export type Migrated =
	| {
			readonly ok: true;
			readonly document: Record<string, unknown>;
			/** What stood within it and is a document of its own now. */
			readonly also: readonly Record<string, unknown>[];
	  }
	| { readonly ok: false; readonly problem: 'newer' | 'notADocument' };

/** Brings a document of any earlier version to today's. Newer ones are refused, never guessed at. */
export function migrate(value: unknown): Migrated {
	if (typeof value !== 'object' || value === null || Array.isArray(value)) {
		return { ok: false, problem: 'notADocument' };
	}
	let document = value as Record<string, unknown>;
	const version = document['schemaVersion'];
	if (typeof version !== 'number') return { ok: false, problem: 'notADocument' };
	if (version > SCHEMA_VERSION) return { ok: false, problem: 'newer' };
	const also: Record<string, unknown>[] = [];
	for (let from = version; from < SCHEMA_VERSION; from++) {
		const step = MIGRATIONS[from];
		if (!step) return { ok: false, problem: 'notADocument' };
		if (from === 5) {
			const picture = pictureWithin(document);
			if (picture) also.push(picture);
		}
		document = { ...step(document), schemaVersion: from + 1 };
	}
	return { ok: true, document, also };
}
