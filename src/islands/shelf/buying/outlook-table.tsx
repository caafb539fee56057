import { ShoppingBasket } from 'lucide-react';
import { Fragment, useState } from 'react';
import type { ItemOutlook } from '../../../app/buying/outlook';
import type { Units } from '../../../core/measure';
import { amountOf } from '../../../ui/words/amount';
import { day, money } from '../../../ui/words/region';
import { book } from '../../../ui/api';
import { Refusal } from '../../../ui/refusal';
import { Swatch } from '../../../ui/pictures/swatch';
import { LevelChart } from './level-chart';
import { NeedLines } from './need-lines';
import { OrderAll } from './order-all';
import { useOutlook, type ShelfModel } from '../use-shelf';
import { Heads, num, unseen } from '../../../ui/heads';

const dayOf = (iso: string): string => day(iso, 'short');

/** Every item the sessions ahead need: what is short first, by when to order it, and what it costs. */
export function OutlookTable({ model, units, today }: { model: ShelfModel; units: Units; today: string }) {
  const { data, error, isLoading } = useOutlook();
  const [open, setOpen] = useState<string | null>(null);
  const [ordering, setOrdering] = useState(false);
  if (isLoading) return <p className="px-4 py-2">Netting the sessions ahead…</p>;
  if (!data) return <Refusal why={error?.message} className="m-4" />;
  const short = data.items.filter((item) => item.short > 0);
  const cost = short.reduce((sum, item) => sum + (item.cost ?? 0), 0);
  const ahead = data.hasLater
    ? `the next ${data.sessions} sessions (later ones are not counted yet)`
    : `the ${data.sessions} sessions ahead`;
  const order = (item: ItemOutlook) =>
    void model.act(
      () => book('POST', '/api/orders', { lines: [{ item: item.item, packs: item.packs }] }),
      `${item.name} is ordered.`,
    );
  if (data.items.length === 0)
    return <p className="px-4 py-3">No session ahead needs anything yet: give the seats projects and cords.</p>;
  return (
    <div className="px-2 pb-8">
      <div className="flex flex-wrap items-center justify-between gap-3 px-2 py-1">
        <p>
          {short.length === 0
            ? `Everything is there for ${ahead}.`
            : `${short.length} of ${data.items.length} items fall short in ${ahead}${cost > 0 ? `; buying them costs ${money(cost)}` : ''}.`}
        </p>
        {short.length > 0 && (
          <button
            type="button"
            className="btn btn-primary btn-sm"
            aria-expanded={ordering}
            onClick={() => setOrdering(!ordering)}
          >
            <ShoppingBasket size={15} aria-hidden="true" /> Order all that is short
          </button>
        )}
      </div>
      {ordering && short.length > 0 && (
        <OrderAll short={short} model={model} units={units} onDone={() => setOrdering(false)} />
      )}
      <div className="overflow-x-auto">
        <table className="sheet">
          <caption className="sr-only">Outlook by item, what is short first</caption>
          <Heads
            of={[
              'Item',
              num('On hand'),
              num('Reserved'),
              num('On order'),
              num('Missing'),
              'First short',
              'Order by',
              num('Packs'),
              num('Cost'),
              unseen('Order'),
            ]}
          />
          <tbody>
            {data.items.map((item) => {
              const late = item.order_by !== null && item.order_by < today;
              return (
                <Fragment key={item.item}>
                  <tr aria-selected={open === item.item}>
                    <td>
                      <button
                        type="button"
                        className="flex items-center gap-2 text-left hover:underline"
                        aria-expanded={open === item.item}
                        onClick={() => setOpen(open === item.item ? null : item.item)}
                      >
                        {item.hex && <Swatch hex={item.hex} />} {item.name}
                      </button>
                    </td>
                    <td className="num">{amountOf(item.item, item.hand, units)}</td>
                    <td className="num quiet">{item.held > 0 ? amountOf(item.item, item.held, units) : ''}</td>
                    <td className="num quiet">{item.ordered > 0 ? amountOf(item.item, item.ordered, units) : ''}</td>
                    <td className="num">
                      {item.short > 0 && (
                        <strong className="text-error">{amountOf(item.item, item.short, units, 'needed')}</strong>
                      )}
                    </td>
                    <td>{item.short_on && dayOf(item.short_on)}</td>
                    <td className={late ? 'font-bold text-error' : ''}>
                      {item.order_by && `${dayOf(item.order_by)}${late ? ' (past)' : ''}`}
                    </td>
                    <td className="num">{item.packs !== null && item.packs > 0 ? item.packs : ''}</td>
                    <td className="num">{item.cost !== null && item.cost > 0 ? money(item.cost) : ''}</td>
                    <td className="text-right">
                      {item.packs !== null && item.packs > 0 && (
                        <button
                          type="button"
                          className="btn btn-sm whitespace-nowrap"
                          disabled={model.busy || item.offer === null || item.offer.packs === 0}
                          onClick={() => order(item)}
                        >
                          <ShoppingBasket size={14} aria-hidden="true" />
                          {item.offer === null
                            ? 'No supplier'
                            : item.offer.packs === 0
                              ? 'Supplier is out'
                              : `Order ${item.packs}`}
                        </button>
                      )}
                    </td>
                  </tr>
                  {open === item.item && (
                    <tr>
                      <td colSpan={10} className="bg-base-200">
                        <div className={item.levels.length > 0 ? 'grid items-start gap-4 lg:grid-cols-2' : ''}>
                          {item.levels.length > 0 && (
                            <LevelChart
                              item={item.item}
                              name={item.name}
                              hand={item.hand}
                              levels={item.levels}
                              today={today}
                              units={units}
                            />
                          )}
                          <NeedLines item={item} units={units} />
                        </div>
                        {item.short > 0 && item.hand - item.held >= item.short && (
                          <p className="px-2 pb-1 text-sm">
                            There is as much in all, but no piece of it is long enough: a cut is never joined.
                          </p>
                        )}
                        {item.offer && (
                          <p className="quiet px-2 pb-2 text-sm">
                            {item.offer.supplier}: packs of {amountOf(item.item, item.offer.pack, units)} at{' '}
                            {money(item.offer.price)}, {item.offer.lead_days} days, {item.offer.packs} in stock.
                          </p>
                        )}
                      </td>
                    </tr>
                  )}
                </Fragment>
              );
            })}
          </tbody>
        </table>
      </div>
    </div>
  );
}
