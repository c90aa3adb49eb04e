// A sheet of labels, drawn to scale as it will print.
import { useState } from 'react';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { countedNoun } from '../../../core/format/variants.ts';
import { labelSheets } from '../../../core/price/book/label-sheets.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { usePaper } from '../../hooks/use-paper.ts';
import { words } from '../../words/sheets.ts';

const fields = [
  ['columns', 'across'],
  ['rows', 'down'],
  ['widthMm', 'width'],
  ['heightMm', 'height'],
  ['leftMm', 'left edge'],
  ['topMm', 'top edge'],
  ['gapXMm', 'gap across'],
  ['gapYMm', 'gap down'],
] as const;

const codes = [
  { value: 'none', label: 'no code' },
  { value: 'bars', label: 'bars' },
  { value: 'square', label: 'QR code' },
] as const;

export function LabelSheet({ ids, count }: { ids: string; count: number }) {
  const paper = usePaper();
  const ofPaper = labelSheets.filter((sheet) => sheet.paper === paper);
  const [usual] = ofPaper;
  const [name, setName] = useState(usual?.name ?? '');
  const [own, setOwn] = useState<Record<string, string>>({});
  const [code, setCode] = useState('square');
  const [copies, setCopies] = useState('1');
  const [skip, setSkip] = useState('0');
  const base = ofPaper.find((layout) => layout.name === name) ?? usual;
  const layout = Object.fromEntries(
    fields.map(([key]) => [key, (name === 'own' && own[key]) || String(base?.[key] ?? 0)]),
  ) as Record<(typeof fields)[number][0], string>;
  const query = new URLSearchParams({ ids, ...layout, code, copies, skip, paper });
  const printed = count * (Number(copies) || 0);
  return (
    <section aria-labelledby="price-tags">
      <h2 id="price-tags">{words.priceTags}</h2>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        <Choice
          value={name}
          options={[
            ...ofPaper.map((layout) => ({ value: layout.name, label: `${paper}, ${layout.name}` })),
            { value: 'own', label: 'custom…' },
          ]}
          label={words.sheetLayout}
          onChange={setName}
        />
        <Choice value={code} options={codes} label={words.codeOnTheTag} onChange={setCode} />
        <span>
          <Field open className="num" value={copies} label={words.copiesOfEach} onChange={setCopies} />
          of each
        </span>
        <span>
          <Field open className="num" value={skip} label={words.usedTagsToSkipTitle} onChange={setSkip} />
          {words.usedTagsToSkip}
        </span>
      </p>
      {name === 'own' && (
        <div className="mt-2 grid grid-cols-4 gap-x-4 text-[14px]">
          {fields.map(([key, label]) => (
            <label key={key}>
              <span className="aside">{label}</span>{' '}
              <Field
                small
                open
                className="num"
                value={layout[key]}
                label={`Price tags, ${label}`}
                onChange={(value) => setOwn({ ...own, [key]: value })}
              />
            </label>
          ))}
        </div>
      )}
      <SheetDrawing layout={layout} used={Number(skip) || 0} printed={printed} paper={paper} />
      {ids && (
        <a
          className="button chrome mt-3 inline-block"
          href={`${sheetRoutes.labelsPdf.path}?${query.toString()}`}
          download
        >
          Download {countedNoun(printed, 'price tag')} (PDF)
        </a>
      )}
    </section>
  );
}

const papers = { A4: { width: 210, height: 297 }, Letter: { width: 215.9, height: 279.4 } } as const;

interface SheetDrawingProps {
  readonly layout: Record<string, string>;
  readonly used: number;
  readonly printed: number;
  readonly paper: keyof typeof papers;
}

function SheetDrawing({ layout, used, printed, paper }: SheetDrawingProps) {
  const { width, height } = papers[paper];
  const number = (key: string) => Number(layout[key]) || 0;
  const [columns, rows] = [Math.min(12, number('columns')), Math.min(40, number('rows'))];
  const cells = Array.from({ length: columns * rows }, (_, index) => ({
    index,
    x: number('leftMm') + (index % columns) * (number('widthMm') + number('gapXMm')),
    y: number('topMm') + Math.floor(index / columns) * (number('heightMm') + number('gapYMm')),
  }));
  return (
    <svg
      viewBox={`-1 -1 ${String(width + 2)} ${String(height + 2)}`}
      className="mx-auto mt-4 h-[420px]"
      role="img"
      aria-label={words.theSheetOfPriceTags}
    >
      <rect width={width} height={height} fill="var(--page)" stroke="var(--rule)" />
      {cells.map(({ index, x, y }) => (
        <rect
          key={index}
          x={x}
          y={y}
          width={number('widthMm')}
          height={number('heightMm')}
          rx={2}
          fill={index >= used && index < used + printed ? 'var(--act-wash)' : 'none'}
          stroke={index < used ? 'var(--hair)' : 'var(--act)'}
          strokeWidth={0.6}
          strokeDasharray={index < used ? '2 2' : undefined}
        />
      ))}
    </svg>
  );
}
