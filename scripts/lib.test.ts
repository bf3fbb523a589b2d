import { createServer, type Server } from 'node:net';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { checkNode, choosePort, ensureChromium, waysToInstall } from './lib.mjs';

/** What a command says before it stops. */
let said: string[] = [];
let servers: Server[] = [];

beforeEach(() => {
	said = [];
	vi.spyOn(console, 'error').mockImplementation((text: string) => void said.push(text));
	vi.spyOn(console, 'log').mockImplementation((text: string) => void said.push(text));
	vi.spyOn(process, 'exit').mockImplementation(() => {
		throw new Error('stopped');
	});
});
afterEach(() => {
	vi.restoreAllMocks();
	vi.unstubAllEnvs();
	servers.forEach((server) => server.close());
	servers = [];
});

/** Takes a port, as another program would. */
const take = (port: number) =>
	new Promise<number>((resolve) => {
		const server = createServer();
		servers.push(server);
		server.listen(port, () => {
			const address = server.address();
			resolve(typeof address === 'object' && address ? address.port : 0);
		});
	});

describe('the commands say in one line what is wrong and what to do', () => {
	it.each(['18.20.1', '20.18.9', '16.0.0'])('about Node %s', (version) => {
		expect(() => checkNode(version)).toThrow('stopped');
		expect(said).toHaveLength(1);
		expect(said[0]).toContain(version);
		expect(said[0]).toContain('Install a newer Node');
	});
	it.each(['20.19.0', '22.0.0', '24.1.0'])('nothing about Node %s', (version) => {
		checkNode(version);
		expect(said).toEqual([]);
	});
	it('about a port that was asked for and is taken', async () => {
		const port = await take(0);
		vi.stubEnv('PORT', String(port));
		await expect(choosePort(4000)).rejects.toThrow('stopped');
		expect(said[0]).toContain(`Port ${port} is taken`);
		expect(said[0]).toContain(`PORT=${port + 1} npm run demo`);
	});
	it('about a port that is none', async () => {
		vi.stubEnv('PORT', 'eighty');
		await expect(choosePort(4000)).rejects.toThrow('stopped');
		expect(said[0]).toContain('1 to 65535');
	});
	it('about Chromium that is missing', () => {
		expect(() => ensureChromium(['/nowhere/chromium'], false)).toThrow('stopped');
		expect(said[0]).toContain('apt-get install -y chromium');
	});
});

it('installs in the way that works with this npm first', () => {
	const first = (npm: string) => waysToInstall(npm)[0]!.flat().join(' ');
	expect(first('11.19.1')).toBe('npx -y npm@10.9.4 ci');
	expect(first('10.9.4')).toBe('npm ci');
	expect(waysToInstall('11.19.1')).toHaveLength(3);
});

it('a taken default port moves on to the next, and says so', async () => {
	const port = await take(0);
	vi.stubEnv('PORT', undefined);
	const chosen = await choosePort(port);
	expect(chosen).toBeGreaterThan(port);
	expect(said[0]).toBe(`Port ${port} is taken; using ${chosen}.`);
});
