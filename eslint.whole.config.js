export { whole as default } from './eslint.config.js';
