// Papers that take long are made in a thread, and dropped when nobody waits for them any more.
import type { FastifyRequest } from 'fastify';
import type { Paper } from '../../core/format/paper.ts';
import { labelSheets } from '../../core/price/book/label-sheets.ts';
import type { Label } from '../documents/labels.ts';
import { makePaper } from '../documents/paper-maker.ts';
import type { PaperTask } from '../documents/paper-task.ts';
import { acceptedStudio } from '../services/basis.ts';
import type { Stores } from '../store/stores.ts';

type DistributiveOmit<Of, Key extends PropertyKey> = Of extends unknown ? Omit<Of, Key> : never;
/** A paper before it knows the country of the studio. */
type PaperOfStudio = DistributiveOmit<PaperTask, 'country'>;

/** @returns a function that makes a paper for a request */
export function paperMaking(stores: Stores): (task: PaperOfStudio, request: FastifyRequest) => Promise<Buffer> {
  return async (task, { raw }) => {
    const ended = new AbortController();
    raw.once('close', () => ended.abort());
    return await makePaper({ ...task, country: acceptedStudio(stores).country }, ended.signal);
  };
}

/** Tags with their codes on the usual sheet of labels of a paper. */
export function tagTask(labels: readonly Label[], paper: Paper): PaperOfStudio {
  const layout = labelSheets.find((sheet) => sheet.paper === paper);
  if (!layout) throw new Error(`There is no sheet of labels for ${paper}.`);
  return { kind: 'labels', labels, layout: { ...layout, skip: 0, code: 'square' }, paper };
}
