import {
	levelOf,
	rgbOf,
	type Lab,
	type ApartFibres,
	type Rgb,
	type StrandColours
} from '../../core/colour';
import { labOfFibre, levelOfFibre, type AreaName, type Fibre } from '../../core/lift';
import { hairIdOf } from '../../core/plan';
import {
	addDyes,
	fadeDyes,
	laidAtHome,
	weeksWorn,
	idealDyes,
	rawLab,
	reachShare,
	targetLab,
	USUAL_WARMTH,
	warmthKept,
	type Direction,
	type DyeAmounts,
	type RawHair,
	type WashHabit
} from '../../core/tone';
import { aimOn, type AreaGroup } from '../head/exceptions';
import type { Aim, LiftPlan, Reading, ShelfLine, Visit } from '../../schema/records';
import {
	coloursOf,
	seenFibre,
	tonedColours,
	zoneAt,
	type StrandPoint,
	type ZoneStart
} from '../head/hair';
import { liftTarget } from './lift';
import type { LightsResult } from './oldLights';
import { rawOf } from './tone';

/** Weeks of the fourth strand: how the colour looks when the toner has mostly gone. */
export const FADE_WEEKS = 6;

/** The strand that an aim is shown on. */
export interface AimedStrand {
	readonly reading: Reading;
	readonly strandAim: Aim;
	readonly zones: readonly ZoneStart[];
	readonly plan: LiftPlan;
	/** Zones that the service takes in, lightened or not. */
	readonly taken: LiftPlan['covers'];
	readonly points: readonly StrandPoint[];
	readonly zone: ZoneStart;
	readonly line: ShelfLine | undefined;
	readonly nowColours: StrandColours;
	/** Old light pieces among it. */
	readonly lights: readonly LightsResult[];
}

/** What the strands of an aim rest on beside their hair. */
export interface AimStrandsSource {
	readonly visit: Pick<Visit, 'tone'>;
	/** How the colour is lived with at home. */
	readonly habit: WashHabit;
	readonly groups: readonly AreaGroup[];
	/** Areas that are looked at; none for the rest of the head. */
	readonly areas: readonly AreaName[];
}

/** A strand of the aim, with the colour of the zone that the figures speak of. */
export interface AimStrand {
	readonly colours: StrandColours;
	/** As the eye mixes it with what white hair there is. */
	readonly lab: Lab;
	/** Of the pigmented hair. */
	readonly level: number;
}

export interface AimStrands {
	readonly lifted: AimStrand;
	readonly toned: AimStrand;
	readonly faded: AimStrand;
	/** Share of the dye on the main zone that is left, and its colour, after some weeks at home. */
	readonly after: (weeks: number) => { readonly lab: Lab; readonly left: number };
}

/** Dyes on one kind of hair, fresh and after the weeks of the fourth strand. */
interface Dyed {
	readonly fresh: DyeAmounts;
	readonly faded: DyeAmounts;
}

/**
 * The strands of an aim: hair lifted as far as it asks (or as far as it gets), the dyes that bring that
 * nearest to the colour asked for whatever tube they come from, and what the washes leave of them.
 * @param reach level that a piece of hair gets to at most, by what it goes by
 */
export function aimStrands(
	source: AimStrandsSource,
	view: AimedStrand,
	reach: ReadonlyMap<string, number | undefined>
): AimStrands {
	const { reading, strandAim, zones, plan, taken, points, zone: main } = view;
	const { whiteShare } = reading;
	const vehicle = view.line?.vehicle ?? source.visit.tone.vehicle;
	const [looked] = source.areas;
	const group = source.groups.find(
		({ areas, area }) => area !== undefined && looked && areas.includes(looked)
	);
	/** What washes leave of dyes after some weeks. */
	const washed = (fresh: DyeAmounts, weeks: number) =>
		fadeDyes(
			fresh,
			vehicle,
			weeksWorn(source.habit, weeks) * source.habit.washesPerWeek,
			reading.porosity
		);
	/** The same with what maintenance adds meanwhile. */
	const lived = (fresh: DyeAmounts, weeks: number) =>
		addDyes(washed(fresh, weeks), laidAtHome(source.habit, weeks, reading.porosity));
	const dyed = (raw: RawHair, target: Lab): Dyed => {
		const fresh = idealDyes(raw, target);
		return { fresh, faded: lived(fresh, FADE_WEEKS) };
	};

	const byZone = new Map(
		zones.map(({ name, fibre }) => {
			const aim = aimOn(strandAim, name);
			const most = reach.get(hairIdOf(name, group?.areas));
			const to = Math.min(liftTarget(aim), most ?? Infinity);
			const light = plan.covers[name] && to > levelOfFibre(fibre) ? seenFibre(reading, to) : fibre;
			const raw = rawOf({ fibre: light }, reading);
			const target = targetLab(aim, rawLab(raw));
			const left: Dyed = { fresh: {}, faded: {} };
			return [name, { light, ...(taken[name] ? dyed(raw, target) : left) }] as const;
		})
	);
	const ofZone = (cm: number) => byZone.get(zoneAt(zones, cm).name)!;
	const root = rootDepth(strandAim, reading, zones[0]!.fibre, dyed);

	const lifted = points.map(({ distanceCm, fibre }): Fibre =>
		(root && distanceCm <= root.cm) || distanceCm * 10 < plan.startsAtMm
			? fibre
			: ofZone(distanceCm).light
	);
	const dyesAt =
		(which: keyof Dyed) =>
		(_: unknown, i: number): DyeAmounts => {
			const cm = points[i]!.distanceCm;
			const own = ofZone(cm)[which];
			if (!root) return own;
			if (cm <= root.cm) return root[which];
			return addDyes(own, root.veil[which], reachShare(cm, root.cm));
		};

	const lights = view.lights.map(({ zone, share, before, worked, aim }) => {
		const to = liftTarget(aim);
		const light = worked && to > levelOfFibre(before) ? seenFibre(reading, to) : before;
		const raw = rawOf({ fibre: light }, { whiteShare: 0 });
		const dye: Dyed = taken[zone]
			? dyed(raw, targetLab(aim, rawLab(raw)))
			: { fresh: {}, faded: {} };
		const rgb = (which: keyof Dyed | 'lifted') =>
			rgbOf(rawLab(which === 'lifted' ? raw : withDye(raw, dye[which])));
		return { zone, share, rgb };
	});

	const now = view.nowColours.hair;
	const lit = strandAim.lightShare;
	const apart = (which: keyof Dyed | 'lifted'): ApartFibres[] => {
		const low = strandAim.lowlights;
		const lowlights =
			low &&
			lowlightFibres(
				low,
				reading,
				points.map(({ fibre }) => fibre),
				dyed
			);
		return [
			...(lowlights
				? [{ colours: which === 'lifted' ? now : lowlights[which], share: low.share }]
				: []),
			...(lit < 1 ? [{ colours: now, share: Math.max(0, 1 - lit - (low?.share ?? 0)) }] : [])
		];
	};
	const withApart = (colours: StrandColours, which: keyof Dyed | 'lifted'): StrandColours => ({
		hair: colours.hair,
		apart: [
			...(colours.apart ?? []),
			...apart(which),
			...lights.map(({ zone, share, rgb }) => {
				const own = rgb(which);
				const at = ({ distanceCm }: StrandPoint) => zoneAt(zones, distanceCm).name === zone;
				return { share, colours: points.map((p, i) => (at(p) ? own : colours.hair[i]!)) };
			})
		]
	});
	const mainZone = byZone.get(main.name)!;
	const labWith = (dye: DyeAmounts, white = whiteShare): Lab =>
		rawLab({
			...withDye(rawOf({ fibre: mainZone.light }, reading), dye),
			whiteShare: white
		});
	const strand = (colours: StrandColours, dye: DyeAmounts): AimStrand => ({
		colours,
		lab: labWith(dye),
		level: levelOf(labWith(dye, 0))
	});
	const total = (dye: DyeAmounts) => Object.values(dye).reduce((sum, amount) => sum + amount, 0);
	const freshTotal = total(mainZone.fresh);
	return {
		after: (weeks) => {
			const left = total(washed(mainZone.fresh, weeks));
			return {
				lab: labWith(lived(mainZone.fresh, weeks)),
				left: freshTotal > 0 ? left / freshTotal : 0
			};
		},
		lifted: strand(withApart(coloursOf(lifted, whiteShare), 'lifted'), {}),
		toned: strand(
			withApart(tonedColours(lifted, dyesAt('fresh'), whiteShare), 'fresh'),
			mainZone.fresh
		),
		faded: strand(
			withApart(tonedColours(lifted, dyesAt('faded'), whiteShare), 'faded'),
			mainZone.faded
		)
	};
}

const withDye = (raw: RawHair, dye: DyeAmounts): RawHair => ({
	...raw,
	dye: addDyes(raw.dye ?? {}, dye),
	dyeOnWhite: addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, dye)
});

/** Depth at the scalp: what it takes on the hair as it is, and as a veil over lightened hair below. */
function rootDepth(
	aim: Aim,
	reading: Reading,
	fibre: Fibre,
	dyed: (raw: RawHair, target: Lab) => Dyed
) {
	if (!aim.rootDepth) return undefined;
	const { level, cm } = aim.rootDepth;
	const target = (raw: RawHair) =>
		targetLab({ level, direction: 'neutral', keepWarmth: USUAL_WARMTH }, rawLab(raw));
	const own = rawOf({ fibre }, reading);
	const light = rawOf({ fibre: seenFibre(reading, liftTarget(aim)) }, reading);
	return { cm, ...dyed(own, target(own)), veil: dyed(light, target(light)) };
}

/** Lowlights on the hair as it is: deeper strands between the light ones. */
function lowlightFibres(
	{ level, direction }: { level: number; direction: Direction },
	reading: Reading,
	fibres: readonly Fibre[],
	dyed: (raw: RawHair, target: Lab) => Dyed
): Record<keyof Dyed, readonly Rgb[]> {
	const known = new Map<Fibre, Record<keyof Dyed, Rgb>>();
	const of = (fibre: Fibre) => {
		let colours = known.get(fibre);
		if (!colours) {
			const raw = { pigment: fibre, dye: rawOf({ fibre }, reading).dye };
			const keepWarmth = warmthKept(direction);
			const target = targetLab({ level, direction, keepWarmth }, labOfFibre(fibre));
			const { fresh, faded } = dyed(raw, target);
			colours = {
				fresh: rgbOf(rawLab(withDye(raw, fresh))),
				faded: rgbOf(rawLab(withDye(raw, faded)))
			};
			known.set(fibre, colours);
		}
		return colours;
	};
	return {
		fresh: fibres.map((fibre) => of(fibre).fresh),
		faded: fibres.map((fibre) => of(fibre).faded)
	};
}
