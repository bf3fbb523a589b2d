import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { demoDocuments } from './demo/documents';
import { plainShelf } from './demo/shelf';
import { API } from '../schema/api';
import { recordsFile } from '../schema/file';
import { migrate } from '../schema/migrations';
import { anyDocument, SCHEMA_VERSION } from '../schema/records';
import storedVisit1 from './stored/visit.v1.json';

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
		expect(migrate({ schemaVersion: SCHEMA_VERSION, id: 'a' })).toEqual({
			ok: true,
			document: { schemaVersion: SCHEMA_VERSION, id: 'a' }
		});
	});
	it('gives a visit of version 1 an empty history, and leaves the rest as it was', () => {
		const migrated = migrate(storedVisit1);
		expect(migrated.ok).toBe(true);
		if (!migrated.ok) return;
		const visit = anyDocument.parse(migrated.document);
		expect(visit).toMatchObject({
			...storedVisit1,
			schemaVersion: SCHEMA_VERSION,
			reading: {
				...storedVisit1.reading,
				history: [],
				growthCmPerMonth: 1.25,
				strain: { ...storedVisit1.reading.strain, feel: 'smooth', ends: 'sound' }
			}
		});
		const client = { schemaVersion: 1, kind: 'client', id: 'c', name: 'A' };
		expect(migrate(client)).toMatchObject({
			document: { ...client, schemaVersion: SCHEMA_VERSION }
		});
	});
	it('refuses what is newer, and what is no document', () => {
		expect(migrate({ schemaVersion: SCHEMA_VERSION + 1 })).toEqual({ ok: false, problem: 'newer' });
		for (const value of [null, 3, 'x', [], {}, { schemaVersion: '1' }, { schemaVersion: 0 }]) {
			expect(migrate(value)).toEqual({ ok: false, problem: 'notADocument' });
		}
	});
});
