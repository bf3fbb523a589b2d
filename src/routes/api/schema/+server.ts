import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { API } from '../../../schema/api';
import { recordsFile } from '../../../schema/file';

const published = (schema: z.ZodMiniType | undefined, io: 'input' | 'output') =>
	schema ? z.toJSONSchema(schema, { io }) : undefined;

export const GET = () =>
	json({
		routes: Object.fromEntries(
			Object.entries(API).map(([route, { request, answer }]) => [
				route,
				{ request: published(request, 'input'), answer: published(answer, 'output') }
			])
		),
		recordsFile: published(recordsFile, 'output')
	});
