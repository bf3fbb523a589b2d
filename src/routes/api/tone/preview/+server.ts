import { tonePreview } from '../../../../model/api/tone';
import { tonePreviewRequest } from '../../../../schema/api';
import { endpoint } from '../../../../server/endpoint';

export const POST = endpoint(tonePreviewRequest, tonePreview);
