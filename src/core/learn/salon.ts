import { learnedSpread, levelInterval, SPREAD, type Remembered } from '../lift';
import type { Steps } from '../steps';
import type { JudgedLook } from './calibration';
import { fitTexture, type TextureFit } from './fit';
import { learnHead, type LookedVisit } from './head';
import { expectedOf, type LevelLook } from './look';
import { factorOf } from './personal';
import { readersOf, type Reader, type ReaderLook } from './readers';

/** A look, with what of its start was memory and not a reading. */
export interface SalonLevelLook extends LevelLook {
	readonly remembered?: Remembered | undefined;
}

/** A visit at which somebody looked. */
export interface SalonVisit {
	readonly id: string;
	/** Its day, in years of any count. */
	readonly year: number;
	/** Who looked. */
	readonly reader: string;
	readonly looks: readonly SalonLevelLook[];
}

/** A head of a salon with its visits, the oldest first. */
export interface SalonHead {
	readonly id: string;
	readonly visits: readonly SalonVisit[];
}

/** A look as it was predicted at its time. */
export interface SalonLook extends JudgedLook {
	readonly head: string;
	readonly visit: string;
	readonly texture: LevelLook['factors']['texture'];
	readonly naturalLevel: number;
	/** Visits that had taught of this head by then. */
	readonly taughtBy: number;
}

/** What a salon's records say of its predictions. */
export interface SalonAnswer {
	readonly looks: readonly SalonLook[];
	/** Textures of which enough heads were seen. */
	readonly fits: readonly TextureFit[];
	/** How far the eyes of the salon lie apart. */
	readonly readers: readonly Reader[];
}

/** Visits as the learning takes them by the day of one of them, or of the last. */
const lookedBy = (visits: readonly SalonVisit[]): LookedVisit<LevelLook>[] => {
	const last = visits.at(-1)?.year ?? 0;
	return visits.map(({ year, looks }) => ({ years: last - year, looks }));
};

/**
 * Goes through a salon's records as they were made: every look is predicted with what had been taught of its head by
 * then, and its band with it; then the textures are fitted to all, and the eyes of those who looked are compared.
 */
export function* judgeSalonSteps(heads: readonly SalonHead[]): Steps<SalonAnswer> {
	const looks: SalonLook[] = [];
	for (const [h, { id, visits }] of heads.entries()) {
		for (const [v, visit] of visits.entries()) {
			const before = visits.slice(0, v);
			const since = visit.year - (before.at(-1)?.year ?? visit.year);
			const { personal, areas } = learnHead(lookedBy(before), undefined, since);
			const spread = v === 0 ? SPREAD : learnedSpread(personal.sd);
			for (const look of visit.looks) {
				const { fibre, applications, factors, seen, area, remembered } = look;
				const beside = areas.find((habit) => habit.area === area)?.factor ?? 1;
				const known = factorOf(personal) * beside;
				const band = levelInterval(
					fibre,
					applications,
					{ ...factors, personal: known },
					spread,
					remembered
				).at(-1)!;
				const { texture, naturalLevel } = factors;
				looks.push({
					...band,
					seen,
					expected: expectedOf(look, known),
					head: id,
					visit: visit.id,
					texture,
					naturalLevel,
					taughtBy: v
				});
			}
		}
		yield (0.8 * (h + 1)) / heads.length;
	}
	const textureOf = ({ visits }: SalonHead) => visits[0]?.looks[0]?.factors.texture;
	const textures = [...new Set(heads.flatMap((head) => textureOf(head) ?? []))];
	const fits: TextureFit[] = [];
	for (const texture of textures) {
		const own = heads.filter((head) => textureOf(head) === texture);
		const fit = fitTexture(own.map(({ visits }) => ({ texture, visits: lookedBy(visits) })));
		if (fit) fits.push(fit);
		yield 0.8 + (0.2 * (textures.indexOf(texture) + 1)) / textures.length;
	}
	return { looks, fits, readers: readersOf(heads.flatMap(residualsOf)) };
}

/** How far every look at a head lay from what is known of it by now. */
function residualsOf({ id, visits }: SalonHead): ReaderLook[] {
	const { personal, areas } = learnHead(lookedBy(visits));
	return visits.flatMap(({ reader, looks }) =>
		looks.map((look) => {
			const beside = areas.find(({ area }) => area === look.area)?.factor ?? 1;
			const residual = look.seen - expectedOf(look, factorOf(personal) * beside);
			return { reader, head: id, residual };
		})
	);
}
