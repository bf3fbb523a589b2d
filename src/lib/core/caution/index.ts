export { checkCautions, STANDING_CAUTIONS, type Caution } from './check';
export type { Facts } from './facts';
export {
	CAUTION_LIMITS,
	CAUTION_RULES,
	type CautionRule,
	type CautionStation,
	type Severity
} from './rules';
