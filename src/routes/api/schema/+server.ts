import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { API } from '../../../schema/api';
import { recordsFile } from '../../../schema/file';

const published = (schema: z.ZodType | undefined, io: 'input' | 'output') =>
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
