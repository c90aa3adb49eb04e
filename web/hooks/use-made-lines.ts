// The revisions a batch is made from, fetched for the batch on the page.
import { useEffect, useMemo } from 'react';
import { shallowEqual } from 'react-redux';
import type { Batch } from '../../core/batch/batch.ts';
import { type MadeLine, madeLine } from '../../core/batch/batch-run.ts';
import { pieceEndpoints } from '../state/endpoints/pieces.ts';
import { useAppDispatch, useAppSelector } from '../state/store.ts';

const NO_LINES: Batch['lines'] = [];

/** @returns null until every piece has arrived; the same array while lines and pieces are the same */
export function useMadeLines(body: Batch | null): readonly MadeLine[] | null {
  const lines = body?.lines ?? NO_LINES;
  const dispatch = useAppDispatch();
  const { getPieceRevision } = pieceEndpoints;
  const wanted = lines.map(({ pieceId, pieceRevision }) => `${pieceId} ${String(pieceRevision)}`).join();
  useEffect(() => {
    const asked = wanted
      .split(',')
      .filter(Boolean)
      .map((key) => {
        const [id = '', revision = ''] = key.split(' ');
        return dispatch(getPieceRevision.initiate({ id, revision: Number(revision) }));
      });
    return () => asked.forEach((one) => one.unsubscribe());
  }, [wanted, dispatch, getPieceRevision]);
  const pieces = useAppSelector(
    (state) =>
      lines.map(
        ({ pieceId, pieceRevision }) =>
          getPieceRevision.select({ id: pieceId, revision: pieceRevision })(state).data?.body ?? null,
      ),
    shallowEqual,
  );
  return useMemo(() => {
    const made = lines.flatMap((line, index): MadeLine[] => {
      const piece = pieces[index];
      return piece ? [madeLine(line, piece)] : [];
    });
    return lines.length > 0 && made.length === lines.length ? made : null;
  }, [lines, pieces]);
}
