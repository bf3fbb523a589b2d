import { levelOf, undertoneOf } from '../../core/colour';
import { naturalPigment, onScale } from '../../core/hair';
import { labOfFibre, lightenFibre } from '../../core/lift';
import { chanceOf, type Chance } from '../../core/numeric';
import { mattersOf, RUNGS, type Lesson } from '../../core/practice';
import { UNDERTONES } from '../../core/vocabulary';
import { keepAnswer, newLearner } from '../practice/learner';
import type { Learner } from '../../schema/records';
import type { Moment } from '../time';

/** How sure the assistant is in each lesson that she began, in logits. */
const SURE: readonly (readonly [Lesson, number])[] = [
	['deeper', 1],
	['level', 0],
	['undertone', 0.3],
	['wheel', 1.4],
	['toner', -0.6],
	['sums', 0.9],
	['cautions', 0.2]
];
/** Days before today on which she sat down, and how many she answered in each lesson. */
const SAT = [19, 17, 14, 12, 9, 6, 4, 2] as const;
const PER_LESSON = 2;
/** Her eye errs by so much, and reads a little light. */
const EYE = { levels: 0.7, bias: 0.3, yellow: 0.06 } as const;
const SWATCHES = 16;
/** Dose after which hair is pale yellow. */
const MOST_LIFT = 7;
const GAPS = [2, 1.2, 0.75, 0.5, 0.3] as const;

/** Three weeks of an assistant who practises. */
export function demoLearner({ at }: Moment): Learner {
	const chance = chanceOf(41);
	const begun = new Date(at.getTime() - SAT[0] * 24 * 3_600_000);
	const learner: Learner = { ...newLearner('Pia Dorn', begun), id: 'pia-dorn' };
	for (const [n, days] of SAT.entries()) {
		const then = at.getTime() - days * 24 * 3_600_000;
		for (const [k, [lesson, sure]] of SURE.entries()) {
			for (let i = 0; i < PER_LESSON; i++) {
				const matters = mattersOf(lesson);
				const matter = matters[(n * PER_LESSON + i) % matters.length]!;
				const rung = RUNGS[Math.min(4, Math.floor(n / 2) + (sure > 0.5 ? 1 : 0))]!;
				// Nothing is deeper by nothing: -0 is 0.
				const off = Math.round(2 * (EYE.bias + chance.normal(EYE.levels))) / 2 + 0;
				const sight = lesson === 'level';
				const right = sight
					? Math.abs(off) <= 0.5
					: chance.uniform() < 0.25 + 0.75 / (1 + Math.exp(rung - 3 - sure));
				keepAnswer(
					learner,
					{
						lesson,
						matter,
						rung,
						answer:
							sight || lesson === 'sums'
								? { form: 'figure', right: 0, within: 0.5, unit: 'level', step: 0.5, max: 12 }
								: {
										form: 'choice',
										options: lesson === 'deeper' ? ['left', 'right'] : ['1', '2', '3', '4'],
										right: '1'
									},
						...(lesson === 'deeper' ? { gap: GAPS[rung - 1]! } : {})
					},
					{ right, ...(sight ? { off } : {}) },
					new Date(then + (k * PER_LESSON + i) * 20_000)
				);
			}
		}
	}
	learner.looks.push(...demoLooks(at, chance));
	return { ...learner, updatedAt: learner.answers.at(-1)!.at };
}

/** Swatches that she read beside a reader and its picture: a little light, and lighter where it is yellow. */
function demoLooks(at: Date, chance: Chance): Learner['looks'] {
	return Array.from({ length: SWATCHES }, (_, i) => {
		const days = SAT[Math.floor((i * SAT.length) / SWATCHES)]!;
		const start = { ...naturalPigment(2.5 + (i % 3), 'neutral'), layers: [] };
		const lab = labOfFibre(lightenFibre(start, MOST_LIFT * ((i + 1) / SWATCHES) ** 2));
		const bare = levelOf(lab);
		const { name } = undertoneOf(lab);
		const place = UNDERTONES.findIndex((each) => each === name);
		const named = UNDERTONES[Math.min(place + (i % 4 === 1 ? 1 : 0), UNDERTONES.length - 1)];
		const read = (l: number, b: number) => ({
			l: Math.min(100, lab.l + l + chance.normal(0.4)),
			a: lab.a + chance.normal(0.4),
			b: lab.b + b + chance.normal(0.4)
		});
		const yellow = (bare - 4) * EYE.yellow;
		return {
			at: new Date(at.getTime() - days * 24 * 3_600_000 + (600 + 40 * i) * 1000).toISOString(),
			level: onScale(Math.round(2 * (bare + EYE.bias + yellow + chance.normal(0.4))) / 2),
			...(place < 0 || !named ? {} : { undertone: named }),
			reader: read(0, 0),
			// Cameras draw hair yellower than it is.
			picture: read(1.5, 3)
		};
	});
}
