import { useState } from 'react';
import type { Order } from '../../../data/shelf/orders';
import type { Units } from '../../../core/measure';
import { amountOf } from '../../../ui/words/amount';
import { day, money } from '../../../ui/words/region';
import { book, request } from '../../../ui/api';
import type { ShelfModel } from '../use-shelf';
import { Heads, num } from '../../../ui/heads';

function OrderRow({ order, name, model, units }: { order: Order; name: string; model: ShelfModel; units: Units }) {
  const left = order.packs - order.received;
  const [packs, setPacks] = useState(String(left));
  const [place, setPlace] = useState('');
  const count = /^\d+$/.test(packs) ? Number(packs) : 0;
  return (
    <tr>
      <td>
        {name}
        {order.note && <span className="quiet block text-sm">{order.note}</span>}
      </td>
      <td className="num">
        {order.packs} × {amountOf(order.item, order.pack, units)}
      </td>
      <td className="num">{order.received}</td>
      <td>{day(order.due_on, 'short')}</td>
      <td className="num">{order.price === null ? '' : money(order.price * order.packs)}</td>
      <td>
        <form
          className="flex items-center justify-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void model.act(
              () => book('POST', `/api/orders/${order.id}`, { packs: count, place }),
              `${count} ${count === 1 ? 'pack' : 'packs'} of ${name} on the shelf.`,
            );
          }}
        >
          <label className="flex items-center gap-1 text-sm">
            Packs
            <input
              className="input input-sm w-16 text-right"
              aria-label={`Packs of ${name} that came`}
              inputMode="numeric"
              value={packs}
              onChange={(event) => setPacks(event.target.value)}
            />
          </label>
          <label className="flex items-center gap-1 text-sm">
            Place
            <input
              className="input input-sm w-28"
              aria-label={`Place for ${name}`}
              value={place}
              maxLength={80}
              onChange={(event) => setPlace(event.target.value)}
            />
          </label>
          <button className="btn btn-sm" disabled={model.busy || count < 1}>
            Receive
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            disabled={model.busy}
            onClick={() =>
              void model.act(
                () => request('DELETE', `/api/orders/${order.id}`, { version: order.version }),
                'Cancelled what had not come.',
              )
            }
          >
            Cancel the rest
          </button>
        </form>
      </td>
    </tr>
  );
}

/** Orders on their way: received in full or in part, or cancelled. */
export function OrderTable({ model, units }: { model: ShelfModel; units: Units }) {
  const { orders, lines } = model.shelf;
  const names = new Map(lines.map(({ doc }) => [doc.id, doc.name]));
  if (orders.length === 0)
    return (
      <p className="px-4 py-3">Nothing is on its way. What the sessions ahead lack is ordered from the outlook.</p>
    );
  return (
    <div className="px-2 pb-8">
      <table className="sheet">
        <caption className="sr-only">Orders on their way, soonest first</caption>
        <Heads of={['Item', num('Ordered'), num('Came'), 'Due', num('Cost'), num('Delivery')]} />
        <tbody>
          {orders.map((order) => (
            <OrderRow
              key={`${order.id} ${order.received}`}
              order={order}
              name={names.get(order.item) ?? order.item}
              model={model}
              units={units}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}
