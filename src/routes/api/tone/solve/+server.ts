import { toneSolve } from '$lib/compute/tone';
import { toneSolveRequest } from '$lib/schema/api';
import { endpoint } from '$lib/server/endpoint';

export const POST = endpoint(toneSolveRequest, toneSolve);
