// npm run -s noon -- <command>: the book's sums for scripts.
import { ensureBuilt, ensureInstalled } from './setup.mjs';

ensureInstalled();
ensureBuilt();
// In this process: a second one takes as long to start as most answers.
await import('../dist/server/noon.js');
