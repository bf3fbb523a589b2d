import { hexOf } from '../../core/colour';
import type { ClockItem, ServiceClock, Staging } from '../../core/work';
import { DOING } from '../../wording/bowls';
import type { ClockBar, ClockRow } from '../../charts/clock/clockChart';

/**
 * The service as rows: people first, then every section while it lies on the hair, in its colour.
 * @param nameOf what a stretch is about, in words
 */
export function clockRows(
	clock: ServiceClock,
	{ finish }: Staging,
	nameOf: (item: ClockItem) => string
): ClockRow[] {
	const bar = (item: ServiceClock['items'][number], hex?: string): ClockBar => ({
		what: DOING[item.what],
		label: `${DOING[item.what]} ${nameOf(item)}`,
		fromMinute: item.fromMinute,
		toMinute: item.toMinute,
		hex
	});
	const people = (['colourist', 'assistant'] as const).flatMap((who): ClockRow[] => {
		const bars = joined(clock.items.filter((item) => item.who === who).map((item) => bar(item)));
		if (bars.length === 0) return [];
		return [
			{ name: who, person: true, bars, ...(who === 'colourist' ? { gaps: clock.gaps } : {}) }
		];
	});
	const lying = clock.items.filter(({ what }) => what === 'process');
	const sections = lying.map((item): ClockRow => {
		const { of } = item;
		const own =
			of.kind === 'sections'
				? finish.find(
						({ section, part }) =>
							of.sections.includes(section) && (of.part === undefined || of.part === part)
					)
				: undefined;
		return {
			name: nameOf(item),
			person: false,
			bars: [bar(item, own ? hexOf(own.lab) : '#767676')]
		};
	});
	return [...people, ...sections];
}

/** Sections put on one after the other are one stretch of work. */
function joined(bars: readonly ClockBar[]): ClockBar[] {
	const out: ClockBar[] = [];
	for (const one of bars) {
		const last = out.at(-1);
		if (last?.what === one.what && Math.abs(last.toMinute - one.fromMinute) < 0.01) {
			out[out.length - 1] = {
				...last,
				toMinute: one.toMinute,
				label: `${last.label}, ${one.label}`
			};
		} else out.push(one);
	}
	return out;
}
