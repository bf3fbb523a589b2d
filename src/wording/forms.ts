/** Fields of forms whose name in the record is not what a person calls them. */
const NAMES: Readonly<Record<string, string>> = {
	onScalp: 'Lightener on the scalp',
	offScalp: 'Lightener off the scalp',
	tint: 'High-lift and permanent',
	bleachWash: 'Bleach wash off the scalp',
	limitMinutes: 'Longest on the hair',
	pace: 'Pace of the plans',
	lightenerName: 'Lightener’s name',
	scaleStep: 'Step of the scale',
	perHour: 'An hour at the chair',
	perApplication: 'Materials, one application',
	perFoil: 'Each foil',
	perGram: 'Each gram mixed',
	developerVolume: 'Developer',
	vehicle: 'Kind',
	toLevel: 'Lightened to',
	onto: 'On which hair',
	cm: 'Cut off'
};

/** A field of a form, as a person calls it. */
export function fieldWords(path: readonly string[]): string {
	const last = path.at(-1) ?? '';
	const known = NAMES[last];
	if (known) return known;
	const words = last.replace(/([A-Z])/g, ' $1').toLowerCase();
	return words.charAt(0).toUpperCase() + words.slice(1);
}
