// The printed pages of a batch: the job sheet, and templates at true scale.
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { pathTo } from '../../../contract/route.ts';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { Choice } from '../../components/choice.tsx';

const papers = [
  { value: 'A4', label: 'A4' },
  { value: 'Letter', label: 'Letter' },
];

export function BatchPapers({ id }: { id: string }) {
  const [paper, setPaper] = useState('A4');
  const link = (route: { readonly path: string }, words: string) => (
    <a
      className="link"
      href={`${pathTo(route, { id })}${route.path.endsWith('.pdf') ? `?paper=${paper}` : ''}`}
      download
    >
      {words}
    </a>
  );
  return (
    <span className="chrome inline-flex flex-wrap items-baseline gap-x-3">
      <Printer size={14} className="translate-y-[2px]" aria-hidden="true" />
      {link(sheetRoutes.jobSheetPdf, 'Job sheet')}
      {link(sheetRoutes.templatesPdf, 'Cut templates')}
      <Choice small value={paper} options={papers} label="Paper" onChange={setPaper} />
      <span className="aside">
        Laser or CNC: {link(sheetRoutes.templatesSvg, 'SVG')} {link(sheetRoutes.templatesDxf, 'DXF')}
      </span>
    </span>
  );
}
