import { predict } from '$lib/compute/predict';
import { predictRequest } from '$lib/schema/api';
import { endpoint } from '$lib/server/endpoint';

export const POST = endpoint(predictRequest, predict);
