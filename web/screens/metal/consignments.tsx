// What is at the refiner, and what settlements brought against what was expected.
import { useState } from 'react';
import type { Consignment, JarsPage } from '../../../contract/account.ts';
import { type FineMetal, fineMetals } from '../../../core/account/entry.ts';
import { showValue } from '../../../core/figure/show.ts';
import { shortDay } from '../../../core/format/days.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { fixMetalNames } from '../../../core/metal/fine-price.ts';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { Tick } from '../../components/labelled.tsx';
import { gramsOfMg } from '../../components/metal-entries.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBooked } from '../../components/use-booked.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useSettleMutation } from '../../state/endpoints/account.ts';
import { words as accountWords } from '../../words/account.ts';
import { words } from '../../words/metal.ts';

export function Consignments({ consignments, learned }: Pick<JarsPage, 'consignments' | 'learned'>) {
  const away = consignments.filter(({ settled }) => !settled);
  const settled = consignments.filter((one) => one.settled);
  return (
    <>
      <h2>{words.atTheRefiner}</h2>
      {away.length === 0 && <p className="aside mt-1">{accountWords.none}</p>}
      {away.map((one) => (
        <Away key={one.id} consignment={one} />
      ))}
      {settled.length > 0 && (
        <>
          <h2 className="mt-6">{words.settled}</h2>
          <table className="rows" aria-label={words.settled}>
            <TableHeader of={[words.refiner, { end: words.expected }, { end: words.paidLower }]} />
            <tbody>
              {settled.map((one) => (
                <SettledRow key={one.id} consignment={one} />
              ))}
            </tbody>
          </table>
          <p className="aside mt-2">
            {words.learned} {showNumber(100 * learned.factor, 1)} % {words.ofExpected}
          </p>
        </>
      )}
    </>
  );
}

function SettledRow({
  consignment: { refiner, on, mg, fine, currency, expectedMinor, settled },
}: {
  consignment: Consignment;
}) {
  if (!settled) return null;
  const share = expectedMinor > 0 ? settled.settledMinor / expectedMinor - 1 : 0;
  return (
    <tr className="border-b border-hair">
      <td className="first">
        {refiner}
        <span className="aside block num">
          {gramsOfMg(mg)} g, {shortDay(on)} – {shortDay(settled.on)}
        </span>
        <span className="aside num block">{assayInWords(fine, settled.fine)}</span>
        <span className="aside block">{settled.isCredit && words.asCredit}</span>
      </td>
      <td className="end num">{showValue(expectedMinor, currency)}</td>
      <td className="end num">
        {showValue(settled.settledMinor, currency)}
        <span className="aside block">
          {share > 0 ? '+' : ''}
          {showNumber(100 * share, 1)} %
        </span>
        {settled.chargeMinor > 0 && (
          <span className="aside block">
            − {showValue(settled.chargeMinor, currency)} {words.charge}
          </span>
        )}
      </td>
    </tr>
  );
}

function Away({ consignment: { id, refiner, on, mg, fine, currency, expectedMinor } }: { consignment: Consignment }) {
  const [assay, setAssay] = useState<Readonly<Partial<Record<FineMetal, string>>>>({});
  const { day } = useNow();
  const [settle, { error, isLoading }] = useSettleMutation();
  const booked = useBooked();
  const [paid, setPaid] = useState('');
  const [charge, setCharge] = useState('');
  const [isCredit, setCredit] = useState(false);
  const save = async () => {
    const answer = await settle({ id, on: day, paid, charge, assay, isCredit, why: '' });
    booked(answer, words.settlementRecorded);
  };
  return (
    <section className="mt-2 border-b border-hair pb-3" aria-label={`${words.atTheRefiner}: ${refiner}`}>
      <p>
        {refiner}
        <span className="aside block num">
          {gramsOfMg(mg)} g, {words.sent} {shortDay(on)}, {words.expected} {showValue(expectedMinor, currency)}
        </span>
      </p>
      <form
        className="chrome mt-1 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[15px]"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Field
          open
          className="num"
          value={paid}
          label={words.paidForMetal}
          placeholder={words.paidForMetal}
          onChange={setPaid}
        />
        <span>
          {words.charge}{' '}
          <Field
            open
            className="num"
            value={charge}
            label={words.chargeForTheLot}
            placeholder="0"
            onChange={setCharge}
          />
        </span>
        {assayedMetals(fine).map((metal) => (
          <span key={metal}>
            {fixMetalNames[metal]}{' '}
            <Field
              open
              className="num"
              value={assay[metal] ?? ''}
              label={`${words.assay}, ${fixMetalNames[metal]}`}
              placeholder={`${gramsOfMg(fine[metal])} g`}
              onChange={(text) => setAssay({ ...assay, [metal]: text })}
            />
          </span>
        ))}
        <Tick word={words.asCredit} label={words.asCredit} checked={isCredit} onChange={setCredit} />
        <button type="submit" className="link" disabled={!paid.trim() || isLoading}>
          {words.recordSettlement}
        </button>
      </form>
      <Failure of={[error]} />
    </section>
  );
}

/** Metals to assay: those of the account; of unknown scrap silver and gold. */
function assayedMetals(fine: Consignment['fine']): readonly FineMetal[] {
  const known = fineMetals.filter((metal) => fine[metal] > 0);
  return known.length > 0 ? known : ['Ag', 'Au'];
}

/** What the assay found of what the account had: `silver 183.20 of 185.00 g`. */
function assayInWords(booked: Consignment['fine'], assayed: Consignment['fine']): string {
  return fineMetals
    .filter((metal) => booked[metal] !== assayed[metal])
    .map(
      (metal) => `${fixMetalNames[metal]} ${gramsOfMg(assayed[metal])} ${words.ofBooked} ${gramsOfMg(booked[metal])} g`,
    )
    .join(', ');
}
