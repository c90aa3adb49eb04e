// Kerf: the width of the cut that parts a blank from its stock. Cutting plans take the kerf of a tool from this table.

/** Kerf of each tool as typed (common practice: a 2/0 blade cuts 0.3 mm; shears and cutters part without a kerf). */
export const toolKerfs = { saw: '0.3 mm', 'fine-saw': '0.2 mm', shears: '0 mm' } as const;

/** A tool that parts blanks from stock. */
export type CuttingTool = keyof typeof toolKerfs;
