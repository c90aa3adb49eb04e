// Zod for the page and its workers: every import of zod in the browser comes through here.
import { config } from 'zod/v4';

// The content security policy forbids compiling validators with new Function, and probing for it reports a violation.
config({ jitless: true });

export * from 'zod/v4';
