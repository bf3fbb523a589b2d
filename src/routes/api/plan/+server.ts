import { planSteps } from '../../../model/api/plan';
import { planRequest } from '../../../schema/api';
import { endpoint } from '../../../server/endpoint';

export const POST = endpoint(planRequest, planSteps);
