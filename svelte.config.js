import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

const UNUSED_VALIDATORS = [
	'@typeschema/class-validator',
	'@vinejs/vine/types',
	'arktype',
	'effect',
	'joi',
	'json-schema-to-ts',
	'superstruct',
	'typebox',
	'valibot',
	'yup'
];

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	kit: {
		adapter: adapter(),
		alias: {
			// The one adapter that is used: their common door draws in the types of eleven other libraries.
			'superforms-zod4': 'node_modules/sveltekit-superforms/dist/adapters/zod4'
		},
		// One shell serves every address, also offline: what it loads is named from the root.
		paths: { relative: false },
		// What crosses the network is only our own code; nothing else may be loaded or asked for.
		csp: {
			directives: {
				'default-src': ['self'],
				'img-src': ['self', 'data:', 'blob:'],
				'style-src': ['self', 'unsafe-inline'],
				'connect-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['self'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		typescript: {
			config(config) {
				config.include.push(
					'../e2e/**/*.ts',
					'../bench/**/*.ts',
					'../scripts/**/*.test.ts',
					'../*.config.ts',
					'../tests/**/*.ts',
					'../tests/reference/*.json'
				);
				config.exclude.push('../src/service-worker/**');
				// Validators that superforms knows and nobody here uses: their types cost more than all of ours.
				for (const unused of UNUSED_VALIDATORS) {
					config.compilerOptions.paths[unused] = ['../scripts/unused.d.ts'];
				}
				return config;
			}
		}
	}
};
