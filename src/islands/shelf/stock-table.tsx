import { Download, PackagePlus, Upload } from 'lucide-react';
import { useState } from 'react';
import type { Units } from '../../core/measure';
import { ITEM_KINDS, kindOf, type ItemKind } from '../../core/shelf';
import { amountOf } from '../../ui/words/amount';
import { Swatch } from '../../ui/pictures/swatch';
import { ImportStock } from './import-stock';
import { ItemTray } from './item-tray';
import { ScanButton } from '../scan/scan-button';
import { ReceiveForm } from './receive-form';
import type { Choice, Masses } from '../../app/shelf/shelf-choices';
import type { ShelfModel } from './use-shelf';
import { Heads, num } from '../../ui/heads';

const KIND_NAMES: Record<ItemKind, string> = {
  cord: 'Cord',
  hardware: 'Beads and hardware',
  consumable: 'Consumables',
  tool: 'Tools',
};

/** What is on the shelf, by kind; the chosen item opens beside it. */
export function StockTable({
  model,
  units,
  choices,
  masses,
  lot,
  selected,
  onSelect,
}: {
  model: ShelfModel;
  units: Units;
  choices: readonly Choice[];
  masses: Masses;
  /** The lot that was come for. */
  lot: string | null;
  selected: string | null;
  onSelect: (item: string | null) => void;
}) {
  const [search, setSearch] = useState('');
  const [open, setOpen] = useState<'receive' | 'import' | null>(null);
  // Beside a tray, or on a phone, there is room for what there is of it.
  const few = selected ? 'narrow:hidden' : 'max-md:hidden';
  const wanted = search.trim().toLowerCase();
  const lines = model.shelf.lines.filter(({ doc }) => doc.name.toLowerCase().includes(wanted));
  return (
    <div>
      <div className={`flex flex-wrap items-center gap-3 px-4 py-1 ${selected ? 'max-sm:hidden' : ''}`}>
        <input
          type="search"
          className="input input-sm w-64"
          placeholder="Find on the shelf"
          aria-label="Find on the shelf"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <button type="button" className="btn btn-primary btn-sm" onClick={() => setOpen('receive')}>
          <PackagePlus size={15} aria-hidden="true" /> Receive
        </button>
        <button type="button" className="btn btn-sm" onClick={() => setOpen('import')}>
          <Upload size={15} aria-hidden="true" /> Stock or count from a file
        </button>
        <ScanButton />
        <a className="btn btn-sm" href="/api/export/shelf.csv">
          <Download size={15} aria-hidden="true" /> Shelf as CSV
        </a>
      </div>
      {open === 'receive' && <ReceiveForm model={model} units={units} choices={choices} onDone={() => setOpen(null)} />}
      {open === 'import' && <ImportStock model={model} units={units} onDone={() => setOpen(null)} />}
      {model.shelf.lines.length === 0 && (
        <section className="px-4 py-6">
          <h2 className="text-xl">The shelf is empty</h2>
          <p className="mt-1">Receive what is there: a spool, a bag of buckles, or a whole list from a file.</p>
        </section>
      )}
      <div className="flex">
        <div className={`min-w-0 flex-1 px-2 pb-8 ${selected ? 'max-sm:hidden' : ''}`}>
          {ITEM_KINDS.map((kind) => {
            const own = lines.filter(({ doc }) => kindOf(doc.id) === kind);
            return (
              own.length > 0 && (
                <table key={kind} className="sheet mt-3">
                  <caption className="px-2 text-left font-display text-lg font-semibold">{KIND_NAMES[kind]}</caption>
                  <Heads
                    of={[
                      'Item',
                      num('On hand', 'w-22'),
                      num('Reserved', `w-22 ${few}`),
                      num('Free', 'w-22'),
                      num('On order', `w-22 ${few}`),
                      num('Lots', `w-12 ${few}`),
                    ]}
                  />
                  <tbody>
                    {own.map(({ doc, hex, hand, held, ordered, lots }) => (
                      <tr key={doc.id} aria-selected={doc.id === selected} onClick={() => onSelect(doc.id)}>
                        <td>
                          <button type="button" className="flex items-center gap-2 text-left hover:underline">
                            {hex && <Swatch hex={hex} />} {doc.name}
                          </button>
                        </td>
                        <td className="num">{amountOf(doc.id, hand, units)}</td>
                        <td className={`num quiet ${few}`}>{held > 0 ? amountOf(doc.id, held, units) : ''}</td>
                        <td className="num">{amountOf(doc.id, hand - held, units)}</td>
                        <td className={`num quiet ${few}`}>{ordered > 0 ? amountOf(doc.id, ordered, units) : ''}</td>
                        <td className={`num quiet ${few}`}>{lots}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              )
            );
          })}
        </div>
        {selected && (
          <ItemTray
            key={selected}
            model={model}
            units={units}
            masses={masses}
            first={lot}
            onClose={() => onSelect(null)}
          />
        )}
      </div>
    </div>
  );
}
