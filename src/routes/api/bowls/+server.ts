import { bowlsSteps } from '$lib/compute/bowls';
import { finish } from '$lib/core/steps';
import { bowlsRequest } from '$lib/schema/api';
import { endpoint } from '$lib/server/endpoint';

export const POST = endpoint(bowlsRequest, (request) => finish(bowlsSteps(request)));
