import { predict } from '../../../model/api/predict';
import { predictRequest } from '../../../schema/api';
import { endpoint } from '../../../server/endpoint';

export const POST = endpoint(predictRequest, predict);
