import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { demoDocuments } from './demo/documents';
import { plainShelf } from './demo/shelf';
import { API } from '../schema/api';
import { recordsFile } from '../schema/file';
import { migrate } from '../schema/migrations';
import { anyDocument } from '../schema/records';

describe('records', () => {
	it('the demo and the first shelf fit', () => {
		for (const document of [...demoDocuments(new Date()), plainShelf(new Date())]) {
			expect(anyDocument.safeParse(document).error).toBeUndefined();
		}
	});
	it('publish a JSON Schema of files and of every route', () => {
		expect(z.toJSONSchema(recordsFile, { io: 'output' })).toHaveProperty('properties.documents');
		for (const { request, answer } of Object.values(API)) {
			if (request) expect(z.toJSONSchema(request, { io: 'input' })).toBeTypeOf('object');
			expect(z.toJSONSchema(answer, { io: 'output' })).toBeTypeOf('object');
		}
	});
});

describe('migration', () => {
	it('lets a document of today through', () => {
		expect(migrate({ schemaVersion: 1, id: 'a' })).toEqual({
			ok: true,
			document: { schemaVersion: 1, id: 'a' }
		});
	});
	it('refuses what is newer, and what is no document', () => {
		expect(migrate({ schemaVersion: 2 })).toEqual({ ok: false, problem: 'newer' });
		for (const value of [null, 3, 'x', [], {}, { schemaVersion: '1' }, { schemaVersion: 0 }]) {
			expect(migrate(value)).toEqual({ ok: false, problem: 'notADocument' });
		}
	});
});
