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
				// No style in the markup but two attributes, known by their hashes: by one SvelteKit hides its line for
				// screen readers, by the other Bits UI wraps what is found.
				'style-src': [
					'self',
					'unsafe-hashes',
					'sha256-S8qMpvofolR8Mpjy4kQvEm7m1q8clzU4dfDH0AmvZjo=',
					'sha256-iaOezIDcQIoxCULa6FBKKuLUu09R7kG+Mlu+JVfU3Rw='
				],
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
