// Replaces node:module in a page, where nothing uses it.
export const createRequire = undefined;
