// Builds the application when a source is newer than the build; npm test does that beside other checks.
import { ensureBuilt } from './lib.mjs';

process.exit(ensureBuilt());
