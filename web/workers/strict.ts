// Set-up that must run first in a worker, as before-all.ts does for the page.
import { config } from 'zod';

// The content security policy forbids compiling validators with new Function, and probing for it reports a violation.
config({ jitless: true });
