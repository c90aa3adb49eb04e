// A sheet of labels, drawn to scale as it will print.
import { useState } from 'react';
import type { LabelLayout } from '../../../contract/sheets.ts';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';

/** Common A4 layouts (common practice); any other is typed. */
const layouts = {
  '24 per A4 sheet, 70 × 37 mm': {
    columns: 3,
    rows: 8,
    widthMm: 70,
    heightMm: 37,
    leftMm: 0,
    topMm: 0.5,
    gapXMm: 0,
    gapYMm: 0,
  },
  '65 per A4 sheet, 38.1 × 21.2 mm': {
    columns: 5,
    rows: 13,
    widthMm: 38.1,
    heightMm: 21.2,
    leftMm: 4.75,
    topMm: 10.7,
    gapXMm: 2.5,
    gapYMm: 0,
  },
  '21 per A4 sheet, 63.5 × 38.1 mm': {
    columns: 3,
    rows: 7,
    widthMm: 63.5,
    heightMm: 38.1,
    leftMm: 7.25,
    topMm: 15.15,
    gapXMm: 2.5,
    gapYMm: 0,
  },
} as const satisfies Record<string, Omit<LabelLayout, 'skip' | 'code'>>;

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
  const [name, setName] = useState<keyof typeof layouts | 'own'>('24 per A4 sheet, 70 × 37 mm');
  const [own, setOwn] = useState<Record<string, string>>({});
  const [code, setCode] = useState('square');
  const [copies, setCopies] = useState('1');
  const [skip, setSkip] = useState('0');
  const base = layouts[name === 'own' ? '24 per A4 sheet, 70 × 37 mm' : name];
  const layout = Object.fromEntries(
    fields.map(([key]) => [key, name === 'own' ? (own[key] ?? String(base[key])) : String(base[key])]),
  ) as Record<(typeof fields)[number][0], string>;
  const query = new URLSearchParams({ ids, ...layout, code, copies, skip });
  return (
    <section aria-labelledby="">
      <h2 id="">Price tags</h2>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        <Choice
          value={name}
          options={[
            ...Object.keys(layouts).map((value) => ({ value, label: value })),
            { value: 'own', label: 'custom…' },
          ]}
          label="Sheet layout"
          onChange={(value) => setName(value as typeof name)}
        />
        <Choice value={code} options={codes} label="Code on the tag" onChange={setCode} />
        <span>
          <Field open className="num" value={copies} label="Copies of each" onChange={setCopies} />
          of each
        </span>
        <span>
          <Field open className="num" value={skip} label="Used tags to skip" onChange={setSkip} />
          used tags to skip
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
      <SheetDrawing layout={layout} used={Number(skip) || 0} printed={count * (Number(copies) || 0)} />
      {ids && (
        <a
          className="button chrome mt-3 inline-block"
          href={`${sheetRoutes.labelsPdf.path}?${query.toString()}`}
          download
        >
          Print {count * (Number(copies) || 0)}
        </a>
      )}
    </section>
  );
}

const A4 = { width: 210, height: 297 };

function SheetDrawing({ layout, used, printed }: { layout: Record<string, string>; used: number; printed: number }) {
  const number = (key: string) => Number(layout[key]) || 0;
  const [columns, rows] = [Math.min(12, number('columns')), Math.min(40, number('rows'))];
  const cells = Array.from({ length: columns * rows }, (_, index) => ({
    index,
    x: number('leftMm') + (index % columns) * (number('widthMm') + number('gapXMm')),
    y: number('topMm') + Math.floor(index / columns) * (number('heightMm') + number('gapYMm')),
  }));
  return (
    <svg
      viewBox={`-1 -1 ${String(A4.width + 2)} ${String(A4.height + 2)}`}
      className="mx-auto mt-4 h-[420px]"
      role="img"
      aria-label="The sheet of price tags, to scale"
    >
      <rect width={A4.width} height={A4.height} fill="var(--page)" stroke="var(--rule)" />
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
