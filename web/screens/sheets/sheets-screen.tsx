// Line sheet and labels: the pieces on them, and the layout of the label sheet.
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { showValue } from '../../../core/figure/show.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import { codeOf } from '../../../core/price/book/line-sheet.ts';
import { SellingNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { words } from '../../words/sheets.ts';
import { LabelSheet } from './label-sheet.tsx';

export function SheetsScreen() {
  const { data } = useGetPiecesQuery();
  const basis = useBasis();
  const pieces = useMemo(
    () => (data ?? []).filter(({ archivedAt, revision }) => archivedAt === null && revision > 0),
    [data],
  );
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const chosen = pieces.filter(({ id }) => !left.has(id));
  const labels = chosen.reduce((sum, { accepted, body }) => sum + Math.max(1, sizesOf(accepted ?? body).length), 0);
  const ids = chosen.map(({ id }) => id).join(',');
  const toggle = (id: string, isOn: boolean) =>
    setLeft((before) => {
      const after = new Set(before);
      if (isOn) after.delete(id);
      else after.add(id);
      return after;
    });
  return (
    <Spread
      title={words.lineSheetAndPriceTags}
      left={
        <>
          <SellingNav />
          <div className="flex items-start justify-between gap-4">
            <h1>{words.lineSheet}</h1>
            {ids && (
              <span className="chrome flex items-center gap-4">
                <a className="link" href={`${sheetRoutes.lineSheetCsv.path}?ids=${ids}`} download>
                  {words.exportCsv}
                </a>
                <a className="button" href={`${sheetRoutes.lineSheetPdf.path}?ids=${ids}`} download>
                  {words.downloadLineSheet} {chosen.length}
                </a>
              </span>
            )}
          </div>
          {data && pieces.length === 0 && (
            <p className="mt-4 max-w-[56ch]">
              {words.aLineSheetShowsShops}{' '}
              <Link className="link" to="/pieces">
                {words.newPiece}
              </Link>
            </p>
          )}
          {pieces.length > 0 && (
            <table className="rows mt-4" aria-label={words.piecesOnTheLineSheet}>
              <TableHeader
                of={[
                  { hidden: 'included' },
                  'piece',
                  'code',
                  'sizes',
                  { end: 'wholesale' },
                  { end: 'suggested retail' },
                ]}
              />
              <tbody>
                {pieces.map(({ id, accepted, body, priced }) => {
                  const piece = accepted ?? body;
                  const { prices } = pieceCount(piece, basis);
                  return (
                    <tr key={id} className="border-b border-hair">
                      <td className="first w-[28px]">
                        <input
                          type="checkbox"
                          className="size-[17px] accent-act"
                          aria-label={`${piece.name}, on the line sheet`}
                          checked={!left.has(id)}
                          onChange={(event) => toggle(id, event.target.checked)}
                        />
                      </td>
                      <td>{piece.name.trim() || words.unnamedPiece}</td>
                      <td className="num">{codeOf(piece.name)}</td>
                      <td>
                        {sizesOf(piece)
                          .map(({ name }) => name)
                          .join(', ') || 'one'}
                        {piece.photos.length === 0 && <span className="aside block">{words.noPhoto}</span>}
                      </td>
                      <td className="end num">
                        {showValue(priced?.wholesaleMinor ?? prices.wholesale.value, basis.rates.currency)}
                      </td>
                      <td className="end num">
                        {showValue(priced?.retailMinor ?? prices.retail.value, basis.rates.currency)}
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          )}
        </>
      }
      leftFoot={<span>{words.pricesAreThoseOfThe}</span>}
      right={<LabelSheet ids={ids} count={labels} />}
      rightFoot={<span className="ml-auto">{words.a4Mm}</span>}
      bottomLine={<span className="font-semibold">{words.priceTags}</span>}
    />
  );
}
