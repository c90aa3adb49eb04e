// Papers that take long: many tags with codes, line sheets with many pictures.
import type { LabelLayout } from '../../contract/sheets.ts';
import type { Paper } from '../../core/format/paper.ts';
import { setStudioFormat } from '../../core/format/studio-format.ts';
import type { LineSheetItem } from '../../core/price/book/line-sheet.ts';
import { type Label, labelsPdf } from './labels.ts';
import { lineSheetPdf, type LineSheetTerms } from './line-sheet.ts';

/** A paper to be made, with all that stands on it. */
export type PaperTask = { readonly country: string } & (
  | { readonly kind: 'labels'; readonly labels: readonly Label[]; readonly layout: LabelLayout; readonly paper: Paper }
  | {
      readonly kind: 'line-sheet';
      readonly items: readonly LineSheetItem[];
      readonly about: Omit<LineSheetTerms, 'photo'>;
      /** JPEG bytes by id: a thread cannot ask the ledger. */
      readonly photos: ReadonlyMap<string, Uint8Array>;
    }
);

/** @returns the bytes of the PDF */
export async function madePaper(task: PaperTask): Promise<Uint8Array> {
  setStudioFormat(task.country);
  if (task.kind === 'labels') return await labelsPdf(task.labels, task.layout, task.paper);
  const photo = (id: string) => Buffer.from(task.photos.get(id) ?? new Uint8Array());
  return await lineSheetPdf(task.items, { ...task.about, photo });
}
