// What must be settled in a worker before anything else runs, as before-all.ts does for the page.
import { config } from 'zod';

// Compiling validators with new Function is refused by the content policy, and probing for it reports a violation.
config({ jitless: true });
