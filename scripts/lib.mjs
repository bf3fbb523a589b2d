// Shared by the commands. Plain Node: it runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync, mkdirSync, writeFileSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const LEAST_NODE = [20, 19];

export function stop(message) {
	console.error(message);
	process.exit(1);
}

export function checkNode(version = process.versions.node) {
	const [major, minor] = version.split('.').map(Number);
	if (major < LEAST_NODE[0] || (major === LEAST_NODE[0] && minor < LEAST_NODE[1])) {
		stop(
			`Zelvant needs Node ${LEAST_NODE.join('.')} or newer; this is ${version}. Install a newer Node and run the command again.`
		);
	}
}

/** Runs a command and gives its exit code; its output goes straight through. */
export function run(command, args, options = {}) {
	const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
	return result.status ?? 1;
}

/** A file of an installed package, as a command for Node: no shell, no npx. */
export const bin = (path) => join(ROOT, 'node_modules', path);
export const node = (args, options) => run(process.execPath, args, options);

const npmVersion = () =>
	spawnSync('npm', ['--version'], {
		encoding: 'utf8',
		shell: process.platform === 'win32'
	}).stdout?.trim() ?? '';

/**
 * Ways to install, the one that works first. A registry may lack optional binaries for other systems: npm 11
 * then refuses the lock file, npm 10 passes over them.
 */
export const waysToInstall = (npm) => {
	const own = ['npm', ['ci']];
	const ten = ['npx', ['-y', 'npm@10.9.4', 'ci']];
	const first = Number.parseInt(npm, 10) >= 11 ? [ten, own] : [own, ten];
	return [...first, ['npm', ['install', '--no-save']]];
};

/** Installs what the lock file names, when it is not there yet. */
export function ensureInstalled() {
	const lock = join(ROOT, 'package-lock.json');
	const mark = join(ROOT, 'node_modules', '.zelvant-installed');
	const wanted = readFileSync(lock, 'utf8');
	if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted) return;
	console.log('Installing packages (about half a minute) …');
	let told = '';
	for (const [command, args] of waysToInstall(npmVersion())) {
		const tried = spawnSync(command, [...args, '--no-audit', '--no-fund', '--loglevel=error'], {
			cwd: ROOT,
			encoding: 'utf8',
			shell: process.platform === 'win32'
		});
		if (tried.status === 0) {
			writeFileSync(mark, readFileSync(lock, 'utf8'));
			return;
		}
		// Only the last way has the word: what another one makes good is no error.
		told = tried.stderr || tried.error?.message || '';
	}
	console.error(told.trim());
	stop(
		'The packages could not be installed. Check that the npm registry can be reached, then run the command again.'
	);
}

/** Newest change below some paths, ms. */
function newest(paths) {
	let latest = 0;
	for (const path of paths) {
		if (!existsSync(path)) continue;
		const stat = statSync(path);
		if (stat.isDirectory())
			latest = Math.max(latest, newest(readdirSync(path).map((name) => join(path, name))));
		else latest = Math.max(latest, stat.mtimeMs);
	}
	return latest;
}

/** Builds the application when a source is newer than the build. */
export function ensureBuilt() {
	const mark = join(ROOT, 'build', '.built');
	const sources = ['src', 'static', 'package-lock.json', 'svelte.config.js', 'vite.config.ts'].map(
		(name) => join(ROOT, name)
	);
	if (existsSync(mark) && statSync(mark).mtimeMs > newest(sources)) return 0;
	console.log('Building Zelvant (about half a minute) …');
	// What bundlers remark on in passing is no error; when the build fails, all of it is shown.
	const built = spawnSync(
		process.execPath,
		[bin('vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
		{ cwd: ROOT, encoding: 'utf8' }
	);
	if (built.status === 0) writeFileSync(mark, '');
	else console.error(`${built.stdout ?? ''}${built.stderr ?? ''}`);
	return built.status ?? 1;
}

const isFree = (port) =>
	new Promise((resolve) => {
		const server = createServer();
		server.once('error', () => resolve(false));
		server.once('listening', () => server.close(() => resolve(true)));
		server.listen(port);
	});

/** The port asked for, or the first free one from a default on. */
export async function choosePort(fallback) {
	const asked = process.env.PORT;
	if (asked !== undefined) {
		const port = Number(asked);
		if (!Number.isInteger(port) || port < 1 || port > 65535)
			stop(`PORT is "${asked}"; give a number from 1 to 65535.`);
		if (!(await isFree(port)))
			stop(
				`Port ${port} is taken. End what uses it, or choose another: PORT=${port + 1} npm run demo`
			);
		return port;
	}
	for (let port = fallback; port < fallback + 20; port++) {
		if (await isFree(port)) {
			if (port !== fallback) console.log(`Port ${fallback} is taken; using ${port}.`);
			return port;
		}
	}
	return stop(
		`Ports ${fallback} to ${fallback + 19} are all taken. Choose another: PORT=5000 npm run demo`
	);
}

/** Places where Chromium is looked for: the one without windows first, which starts and draws in two thirds of the time. */
const CHROMIUM_PATHS = [
	'/usr/bin/chromium-headless-shell',
	'/usr/bin/chromium',
	'/usr/bin/chromium-browser',
	'/usr/bin/google-chrome'
];
/** Debian's packages of it, tried in this order: an older Debian has the second alone. */
const CHROMIUM_PACKAGES = ['chromium-headless-shell', 'chromium'];

/** Where Chromium is, installing Debian's package when this may be done. */
export function ensureChromium(
	known = [process.env.CHROMIUM, ...CHROMIUM_PATHS],
	mayInstall = true
) {
	const found = () => known.find((path) => path && existsSync(path));
	if (found()) return found();
	const remedy =
		'sudo apt-get update && sudo apt-get install -y chromium   (or set CHROMIUM to the path of one)';
	const root = process.platform === 'linux' && process.getuid?.() === 0;
	if (mayInstall && root && existsSync('/usr/bin/apt-get')) {
		console.log('Installing Chromium from Debian for the browser tests …');
		const quiet = { stdio: ['ignore', 'ignore', 'inherit'] };
		if (run('apt-get', ['update', '-q'], quiet) === 0) {
			for (const name of CHROMIUM_PACKAGES) {
				if (run('apt-get', ['install', '-y', '-q', name], quiet) === 0 && found()) return found();
			}
		}
	}
	return stop(`No Chromium for the browser tests. Install it with: ${remedy}`);
}

/** Flags for Chromium in a closed, headless room. */
export const CHROMIUM_ARGS = [
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync'
];

/** Starts Chromium from a path. */
export async function launchChromium(executablePath) {
	const { chromium } = await import('@playwright/test');
	return chromium.launch({ executablePath, args: CHROMIUM_ARGS });
}

/** Starts the built server and resolves when it answers. */
export async function serve(port) {
	const child = spawn(process.execPath, ['build'], {
		cwd: ROOT,
		env: {
			...process.env,
			PORT: String(port),
			ORIGIN: `http://localhost:${port}`,
			BODY_SIZE_LIMIT: '1M'
		},
		stdio: ['ignore', 'ignore', 'inherit']
	});
	process.on('exit', () => child.kill());
	for (let i = 0; i < 100; i++) {
		try {
			if ((await fetch(`http://localhost:${port}/api/health`)).ok) return child;
		} catch {
			// Not up yet.
		}
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
	return stop('The server did not start within ten seconds. Run "npm run build" to see why.');
}

/** A folder for what runs leave behind; git ignores it. */
export function scratch(name) {
	const folder = join(ROOT, '.zelvant');
	mkdirSync(folder, { recursive: true });
	return join(folder, name);
}
