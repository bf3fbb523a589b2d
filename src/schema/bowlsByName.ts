/**
 * Up to version 5 a weighed bowl was found again by the names of its sections, in English and in the order
 * of the work. Here those words become ids. The words are those of that version and never change with what
 * the screens say today.
 */
type Fields = Record<string, unknown>;

const isRecord = (value: unknown): value is Fields =>
	typeof value === 'object' && value !== null && !Array.isArray(value);
const rows = (value: unknown): Fields[] => (Array.isArray(value) ? value.filter(isRecord) : []);
const words = (value: unknown): string[] =>
	Array.isArray(value) ? value.filter((each) => typeof each === 'string') : [];

const AREA_WORDS = {
	nape: 'nape',
	back: 'back',
	crown: 'crown',
	top: 'top',
	leftSide: 'left side',
	rightSide: 'right side',
	fringe: 'fringe',
	hairline: 'hairline'
} as const;
type Area = keyof typeof AREA_WORDS;
const AREAS = Object.keys(AREA_WORDS) as Area[];

const STEP_WORDS: Readonly<Record<string, string>> = {
	'old colour out': 'removal',
	'again on what lags': 'again',
	'base break': 'baseBreak',
	'another application': 'other'
};

function areaWords(areas: readonly string[]): string {
	if (areas.length === 0 || areas.length === AREAS.length) return 'whole head';
	const both = areas.includes('leftSide') && areas.includes('rightSide');
	const names = AREAS.filter((area) => areas.includes(area))
		.filter((area) => !(both && area === 'rightSide'))
		.map((area) => (both && area === 'leftSide' ? 'sides' : AREA_WORDS[area]));
	return names.length === 1 ? names[0]! : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** Names that sections had, with what they go by; where none were set, those that were proposed. */
function sectionIds(sections: readonly Fields[]): Map<string, string> {
	if (sections.length === 0) {
		return new Map(
			AREAS.flatMap((area) => [
				[AREA_WORDS[area], area] as const,
				[`${AREA_WORDS[area]} 1`, `${area}-1`] as const,
				[`${AREA_WORDS[area]} 2`, `${area}-2`] as const
			])
		);
	}
	const names = sections.map(({ areas }) => areaWords(words(areas)));
	const met = new Map<string, number>();
	return new Map(
		sections.map(({ id }, i) => {
			const name = names[i]!;
			const count = (met.get(name) ?? 0) + 1;
			met.set(name, count);
			const several = names.filter((other) => other === name).length > 1;
			return [several ? `${name} ${count}` : name, String(id)] as const;
		})
	);
}

/** The step of a day that a bowl of a further application was named after, where just one answers to it. */
function stepOf(document: Fields, name: string): { id: string; number: number } | undefined {
	const told = /^(First|Then): (.+), bowl (\d+)$/.exec(name);
	if (!told) return undefined;
	const kind = STEP_WORDS[told[2]!];
	const steps = rows(document[told[1] === 'First' ? 'before' : 'after']);
	const meant = steps.filter((step) => step['kind'] === kind);
	return meant.length === 1 ? { id: String(meant[0]!['id']), number: Number(told[3]) } : undefined;
}

/** Parts of a bowl in the order in which they were weighed: lightener, a second one, developers, additive. */
function partsWithKeys(parts: readonly Fields[], colour: boolean): Fields[] {
	let lighteners = 0;
	let developed = false;
	return parts.map((part) => {
		const name = String(part['name']);
		const volume = /^(\d+(?:\.\d+)?) vol$/.exec(name);
		if (volume) developed = true;
		const key = volume
			? `developer:${volume[1]}`
			: colour
				? `colour:${name}`
				: developed
					? 'additive'
					: lighteners++ === 0
						? 'lightener'
						: 'second';
		return { ...part, key };
	});
}

/** Weighed bowls of a visit of version 5, by ids; what answers to no section keeps its words. */
export function bowlsWithIds(document: Fields): unknown {
	const { bowls } = document;
	if (!isRecord(bowls)) return bowls;
	const ids = sectionIds(rows(bowls['sections']));
	const taken = new Set<string>();
	const mixed = rows(bowls['mixed']).map((bowl) => {
		const { sections: named, ...rest } = bowl;
		const names = words(named);
		const [only] = names;
		const kind =
			names.length === 1 && (only === 'toner' || only === 'lowlights') ? only : 'lightener';
		const step = names.length === 1 ? stepOf(document, only!) : undefined;
		const known = kind === 'lightener' && !step ? names : [];
		const sections = known.flatMap((name) => ids.get(name) ?? []);
		const lost = known.filter((name) => !ids.has(name));
		const heldFor = kind === 'lightener' && !step && names.length > 0 ? lost : [];
		const part = typeof rest['part'] === 'string' ? `${rest['part']}:` : '';
		const wanted =
			kind !== 'lightener'
				? kind
				: step
					? `${step.id}:${step.number}`
					: sections.length > 0
						? `main:${part}${sections[0]!}`
						: `weighed:${String(rest['number'])}`;
		let id = wanted;
		for (let n = 2; taken.has(id); n++) id = `${wanted}~${n}`;
		taken.add(id);
		return {
			...rest,
			id,
			kind,
			...(kind === 'lightener' ? { step: step?.id ?? 'main' } : {}),
			sections,
			...(heldFor.length > 0 ? { heldFor } : {}),
			parts: partsWithKeys(rows(bowl['parts']), kind !== 'lightener')
		};
	});
	return { ...bowls, mixed };
}
