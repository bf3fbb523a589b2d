/**
 * Rules turned on purpose: a file, what stands there once, and what is put in its place. `why` says of one that no test
 * can notice what makes it so.
 */
export const RULES = [
	// The chair: what calls, and in which order.
	['src/core/work/calls.ts', "takeOff: 'ready'", "takeOff: 'look'"],
	[
		'src/core/work/calls.ts',
		'GRAVITY[q.kind] - GRAVITY[p.kind]',
		'GRAVITY[p.kind] - GRAVITY[q.kind]'
	],
	[
		'src/core/work/calls.ts',
		'minute - at >= CHECK.forgottenMinutes',
		'minute - at > CHECK.forgottenMinutes'
	],
	[
		'src/core/work/calls.ts',
		'minute - act.minute >= CHECK.againMinutes',
		'minute - act.minute > CHECK.againMinutes'
	],
	[
		'src/core/work/processCall.ts',
		'minute - at >= CHECK.againMinutes',
		'minute - at > CHECK.againMinutes'
	],
	[
		'src/core/work/running.ts',
		"if (minute >= limitMinute) return 'overdue'",
		"if (minute > limitMinute) return 'overdue'"
	],
	['src/core/work/lain.ts', "one.part === 'oldLights' ||", 'false ||'],
	[
		'src/core/work/rinse.ts',
		'Math.min(workMinutes / 2 + processMinutes, limitMinutes)',
		'workMinutes / 2 + processMinutes'
	],
	[
		'src/core/learn/word.ts',
		'share(-Infinity, expected - WORD_APART - level)',
		'share(-Infinity, expected + WORD_APART - level)'
	],
	[
		'src/core/learn/word.ts',
		'share(target - WORD_APART - level, Infinity)',
		'share(target + WORD_APART - level, Infinity)'
	],
	// Cautions and places.
	[
		'src/core/caution/rules.ts',
		"placement === 'onScalp' || placement === 'film'",
		"placement === 'onScalp'"
	],
	['src/core/caution/rules.ts', 'f.minutes > f.limitMinutes', 'f.minutes >= f.limitMinutes'],
	[
		'src/core/caution/rules.ts',
		'f.conditionAfter < CAUTION_LIMITS.stopCondition',
		'f.conditionAfter <= CAUTION_LIMITS.stopCondition'
	],
	[
		'src/core/caution/rules.ts',
		'(f.overlapVolume ?? 0) > CAUTION_LIMITS.overlapVolume',
		'(f.overlapVolume ?? 0) >= CAUTION_LIMITS.overlapVolume'
	],
	[
		'src/core/caution/rules.ts',
		'(f.retouchCm ?? 0) > SCALP.heatZoneCm',
		'(f.retouchCm ?? 0) >= SCALP.heatZoneCm'
	],
	[
		'src/core/caution/rules.ts',
		'(f.tonerVolume ?? 0) >= CAUTION_LIMITS.tonerVolume',
		'(f.tonerVolume ?? 0) > CAUTION_LIMITS.tonerVolume'
	],
	[
		'src/core/caution/rules.ts',
		'isWash ? Math.min(ceilings.onScalp, offScalp)',
		'isWash ? Math.max(ceilings.onScalp, offScalp)'
	],
	// Cures.
	[
		'src/core/cure/causes.ts',
		"return facts.porous ? 'porous' : 'tooLong';",
		"return facts.porous ? 'tooLong' : 'porous';"
	],
	[
		'src/core/cure/causes.ts',
		"return facts.porous ? 'porous' : 'evenness';",
		"return facts.porous ? 'evenness' : 'porous';"
	],
	['src/core/cure/causes.ts', "facts.holds < 1 ? 'spent'", "facts.holds <= 1 ? 'spent'"],
	// The day and what was done of it.
	[
		'src/model/day/steps.ts',
		"state === 'lightened' && overlap ? Math.min(volume, overlap.volume)",
		"state === 'lightened' && overlap ? Math.max(volume, overlap.volume)"
	],
	['src/model/day/clocks.ts', '&& run.lain === undefined', ''],
	['src/model/day/done.ts', 'Math.max(0, minutes - root)', 'minutes - root'],
	['src/model/day/lain.ts', 'Math.max(0, off - run.lain.minutes)', 'off - run.lain.minutes'],
	['src/model/day/weighed.ts', "key === 'lightener' || key === 'second'", "key === 'lightener'"],
	['src/model/day/weighed.ts', '&& done ? [[id, mixtureOf(bowl)]]', '? [[id, mixtureOf(bowl)]]'],
	[
		'src/model/commands/run.ts',
		'if (run.startedAt === undefined || run.lain) return;',
		'if (run.startedAt === undefined) return;'
	],
	[
		'src/model/visit/standing.ts',
		'const isSeen = gained < LEAST_SEEN_STEP && ahead.length === 0 && !seen.isTold;',
		'const isSeen = true;'
	],
	[
		'src/model/visit/standing.ts',
		'const level = onScale(seen.level + gained);',
		'const level = onScale(seen.level);'
	],
	[
		'src/model/visit/learned.ts',
		'(counts === true || dry === true || section === undefined) &&',
		'(counts !== false || dry === true || section === undefined) &&'
	],
	['src/model/visit/learned.ts', 'date < day)', 'date <= day)'],
	['src/model/visit/nextReading.ts', 'delete next.secondOpinion;', ''],
	['src/model/visit/nextReading.ts', 'delete next.picture;', ''],
	[
		'src/model/visit/nextReading.ts',
		'lay >= run.lain.minutes - AT_THE_END_MINUTES',
		'lay > run.lain.minutes - AT_THE_END_MINUTES'
	],
	['src/model/visit/usage.ts', "weighedGrams(visit, 'lightener')", "weighedGrams(visit, 'toner')"],
	[
		'src/model/visit/usage.ts',
		'(off ? [] : recordedBefore(visits, day))',
		'recordedBefore(visits, day)'
	],
	['src/model/visit/behindHelp.ts', 'asked(less) < asked(way) &&', ''],
	['src/model/visit/helps.ts', '|| judged?.darkColour', ''],
	['src/model/visit/behindHelp.ts', 'level < asked - STAGING.nearEnough', 'level < asked'],
	['src/model/visit/dayEnd.ts', 'missed(worst) > STAGING.nearEnough', 'missed(worst) > 0'],
	['src/model/visit/dayEnd.ts', 'isEnough({ minutes: longest })', 'isEnough({ minutes: 60 })'],
	['src/core/plan/verdict.ts', 'end.condition >= PLAN.minCondition', 'true'],
	[
		'src/core/plan/verdict.ts',
		"verdict === 'today' ? end?.behind",
		"verdict !== 'already' ? end?.behind"
	],
	['src/core/plan/verdict.ts', 'length === 1 && !judgement.darkColour', 'length === 1'],
	// Looks and what is shown of them.
	['src/state/seenApart.ts', 'onScale(level + own - then)', 'onScale(level)'],
	[
		'src/state/hairView.svelte.ts',
		'if (!seen) return { ...this.#asItIs(zone), seen: false',
		'if (!seen) return { ...this.#asItIs(zone), seen: true'
	],
	// The records.
	['src/store/waitingStore.svelte.ts', 'if (this.#due.get(key) !== entry) continue;', ''],
	[
		'src/store/waitingStore.svelte.ts',
		'this.#retry = setTimeout(() => void this.#write(), RETRY_MS);',
		''
	],
	['src/store/waitingStore.svelte.ts', 'this.isRefused = false;', ''],
	[
		'src/store/journalledStore.ts',
		'for (const key of left.remove ?? []) this.#left.set(key, undefined);',
		''
	],
	[
		'src/store/ledgerBook.svelte.ts',
		'this.#reading = undefined;\n\t\tvoid this.read();',
		'void this.read();'
	]
].map(([file, from, to, why]) => ({ file, from, to, ...(why ? { why } : {}) }));

/** Constants that no test can notice a third of, each with the reason. */
export const UNHELD = {};
