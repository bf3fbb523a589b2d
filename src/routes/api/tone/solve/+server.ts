import { toneSolve } from '../../../../model/api/tone';
import { toneSolveRequest } from '../../../../schema/api';
import { endpoint } from '../../../../server/endpoint';

export const POST = endpoint(toneSolveRequest, toneSolve);
