import { tonePreview } from '$lib/compute/tone';
import { tonePreviewRequest } from '$lib/schema/api';
import { endpoint } from '$lib/server/endpoint';

export const POST = endpoint(tonePreviewRequest, tonePreview);
