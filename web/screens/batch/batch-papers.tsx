// The printed pages of a batch: job sheet, templates at true scale, price tags.
import { Download } from 'lucide-react';
import { pathTo } from '../../../contract/route.ts';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { batchNumber } from '../../../core/bench/batch-number.ts';
import { words } from '../../words/batch.ts';

export function BatchPapers({ id }: { id: string }) {
  const link = (route: { readonly path: string }, words: string) => (
    <a className="link" href={pathTo(route, { id })} download>
      {words}
    </a>
  );
  return (
    <span className="chrome inline-flex flex-wrap items-baseline gap-x-3">
      <Download size={14} className="translate-y-[2px]" aria-hidden="true" />
      {link(sheetRoutes.jobSheetPdf, words.jobSheet)}
      {link(sheetRoutes.templatesPdf, words.cutTemplates)}
      {link(sheetRoutes.batchTagsPdf, words.priceTags)}
      <span className="aside">
        {words.atTheBenchNo} <span className="num">{batchNumber(id)}</span>
      </span>
      <span className="aside">
        {words.laserOrCnc} {link(sheetRoutes.templatesSvg, 'SVG')} {link(sheetRoutes.templatesDxf, 'DXF')}
      </span>
    </span>
  );
}
