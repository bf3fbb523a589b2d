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

/**
 * Folders of the model and the folders that each may import: pieces of hair, what is done to them on a day, questions
 * over both, and last the commands that change records. Questions never import commands.
 */
const MODEL_MAY_IMPORT = {
	head: [],
	day: ['head'],
	shelf: ['day'],
	ledger: ['day', 'visit'],
	index: ['day', 'ledger', 'shelf'],
	visit: ['head', 'day', 'shelf', 'index'],
	learned: ['visit', 'index'],
	client: ['day', 'visit'],
	bench: ['head', 'day', 'visit', 'ledger'],
	practice: [],
	commands: ['head', 'day', 'visit', 'ledger', 'bench'],
	simulate: ['head', 'day', 'visit', 'commands'],
	demo: ['head', 'visit', 'bench', 'practice', 'simulate', 'commands'],
	api: ['head', 'day', 'visit', 'shelf', 'ledger', 'commands']
};
const modelArrows = Object.entries(MODEL_MAY_IMPORT).map(([folder, may]) => ({
	name: `model-${folder}`,
	severity: 'error',
	comment: `src/model/${folder} may import of the model: ${[folder, ...may].join(', ')}.`,
	from: { path: `^src/model/${folder}/`, pathNot: '\\.test\\.ts$' },
	to: { path: '^src/model/[^/]+/', pathNot: `^src/model/(${[folder, ...may].join('|')})/` }
}));

/** Packages and the folders of src that own them: nobody else imports them, and one without an owner nobody. */
const ROOMS = 'app|places|stations|widgets';
const OWNED = {
	'bits-ui|tailwind-variants|svelte-sonner|@tanstack/[^/]+': 'ui',
	'd3-scale|d3-shape': 'charts',
	'd3-array': 'charts|ui|model',
	'd3-dsv|nanoid|ts-fsrs': 'model',
	'localforage|immer|ts-ics': 'store',
	'sveltekit-superforms': 'state',
	culori: 'core',
	'pure-rand': 'core|charts',
	zod: 'schema|model|state|server|routes',
	dequal: 'model|store|state',
	'@internationalized/date': 'core|model|wording|ui|app',
	'@lucide/svelte': `ui|${ROOMS}`,
	'mode-watcher': 'app|places',
	'svelte-dnd-action|uqr': 'stations',
	'@sveltejs/kit': 'routes|server|hooks\\.server\\.ts|service-worker'
};
const inPackage = (names) => `node_modules/(?:${names})/`;
const notTests = '\\.test\\.ts$|^src/testing/';
const owners = Object.entries(OWNED).map(([names, owner]) => ({
	name: `owned-${names.split('|')[0].replace(/[^a-z0-9]+/g, '-')}`,
	severity: 'error',
	comment: `${names.replaceAll('|', ', ')}: imported by ${owner.replaceAll('|', ', ')} alone.`,
	from: { path: '^src/', pathNot: `^src/(?:${owner})(?:/|$)|${notTests}` },
	to: { path: inPackage(names) }
}));

module.exports = {
	forbidden: [
		...arrows,
		...apart,
		...modelArrows,
		...owners,
		{
			name: 'no-owner',
			severity: 'error',
			comment: 'A package that src imports is owned by a folder (OWNED above).',
			from: { path: '^src/', pathNot: notTests },
			to: {
				path: 'node_modules/',
				pathNot: `${inPackage(Object.keys(OWNED).join('|'))}|node_modules/svelte/`
			}
		},
		{
			name: 'no-such-layer',
			severity: 'error',
			comment: 'A folder of src is a layer with arrows of its own (MAY_IMPORT above).',
			from: {
				path: '^src/[^/]+/',
				pathNot: `^src/(?:${LAYERS.join('|')}|testing|service-worker)/`
			},
			to: {}
		},
		{
			name: 'no-such-model-folder',
			severity: 'error',
			comment: 'A folder of the model has arrows of its own (MODEL_MAY_IMPORT above).',
			from: {
				path: '^src/model/[^/]+/',
				pathNot: `^src/model/(?:${Object.keys(MODEL_MAY_IMPORT).join('|')})/`
			},
			to: {}
		},
		{
			name: 'not-found',
			severity: 'error',
			comment: 'An import that cannot be resolved is held by no arrow.',
			from: { path: '^src/' },
			// What the framework makes up while it builds, and the name that it gives one door of a package.
			to: { couldNotResolve: true, pathNot: '^\\$(app|env)/|^\\$service-worker$|^superforms-zod4$' }
		},
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
