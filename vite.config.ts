import { sveltekit } from '@sveltejs/kit/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

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
						codeSplitting: { groups: [{ name: 'shared', minShareCount: 22 }] }
					}
				}
			}
		}
	},
	optimizeDeps: { include: ['culori/fn', 'localforage'] },
	test: {
		// Tests are not timed: a busy machine may take its time over a search; speed is measured in bench/.
		testTimeout: 60_000,
		// Beside lint the tests have one core and then both; Vitest by itself would take one.
		maxWorkers: 2,
		projects: [
			{
				extends: true,
				test: {
					name: 'unit',
					environment: 'node',
					// Modules only define things, so files share them: loading them anew took longer than the tests.
					isolate: false,
					include: ['src/**/*.test.ts', 'tests/**/*.test.ts', 'scripts/**/*.test.ts'],
					exclude: ['src/**/*.svelte.test.ts', 'src/**/*.isolated.test.ts']
				}
			},
			{
				extends: true,
				// Puts modules of its own in the place of others.
				test: { name: 'isolated', environment: 'node', include: ['src/**/*.isolated.test.ts'] }
			},
			{
				extends: true,
				plugins: [svelteTesting()],
				test: {
					name: 'component',
					environment: 'jsdom',
					isolate: false,
					include: ['src/**/*.svelte.test.ts']
				}
			}
		]
	}
});
