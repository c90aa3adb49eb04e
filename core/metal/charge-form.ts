// The forms of stock a supplier charges differently for.

export const chargeForms = ['wire', 'shaped', 'sheet', 'tube'] as const;
export type ChargeForm = (typeof chargeForms)[number];
