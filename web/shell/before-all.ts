// Set-up that must run before any other module, under the strict content security policy.

// Dialogs add a style element, which needs the page's nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;
if (nonce) (globalThis as { __webpack_nonce__?: string }).__webpack_nonce__ = nonce;

export {};
