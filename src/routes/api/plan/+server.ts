import { planSteps } from '../../../model/api/plan';
import { finish } from '../../../core/steps';
import { planRequest } from '../../../schema/api';
import { endpoint } from '../../../server/endpoint';

export const POST = endpoint(planRequest, (request) => finish(planSteps(request)));
