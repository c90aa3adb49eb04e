// The metal of a batch: what it holds, what came back, and the loss, which is what is missing.
import { useState } from 'react';
import type { MetalEntry } from '../../../core/account/entry.ts';
import { type JarKind, jarKinds } from '../../../core/account/place.ts';
import { isUnusual, type LossRange, usualLoss } from '../../../core/account/usual-loss.ts';
import { type Batch, isDone } from '../../../core/batch/batch.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { lossCauses } from '../../../core/batch/loss-problem.ts';
import { metalOfBatch } from '../../../core/batch/metal-of-batch.ts';
import type { TypedReturn } from '../../../core/batch/read-return.ts';
import { type NewLot, newLotSchema, readLot, sectionOf } from '../../../core/batch/stock/shelf.ts';
import { sizeInWords } from '../../../core/batch/stock/size-words.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { readCount, readGrams } from '../../../core/measure/read/read-number.ts';
import type { Alloy } from '../../../core/metal/alloys.ts';
import { typedSection } from '../../../core/stock/typed-section.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure, isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { gramsOfMg, MetalEntries } from '../../components/metal-entries.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import {
  useCorrectEntryMutation,
  useDeliverMutation,
  useGetEntriesQuery,
  useIssueByHandMutation,
  useReturnMetalMutation,
} from '../../state/endpoints/account.ts';
import { useGetBatchMetalQuery, useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { showToast } from '../../state/toasts.ts';
import { jarWords, words as accountWords } from '../../words/account.ts';
import { words } from '../../words/batch-metal.ts';
import { LossCauses } from './loss-causes.tsx';

interface BatchMetalProps {
  readonly id: string;
  readonly body: Batch;
  readonly count: BatchCount;
}

const NO_ENTRIES: readonly MetalEntry[] = [];

export function BatchMetal({ id, body, count }: BatchMetalProps) {
  const { data: entries = NO_ENTRIES } = useGetBatchMetalQuery(id);
  const held = heldBy(entries, id);
  const returned = entries.filter(({ kind, correctedBy }) => kind === 'returned' && correctedBy === null);
  const [isReturning, setReturning] = useState(false);
  if (entries.length === 0 && isDone(body)) return null;
  return (
    <section className="mt-7" aria-labelledby="metal-of-batch">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="metal-of-batch">{words.metal}</h2>
        {held.size > 0 && !isReturning && (
          <button type="button" className="link chrome text-[15px]" onClick={() => setReturning(true)}>
            {words.bookReturn}
          </button>
        )}
      </div>
      {held.size > 0 && <Held held={held} />}
      {!isDone(body) && <IssueByHand id={id} />}
      {isReturning && held.size > 0 && (
        <ReturnForm id={id} count={count} held={held} onDone={() => setReturning(false)} />
      )}
      {returned.map((entry) => (
        <Balance key={entry.id} entry={entry} count={count} />
      ))}
      {isHere(entries) && <Deliver id={id} />}
      {entries.length > 0 && (
        <details className="mt-2">
          <summary className="chrome text-[14px] text-act">{accountWords.entries}</summary>
          <MetalEntries entries={entries} label={words.entriesOfBatch} />
        </details>
      )}
    </section>
  );
}

/** Whether finished metal of the batch is here. */
function isHere(entries: readonly MetalEntry[]): boolean {
  return (
    entries.flatMap(({ lines }) => lines).reduce((sum, { place, mg }) => sum + (place === 'finished' ? mg : 0), 0) > 0
  );
}

function Deliver({ id }: { id: string }) {
  const { day } = useNow();
  const [deliver, { error, isLoading }] = useDeliverMutation();
  const [correct] = useCorrectEntryMutation();
  const save = async () => {
    const answer = await deliver({ id, on: day, why: '' });
    const entry = answer.data?.[0]?.id;
    if (isTaken(answer))
      showToast(words.delivered, entry === undefined ? null : () => void correct({ id: entry, why: '' }));
  };
  return (
    <p className="chrome mt-1 text-[15px]">
      <span className="aside">{words.piecesAreHere}</span>{' '}
      <button type="button" className="link" disabled={isLoading} onClick={() => void save()}>
        {words.theyHaveLeft}
      </button>
      <Failure of={[error]} />
    </p>
  );
}

/** mg by alloy. */
type Held = ReadonlyMap<string, number>;

function heldBy(entries: readonly MetalEntry[], id: string): Held {
  const held = new Map<string, number>();
  for (const { lines } of entries)
    for (const { place, alloy, mg } of lines) if (place === `work/${id}`) held.set(alloy, (held.get(alloy) ?? 0) + mg);
  return new Map([...held].filter(([, mg]) => mg !== 0));
}

function Held({ held }: { held: Held }) {
  const { alloys } = useBasis().rates;
  return (
    <p className="text-[15px]">
      {words.holds}{' '}
      {[...held].map(([alloy, mg], at) => (
        <span key={alloy}>
          {at > 0 && ', '}
          <b className="num">{gramsOfMg(mg)} g</b> {alloys.get(alloy)?.name ?? alloy}
        </span>
      ))}
    </p>
  );
}

/** Bars, sheets and grain that no cutting plan issued: for casting, or when the plan was made by eye. */
function IssueByHand({ id }: { id: string }) {
  const { day } = useNow();
  const { rates, studio } = useBasis();
  const { data: shelf } = useGetShelfQuery();
  const [issue, { error, isLoading }] = useIssueByHandMutation();
  const [correct] = useCorrectEntryMutation();
  const [lot, setLot] = useState('');
  const [amount, setAmount] = useState('');
  const name = (alloy: string) => rates.alloys.get(alloy)?.name ?? alloy;
  const options = [
    { value: '', label: words.aLot },
    ...(shelf?.bulk ?? []).map((one) => ({
      value: one.id,
      label: `${String(one.number)}: ${name(one.alloy)}, ${one.kind}, ${gramsOfMg(one.mg)} g`,
    })),
    ...(shelf?.lots ?? []).map((one) => ({
      value: one.id,
      label: `${String(one.number)}: ${name(one.alloy)}, ${sectionInWords(sectionOf(one))}, ${sizeInWords(one.size, studio.units)}`,
    })),
  ];
  if (options.length === 1) return null;
  const isBulk = shelf?.bulk.some((one) => one.id === lot) ?? false;
  const save = async () => {
    const answer = await issue({ id, on: day, lot, amount: amount || (isBulk ? '' : '1') });
    if (!isTaken(answer)) return;
    setLot('');
    setAmount('');
    const entry = answer.data?.[0]?.id;
    showToast(words.issued, entry === undefined ? null : () => void correct({ id: entry, why: '' }));
  };
  return (
    <>
      <p className="chrome mt-1 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[15px]">
        {words.issueByHand}
        <Choice open value={lot} options={options} label={words.lotToIssue} onChange={setLot} />
        {lot && (
          <>
            <Field
              open
              className="num"
              value={amount}
              label={words.amountToIssue}
              placeholder={isBulk ? '20 g' : '1'}
              onChange={setAmount}
            />
            <button
              type="button"
              className="link"
              disabled={isLoading || (isBulk && !amount.trim())}
              onClick={() => void save()}
            >
              {words.issue}
            </button>
          </>
        )}
      </p>
      <Failure of={[error]} />
    </>
  );
}

interface ReturnFormProps {
  readonly id: string;
  readonly count: BatchCount;
  readonly held: Held;
  readonly onDone: () => void;
}

const backKinds = jarKinds.filter((kind) => kind !== 'mixed');
const mgTyped = (text: string) => {
  const reading = text.trim() ? readGrams(text) : null;
  return reading?.ok ? Math.round(reading.value * 1000) : 0;
};

/** The usual loss of a batch: by its kinds of work, and by what the studio's batches have lost. */
function useUsualLoss(count: BatchCount): LossRange {
  const { data } = useGetEntriesQuery({ place: 'loss' });
  const first = usualLoss(kindsOf(count));
  const past = (data ?? []).flatMap((entry) => {
    if (entry.kind !== 'returned' || entry.correctedBy !== null) return [];
    const issuedMg = -mgAt(entry, (place) => place.startsWith('work/'));
    const lossMg = mgAt(entry, (place) => place === 'loss');
    return issuedMg > 0 && !isUnusual(lossMg, issuedMg, first) ? [lossMg / issuedMg] : [];
  });
  return usualLoss(kindsOf(count), past);
}

function mgAt({ lines }: MetalEntry, isThere: (place: string) => boolean): number {
  return lines.reduce((sum, { place, mg }) => sum + (isThere(place) ? mg : 0), 0);
}

/** The kinds of work of a batch. */
function kindsOf(count: BatchCount): string[] {
  return count.runs.flatMap(({ count: { recipe } }) => recipe.piece.steps.map(({ kind }) => kind));
}

function ReturnForm({ id, count, held, onDone }: ReturnFormProps) {
  const { day } = useNow();
  const { rates } = useBasis();
  const [send, { error, isLoading }] = useReturnMetalMutation();
  const [correct] = useCorrectEntryMutation();
  const estimate = metalOfBatch(count);
  const [finished, setFinished] = useState('');
  const [pieces, setPieces] = useState(String(count.quantity));
  const [other, setOther] = useState('');
  const [scrap, setScrap] = useState<Readonly<Record<string, string>>>({});
  const [offcuts, setOffcuts] = useState<readonly NewLot[]>([]);
  const [why, setWhy] = useState('');
  const { data: shelf } = useGetShelfQuery();
  // What lies in the drawers may have been taken by mistake.
  const others = [...new Set((shelf?.lots ?? []).map(({ alloy }) => alloy))].flatMap(
    (alloy) => rates.alloys.get(alloy) ?? [],
  );
  const made = readCount(pieces, 0);
  const madeCount = made.ok ? made.value : 0;
  const otherMg = other.trim()
    ? mgTyped(other)
    : Math.round(count.quantity > 0 ? (estimate.otherMg / count.quantity) * madeCount : 0);
  const scrapMg = Object.values(scrap).reduce((sum, text) => sum + mgTyped(text), 0);
  const offcutMg = offcuts.reduce((sum, one) => sum + offcutMgOf(one, rates.alloys, rates.currency), 0);
  const issuedMg = [...held.values()].reduce((sum, mg) => sum + mg, 0);
  const finishedMg = Math.max(0, mgTyped(finished) - otherMg);
  const lossMg = issuedMg - finishedMg - scrapMg - offcutMg;
  const usual = useUsualLoss(count);
  const isBegun = finished.trim() !== '' || madeCount === 0;
  const unusual = isBegun && isUnusual(lossMg, issuedMg, usual);
  const lines: TypedReturn['scrap'] = [...held.keys()].flatMap((alloy) =>
    backKinds.map((kind) => ({ kind, alloy, grams: scrap[`${kind} ${alloy}`] ?? '' })),
  );
  const save = async () => {
    const answer = await send({ id, on: day, finished, pieces, other, scrap: lines, offcuts: [...offcuts], why });
    if (!isTaken(answer)) return;
    const entry = answer.data?.[0]?.id;
    showToast(words.returnBooked, entry === undefined ? null : () => void correct({ id: entry, why: '' }));
    onDone();
  };
  return (
    <form
      className="chrome mt-3 border-l-2 border-rule pl-4"
      aria-label={words.bookReturn}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        <span>
          <Field open className="num" value={pieces} label={words.goodPieces} onChange={setPieces} /> {words.goodPieces}
        </span>
        <span>
          {words.weighTogether}{' '}
          <Field
            open
            className="num"
            value={finished}
            label={words.finishedWeigh}
            placeholder={`${gramsOfMg(estimate.netMg + estimate.otherMg)} g`}
            onChange={setFinished}
            autoFocus
          />
        </span>
        <span className="text-soft">
          {words.ofItSolder}{' '}
          <Field
            open
            className="num"
            value={other}
            label={words.solderAndFindings}
            placeholder={`${gramsOfMg(otherMg)} g`}
            onChange={setOther}
          />
        </span>
      </p>
      <table className="rows mt-2 max-w-[560px]" aria-label={words.scrapBack}>
        <TableHeader of={[words.scrapBack, ...backKinds.map((kind) => ({ end: `${jarWords[kind]}, g` }))]} />
        <tbody>
          {[...held.keys()].map((alloy) => (
            <tr key={alloy} className="border-b border-hair">
              <td className="first">{rates.alloys.get(alloy)?.name ?? alloy}</td>
              {backKinds.map((kind: JarKind) => (
                <td key={kind} className="end num">
                  <Field
                    end
                    open
                    className="num"
                    value={scrap[`${kind} ${alloy}`] ?? ''}
                    label={`${rates.alloys.get(alloy)?.name ?? alloy}, ${jarWords[kind]}`}
                    placeholder="0"
                    onChange={(text) => setScrap({ ...scrap, [`${kind} ${alloy}`]: text })}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <OffcutsBack count={count} held={held} offcuts={offcuts} onChange={setOffcuts} />
      {isBegun && <LossLine lossMg={lossMg} issuedMg={issuedMg} usual={usual} />}
      {unusual && (
        <>
          <LossCauses
            causes={lossCauses(count, { issuedMg, finishedMg, pieces: madeCount, offcutMg, scrapMg }, usual, others)}
          />
          <p className="mt-2 text-[15px]">
            <Field
              open
              wide
              value={why}
              label={words.reason}
              placeholder={words.reasonNeeded}
              maxLength={400}
              onChange={setWhy}
            />
          </p>
        </>
      )}
      <p className="mt-2 flex items-baseline gap-4">
        <button type="submit" className="button" disabled={!isBegun || isLoading || (unusual && !why.trim())}>
          {words.save}
        </button>
        <button type="button" className="link" onClick={onDone}>
          {words.cancel}
        </button>
      </p>
      <Failure of={[error]} />
    </form>
  );
}

/** mg of an offcut; 0 while it cannot be read. */
function offcutMgOf(offcut: NewLot, alloys: ReadonlyMap<string, Alloy>, currency: string): number {
  const read = readLot(offcut, alloys, currency);
  return 'problems' in read ? 0 : Math.round(1000 * read.count * read.lot.grams);
}

interface OffcutsBackProps {
  readonly count: BatchCount;
  readonly held: Held;
  readonly offcuts: readonly NewLot[];
  readonly onChange: (offcuts: readonly NewLot[]) => void;
}

/** Offcuts that no cutting plan kept: of the stock of the batch, with what is left of its length or sides. */
function OffcutsBack({ count, held, offcuts, onChange }: OffcutsBackProps) {
  const { studio } = useBasis();
  const unit = studio.units === 'mm' ? 'mm' : 'in';
  const stocks = count.issue.flatMap(({ stock, alloy, section }) => {
    const typed = held.has(alloy.id) ? typedSection(section) : null;
    return typed ? [{ stock, typed, alloy, name: `${alloy.name}, ${sectionInWords(section)}` }] : [];
  });
  const add = (stock: string) => {
    const found = stocks.find((one) => one.stock === stock);
    if (found) onChange([...offcuts, newLotSchema.parse({ alloy: found.alloy.id, section: found.typed })]);
  };
  if (stocks.length === 0) return null;
  const side = (offcut: NewLot, at: number, key: 'length' | 'width' | 'height') => (
    <Field
      open
      className="num"
      value={offcut[key]}
      label={`${words.offcut} ${String(at + 1)}, ${key}`}
      unit={unit}
      placeholder={unit}
      onChange={(text) => onChange(offcuts.map((one, index) => (index === at ? { ...one, [key]: text } : one)))}
    />
  );
  return (
    <p className="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
      <Choice
        open
        small
        value=""
        options={[
          { value: '', label: words.addAnOffcut },
          ...stocks.map(({ stock, name }) => ({ value: stock, label: name })),
        ]}
        label={words.addAnOffcut}
        onChange={add}
      />
      {offcuts.map((offcut, at) => (
        <span key={at} className="inline-flex items-baseline gap-2">
          {words.offcut} {at + 1}
          {offcut.section.form === 'sheet' ? (
            <>
              {side(offcut, at, 'width')} × {side(offcut, at, 'height')}
            </>
          ) : (
            side(offcut, at, 'length')
          )}
        </span>
      ))}
    </p>
  );
}

function LossLine({ lossMg, issuedMg, usual }: { lossMg: number; issuedMg: number; usual: LossRange }) {
  const share = issuedMg > 0 ? (100 * lossMg) / issuedMg : 0;
  const tone = isUnusual(lossMg, issuedMg, usual) ? 'text-warn' : 'text-good';
  return (
    <p className="mt-2 text-[15px]">
      <b className={`num ${tone}`}>
        {words.loss} {gramsOfMg(lossMg)} g, {showNumber(share, 1)} %
      </b>{' '}
      <span className="aside">
        {words.usually} {showNumber(100 * Math.max(0, usual.low), 1)} {words.to} {showNumber(100 * usual.high, 1)} %:{' '}
        {usual.why}
      </span>
    </p>
  );
}

/** The settled balance: issued is pieces, scrap and loss. */
function Balance({ entry, count }: { entry: MetalEntry; count: BatchCount }) {
  const sum = (isThere: (place: string) => boolean) => mgAt(entry, isThere);
  const issuedMg = -sum((place) => place.startsWith('work/'));
  const finishedMg = sum((place) => place === 'finished');
  const scrapMg = sum((place) => place.startsWith('jar/'));
  const offcutMg = sum((place) => place === 'stock');
  const lossMg = sum((place) => place === 'loss');
  const usual = useUsualLoss(count);
  const cells = [
    [words.held, issuedMg],
    [words.inPieces, finishedMg],
    [words.offcuts, offcutMg],
    [words.inJars, scrapMg],
    [words.loss, lossMg],
  ] as const;
  return (
    <>
      <table className="rows mt-2 max-w-[620px]" aria-label={words.balance}>
        <TableHeader of={cells.map(([name]) => ({ end: `${name}, g` }))} />
        <tbody>
          <tr className="border-b border-hair">
            {cells.map(([name, mg]) => (
              <td key={name} className="end num">
                {gramsOfMg(mg)}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      <LossLine lossMg={lossMg} issuedMg={issuedMg} usual={usual} />
      {isUnusual(lossMg, issuedMg, usual) && (
        <>
          <LossCauses
            causes={lossCauses(
              count,
              { issuedMg, finishedMg, pieces: entry.detail.finished?.pieces ?? 0, offcutMg, scrapMg },
              usual,
              [],
            )}
          />
          {entry.why && (
            <p className="aside">
              {words.reason}: {entry.why}
            </p>
          )}
        </>
      )}
    </>
  );
}
