import { expect, it } from 'vitest';
import { RINSE_STEP_MINUTES, SERVICE_MINUTES } from './constants';
import { rinseSteps } from './rinse';

it('at the basin: water, then two gentle washes, minerals taken out between, in the minutes that are planned', () => {
	expect(rinseSteps(false).map(({ step }) => step)).toEqual(['water', 'shampoo', 'shampooAgain']);
	const hard = rinseSteps(true);
	expect(hard.map(({ step }) => step)).toEqual(['water', 'chelate', 'shampoo', 'shampooAgain']);
	const sum = hard.reduce((minutes, step) => minutes + step.minutes, 0);
	expect(sum).toBe(SERVICE_MINUTES.rinse);
	expect(Object.values(RINSE_STEP_MINUTES).every((minutes) => minutes > 0)).toBe(true);
});
