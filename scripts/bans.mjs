// ESLint's own rule for patterns that are banned, for oxlint, which has none of its own.
import { builtinRules } from 'eslint/use-at-your-own-risk';

export default {
	meta: { name: 'bans' },
	rules: { syntax: builtinRules.get('no-restricted-syntax') }
};
