// npm start: the maker's own ledger, kept in the home folder and made on the first run.
import { homedir } from 'node:os';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, serve } from './setup.mjs';

ensureInstalled();
ensureBuilt();
serve({ NOON_LEDGER: process.env.NOON_LEDGER ?? join(homedir(), 'noon-ledger', 'ledger.sqlite') });
