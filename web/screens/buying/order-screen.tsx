// An order: what was ordered, what came, how weight and price differ, and the text for the supplier.
import { useState } from 'react';
import { useParams } from 'react-router';
import { openPacks, type Order, orderInWords, type OrderLine, orderTable } from '../../../core/batch/buying/order.ts';
import { gramsOf, sectionOf } from '../../../core/batch/stock/shelf.ts';
import { showValue } from '../../../core/figure/show.ts';
import { fullDay, shortDay } from '../../../core/format/days.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { readMoney } from '../../../core/measure/read/read-money.ts';
import { readGrams, readPlain } from '../../../core/measure/read/read-number.ts';
import { Failure, isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { MetalNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useCancelOrderMutation, useGetOrdersQuery, useReceiveOrderMutation } from '../../state/endpoints/stock.ts';
import { showToast } from '../../state/toasts.ts';
import { words } from '../../words/orders.ts';

export function OrderScreen() {
  const { id = '' } = useParams();
  const { data } = useGetOrdersQuery();
  const order = data?.find((one) => one.id === id);
  if (data && !order) return <NotFound what="order" />;
  return order ? <OrderPages key={id} order={order} /> : null;
}

function OrderPages({ order }: { order: Order }) {
  const { studio, rates } = useBasis();
  const [cancel, { error }] = useCancelOrderMutation();
  const open = order.lines.filter((line) => openPacks(order, line) > 0);
  const text = orderInWords(order, [studio.name, studio.address].filter(Boolean).join('\n'));
  const total = order.lines.reduce((sum, { paidMinor }) => sum + paidMinor, 0);
  const title = `${words.order}, ${order.supplier}`;
  const copy = async () => {
    await navigator.clipboard.writeText(text);
    showToast(words.copied);
  };
  return (
    <Spread
      title={title}
      left={
        <>
          <MetalNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <h1>{title}</h1>
            <span className="chrome flex gap-4 text-[15px]">
              <button
                type="button"
                className="link"
                onClick={() => void saveTable(orderTable(order), `order ${order.supplier} ${order.on}.csv`)}
              >
                {words.exportCsv}
              </button>
              <button type="button" className="link" onClick={() => window.print()}>
                {words.print}
              </button>
            </span>
          </div>
          <p className="aside">
            {words.ordered} {fullDay(order.on)}
            {order.isCancelled && `, ${words.cancelled}`}
          </p>
          <table className="rows mt-3" aria-label={words.order}>
            <TableHeader of={[words.item, { end: words.packs }, { end: words.received }, { end: words.toPay }]} />
            <tbody>
              {order.lines.map((line) => (
                <tr key={line.id} className="border-b border-hair">
                  <td className="first">
                    {line.item.name}
                    <span className="aside block">{line.item.item}</span>
                  </td>
                  <td className="end num">{line.packs}</td>
                  <td className="end num">
                    {showNumber(receivedPacks(order, line), 0, 2)}
                    {order.receipts
                      .filter((one) => one.line === line.id)
                      .map((one) => (
                        <span key={`${one.on} ${String(one.entryId)}`} className="aside block">
                          {shortDay(one.on)}
                        </span>
                      ))}
                  </td>
                  <td className="end num">{showValue(line.paidMinor, line.item.currency)}</td>
                </tr>
              ))}
              <tr className="font-semibold">
                <td className="first">{words.total}</td>
                <td />
                <td />
                <td className="end num">{showValue(total, rates.currency)}</td>
              </tr>
            </tbody>
          </table>
          {open.length > 0 ? (
            <Receive key={String(order.receipts.length)} order={order} open={open} />
          ) : (
            <p className="mt-4 text-good">{order.isCancelled ? words.cancelled : words.allReceived}</p>
          )}
          {open.length > 0 && (
            <button type="button" className="link chrome mt-4 text-[15px]" onClick={() => void cancel(order.id)}>
              {words.cancelRest}
            </button>
          )}
          <Failure of={[error]} />
        </>
      }
      right={
        <section aria-labelledby="text">
          <div className="flex items-baseline justify-between">
            <h2 id="text">{words.textForSupplier}</h2>
            <button type="button" className="link chrome text-[14px]" onClick={() => void copy()}>
              {words.copyText}
            </button>
          </div>
          <pre className="mt-2 font-[inherit] text-[14px] whitespace-pre-wrap">{text}</pre>
        </section>
      }
      bottomLine={
        <span className="font-semibold">
          {open.length} {words.open}
        </span>
      }
    />
  );
}

function receivedPacks({ receipts }: Order, { id }: OrderLine): number {
  return receipts.filter(({ line }) => line === id).reduce((sum, { packs }) => sum + packs, 0);
}

interface Typed {
  readonly packs: string;
  readonly weighed: string;
  readonly paid: string;
}
const NOTHING: Typed = { packs: '', weighed: '', paid: '' };

function Receive({ order, open }: { order: Order; open: readonly OrderLine[] }) {
  const { day } = useNow();
  const [receive, { error, isLoading }] = useReceiveOrderMutation();
  const [typed, setTyped] = useState<Readonly<Record<string, Typed>>>({});
  const [postage, setPostage] = useState('');
  const of = (line: OrderLine) => typed[line.id] ?? NOTHING;
  const isBegun = open.some((line) => of(line).packs.trim());
  const save = async () => {
    const lines = open.filter((line) => of(line).packs.trim()).map((line) => ({ line: line.id, ...of(line) }));
    const answer = await receive({ id: order.id, on: day, postage, lines });
    if (isTaken(answer)) showToast(words.receiptSaved);
  };
  const all = () =>
    setTyped(Object.fromEntries(open.map((line) => [line.id, { ...of(line), packs: String(openPacks(order, line)) }])));
  return (
    <form
      className="chrome mt-6"
      aria-labelledby="receive"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex items-baseline justify-between">
        <h2 id="receive">{words.receive}</h2>
        <button type="button" className="link text-[14px]" onClick={all}>
          {words.wholeOrder}
        </button>
      </div>
      <table className="rows" aria-label={words.receive}>
        <TableHeader of={[words.item, { end: words.came }, { end: words.weighed }, { end: words.paid }]} />
        <tbody>
          {open.map((line) => (
            <ReceiveRow
              key={line.id}
              order={order}
              line={line}
              typed={of(line)}
              onChange={(next) => setTyped({ ...typed, [line.id]: next })}
            />
          ))}
        </tbody>
      </table>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-4 text-[15px]">
        <span>
          {words.postage}{' '}
          <Field open className="num" value={postage} label={words.postage} placeholder="0" onChange={setPostage} />
        </span>
        <button type="submit" className="button" disabled={!isBegun || isLoading}>
          {words.save}
        </button>
      </p>
      <Failure of={[error]} />
    </form>
  );
}

interface ReceiveRowProps {
  readonly order: Order;
  readonly line: OrderLine;
  readonly typed: Typed;
  readonly onChange: (typed: Typed) => void;
}

function ReceiveRow({ order, line, typed, onChange }: ReceiveRowProps) {
  const name = line.item.name;
  const field = (key: keyof Typed, label: string, placeholder: string) => (
    <td className="end num">
      <Field
        end
        open
        className="num"
        column={key}
        value={typed[key]}
        label={`${name}, ${label}`}
        placeholder={placeholder}
        onChange={(text) => onChange({ ...typed, [key]: text })}
      />
    </td>
  );
  return (
    <tr className="border-b border-hair">
      <td className="first">
        {name}
        <Differences line={line} typed={typed} />
      </td>
      {field('packs', words.came, String(openPacks(order, line)))}
      {line.goods ? <td /> : field('weighed', words.weighed, words.asMeasured)}
      {field('paid', words.paid, words.asOrdered)}
    </tr>
  );
}

/** Weight off by more than 3 %, or a price off by more than 1 %, is said at once. */
const WEIGHT_OFF = 0.03;
const PRICE_OFF = 0.01;

function Differences({ line, typed }: { line: OrderLine; typed: Typed }) {
  const { alloys, currency } = useBasis().rates;
  const packs = typed.packs.trim() ? readPlain(typed.packs, 'number', '1', () => undefined) : null;
  if (!packs?.ok || packs.value <= 0) return null;
  const { stock, pack } = line.item;
  const alloy = stock && alloys.get(stock.alloy);
  const weighed = typed.weighed.trim() ? readGrams(typed.weighed) : null;
  const paid = typed.paid.trim() ? readMoney(typed.paid, currency, 'amount') : null;
  const expected = stock && alloy ? packs.value * pack * gramsOf(sectionOf(stock), stock.size, alloy) : 0;
  const weightOff = weighed?.ok && expected > 0 ? weighed.value / expected - 1 : 0;
  const ordered = (line.paidMinor * packs.value) / line.packs;
  const priceOff = paid?.ok && ordered > 0 ? paid.value / ordered - 1 : 0;
  const percent = (share: number) => `${share > 0 ? '+' : '−'}${showNumber(100 * Math.abs(share), 1)} %`;
  return (
    <>
      {expected > 0 && <span className="aside num block">{showValue(expected, 'g')} g</span>}
      {Math.abs(weightOff) > WEIGHT_OFF && (
        <b className="block text-[14px] text-warn">
          {percent(weightOff)}. {words.checkWeight}
        </b>
      )}
      {Math.abs(priceOff) > PRICE_OFF && (
        <b className="block text-[14px] text-warn">
          {percent(priceOff)}. {words.checkPrice}
        </b>
      )}
    </>
  );
}
