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

/** All there is to hold, with the types of every file. */
export const whole = ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'test-results/', 'node_modules/', '.zelvant/'] },
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
		// One place asks the time: whoever wants to know it takes a clock or a moment.
		files: ['src/**/*.ts', 'src/**/*.svelte'],
		ignores: ['src/app/clock.ts', '**/*.test.ts', 'src/service-worker/**'],
		rules: {
			'no-restricted-syntax': [
				'error',
				{
					selector: "NewExpression[callee.name='Date'][arguments.length=0]",
					message: 'ask the clock (state/clock); app/clock is the one place that asks the time'
				},
				{
					selector:
						"CallExpression[callee.property.name='slice'] > MemberExpression > CallExpression[callee.property.name='toISOString']",
					message: 'a day is where a person stands: model/time'
				}
			],
			'no-restricted-properties': [
				'error',
				{ object: 'Date', property: 'now', message: 'ask the clock (state/clock)' }
			]
		}
	},
	{
		files: ['src/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-globals': [
				'error',
				...['window', 'document', 'localStorage', 'indexedDB', 'performance', 'fetch', 'process']
			].map((name) =>
				name === 'error'
					? name
					: { name, message: 'core is pure: no DOM, storage, network or machine' }
			),
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random', message: 'core takes its randomness as an argument' },
				{ object: 'Date', property: 'now', message: "core takes today's date as an argument" }
			]
		}
	},
	{
		files: ['**/*.test.ts', 'e2e/**/*.ts'],
		rules: { '@typescript-eslint/no-unsafe-member-access': 'off' }
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
 * minutes. What needs types is held by oxlint in modules (.oxlintrc.json), in seconds; in markup svelte-check finds most
 * of it, and `npm run lint` takes these rules with types everywhere.
 */
export default ts.config(
	...whole,
	// Nothing is held in tests that oxlint does not hold.
	{ ignores: ['**/*.test.ts', 'e2e/', 'bench/', 'tests/'] },
	{
		files: ['**/*.svelte', '**/*.ts'],
		...ts.configs.disableTypeChecked,
		languageOptions: { parserOptions: { projectService: false } }
	}
);
