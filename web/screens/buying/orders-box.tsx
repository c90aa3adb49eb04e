// Orders: one press makes an order of a supplier's lines; open orders wait for what comes.
import { Link, useNavigate } from 'react-router';
import type { BuyingLine } from '../../../core/batch/buying/buying-list.ts';
import { type NewOrder, openPacks, type Order } from '../../../core/batch/buying/order.ts';
import { shortDay } from '../../../core/format/days.ts';
import { Failure } from '../../components/failure.tsx';
import { useNow } from '../../hooks/use-now.ts';
import { useAddOrderMutation, useGetOrdersQuery } from '../../state/endpoints/stock.ts';
import { words } from '../../words/orders.ts';

const NO_ORDERS: readonly Order[] = [];

/** @param lines  of the buying list that a supplier sells */
export function OrdersBox({ lines }: { lines: readonly BuyingLine[] }) {
  const { data: orders = NO_ORDERS } = useGetOrdersQuery();
  const { day } = useNow();
  const navigate = useNavigate();
  const [add, { error, isLoading }] = useAddOrderMutation();
  const open = orders.filter(isOpen);
  const suppliers = [...new Set(lines.map(({ item }) => item?.supplier ?? ''))];
  const onOrder = packsOnOrder(open);
  const make = async (supplier: string) => {
    const order = orderOf(supplier, lines, onOrder, day);
    const { data } = await add(order);
    if (data) void navigate(`/orders/${data.id}`);
  };
  return (
    <section className="chrome mt-6" aria-labelledby="orders">
      <h2 id="orders">{words.orders}</h2>
      {open.length === 0 && <p className="aside mt-1">{words.noOrders}</p>}
      <ul className="mt-1 text-[15px]">
        {open.map((order) => (
          <li key={order.id} className="border-b border-hair py-1">
            <Link className="link" to={`/orders/${order.id}`}>
              {order.supplier}
            </Link>
            , {shortDay(order.on)}{' '}
            <span className="aside">
              {order.lines.filter((line) => openPacks(order, line) > 0).length} / {order.lines.length} {words.open}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
        {suppliers
          .filter((supplier) => orderOf(supplier, lines, onOrder, day).lines.length > 0)
          .map((supplier) => (
            <button
              key={supplier}
              type="button"
              className="link text-[15px]"
              disabled={isLoading}
              onClick={() => void make(supplier)}
            >
              {words.orderFrom} {supplier}
            </button>
          ))}
      </p>
      <Failure of={[error]} />
    </section>
  );
}

const isOpen = (order: Order) => order.lines.some((line) => openPacks(order, line) > 0);
const keyOf = ({ supplier, item }: { supplier: string; item: string }) => `${supplier}\n${item}`;

function packsOnOrder(open: readonly Order[]): ReadonlyMap<string, number> {
  const packs = new Map<string, number>();
  for (const order of open)
    for (const line of order.lines)
      packs.set(keyOf(line.item), (packs.get(keyOf(line.item)) ?? 0) + openPacks(order, line));
  return packs;
}

/** What is on order already is not ordered again. */
function orderOf(
  supplier: string,
  lines: readonly BuyingLine[],
  onOrder: ReadonlyMap<string, number>,
  day: string,
): NewOrder {
  return {
    supplier,
    on: day,
    note: '',
    lines: lines.flatMap(({ key, item, packs, paid, need }, index) => {
      if (item?.supplier !== supplier || !paid) return [];
      const wanted = packs - (onOrder.get(keyOf(item)) ?? 0);
      if (wanted <= 0) return [];
      const unit = need.unit === 'g' ? 'g' : '';
      const goods = item.stock ? null : ({ key, unit } as const);
      return [
        { id: `l${String(index)}`, item, packs: wanted, paidMinor: Math.round((paid.value * wanted) / packs), goods },
      ];
    }),
  };
}
