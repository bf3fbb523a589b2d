import type { Lab } from '../colour';
import type { Steps } from '../steps';
import type { Candidate, Mix, Search } from './search';

/** A mix in whole grams, with its score. */
export interface Found {
	readonly mix: readonly { candidate: Candidate; grams: number }[];
	readonly score: number;
}

/** How many of the ranked pairs and thirds are refined: past these nothing better was ever found. */
const REFINED = {
	pairs: 40,
	parents: 8,
	thirds: 16,
	/** A mix this much worse than the best is not brought to whole grams: nobody would be offered it. */
	within: 3
} as const;

type Vector = readonly [number, number, number];
const minus = (p: Lab, q: Lab): Vector => [p.l - q.l, p.a - q.a, p.b - q.b];
const dot = (p: Vector, q: Vector): number => p[0] * q[0] + p[1] * q[1] + p[2] * q[2];
const plus = (p: Vector, q: Vector, times: number): Vector => [
	p[0] + q[0] * times,
	p[1] + q[1] * times,
	p[2] + q[2] * times
];

/** A mix whose shares may change: the same candidates, other strengths. */
const mixOf = (candidates: readonly Candidate[], shares: readonly number[]): Mix =>
	candidates.map((candidate, i) => ({ candidate, x: shares[i]! }));

/** Shares kept within 0 and each candidate's most, and within one bowl together. */
function kept(candidates: readonly Candidate[], shares: readonly number[]): number[] {
	const within = shares.map((x, i) => Math.min(candidates[i]!.most, Math.max(0, x)));
	const sum = within.reduce((total, x) => total + x, 0);
	return sum > 1 ? within.map((x) => x / sum) : within;
}

/** Best share of one shade by a scan and a golden section around its best step. */
function bestShare(search: Search, candidate: Candidate): { x: number; score: number } {
	const at = (x: number) => search.score([{ candidate, x }]);
	const { most } = candidate;
	const steps = 12;
	let best = { x: most, score: at(most) };
	for (let i = 1; i < steps; i++) {
		const x = most * (i / steps) ** 2;
		const score = at(x);
		if (score < best.score) best = { x, score };
	}
	const phi = (Math.sqrt(5) - 1) / 2;
	const root = Math.sqrt(best.x / most);
	let low = most * Math.max(0.001, (root - 1 / steps) ** 2);
	let high = most * Math.min(1, (root + 1 / steps) ** 2);
	for (let i = 0; i < 10; i++) {
		const one = high - phi * (high - low);
		const two = low + phi * (high - low);
		if (at(one) < at(two)) high = two;
		else low = one;
	}
	const x = (low + high) / 2;
	const score = at(x);
	return score < best.score ? { x, score } : best;
}

/**
 * Change of shares that takes a residual away best in the sense of least squares, by Gaussian
 * elimination on the normal equations. Columns that hardly differ get no change.
 */
function leastSquares(columns: readonly Vector[], residual: Vector): number[] {
	if (columns.length === 2) return twoColumns(columns[0]!, columns[1]!, residual);
	const n = columns.length;
	const rows = columns.map((p) => [...columns.map((q) => dot(p, q)), -dot(p, residual)]);
	const scale = columns.map((p) => dot(p, p));
	for (let i = 0; i < n; i++) {
		if (rows[i]![i]! < 1e-7 * scale[i]!) return columns.map(() => 0);
		for (let j = 0; j < n; j++) {
			if (j === i) continue;
			const factor = rows[j]![i]! / rows[i]![i]!;
			for (let k = i; k <= n; k++) rows[j]![k]! -= factor * rows[i]![k]!;
		}
	}
	return rows.map((row, i) => row[n]! / row[i]!);
}

/** The same for two columns, tried for every pair of a shelf: by Cramer's rule, without a matrix. */
function twoColumns(u: Vector, v: Vector, r: Vector): [number, number] {
	const uu = dot(u, u);
	const vv = dot(v, v);
	const uv = dot(u, v);
	const determinant = uu * vv - uv * uv;
	if (determinant < 1e-9 * uu * vv) return [0, 0];
	const ru = dot(r, u);
	const rv = dot(r, v);
	return [(rv * uv - ru * vv) / determinant, (ru * uv - rv * uu) / determinant];
}

/** Slope of Lab with each share, by a small difference. */
function slopes(
	search: Search,
	candidates: readonly Candidate[],
	shares: readonly number[],
	lab: Lab
) {
	const h = 0.004;
	return candidates.map((_, i): Vector => {
		const moved = search.labAt(
			mixOf(
				candidates,
				shares.map((x, j) => (i === j ? x + h : x))
			)
		);
		const [l, a, b] = minus(moved, lab);
		return [l / h, a / h, b / h];
	});
}

/** Gauss-Newton from starting shares; keeps the best point it saw by score. */
function refine(search: Search, candidates: readonly Candidate[], start: readonly number[]) {
	let shares = kept(candidates, start);
	let best = { shares, score: search.score(mixOf(candidates, shares)) };
	for (let i = 0; i < 4; i++) {
		const lab = search.labAt(mixOf(candidates, shares));
		const columns = slopes(search, candidates, shares, lab);
		const change = leastSquares(columns, minus(lab, search.problem.target));
		shares = kept(
			candidates,
			shares.map((x, j) => x + change[j]!)
		);
		const score = search.score(mixOf(candidates, shares));
		if (score < best.score) best = { shares, score };
	}
	return best;
}

/** Ways to move the grams of n parts by one: any part alone, any two together or against each other. */
const movesOf = (n: number): readonly (readonly number[])[] => {
	const all = Array.from({ length: 3 ** n }, (_, code) =>
		Array.from({ length: n }, (_, i) => (Math.floor(code / 3 ** i) % 3) - 1)
	);
	return all.filter((move) => {
		const moved = move.filter((step) => step !== 0).length;
		return moved === 1 || moved === 2;
	});
};
const MOVES = [[], movesOf(1), movesOf(2), movesOf(3)] as const;

/**
 * A mix in whole grams: rounded, then moved a gram at a time in any part while that scores better. A
 * part under half a gram falls away.
 */
function inWholeGrams(
	search: Search,
	candidates: readonly Candidate[],
	shares: readonly number[]
): Found {
	const total = search.problem.totalGrams;
	const scoreOf = (grams: readonly number[]): number => {
		const sum = grams.reduce((all, g) => all + g, 0);
		if (sum === 0 || sum > total) return Infinity;
		if (grams.some((g, i) => g < 0 || g > candidates[i]!.most * total + 1e-9)) return Infinity;
		return search.score(
			mixOf(
				candidates,
				grams.map((g) => g / total)
			)
		);
	};
	let grams = shares.map((x) => Math.round(x * total));
	// Rounding may ask for a gram more than the bowl holds, or than a concentrate may be.
	grams = grams.map((g, i) => Math.min(g, Math.floor(candidates[i]!.most * total)));
	while (grams.reduce((sum, g) => sum + g, 0) > total) {
		const largest = grams.indexOf(Math.max(...grams));
		grams = grams.map((g, i) => (i === largest ? g - 1 : g));
	}
	let score = scoreOf(grams);
	for (let moved = true; moved;) {
		moved = false;
		for (const move of MOVES[candidates.length]!) {
			const next = grams.map((g, i) => g + move[i]!);
			const better = scoreOf(next);
			if (better < score) [grams, score, moved] = [next, better, true];
		}
	}
	const mix = candidates
		.map((candidate, i) => ({ candidate, grams: grams[i]! }))
		.filter((part) => part.grams > 0);
	return { mix, score };
}

interface Single {
	readonly candidate: Candidate;
	readonly x: number;
	readonly score: number;
}

interface Refined {
	readonly candidates: readonly Candidate[];
	readonly shares: readonly number[];
	readonly score: number;
}

const isConcentrate = ({ shade }: Candidate): boolean => shade.form === 'concentrate';

/** Whether these may share a bowl: at most `most` shades, and one concentrate beside them. */
function allowed(candidates: readonly Candidate[], most: number): boolean {
	const concentrates = candidates.filter(isConcentrate).length;
	return concentrates <= 1 && candidates.length - concentrates <= most;
}

/**
 * Mixes of one shade, two and three with the shares that serve best. Every single is optimised alone;
 * every pair is judged by a linear step from its better single and the most promising are refined; to
 * the best pairs every third is tried in the same way.
 */
export function* bestMixes(search: Search): Steps<Found[]> {
	const most = search.problem.maxShades ?? 3;
	const singles: Single[] = [];
	for (const candidate of search.candidates) {
		singles.push({ candidate, ...bestShare(search, candidate) });
		if (singles.length % 20 === 0) yield (0.4 * singles.length) / search.candidates.length;
	}
	const found = singles.map(({ candidate, x }) => inWholeGrams(search, [candidate], [x]));
	const pairs: Refined[] = [];
	for (const guess of yield* rankPairs(search, singles, most)) {
		pairs.push({ candidates: guess.candidates, ...refine(search, guess.candidates, guess.shares) });
	}
	yield 0.8;
	const best = Math.min(...found.map(({ score }) => score), ...pairs.map(({ score }) => score));
	for (const { candidates, shares, score } of pairs) {
		if (score <= best + REFINED.within) found.push(inWholeGrams(search, candidates, shares));
	}
	yield 0.85;
	for (const { candidates, shares } of rankThirds(search, pairs, most)) {
		const refined = refine(search, candidates, shares);
		if (refined.score > best + REFINED.within) continue;
		found.push(inWholeGrams(search, candidates, refined.shares));
	}
	yield 1;
	return found;
}

interface Guess {
	readonly candidates: readonly Candidate[];
	readonly shares: readonly number[];
	/** Distance left after the linear step. */
	readonly left: number;
}

/** The nearest few of many guesses, gathered one by one. */
class Nearest {
	readonly guesses: Guess[] = [];
	constructor(private readonly count: number) {}

	/** What a guess has to stay under to be kept. */
	get worst(): number {
		return this.guesses.length < this.count ? Infinity : this.guesses.at(-1)!.left;
	}

	add(guess: Guess): void {
		if (guess.left >= this.worst) return;
		const at = this.guesses.findIndex(({ left }) => left > guess.left);
		this.guesses.splice(at < 0 ? this.guesses.length : at, 0, guess);
		if (this.guesses.length > this.count) this.guesses.pop();
	}
}

function* rankPairs(search: Search, singles: readonly Single[], most: number): Steps<Guess[]> {
	const near = new Nearest(REFINED.pairs);
	const h = 0.01;
	for (const [i, one] of singles.entries()) {
		const at = search.labAt([one]);
		const residual = minus(at, search.problem.target);
		const slope = (candidate: Candidate): Vector => {
			const [l, a, b] = minus(search.labAt([one, { candidate, x: h }]), at);
			return [l / h, a / h, b / h];
		};
		const own = slope(one.candidate);
		for (const [j, two] of singles.entries()) {
			// Each pair is tried from its better single only.
			if (i === j || two.score < one.score || (two.score === one.score && j < i)) continue;
			const candidates = [one.candidate, two.candidate];
			if (!allowed(candidates, most)) continue;
			near.add(linearGuess(candidates, [one.x, 0], residual, [own, slope(two.candidate)]));
		}
		if (i % 20 === 19) yield 0.4 + (0.4 * i) / singles.length;
	}
	return near.guesses;
}

/** The shares one linear step away, and how far from the target that would leave the hair. */
function linearGuess(
	candidates: readonly Candidate[],
	from: readonly number[],
	residual: Vector,
	columns: readonly Vector[]
): Guess {
	const change = leastSquares(columns, residual);
	const shares = kept(
		candidates,
		from.map((x, i) => x + change[i]!)
	);
	const left = columns.reduce(
		(sum, column, i) => plus(sum, column, shares[i]! - from[i]!),
		residual
	);
	return { candidates, shares, left: Math.sqrt(dot(left, left)) };
}

function rankThirds(search: Search, pairs: readonly Refined[], most: number): Guess[] {
	const near = new Nearest(REFINED.thirds);
	const parents = [...pairs].sort((p, q) => p.score - q.score).slice(0, REFINED.parents);
	for (const { candidates, shares } of parents) {
		const lab = search.labAt(mixOf(candidates, shares));
		const residual = minus(lab, search.problem.target);
		const columns = slopes(search, candidates, shares, lab);
		for (const third of search.candidates) {
			const three = [...candidates, third];
			if (candidates.includes(third) || !allowed(three, most)) continue;
			const h = 0.01;
			const [l, a, b] = minus(
				search.labAt([...mixOf(candidates, shares), { candidate: third, x: h }]),
				lab
			);
			near.add(linearGuess(three, [...shares, 0], residual, [...columns, [l / h, a / h, b / h]]));
		}
	}
	return near.guesses;
}
