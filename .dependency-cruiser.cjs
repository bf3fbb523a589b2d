/**
 * The house and its arrows (drawn in docs/architecture.md): for every layer, the layers below it that it
 * may import. An arrow that is not written here is a fault.
 */
const BELOW_STATE = ['store', 'compute', 'devices', 'model', 'schema', 'core'];
const BELOW_ROOMS = ['widgets', 'ui', 'charts', 'wording', 'state', ...BELOW_STATE];
const MAY_IMPORT = {
	routes: ['app', 'server', 'stations', 'places', 'model', 'schema', 'core'],
	server: ['model', 'schema', 'core'],
	app: ['stations', 'places', ...BELOW_ROOMS],
	stations: BELOW_ROOMS,
	places: BELOW_ROOMS,
	widgets: ['ui', 'charts', 'wording', 'state', 'model', 'schema', 'core'],
	state: BELOW_STATE,
	store: ['model', 'schema', 'core'],
	compute: ['model', 'core'],
	devices: ['core'],
	model: ['schema', 'core'],
	wording: ['schema', 'core'],
	charts: ['ui', 'core'],
	ui: [],
	schema: ['core'],
	core: []
};
const LAYERS = Object.keys(MAY_IMPORT);

const arrows = LAYERS.map((layer) => ({
	name: `layer-${layer}`,
	severity: 'error',
	comment: `src/${layer} may import: ${[layer, ...MAY_IMPORT[layer]].join(', ')} (docs/architecture.md).`,
	from: { path: `^src/${layer}/`, pathNot: '\\.test\\.ts$' },
	to: {
		path: '^src/',
		pathNot: `^src/(${[layer, ...MAY_IMPORT[layer]].join('|')})/|^src/app\\.css$`
	}
}));

// The answers over HTTP are an edge of the house: they say in words what the screens say in words.
arrows.find(({ name }) => name === 'layer-model').from.pathNot += '|^src/model/api/';
arrows.push({
	name: 'layer-model-api',
	severity: 'error',
	comment: 'src/model/api may import: model, wording, schema, core.',
	from: { path: '^src/model/api/', pathNot: '\\.test\\.ts$' },
	to: { path: '^src/', pathNot: '^src/(model|wording|schema|core)/' }
});

/** Rooms that lie side by side: one never enters another. */
const apart = ['stations', 'places'].map((layer) => ({
	name: `${layer}-apart`,
	severity: 'error',
	comment: `What two of src/${layer} share belongs in widgets, wording, state or model.`,
	from: { path: `^src/${layer}/([^/]+)/` },
	to: { path: `^src/${layer}/`, pathNot: `^src/${layer}/$1/` }
}));

module.exports = {
	forbidden: [
		...arrows,
		...apart,
		{
			name: 'no-circular',
			severity: 'error',
			from: {},
			to: { circular: true }
		},
		{
			name: 'pure-layers',
			severity: 'error',
			comment: 'core, schema and model know neither Svelte nor storage nor the page.',
			from: { path: '^src/(core|schema|model)/', pathNot: '\\.test\\.ts$' },
			to: {
				path: 'node_modules/(svelte|@sveltejs|localforage|bits-ui|svelte-sonner)/|^\\$app|\\.svelte(\\.ts)?$'
			}
		},
		{
			name: 'core-by-its-front-door',
			severity: 'error',
			comment: 'A subject of core is imported through its index.ts by everyone else.',
			from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/core/[^/]+/', pathNot: '^src/core/($1/|[^/]+/index\\.ts$)' }
		},
		{
			name: 'core-from-outside-by-its-front-door',
			severity: 'error',
			// Tests may look at what no screen asks for.
			from: { path: '^src/(?!core/|testing/)', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/core/', pathNot: '^src/core/[^/]+/index\\.ts$' }
		}
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		exclude: { path: '\\$types' },
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.json' },
		enhancedResolveOptions: {
			extensions: ['.ts', '.svelte.ts', '.js', '.svelte', '.json'],
			// As the build resolves them: what is meant for Svelte and the browser comes first.
			exportsFields: ['exports'],
			conditionNames: ['svelte', 'browser', 'import', 'types', 'node', 'default'],
			mainFields: ['svelte', 'module', 'main', 'types']
		}
	}
};
