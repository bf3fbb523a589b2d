import { readFileSync } from 'node:fs';
import js from '@eslint/js';
import tailwind from 'eslint-plugin-better-tailwindcss';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

const typed = {
	projectService: true,
	extraFileExtensions: ['.svelte'],
	tsconfigRootDir: import.meta.dirname
};

/** Classes that style nothing by themselves. */
const NAMES = [
	...['answer', 'bar', 'big', 'bowls', 'bowls-printed', 'choice', 'field', 'group', 'interval'],
	...['level', 'lock', 'locks', 'no-print', 'printed', 'range', 'reach', 'reading', 'row'],
	...['sections', 'state', 'text-button', 'told', 'value', 'work']
];

/** What is banned in modules is banned in markup. */
const bans = JSON.parse(readFileSync('.oxlintrc.json', 'utf8')).overrides.find(
	({ rules }) => 'bans/syntax' in rules
).rules;

/** All there is to hold in markup and scripts, with types. Modules are oxlint's (.oxlintrc.json). */
export const whole = ts.config(
	{
		ignores: [
			...['build/', '.svelte-kit/', 'test-results/', 'node_modules/', '.zelvant/'],
			...['**/*.ts', '!src/**/*.svelte.ts', '**/*.test.ts']
		]
	},
	js.configs.recommended,
	...ts.configs.strictTypeChecked,
	...svelte.configs.recommended,
	{
		languageOptions: {
			globals: { ...globals.browser, ...globals.node },
			parserOptions: typed
		},
		rules: {
			// Indexed access is checked by the compiler; in loops over known lengths `!` says so.
			'@typescript-eslint/no-non-null-assertion': 'off',
			'@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
			// A short arrow that assigns is the clearest way to change a draft.
			'@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
			'@typescript-eslint/consistent-type-imports': 'error',
			// Dates and plain maps are values here: replaced, never changed under a component.
			'svelte/prefer-svelte-reactivity': 'off',
			// Tone codes and names are spread by code point, which is what is meant.
			'@typescript-eslint/no-misused-spread': ['error', { allow: ['string'] }],
			// Every path is on our own origin and the application is served from its root.
			'svelte/no-navigation-without-resolve': 'off'
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { ...typed, parser: ts.parser, svelteConfig } }
	},
	{
		// The linter cannot see the types of callbacks and snippets in markup; svelte-check does.
		files: ['**/*.svelte'],
		rules: Object.fromEntries(
			['argument', 'assignment', 'call', 'member-access', 'return'].map((what) => [
				`@typescript-eslint/no-unsafe-${what}`,
				'off'
			])
		)
	},
	{
		// Every class is one of the tokens, or a name that a test, the print or a parent looks for.
		files: ['**/*.svelte'],
		ignores: ['src/charts/**', 'src/stations/bowls/BowlFigure.svelte'],
		plugins: { 'better-tailwindcss': tailwind },
		settings: { 'better-tailwindcss': { entryPoint: 'src/app.css' } },
		rules: {
			'better-tailwindcss/no-unknown-classes': ['error', { ignore: NAMES }],
			'better-tailwindcss/no-conflicting-classes': 'error',
			'better-tailwindcss/no-duplicate-classes': 'error',
			'better-tailwindcss/no-deprecated-classes': 'error'
		}
	},
	{
		// One place asks the time, in markup too.
		files: ['**/*.svelte'],
		rules: {
			'no-restricted-syntax': bans['bans/syntax'],
			'no-restricted-properties': bans['no-restricted-properties']
		}
	},
	{
		files: ['**/*.js', '**/*.mjs', '**/*.cjs'],
		...ts.configs.disableTypeChecked,
		rules: {
			...ts.configs.disableTypeChecked.rules,
			'@typescript-eslint/no-require-imports': 'off'
		}
	}
);

/**
 * The same without types: a linter in JavaScript makes the whole program anew for every component, which takes four
 * minutes. svelte-check finds most of it, and `npm run lint` takes these rules with types.
 */
export default ts.config(...whole, {
	files: ['**/*.svelte', '**/*.svelte.ts'],
	...ts.configs.disableTypeChecked,
	languageOptions: { parserOptions: { projectService: false } }
});
