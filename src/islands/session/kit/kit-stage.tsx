import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileText, PackageCheck, PackageOpen, Printer, Undo2 } from 'lucide-react';
import { useState } from 'react';
import type { SessionStock } from '../../../app/kits';
import type { SessionView } from '../../../app/session';
import { kitCost, totalCost, type KitCost } from '../../../core/kit';
import { formatLength, type Units } from '../../../core/measure';
import { packingOf, type BagLine } from '../../../core/session';
import { money } from '../../../ui/amount';
import { request, type RequestProblem } from '../../../ui/api';
import { Swatch } from '../../../ui/swatch';
import { viewKey } from '../send';
import type { SessionModel } from '../use-session';
import { itemLook } from './item-look';
import { LabelPrinterPanel } from './label-printer-panel';
import { Leftovers } from './leftovers';

/** A kit's cost, and whether something of it has no price. */
function CostWords({ cost }: { cost: KitCost }) {
  return (
    <>
      {cost.unknown.length > 0 && <span title="Something of it has no price">over </span>}
      {money(Math.round(cost.minor))}
    </>
  );
}

/** The kits: a bag a seat to tick off, what the room shares, labels, the issue from the shelf and what comes back. */
export function KitStage({
  model,
  units,
  selected,
  onSelect,
}: {
  model: SessionModel;
  units: Units;
  selected: string | null;
  onSelect: (id: string) => void;
}) {
  const { view, seats, stages } = model;
  const { id, kits, lanes } = view.session;
  const { figures } = view.studio.settings;
  const client = useQueryClient();
  const [sending, setSending] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const ages = new Map(view.seats.map((seat) => [seat.id, seat.age]));
  const { bags, spares, tools } = packingOf(
    seats.map(({ record, plan }) => ({ id: record.id, accepted: record.accepted, plan })),
    figures,
    (seat) => (ages.get(seat) ?? 99) < figures.flame_age,
  );
  const { data: stock } = useQuery<SessionStock, RequestProblem>({
    queryKey: ['stock', id, 'kit'],
    queryFn: () => request('GET', `/api/sessions/${id}/stock`),
  });
  const prices = Object.fromEntries(
    Object.entries(stock?.prices ?? {}).flatMap(([item, price]) =>
      stock?.packs[item] ? [[item, price / stock.packs[item]]] : [],
    ),
  );
  const costs = seats.map(({ plan }) => kitCost(plan, prices, figures));
  const total = totalCost(costs);
  const ticks = new Set(kits?.ticks);
  const issued = kits?.issued ?? null;
  const state = stages.find(({ stage }) => stage === 'kit')!;
  const tick = (ids: readonly string[], on: boolean) => {
    const next = new Set(ticks);
    for (const one of ids) {
      if (on) next.add(one);
      else next.delete(one);
    }
    model.act({ kind: 'ticks', ticks: [...next] });
  };
  const send = async (method: 'POST' | 'DELETE') => {
    setSending(true);
    setRefused(null);
    try {
      const next = await request<SessionView>(method, `/api/sessions/${id}/kits`, {
        version: view.session.version,
        key: crypto.randomUUID(),
      });
      client.setQueryData(viewKey(id), next);
      await client.invalidateQueries({ queryKey: ['stock', id] });
    } catch (problem) {
      setRefused((problem as RequestProblem).message);
    } finally {
      setSending(false);
    }
  };
  if (bags.length === 0) return <p className="p-4">Nobody is seated yet: there is nothing to pack.</p>;
  const words = (line: BagLine) =>
    `${line.count} × ${line.mm === null ? '' : `${formatLength(line.mm, units, 'up')} of `}${itemLook(line.item, view.studio).name}`;
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3 px-4 py-2">
        {issued ? (
          <>
            <span className="flex items-center gap-1.5">
              <PackageCheck size={16} aria-hidden="true" /> Issued from the shelf on {issued.on}.
            </span>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              disabled={sending}
              onClick={() => void send('DELETE')}
            >
              <Undo2 size={15} aria-hidden="true" /> Take the issue back
            </button>
          </>
        ) : (
          <>
            <button
              type="button"
              className="btn btn-primary btn-sm"
              disabled={sending || !lanes || model.saveState !== 'saved'}
              onClick={() => void send('POST')}
            >
              <PackageOpen size={15} aria-hidden="true" /> Issue all kits from the shelf
            </button>
            {!lanes && (
              <span className="quiet text-sm">
                First lay the cuts out and reserve them: <strong>Cut, From the shelf</strong>.
              </span>
            )}
          </>
        )}
        <a className="btn btn-sm" href={`/sessions/${id}/cards`}>
          <Printer size={15} aria-hidden="true" /> Kit cards
        </a>
        <a className="btn btn-sm" href={`/api/sessions/${id}/labels?kind=bags`}>
          <FileText size={15} aria-hidden="true" /> Bag labels (PDF)
        </a>
        <a className="btn btn-sm" href={`/api/sessions/${id}/labels?kind=cuts`}>
          <FileText size={15} aria-hidden="true" /> Cut labels (PDF)
        </a>
      </div>
      {state.line.startsWith('Came undone') && (
        <p className="mx-4 mb-2 text-sm">
          <strong className="text-accent">{state.line}</strong>
        </p>
      )}
      {refused && (
        <p role="alert" className="mx-4 mb-2 border border-error px-3 py-1.5 text-sm text-error">
          {refused}
        </p>
      )}
      <div className="grid gap-6 px-2 xl:grid-cols-[1fr_20rem]">
        <table className="sheet">
          <caption className="sr-only">Packing list, a bag a seat</caption>
          <thead>
            <tr>
              <th scope="col" className="w-10">
                <span className="sr-only">Packed</span>
              </th>
              <th scope="col" className="num w-12">
                Bag
              </th>
              <th scope="col" className="w-56">
                For
              </th>
              <th scope="col">What goes in</th>
              <th scope="col" className="num w-20">
                Cost
              </th>
            </tr>
          </thead>
          <tbody>
            {bags.map((bag, i) => {
              const ids = [...bag.lines.map((line) => line.id), `${bag.seat}/card`];
              const all = ids.every((one) => ticks.has(one));
              return (
                <tr key={bag.seat} aria-selected={bag.seat === selected}>
                  <td className="align-top">
                    <input
                      type="checkbox"
                      className="checkbox mt-1"
                      checked={all}
                      aria-label={`Bag ${bag.number} of ${bag.label} is packed`}
                      onChange={(event) => tick(ids, event.target.checked)}
                    />
                  </td>
                  <td className="num align-top pt-1.5 text-lg font-semibold">{bag.number}</td>
                  <td className="align-top pt-1.5">
                    <button type="button" className="text-left hover:underline" onClick={() => onSelect(bag.seat)}>
                      {bag.label}
                    </button>
                    <span className="quiet block text-sm">{bag.project || 'no project yet'}</span>
                  </td>
                  <td className="align-top">
                    <ul className="flex flex-wrap gap-x-5 py-1">
                      {bag.lines.map((line) => {
                        const { hex } = itemLook(line.item, view.studio);
                        return (
                          <li key={line.id}>
                            <label className="flex items-center gap-1.5">
                              <input
                                type="checkbox"
                                className="checkbox checkbox-sm size-6"
                                checked={ticks.has(line.id)}
                                onChange={(event) => tick([line.id], event.target.checked)}
                              />
                              {hex && <Swatch hex={hex} />}
                              {words(line)}
                            </label>
                          </li>
                        );
                      })}
                      <li>
                        <label className="flex items-center gap-1.5">
                          <input
                            type="checkbox"
                            className="checkbox checkbox-sm size-6"
                            checked={ticks.has(`${bag.seat}/card`)}
                            onChange={(event) => tick([`${bag.seat}/card`], event.target.checked)}
                          />
                          Card: name, size, steps, cautions
                        </label>
                      </li>
                    </ul>
                  </td>
                  <td className="num align-top pt-1.5">{stock && <CostWords cost={costs[i]!} />}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <div className="space-y-5 px-2">
          {stock && (
            <section>
              <h2 className="text-lg">Cost</h2>
              <p>
                <strong className="text-lg tabular-nums">{money(Math.round(total.minor))}</strong> for {seats.length}{' '}
                {seats.length === 1 ? 'kit' : 'kits'}, by the price of a pack.
              </p>
              {total.unknown.length > 0 && (
                <p className="quiet text-sm">
                  Without {total.unknown.map((item) => itemLook(item, view.studio).name).join(', ')}: no price is known.
                </p>
              )}
            </section>
          )}
          <section>
            <h2 className="text-lg">For the room</h2>
            <ul>
              {tools.map(({ tool, count, seats: n, each }) => (
                <li key={tool} className="flex justify-between gap-3 border-b hair py-1">
                  <span>
                    {count} × {tool}
                  </span>
                  <span className="quiet text-sm">
                    {n} {n === 1 ? 'seat' : 'seats'}, {each} to one
                  </span>
                </li>
              ))}
              {tools.length === 0 && <li className="quiet">No shared tool.</li>}
            </ul>
          </section>
          <section>
            <h2 className="text-lg">Spares</h2>
            <ul>
              {spares.map(({ item, count }) => (
                <li key={item} className="border-b hair py-1">
                  {count} × {itemLook(item, view.studio).name}
                </li>
              ))}
              {spares.length === 0 && <li className="quiet">None needed.</li>}
            </ul>
          </section>
          <LabelPrinterPanel session={id} />
          {issued && <Leftovers session={id} issued={issued.items} studio={view.studio} units={units} />}
        </div>
      </div>
    </div>
  );
}
