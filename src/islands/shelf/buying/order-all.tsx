import { Mail, Printer } from 'lucide-react';
import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { ItemOutlook } from '../../../app/buying/outlook';
import type { Ordered } from '../../../app/buying/orders';
import type { Substitute } from '../../../app/buying/substitutes';
import type { Units } from '../../../core/measure';
import { orderGroups, usualWay } from '../../../core/shelf';
import { book, request, type RequestProblem } from '../../../ui/api';
import { day, money } from '../../../ui/words/region';
import { Heads, num, unseen } from '../../../ui/heads';
import { OrderGroupRows } from './order-group-rows';
import { mailOf, pageOf, type OrderLine } from './order-words';
import type { ShelfModel } from '../use-shelf';

/** Everything that is short as one order: by supplier and how long it takes, each line to be left out or bought otherwise; ordered, printed or mailed. */
export function OrderAll({
  short,
  model,
  units,
  onDone,
}: {
  short: readonly ItemOutlook[];
  model: ShelfModel;
  units: Units;
  onDone: () => void;
}) {
  const [packs, setPacks] = useState<Readonly<Record<string, number>>>({});
  const [without, setWithout] = useState<readonly string[]>([]);
  const { data: instead, isLoading } = useQuery<Readonly<Record<string, Substitute>>, RequestProblem>({
    queryKey: ['outlook', 'instead'],
    queryFn: () => request('GET', '/api/shelf/instead'),
  });
  const lines = short.flatMap((of): OrderLine[] => {
    const usual = usualWay(of.ways, of.pack, of.short_on!);
    const way = of.ways.find(({ pack }) => pack === packs[of.item]) ?? usual;
    return way ? [{ item: of.item, of, way, usual: usual!, without: without.includes(of.item) }] : [];
  });
  const open = short.filter(({ item }) => !lines.some((line) => line.item === item));
  const taken = lines.filter((line) => !line.without);
  const orderable = taken.filter(({ way }) => way.supplier !== '');
  const cost = taken.reduce((sum, { way }) => sum + way.cost, 0);
  const order = async () => {
    let notes: readonly string[] = [];
    const ok = await model.act(
      async () => {
        const given = orderable.map(({ item, way }) => ({ item, pack: way.pack, packs: way.needed }));
        ({ notes } = await book<Ordered>('POST', '/api/orders', { lines: given }));
      },
      () => [`${orderable.length} ordered.`, ...notes].join(' '),
    );
    if (ok) onDone();
  };
  return (
    <section aria-label="Order all that is short" className="mx-2 mb-4 border hair bg-base-200 px-3 py-2">
      <table className="sheet sheet-close table-fixed text-sm">
        <caption className="sr-only">What is short, by supplier and how long it takes</caption>
        <Heads
          of={[
            unseen('Order it', 'w-10'),
            { name: 'Item', width: 'w-[26%]' },
            num('Missing', 'w-24'),
            num('Packs', 'w-28'),
            num('Cost', 'w-20'),
            { name: 'Order by', width: 'w-28' },
            'Would save',
          ]}
        />
        {orderGroups(lines).map((group) => (
          <OrderGroupRows
            key={`${group.supplier} ${group.lead_days}`}
            group={group}
            units={units}
            instead={instead ?? {}}
            onPack={(item, pack) => setPacks({ ...packs, [item]: pack })}
            onTake={(item, taken) => setWithout(taken ? without.filter((one) => one !== item) : [...without, item])}
          />
        ))}
      </table>
      {open.length > 0 && (
        <p className="mt-2 text-sm">
          <strong>Nobody here sells as much of it:</strong> {open.map(({ name }) => name).join(', ')}. Say on the shelf
          how it is bought.
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={model.busy || orderable.length === 0}
          onClick={() => void order()}
        >
          Order these {orderable.length}
        </button>
        <a className="btn btn-sm" href={pageOf(lines)}>
          <Printer size={15} aria-hidden="true" /> Print the list
        </a>
        <a className="btn btn-sm" href={mailOf(orderGroups(taken), units)}>
          <Mail size={15} aria-hidden="true" /> Mail the list
        </a>
        <span>
          In all <strong className="tabular-nums">{money(cost)}</strong>
          {taken.length > 0 &&
            `, the last here on ${day(
              taken
                .map(({ way }) => way.comes_on)
                .sort()
                .at(-1)!,
            )}`}
        </span>
        <span className="quiet text-sm" role="status">
          {isLoading && 'Looking along the shelf for what would do instead…'}
        </span>
      </div>
    </section>
  );
}
