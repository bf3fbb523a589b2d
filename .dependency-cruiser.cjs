/** Layers from the top down: an import may only point at the same layer or one further down. */
const LAYERS = ['features', 'charts', 'ui', 'records', 'devices', 'compute', 'schema', 'core'];

const upward = LAYERS.map((layer, i) => ({
	name: `layer-${layer}`,
	severity: 'error',
	comment: `lib/${layer} may not import from the layers above it (docs: README, "Layers").`,
	from: { path: `^src/lib/${layer}/` },
	to: { path: `^src/(routes/|lib/(server|${[...LAYERS.slice(0, i), 'nothing'].join('|')})/)` }
}));

module.exports = {
	forbidden: [
		...upward,
		{
			name: 'no-circular',
			severity: 'error',
			from: {},
			to: { circular: true }
		},
		{
			name: 'core-is-pure',
			severity: 'error',
			comment: 'lib/core knows neither Svelte nor storage nor the page.',
			from: { path: '^src/lib/core/', pathNot: '\\.test\\.ts$' },
			to: { path: 'node_modules/(svelte|@sveltejs|localforage|bits-ui|comlink)/|^\\$app' }
		},
		{
			name: 'core-by-its-front-door',
			severity: 'error',
			comment: 'A subject of lib/core is imported through its index.ts by everyone else.',
			from: { path: '^src/lib/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/lib/core/[^/]+/', pathNot: '^src/lib/core/($1/|[^/]+/index\\.ts$)' }
		},
		{
			name: 'core-from-outside-by-its-front-door',
			severity: 'error',
			from: { path: '^src/(lib/(?!core/)|routes/)' },
			to: { path: '^src/lib/core/', pathNot: '^src/lib/core/[^/]+/index\\.ts$' }
		},
		{
			name: 'server-only-for-routes',
			severity: 'error',
			from: { path: '^src/lib/', pathNot: '^src/lib/server/' },
			to: { path: '^src/lib/server/' }
		}
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		exclude: { path: '\\$types' },
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.json' },
		webpackConfig: { fileName: '.dependency-cruiser-alias.cjs' },
		enhancedResolveOptions: { extensions: ['.ts', '.svelte.ts', '.js', '.svelte', '.json'] }
	}
};
