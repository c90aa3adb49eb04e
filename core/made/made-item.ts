// A finished piece as it is counted: a design in a size and version, or a single piece.
import { z } from 'zod';
import { typedSchema } from '../measure/typed.ts';

/** What a single piece has of its own. */
export const madeDetailSchema = z.object({
  /** Id of its own photo; '' for that of the design. */
  photo: z.string().max(64).default(''),
  /** Weight on the scale, stones included, as typed; '' where it was not weighed. */
  weight: typedSchema.default(''),
});
/** What a single piece has of its own. */
export type MadeDetail = z.infer<typeof madeDetailSchema>;

/** A finished piece as it is counted. */
export const madeItemSchema = z.object({
  id: z.string().min(1).max(40),
  /** Short number of the tag. */
  number: z.int().min(1),
  /** '' where the design is not in the ledger. */
  pieceId: z.string().max(40),
  /** Id of the size; '' without sizes. */
  size: z.string().max(80),
  /** Version of the design; 0 where nobody knows. */
  revision: z.int().min(0),
  /** Name of the design, and of the size; '' without sizes. */
  name: z.string().min(1).max(120),
  sizeName: z.string().max(120),
  /** Whether it is one of a kind: a commission, or measured one by one. */
  isSingle: z.boolean(),
  ...madeDetailSchema.shape,
  /** Whole mg of metal in one, by alloy. */
  mg: z.record(z.string(), z.int()),
});
/** A finished piece as it is counted. */
export type MadeItem = Readonly<z.infer<typeof madeItemSchema>>;
/** An item that is about to be added. */
export type NewMadeItem = Omit<MadeItem, 'number' | keyof MadeDetail>;

/** The code on the tag: `P17`. */
export const tagCode = ({ number }: Pick<MadeItem, 'number'>) => `P${String(number)}`;

/** The number of a scanned or typed code: `P17`, `p 17`, or an address that ends in it; null for another text. */
export function numberOfTag(text: string): number | null {
  const found = /(?:^|[/=])p\s?(\d{1,7})$/i.exec(text.trim());
  return found ? Number(found[1]) : null;
}

/** `Signet ring, T`. */
export function itemName({ name, sizeName }: Pick<MadeItem, 'name' | 'sizeName'>): string {
  return [name, sizeName].filter(Boolean).join(', ');
}

/** Whether two items are the same design in the same size and version. */
export function isSameItem(
  a: Pick<MadeItem, 'pieceId' | 'size' | 'revision' | 'isSingle' | 'name' | 'sizeName'>,
  b: Pick<MadeItem, 'pieceId' | 'size' | 'revision' | 'isSingle' | 'name' | 'sizeName'>,
): boolean {
  if (a.isSingle || b.isSingle) return false;
  const names = a.pieceId === '' ? a.name === b.name && a.sizeName === b.sizeName : true;
  return names && a.pieceId === b.pieceId && a.size === b.size && a.revision === b.revision;
}
