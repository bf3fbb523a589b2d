/** Types of what the tests use of `faultList.mjs`. */
export const RULES: { file: string; from: string; to: string; why?: string }[];
