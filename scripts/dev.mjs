// npm run dev: the development server, started without a wrapper so that its id is the one to end.
import { bin, checkNode, choosePort, ensureInstalled, node } from './lib.mjs';

checkNode();
ensureInstalled();
const port = await choosePort(5173);
process.exit(node([bin('vite/bin/vite.js'), 'dev', '--port', String(port), '--strictPort']));
