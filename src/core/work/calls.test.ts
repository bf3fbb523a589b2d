import { describe, expect, it } from 'vitest';
import { byGravity, callsOf, type NextAct, type RunningHead, type SectionState } from '.';

const section = (id: string, state: SectionState) =>
	({ section: id, part: undefined, state }) as RunningHead['sections'][number];
const act = (what: NextAct['act'], minute: number, id = 'nape'): NextAct => ({
	act: what,
	section: id,
	bowl: 1,
	minute
});

describe('what calls whoever is at the chair', () => {
	it('is what is due; what is put on calls nobody, and what is ahead is quiet', () => {
		const head: RunningHead = {
			sections: [section('nape', 'on')],
			acts: [act('check', 20), act('beOn', 20), act('putOn', 21), act('rinse', 23), act('mix', 40)]
		};
		expect(callsOf(head, 19)).toEqual([]);
		expect(callsOf(head, 23).map(({ kind, act: { act } }) => [act, kind])).toEqual([
			['check', 'look'],
			['rinse', 'ready']
		]);
		expect(callsOf(head, 40).at(-1)).toMatchObject({ kind: 'look', act: { act: 'mix' } });
	});
	it('is ready where a packet has had its time, beside the rinse of all; a look before it is a look', () => {
		const head: RunningHead = {
			sections: [section('nape', 'ready')],
			acts: [act('takeOff', 20), act('ready', 20), act('rinse', 20)]
		};
		expect(callsOf(head, 20).map(({ kind }) => kind)).toEqual(['ready', 'look', 'ready']);
	});
	it('what should be on for five minutes and was not tapped is looked for', () => {
		const head: RunningHead = {
			sections: [section('nape', 'puttingOn')],
			acts: [act('beOn', 20)]
		};
		expect(callsOf(head, 24.9)).toEqual([]);
		expect(callsOf(head, 25).map(({ kind }) => kind)).toEqual(['look']);
	});
	it('asks again after five minutes, and is loudest where product may lie no longer or is hot', () => {
		const head: RunningHead = {
			sections: [section('nape', 'overdue'), section('back', 'check')],
			acts: [act('takeOff', 50), act('check', 50, 'back'), act('open', 50, 'back')]
		};
		expect(callsOf(head, 54).map(({ kind, again }) => [kind, again])).toEqual([
			['limit', false],
			['look', false],
			['limit', false]
		]);
		expect(callsOf(head, 55).every(({ again }) => again)).toBe(true);
	});
	it('is first what has had its time, before what only looks forgotten, however late that is', () => {
		const forgotten = { kind: 'look', minutes: -18 } as const;
		const look = { kind: 'look', minutes: -2 } as const;
		const toner = { kind: 'ready', minutes: -1 } as const;
		const limit = { kind: 'limit', minutes: 0 } as const;
		expect(byGravity([look, forgotten, toner, limit])).toEqual([limit, toner, forgotten, look]);
	});
});
