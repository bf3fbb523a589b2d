import { json } from '@sveltejs/kit';
import { version } from '../../../../package.json';

export const GET = () => json({ ok: true, version });
