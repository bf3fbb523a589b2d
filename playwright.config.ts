import { defineConfig } from '@playwright/test';
import { ensureChromium } from './scripts/lib.mjs';

const port = Number(process.env['E2E_PORT'] ?? 4317);

/** Browser tests drive the built application in Debian's Chromium, as a person would. */
export default defineConfig({
	testDir: 'e2e',
	outputDir: 'test-results',
	fullyParallel: true,
	workers: 2,
	// How long something may take is measured in bench/. These end what hangs, and nothing else: a machine may stand
	// still for a minute because others on it are at work.
	timeout: 600_000,
	expect: { timeout: 120_000 },
	forbidOnly: true,
	retries: 0,
	use: {
		baseURL: `http://localhost:${port}`,
		viewport: { width: 1280, height: 800 },
		colorScheme: 'light',
		// Drawn by the processor alone, what moves for ever (a call’s frame) takes more of it than the application.
		contextOptions: { reducedMotion: 'reduce' },
		// Filling its cache at every test costs more than the test; what works offline lets it in.
		serviceWorkers: 'block',
		launchOptions: {
			executablePath: ensureChromium(),
			args: [
				'--no-sandbox',
				'--disable-gpu',
				'--disable-quic',
				'--no-first-run',
				'--disable-background-networking',
				'--disable-component-update',
				'--disable-sync',
				// A page lives for seconds: one process keeps what it knows of scripts, nothing is optimised for long, and what
				// it throws away is collected late and by one thread: two share the machine as it is.
				'--renderer-process-limit=1',
				'--js-flags=--no-opt --single-threaded-gc --min-semi-space-size=32 --initial-heap-size=256'
			]
		}
	},
	webServer: {
		command: 'node build',
		env: { PORT: String(port), ORIGIN: `http://localhost:${port}`, BODY_SIZE_LIMIT: '1M' },
		url: `http://localhost:${port}/api/health`,
		reuseExistingServer: false
	}
});
