// npm run demo: installs what is missing, builds, starts with demo data, prints the address.
import { checkNode, choosePort, ensureBuilt, ensureInstalled, serve, stop } from './lib.mjs';

checkNode();
// A taken port is said before anyone waits for a build.
const port = await choosePort(4173);
ensureInstalled();
if (ensureBuilt() !== 0) stop('The build failed; the lines above say where.');
const server = await serve(port);
console.log(`\nZelvant with demo data:  http://localhost:${port}/demo`);
console.log(`With your own records:   http://localhost:${port}/records`);
console.log('Stop with Ctrl C. Records stay in the browser; nothing leaves this machine.\n');
server.on('exit', (code) => process.exit(code ?? 1));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => process.exit(0));
