// Solder, findings and consumables: in stock, needed by batches, and the reorder level.
import { useState } from 'react';
import { reorderLevel } from '../../../core/account/reorder.ts';
import type { Goods } from '../../../core/batch/buying/buying-list.ts';
import { type GoodsCounted, type GoodsName, goodsUnits, type Stocked } from '../../../core/batch/buying/goods.ts';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import type { Figure } from '../../../core/figure/figure.ts';
import { showFigure, showValue } from '../../../core/figure/show.ts';
import { Calculation } from '../../components/calculation.tsx';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useCountGoodsMutation } from '../../state/endpoints/stock.ts';
import { problemOf } from '../../state/saving.ts';
import { showToast } from '../../state/toasts.ts';
import { words } from '../../words/buying.ts';
import { USUAL_LEAD_DAYS } from './lead-days.ts';

interface GoodsThereProps {
  /** Quantity that open batches need. */
  readonly goods: readonly Goods[];
  readonly stocked: readonly Stocked[];
  readonly items: readonly SupplierItem[];
}

export function GoodsThere({ goods, stocked, items }: GoodsThereProps) {
  const [count, { error }] = useCountGoodsMutation();
  const leadOf = (key: string) => {
    const sold = items.filter(({ name }) => key.endsWith(name.trim().toLowerCase()));
    return sold.length > 0 ? Math.min(...sold.map(({ leadDays }) => leadDays)) : USUAL_LEAD_DAYS;
  };
  const names = [
    ...goods.map(({ key, name, unit }): GoodsName => ({ key, name, unit })),
    ...stocked.filter(({ key }) => goods.every((one) => one.key !== key)),
  ].sort((a, b) => a.name.localeCompare(b.name));
  return (
    <section className="chrome mt-6" aria-labelledby="there">
      <h2 id="there">{words.solderFindingsAndConsumables}</h2>
      {names.length > 0 && (
        <table className="rows" aria-label={words.solderFindingsAndConsumables}>
          <TableHeader
            of={['item', { end: 'needed' }, { end: 'in stock' }, { end: 'reorder at' }, { end: words.suggested }]}
          />
          <tbody>
            {names.map((name) => (
              <GoodsRow
                key={name.key}
                name={name}
                need={goods.find(({ key }) => key === name.key)}
                stocked={stocked.find(({ key }) => key === name.key)}
                onCount={(counted) => void count(counted)}
                leadDays={leadOf(name.key)}
              />
            ))}
          </tbody>
        </table>
      )}
      <NewConsumable onCount={(counted) => void count(counted)} />
      {error && <p className="problem">{problemOf(error)?.detail ?? words.cantConnectToNoonLedger}</p>}
      <p className="aside mt-1">{words.countOnceIssuingMetalTo}</p>
    </section>
  );
}

interface GoodsRowProps {
  readonly name: GoodsName;
  readonly need: Goods | undefined;
  readonly stocked: Stocked | undefined;
  readonly onCount: (counted: GoodsCounted) => void;
  /** Days until a delivery ordered today comes. */
  readonly leadDays: number;
}

function GoodsRow({ name: { key, name, unit }, need, stocked, onCount, leadDays }: GoodsRowProps) {
  const [open, setOpen] = useState(false);
  const level = levelOf(need, stocked, leadDays, unit);
  const amount = (value: number) => (value === 0 ? '' : showValue(value, unit));
  const [there, least] = [amount(stocked?.there ?? 0), amount(stocked?.least ?? 0)];
  // Saved when the field loses the focus: a count is one entry, not one a key.
  const [typed, setTyped] = useState<{ there?: string; least?: string }>({});
  const keep = () => {
    if (typed.there === undefined && typed.least === undefined) return;
    onCount({ key, name, unit, there, least, ...typed });
    setTyped({});
    showToast(`${words.counted}: ${name}`, () =>
      onCount({ key, name, unit, there: there || '0', least: least || '0' }),
    );
  };
  const field = (which: 'there' | 'least', value: string, label: string) => (
    <td
      className="end num"
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
      }}
    >
      <Field
        end
        open
        className="num"
        value={typed[which] ?? value}
        label={`${name}, ${label}`}
        placeholder="0"
        onChange={(next) => setTyped({ ...typed, [which]: next })}
      />
    </td>
  );
  return (
    <>
      <tr className="border-b border-hair [&>td]:align-baseline!">
        <td className="first text-[14px]">
          {name}
          {unit && <span className="text-soft">, {unit}</span>}
        </td>
        <td className="end num text-[14px]">{need && showFigure(need.need)}</td>
        {field('there', there, 'quantity in stock')}
        {field('least', least, 'reorder level')}
        <td className="end num text-[14px]">
          {level && (
            <button
              type="button"
              className="figure"
              aria-expanded={open}
              aria-label={`${name}, suggested reorder level: ${showValue(level.value, unit)}`}
              onClick={() => setOpen(!open)}
            >
              {showValue(level.value, unit)}
            </button>
          )}
        </td>
      </tr>
      {open && level && (
        <tr>
          <td colSpan={5} className="pb-2">
            <Calculation figure={level} />
            <button
              type="button"
              className="link text-[14px]"
              onClick={() => {
                onCount({ key, name, unit, there: there || '0', least: showValue(level.value, unit) });
                setOpen(false);
              }}
            >
              {words.useThisLevel}
            </button>
          </td>
        </tr>
      )}
    </>
  );
}

/** What open batches need, what is usually used and a margin; null while nothing speaks for a level. */
function levelOf(need: Goods | undefined, stocked: Stocked | undefined, leadDays: number, unit: string): Figure | null {
  const usedByMonth = stocked?.usedByMonth ?? [];
  const neededInTime = need?.need.value ?? 0;
  if (usedByMonth.length === 0 && neededInTime === 0) return null;
  const level = reorderLevel({ neededInTime, usedByMonth, leadDays, unit });
  return unit === 'g' ? level : { ...level, value: Math.ceil(level.value - 1e-9) };
}

const unitWords = { '': 'by count', g: 'by weight' } as const;

/** Saw blades, pickle, emery: no recipe counts them, so only their reorder level matters. */
function NewConsumable({ onCount }: Pick<GoodsRowProps, 'onCount'>) {
  const [name, setName] = useState('');
  const [unit, setUnit] = useState<GoodsName['unit']>('');
  const add = () => {
    const named = name.trim();
    if (named) onCount({ key: `consumable ${named.toLowerCase()}`, name: named, unit, there: '0', least: '1' });
    setName('');
  };
  return (
    <p className="mt-2 flex flex-wrap items-baseline gap-3 text-[15px]">
      <Field
        open
        wide
        value={name}
        label={words.addAConsumable}
        placeholder={words.sawBlades30}
        maxLength={120}
        onChange={setName}
      />
      <Choice
        small
        value={unit}
        options={goodsUnits.map((value) => ({ value, label: unitWords[value] }))}
        label={words.unit}
        onChange={(value) => setUnit(value === 'g' ? 'g' : '')}
      />
      <button type="button" className="link" disabled={!name.trim()} onClick={add}>
        {words.trackThisItem}
      </button>
    </p>
  );
}
