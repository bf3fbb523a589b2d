export { checkCautions, STANDING_CAUTIONS, type Caution } from './check';
export type { Facts } from './facts';
export {
	CAUTION_LIMITS,
	CAUTION_RULES,
	volumeCeiling,
	type CautionRule,
	type CautionStation,
	type Severity
} from './rules';
