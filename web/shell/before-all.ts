// What must be settled before any other module runs, under the strict content policy.
import { config } from 'zod';

// Compiling validators with new Function is refused by the policy, and probing for it reports a violation.
config({ jitless: true });

// Dialogs add a style element of their own; it needs the page's nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;
if (nonce) (globalThis as { __webpack_nonce__?: string }).__webpack_nonce__ = nonce;
