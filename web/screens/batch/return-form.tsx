// What came back from a batch, as it is typed: the loss shows at once.
import { useState } from 'react';
import { type JarKind, jarKinds } from '../../../core/account/place.ts';
import { isUnusual, type LossRange } from '../../../core/account/usual-loss.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { lossCauses } from '../../../core/batch/loss-problem.ts';
import { metalOfBatch } from '../../../core/batch/metal-of-batch.ts';
import { type ReadReturn, readReturn, type TypedReturn } from '../../../core/batch/read-return.ts';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { gramsOfMg } from '../../components/metal-entries.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBooked } from '../../components/use-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useReturnMetalMutation } from '../../state/endpoints/account.ts';
import { useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { jarWords } from '../../words/account.ts';
import { words } from '../../words/batch-metal.ts';
import { LossCauses } from './loss-causes.tsx';
import { LossLine, useUsualLoss } from './metal-balance.tsx';
import { OffcutsBack } from './offcuts-back.tsx';

interface ReturnFormProps {
  readonly id: string;
  readonly count: BatchCount;
  readonly held: readonly { readonly alloy: string; readonly mg: number }[];
  readonly onDone: () => void;
}

export function ReturnForm({ id, count, held, onDone }: ReturnFormProps) {
  const { day } = useNow();
  const { rates } = useBasis();
  const [send, { error, isLoading }] = useReturnMetalMutation();
  const booked = useBooked();
  const [typed, setTyped] = useState<TypedReturn>(() => ({
    on: day,
    finished: '',
    pieces: String(count.quantity),
    other: '',
    scrap: [],
    offcuts: [],
    why: '',
  }));
  const change = (part: Partial<TypedReturn>) => setTyped({ ...typed, ...part });
  const read = readReturn(typed, { held, count, alloys: rates.alloys, currency: rates.currency });
  const usual = useUsualLoss(count);
  const isBegun = typed.finished.trim() !== '' || read.pieces === 0;
  const unusual = isBegun && isUnusual(read.lossMg, read.issuedMg, usual);
  const save = async () => {
    if (booked(await send({ id, ...typed, on: day }), words.returnBooked)) onDone();
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
      <PiecesBack typed={typed} read={read} count={count} onChange={change} />
      <ScrapBack alloys={held.map(({ alloy }) => alloy)} scrap={typed.scrap} onChange={(scrap) => change({ scrap })} />
      <OffcutsBack
        count={count}
        alloys={held.map(({ alloy }) => alloy)}
        offcuts={typed.offcuts}
        onChange={(offcuts) => change({ offcuts: [...offcuts] })}
      />
      {isBegun && <LossLine lossMg={read.lossMg} issuedMg={read.issuedMg} usual={usual} />}
      {unusual && (
        <Reason count={count} read={read} usual={usual} why={typed.why} onChange={(why) => change({ why })} />
      )}
      <p className="mt-2 flex items-baseline gap-4">
        <button type="submit" className="button" disabled={!isBegun || isLoading || (unusual && !typed.why.trim())}>
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

interface PiecesBackProps {
  readonly typed: TypedReturn;
  readonly read: ReadReturn;
  readonly count: BatchCount;
  readonly onChange: (part: Partial<TypedReturn>) => void;
}

function PiecesBack({ typed, read, count, onChange }: PiecesBackProps) {
  const estimate = metalOfBatch(count);
  return (
    <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
      <span>
        <Field
          open
          className="num"
          value={typed.pieces}
          label={words.goodPieces}
          onChange={(pieces) => onChange({ pieces })}
        />{' '}
        {words.goodPieces}
      </span>
      <span>
        {words.weighTogether}{' '}
        <Field
          open
          className="num"
          value={typed.finished}
          label={words.finishedWeigh}
          placeholder={`${gramsOfMg(estimate.netMg + estimate.otherMg)} g`}
          onChange={(finished) => onChange({ finished })}
          autoFocus
        />
      </span>
      <span className="text-soft">
        {words.ofItSolder}{' '}
        <Field
          open
          className="num"
          value={typed.other}
          label={words.solderAndFindings}
          placeholder={`${gramsOfMg(read.otherMg)} g`}
          onChange={(other) => onChange({ other })}
        />
      </span>
    </p>
  );
}

const backKinds = jarKinds.filter((kind) => kind !== 'mixed');

interface ScrapBackProps {
  readonly alloys: readonly string[];
  readonly scrap: TypedReturn['scrap'];
  readonly onChange: (scrap: TypedReturn['scrap']) => void;
}

function ScrapBack({ alloys, scrap, onChange }: ScrapBackProps) {
  const { rates } = useBasis();
  const at = (kind: JarKind, alloy: string) => scrap.find((one) => one.kind === kind && one.alloy === alloy);
  const write = (kind: JarKind, alloy: string, grams: string) =>
    onChange([...scrap.filter((one) => one !== at(kind, alloy)), { kind, alloy, grams }]);
  const name = (alloy: string) => rates.alloys.get(alloy)?.name ?? alloy;
  return (
    <table className="rows mt-2 max-w-[560px]" aria-label={words.scrapBack}>
      <TableHeader of={[words.scrapBack, ...backKinds.map((kind) => ({ end: `${jarWords[kind]}, g` }))]} />
      <tbody>
        {alloys.map((alloy) => (
          <tr key={alloy} className="border-b border-hair">
            <td className="first">{name(alloy)}</td>
            {backKinds.map((kind) => (
              <td key={kind} className="end num">
                <Field
                  end
                  open
                  className="num"
                  value={at(kind, alloy)?.grams ?? ''}
                  label={`${name(alloy)}, ${jarWords[kind]}`}
                  placeholder="0"
                  onChange={(grams) => write(kind, alloy, grams)}
                />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface ReasonProps {
  readonly count: BatchCount;
  readonly read: ReadReturn;
  readonly usual: LossRange;
  readonly why: string;
  readonly onChange: (why: string) => void;
}

/** Likely causes of an unusual loss, and the reason that is asked for. */
function Reason({ count, read, usual, why, onChange }: ReasonProps) {
  const { rates } = useBasis();
  const { data: shelf } = useGetShelfQuery();
  // What lies in the drawers may have been taken by mistake.
  const others = [...new Set((shelf?.lots ?? []).map(({ alloy }) => alloy))].flatMap(
    (alloy) => rates.alloys.get(alloy) ?? [],
  );
  return (
    <>
      <LossCauses causes={lossCauses(count, read, usual, others)} />
      <p className="mt-2 text-[15px]">
        <Field
          open
          wide
          value={why}
          label={words.reason}
          placeholder={words.reasonNeeded}
          maxLength={400}
          onChange={onChange}
        />
      </p>
    </>
  );
}
