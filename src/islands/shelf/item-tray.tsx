import { X } from 'lucide-react';
import { useState } from 'react';
import { formatLength, type Units } from '../../core/measure';
import { cordOf, type Item } from '../../core/shelf';
import type { Lot } from '../../data/shelf/lots';
import { amountOf } from '../../ui/words/amount';
import { request } from '../../ui/api';
import { TextCell } from '../../ui/fields/text-cell';
import { LedgerTable } from './ledger-table';
import { BuyingFields } from './buying-fields';
import { LotMove } from './lot-move';
import { LotUses } from './lot-uses';
import type { Masses } from '../../app/shelf/shelf-choices';
import { useUnits } from '../../ui/words/units';
import type { ShelfModel } from './use-shelf';
import { WeighLot } from './weigh-lot';
import { Heads, num } from '../../ui/heads';

/** One item beside the list: its lots with what can be done to them, how it is bought, and the movements of a lot. */
export function ItemTray({
  model,
  units: firstUnits,
  masses,
  first,
  onClose,
}: {
  model: ShelfModel;
  units: Units;
  masses: Masses;
  /** The lot that is chosen at first. */
  first: string | null;
  onClose: () => void;
}) {
  const units = useUnits(firstUnits);
  const [lot, setLot] = useState<string | null>(first);
  const { item } = model;
  if (!item) return <aside className="w-[25rem] max-w-full shrink-0 border-l hair p-4">Looking…</aside>;
  const { line, lots } = item;
  const { doc, version } = line;
  const cord = cordOf(doc.id);
  const edit = (changes: Partial<Item>) =>
    void model.act(
      () => request('PUT', `/api/shelf/items/${doc.id}`, { version, doc: { ...doc, ...changes } }),
      'Saved.',
    );
  const chosen = lots.find((one) => one.id === lot) ?? null;
  const estimate = cord ? masses.estimates[cord.cord] : undefined;
  return (
    <aside className="w-[25rem] shrink-0 border-l hair max-sm:w-full max-sm:border-l-0" aria-label={doc.name}>
      <div className="sticky top-0 max-h-screen overflow-y-auto p-4">
        <div className="flex items-start justify-between gap-2">
          <h2 className="text-xl">{doc.name}</h2>
          <button type="button" className="btn btn-ghost btn-sm" onClick={onClose} aria-label="Close">
            <X size={16} aria-hidden="true" />
          </button>
        </div>
        <h3 className="mt-3 text-lg">Lots</h3>
        {lots.length === 0 && <p className="quiet text-sm">None: all of it is used up.</p>}
        {lots.length > 0 && (
          <a className="link text-sm" href={`/api/shelf/labels?item=${encodeURIComponent(doc.id)}`} download>
            Labels for them
          </a>
        )}
        <table className="sheet text-sm">
          <caption className="sr-only">Lots of {doc.name}</caption>
          <Heads of={['Lot', 'Place', num('On hand'), num('Reserved')]} />
          <tbody>
            {lots.map((one: Lot) => (
              <tr key={one.id} aria-selected={one.id === lot}>
                <td>
                  <button
                    type="button"
                    className="whitespace-nowrap hover:underline"
                    aria-expanded={one.id === lot}
                    onClick={() => setLot(one.id === lot ? null : one.id)}
                  >
                    {one.kind} {one.number}
                  </button>
                </td>
                <td>
                  <TextCell
                    label={`Place of lot ${one.number}`}
                    value={one.place}
                    maxLength={80}
                    onChange={(place) =>
                      void model.act(
                        () =>
                          request('PATCH', `/api/shelf/lots/${one.id}`, {
                            version: one.version,
                            place,
                            tare: one.tare,
                          }),
                        'Saved.',
                      )
                    }
                  />
                </td>
                <td className="num">
                  {one.kind === 'offcut' ? formatLength(one.hand, units, 'down') : amountOf(doc.id, one.hand, units)}
                </td>
                <td className="num quiet">{one.held > 0 ? amountOf(doc.id, one.held, units) : ''}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {chosen && (
          <div className="mt-2 border-l-4 border-primary bg-base-200 px-3 py-2">
            <p className="font-semibold">
              Lot {chosen.number}, {chosen.kind}
            </p>
            <LotMove key={chosen.id} lot={chosen} model={model} units={units} />
            {cord && chosen.kind !== 'offcut' && (
              <WeighLot
                lot={chosen}
                mass={doc.mass ?? estimate ?? null}
                measured={doc.mass !== null}
                doubt={doc.mass === null ? masses.doubt.estimated : masses.doubt.weighed}
                model={model}
                units={units}
              />
            )}
            {cord && <LotUses key={chosen.id} lot={chosen.id} units={units} />}
            <LedgerTable model={model} units={units} lot={chosen.id} />
          </div>
        )}
        <h3 className="mt-4 text-lg">How it is bought</h3>
        <BuyingFields item={doc} estimate={estimate} units={units} onEdit={edit} />
      </div>
    </aside>
  );
}
