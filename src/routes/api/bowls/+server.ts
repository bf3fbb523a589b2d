import { bowlsSteps } from '../../../model/api/bowls';
import { finish } from '../../../core/steps';
import { bowlsRequest } from '../../../schema/api';
import { endpoint } from '../../../server/endpoint';

export const POST = endpoint(bowlsRequest, (request) => finish(bowlsSteps(request)));
