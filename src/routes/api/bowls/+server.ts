import { bowlsSteps } from '../../../model/api/bowls';
import { bowlsRequest } from '../../../schema/api';
import { endpoint } from '../../../server/endpoint';

export const POST = endpoint(bowlsRequest, bowlsSteps);
