// The stock count: counted blind on a tablet or on a printed sheet, then compared, then saved as differences.
import { useState } from 'react';
import { sectionOf } from '../../../core/batch/stock/shelf.ts';
import { sizeInWords } from '../../../core/batch/stock/size-words.ts';
import { countDifference, countedValue, type Expected } from '../../../core/batch/stock/stock-count.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Failure, isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { MetalNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useGetJarsQuery, useIntoJarMutation } from '../../state/endpoints/account.ts';
import { useCountLotMutation, useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { remember, remembered } from '../../state/remembered.ts';
import { showToast } from '../../state/toasts.ts';
import { jarWords, words as accountWords } from '../../words/account.ts';
import { words } from '../../words/metal.ts';

interface CountLine extends Expected {
  readonly key: string;
  readonly lot: string | null;
  readonly jar: { readonly kind: 'clean' | 'soldered' | 'filings' | 'mixed'; readonly alloy: string } | null;
  readonly number: string;
  readonly name: string;
  readonly where: string;
}

/** A count is done over an afternoon: what was typed outlives a reload. */
const KEPT = 'noon-stock-count';
type Counts = Readonly<Record<string, string>>;

export function CountScreen() {
  const lines = useCountLines();
  const { day } = useNow();
  const [counts, setCounts] = useState<Counts>(() => (remembered(KEPT) as Counts | null) ?? {});
  const [why, setWhy] = useState('');
  const [isComparing, setComparing] = useState(false);
  const [countLot] = useCountLotMutation();
  const [fillJar] = useIntoJarMutation();
  const [failure, setFailure] = useState<unknown>(null);
  const write = (next: Counts) => {
    setCounts(next);
    remember(KEPT, next);
  };
  const differing = lines.filter((line) => differenceOf(line, counts) !== 0 && isCounted(line, counts));
  const counted = lines.filter((line) => isCounted(line, counts)).length;
  const save = async () => {
    const saved = new Set<string>();
    for (const { key, lot, jar } of differing) {
      const count = counts[key] ?? '';
      const answer = lot
        ? await countLot({ id: lot, count, why })
        : await fillJar({ on: day, ...(jar ?? { kind: 'mixed', alloy: '' }), grams: count, how: 'counted', why });
      if (!isTaken(answer)) {
        setFailure(answer.error);
        write(Object.fromEntries(Object.entries(counts).filter(([one]) => !saved.has(one))));
        return;
      }
      saved.add(key);
    }
    setFailure(null);
    write({});
    setComparing(false);
    showToast(words.differencesSaved);
  };
  return (
    <Spread
      title={words.stockCount}
      printsLeftOnly
      left={
        <>
          <MetalNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <h1>{words.stockCount}</h1>
            <button type="button" className="link chrome text-[15px]" onClick={() => window.print()}>
              {words.printASheet}
            </button>
          </div>
          <p className="aside chrome mt-1">{words.blindCount}</p>
          {lines.length === 0 && <p className="mt-3">{words.nothingToCount}</p>}
          {lines.length > 0 && (
            <table className="rows mt-3" aria-label={words.stockCount}>
              <TableHeader
                of={[
                  { end: words.lot },
                  accountWords.what,
                  words.keptIn,
                  { end: words.counted },
                  ...(isComparing ? [{ end: words.expectedCount }, { end: words.difference }] : []),
                ]}
              />
              <tbody>
                {lines.map((line) => (
                  <Line key={line.key} line={line} counts={counts} isComparing={isComparing} onCount={write} />
                ))}
              </tbody>
            </table>
          )}
        </>
      }
      leftFoot={
        <span>
          {counted} / {lines.length} {words.counted}
        </span>
      }
      right={
        <Compare
          differing={differing.length}
          counted={counted}
          isComparing={isComparing}
          why={why}
          onWhy={setWhy}
          onCompare={setComparing}
          onSave={() => void save()}
          failure={failure}
        />
      }
      bottomLine={
        <span className="font-semibold">
          {counted} / {lines.length} {words.counted}
        </span>
      }
    />
  );
}

interface CompareProps {
  readonly differing: number;
  readonly counted: number;
  readonly isComparing: boolean;
  readonly why: string;
  readonly onWhy: (why: string) => void;
  readonly onCompare: (isComparing: boolean) => void;
  readonly onSave: () => void;
  readonly failure: unknown;
}

function Compare({ differing, counted, isComparing, why, onWhy, onCompare, onSave, failure }: CompareProps) {
  return (
    <section className="chrome">
      <h2>{words.compare}</h2>
      {isComparing ? (
        <>
          <p className="mt-1">{differing === 0 ? words.noDifference : `${String(differing)} ${words.difference}`}</p>
          {differing > 0 && (
            <p className="mt-2">
              <Field
                open
                wide
                value={why}
                label={words.reason}
                placeholder={words.reason}
                maxLength={400}
                onChange={onWhy}
              />
            </p>
          )}
          <p className="mt-3 flex flex-wrap gap-4">
            <button type="button" className="button" disabled={differing === 0 || !why.trim()} onClick={onSave}>
              {words.saveDifferences}
            </button>
            <button type="button" className="link" onClick={() => onCompare(false)}>
              {words.backToCounting}
            </button>
          </p>
        </>
      ) : (
        <button type="button" className="button mt-2" disabled={counted === 0} onClick={() => onCompare(true)}>
          {words.compare}
        </button>
      )}
      <Failure of={[failure]} />
    </section>
  );
}

interface LineProps {
  readonly line: CountLine;
  readonly counts: Counts;
  readonly isComparing: boolean;
  readonly onCount: (counts: Counts) => void;
}

function Line({ line, counts, isComparing, onCount }: LineProps) {
  const difference = differenceOf(line, counts);
  const show = (value: number) => showNumber(value, line.isWeighed ? 2 : 0);
  const text = counts[line.key] ?? '';
  const isWrong = text.trim() !== '' && !isCounted(line, counts);
  return (
    <tr className="border-b border-hair">
      <td className="first end num">{line.number}</td>
      <td>{line.name}</td>
      <td className="aside">{line.where}</td>
      <td className="end num">
        <Field
          end
          open
          className="num"
          column="count"
          value={text}
          label={`${line.name} ${line.number}, ${words.counted}`}
          placeholder={line.isWeighed ? 'g' : ''}
          problem={isWrong ? words.counted : undefined}
          onChange={(next) => onCount({ ...counts, [line.key]: next })}
        />
      </td>
      {isComparing && (
        <>
          <td className="end num">{show(line.expected)}</td>
          <td className={`end num ${difference !== 0 && isCounted(line, counts) ? 'font-semibold text-warn' : ''}`}>
            {isCounted(line, counts) && difference !== 0
              ? `${difference > 0 ? '+' : '−'}${show(Math.abs(difference))}`
              : ''}
          </td>
        </>
      )}
    </tr>
  );
}

const isCounted = ({ key, isWeighed }: CountLine, counts: Counts) =>
  countedValue(counts[key] ?? '', isWeighed) !== null;
const differenceOf = (line: CountLine, counts: Counts) => countDifference(line, counts[line.key] ?? '');

function useCountLines(): CountLine[] {
  const { rates, studio } = useBasis();
  const { data: shelf } = useGetShelfQuery();
  const { data: jars } = useGetJarsQuery();
  const metal = (alloy: string) => rates.alloys.get(alloy)?.name ?? alloy;
  return [
    ...(shelf?.lots ?? []).map((lot): CountLine => ({
      key: lot.id,
      lot: lot.id,
      jar: null,
      number: String(lot.number),
      name: `${metal(lot.alloy)}, ${sectionInWords(sectionOf(lot))}, ${sizeInWords(lot.size, studio.units)}`,
      where: lot.where,
      expected: lot.count,
      isWeighed: false,
    })),
    ...(shelf?.bulk ?? []).map((lot): CountLine => ({
      key: lot.id,
      lot: lot.id,
      jar: null,
      number: String(lot.number),
      name: `${metal(lot.alloy)}, ${lot.kind}`,
      where: lot.where,
      expected: lot.mg / 1000,
      isWeighed: true,
    })),
    ...(jars?.jars ?? [])
      .filter(({ kind }) => kind !== 'mixed')
      .map(({ place, kind, alloy, mg }): CountLine => ({
        key: place,
        lot: null,
        jar: { kind, alloy },
        number: '',
        name: `${metal(alloy)}, ${jarWords[kind]}`,
        where: words.jar,
        expected: mg / 1000,
        isWeighed: true,
      })),
  ];
}
