// Stands for node:module in a page, where nothing asks for it.
export const createRequire = undefined;
