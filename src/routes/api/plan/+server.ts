import { planSteps } from '$lib/compute/plan';
import { finish } from '$lib/core/steps';
import { planRequest } from '$lib/schema/api';
import { endpoint } from '$lib/server/endpoint';

export const POST = endpoint(planRequest, (request) => finish(planSteps(request)));
