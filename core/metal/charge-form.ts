// Forms of stock with a fabrication charge of their own.

/** Forms of stock with a fabrication charge of their own. */
export const chargeForms = ['wire', 'shaped', 'sheet', 'tube'] as const;
/** A form of stock with a fabrication charge of its own. */
export type ChargeForm = (typeof chargeForms)[number];
