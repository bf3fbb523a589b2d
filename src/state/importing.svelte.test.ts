import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { AnyDocument, Client } from '../schema/records';
import { exportRecords } from '../store/exportFile';
import { demoShelf } from '../model/demo/shelf';
import { stamp } from '../model/identity';
import type { SetAside } from '../store/readDocument';
import { newClient } from '../model/commands/newVisit';
import { NOW, openMemory } from '../testing/demoVisit';
import { exporting } from './exporting.svelte';
import { importing } from './importing.svelte';

const clientOf = (id: string, name = id): Client => ({
	...newClient(name, NOW),
	...stamp(NOW),
	id
});
/** A file of some documents, as an export writes it. */
async function fileOf(
	documents: readonly AnyDocument[],
	aside: readonly SetAside[] = []
): Promise<File> {
	const walk = async function* () {
		for (const document of documents) yield await Promise.resolve({ document, share: 1 });
	};
	const blob = await exportRecords({ walk, aside }, NOW);
	return new File([blob!], 'some.zelvant.json');
}
const many = Array.from({ length: 2300 }, (_, i) => clientOf(`c${i}`));
const ALL = ['client', 'visit', 'shelf'] as const;

describe('a file that is taken in', () => {
	beforeEach(() => importing.leave());

	it('comes in as one step that can be taken back, and only what is wanted of it', async () => {
		const workspace = await openMemory([demoShelf(NOW), clientOf('a', 'before')]);
		await importing.read(await fileOf([clientOf('a', 'after'), clientOf('b')]), workspace);
		expect(importing.preview).toMatchObject({
			added: [{ key: 'client:b' }],
			changed: [{ key: 'client:a' }]
		});
		expect(await importing.accept(workspace, ['visit'])).toMatchObject({ added: 0, changed: 0 });
		expect(workspace.clients.size).toBe(1);

		await importing.read(await fileOf([clientOf('a', 'after'), clientOf('b')]), workspace);
		const done = await importing.accept(workspace, ALL);
		expect(done).toMatchObject({ added: 1, changed: 1, trouble: undefined });
		expect(workspace.clients.get('a')!.name).toBe('after');
		workspace.undo(done!.step);
		expect(workspace.clients.get('a')!.name).toBe('before');
		expect(workspace.clients.has('b')).toBe(false);
		expect(importing.preview).toBeUndefined();
	});
	it('comes in part by part where it is large, and leaves no step to take back', async () => {
		const workspace = await openMemory([demoShelf(NOW)]);
		await importing.read(await fileOf(many), workspace);
		const done = await importing.accept(workspace, ALL);
		expect(done).toMatchObject({ added: many.length, step: undefined, trouble: undefined });
		expect(workspace.clients.size).toBe(many.length);
		expect(workspace.canUndo()).toBe(false);
	});
	it('stopped halfway, tells how many came in; the file brings the rest another time', async () => {
		const workspace = await openMemory([demoShelf(NOW)]);
		const file = await fileOf(many);
		await importing.read(file, workspace);
		const unwatch = $effect.root(() => {
			$effect(() => {
				if (workspace.clients.size > 300) importing.stop();
			});
		});
		const done = await importing.accept(workspace, ALL);
		unwatch();
		expect(done!.trouble).toBe('Stopped');
		expect(done!.cameIn).toBe(workspace.clients.size);
		expect(done!.cameIn).toBeLessThan(many.length);
		await importing.read(file, workspace);
		expect(importing.preview!.same).toBe(done!.cameIn);
		expect(importing.preview!.added).toHaveLength(many.length - done!.cameIn!);
	});
	it('says how many that could not be read could not be kept beside the records either', async () => {
		const workspace = await openMemory([demoShelf(NOW)]);
		const aside = [{ key: 'client:x', reason: 'does not fit', value: { name: 7 } }];
		await importing.read(await fileOf([clientOf('a')], aside), workspace);
		vi.spyOn(workspace, 'putAside').mockRejectedValueOnce(new Error('full'));
		expect(await importing.accept(workspace, ALL)).toMatchObject({ added: 1, notAside: 1 });
	});
	it('stopped while a small one comes in, takes nothing of it and says so', async () => {
		const workspace = await openMemory([demoShelf(NOW)]);
		const some = Array.from({ length: 600 }, (_, i) => clientOf(`c${i}`));
		await importing.read(await fileOf(some), workspace);
		const coming = importing.accept(workspace, ALL);
		importing.stop();
		expect(await coming).toMatchObject({ cameIn: 0, step: undefined, trouble: 'Stopped' });
		expect(workspace.clients.size).toBe(0);
	});
	it('that is none, or is stopped while it is read, changes nothing', async () => {
		const workspace = await openMemory([demoShelf(NOW)]);
		await importing.read(new File(['no'], 'x.json'), workspace);
		expect(importing.outcome).toMatchObject({ ok: false, problem: 'damaged' });
		expect(await importing.accept(workspace, ALL)).toBeUndefined();
		const reading = importing.read(await fileOf(many), workspace);
		importing.stop();
		await reading;
		expect(importing.preview).toBeUndefined();
		expect(workspace.clients.size).toBe(0);
	});
});

describe('a file that is made', () => {
	it('where the browser refuses a record, says so and is over', async () => {
		const walk = async function* () {
			yield await Promise.resolve({ document: clientOf('a'), share: 0.5 });
			await new Promise((done) => setTimeout(done, 350));
			yield { document: clientOf('b'), share: 0.7 };
			throw new Error('the disk is gone');
		};
		await expect(exporting.run({ walk, aside: [] }, NOW)).rejects.toThrow('the disk is gone');
		expect(exporting.share).toBeUndefined();
	});
});
