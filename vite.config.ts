import { sveltekit } from '@sveltejs/kit/vite';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { svelteTesting } from '@testing-library/svelte/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

/** Tests are not timed: a busy machine may take its time over a search; this ends what hangs. Speed is measured in bench/. */
const PATIENCE = { testTimeout: 600_000, hookTimeout: 600_000 };

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	// Small fonts would otherwise be written into the styles, where the content policy forbids them.
	build: {
		assetsInlineLimit: 0,
		// Modules of the pure layers only define things, so a page need not carry what its doors also lead to.
		rolldownOptions: {
			treeshake: {
				moduleSideEffects: (id) => !/src\/(core|model|wording|schema|charts)\//.test(id)
			}
		}
	},
	environments: {
		client: {
			build: {
				rolldownOptions: {
					output: {
						// What most pages share comes as one file: in hundreds of small ones it is a tenth larger. Whatever
						// such a module asks for is shared as widely, so that no file waits for one that waits for it.
						codeSplitting: {
							groups: [
								{ name: 'shared', minShareCount: 22, priority: 2 },
								{ name: 'often', minShareCount: 12, priority: 1 }
							]
						}
					}
				}
			}
		}
	},
	optimizeDeps: { include: ['culori/fn', 'localforage'] },
	test: {
		// Beside lint the tests have one core and then both; Vitest by itself would take one.
		maxWorkers: 2,
		projects: [
			{
				// Modules without a page: its other plugins would only make each of them slower to load.
				plugins: [svelte()],
				test: {
					...PATIENCE,
					name: 'unit',
					environment: 'node',
					// Modules only define things, so files share them: loading them anew took longer than the tests.
					isolate: false,
					include: ['src/**/*.test.ts', 'tests/**/*.test.ts', 'scripts/**/*.test.ts'],
					exclude: ['src/**/*.svelte.test.ts', 'src/**/*.isolated.test.ts']
				}
			},
			{
				// Puts modules of its own in the place of others.
				test: {
					...PATIENCE,
					name: 'isolated',
					environment: 'node',
					include: ['src/**/*.isolated.test.ts']
				}
			},
			{
				extends: true,
				plugins: [svelteTesting()],
				test: {
					...PATIENCE,
					name: 'component',
					environment: 'jsdom',
					isolate: false,
					include: ['src/**/*.svelte.test.ts']
				}
			}
		]
	}
});
