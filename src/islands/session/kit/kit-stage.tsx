import { FileText, ListChecks, PackageCheck, PackageOpen, Printer, Undo2 } from 'lucide-react';
import { consumableNeeds, kitCost, totalCost } from '../../../core/kit';
import { childrenOf, packingOf } from '../../../core/session';
import { useBooking } from '../model/use-booking';
import { useStock } from '../model/use-stock';
import { BagTable, hasCord } from './bag-table';
import { itemLook } from './item-look';
import { LabelPrinterPanel } from './label-printer-panel';
import type { PanelProps } from '../board/stage-panel';
import { RoomList } from './room-list';
import { ScanButton } from '../../scan/scan-button';
import { Refusal } from '../../../ui/refusal';
import { day } from '../../../ui/words/region';

/** The kits: a bag a seat to tick off, what the room shares, labels, and the issue from the shelf. */
export function KitStage({ model, units, selected, onSelect }: PanelProps) {
  const { view, seats, figures, stages } = model;
  const { id, kits, lanes } = view.session;
  const { sending, refused, send } = useBooking(id);
  const issue = (method: 'POST' | 'DELETE') => void send(method, 'kits', { version: view.session.version });
  const { bags, spares, tools } = packingOf(seats, figures, childrenOf(view.seats, figures));
  const stock = useStock(id);
  const prices = Object.fromEntries(
    Object.entries(stock?.prices ?? {}).flatMap(([item, price]) =>
      stock?.packs[item] ? [[item, price / stock.packs[item]]] : [],
    ),
  );
  const name = (item: string): string => stock?.names[item] ?? itemLook(item, view.studio).name;
  const costs = seats.map(({ plan }) => kitCost(plan, prices, figures, stock?.consumables ?? []));
  const issued = kits?.issued ?? null;
  const state = stages.find(({ stage }) => stage === 'kit')!;
  if (bags.length === 0) return <p className="p-4">Nobody is seated yet: there is nothing to pack.</p>;
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3 px-4 py-2">
        {issued ? (
          <>
            <span className="flex items-center gap-1.5">
              <PackageCheck size={16} aria-hidden="true" /> Issued from the shelf on {day(issued.on, 'short')}.
            </span>
            <button type="button" className="btn btn-ghost btn-sm" disabled={sending} onClick={() => issue('DELETE')}>
              <Undo2 size={15} aria-hidden="true" /> Take the issue back
            </button>
          </>
        ) : (
          <>
            <button
              type="button"
              className="btn btn-primary btn-sm"
              disabled={sending || !lanes || model.saveState !== 'saved'}
              onClick={() => issue('POST')}
            >
              <PackageOpen size={15} aria-hidden="true" /> Issue all kits from the shelf
            </button>
            {!lanes && (
              <span className="quiet order-last basis-full text-sm">
                First lay the cuts out and reserve them: <strong>Cut, From the shelf</strong>.
              </span>
            )}
          </>
        )}
        <a className="btn btn-sm" href={`/sessions/${id}/packing`}>
          <ListChecks size={15} aria-hidden="true" /> Packing list
        </a>
        <a className="btn btn-sm" href={`/sessions/${id}/cards`}>
          <Printer size={15} aria-hidden="true" /> Kit cards
        </a>
        <a className="btn btn-sm" href={`/api/sessions/${id}/labels?kind=bags`}>
          <FileText size={15} aria-hidden="true" /> Bag labels (PDF)
        </a>
        <a className="btn btn-sm" href={`/api/sessions/${id}/labels?kind=cuts`}>
          <FileText size={15} aria-hidden="true" /> Cut labels (PDF)
        </a>
        <ScanButton />
      </div>
      {state.code === 'came-undone' && (
        <p className="mx-4 mb-2 text-sm">
          <strong className="text-accent">{state.line}</strong>
        </p>
      )}
      <Refusal why={refused} className="mx-4 mb-2" />
      {/* With a seat's tray open there is room for one column. */}
      <div
        className={`grid items-start gap-6 px-2 ${selected === null ? 'xl:grid-cols-[1fr_20rem]' : '2xl:grid-cols-[1fr_20rem]'}`}
      >
        <BagTable
          bags={bags}
          costs={stock ? costs : null}
          studio={view.studio}
          units={units}
          ticks={new Set(kits?.ticks)}
          selected={selected}
          onSelect={onSelect}
          onTick={(ticks) => model.act({ kind: 'ticks', ticks })}
        />
        <div className="space-y-5 px-2">
          <RoomList
            seats={seats.length}
            fitted={bags.filter(hasCord).length}
            cost={stock ? totalCost(costs) : null}
            needs={consumableNeeds(
              seats.map(({ plan }) => plan),
              stock?.consumables ?? [],
            )}
            tools={tools}
            spares={spares}
            stock={stock ?? null}
            name={name}
          />
          <LabelPrinterPanel session={id} />
        </div>
      </div>
    </div>
  );
}
