import { keysOf } from '../../core/studio';
import { QueryClientProvider } from '@tanstack/react-query';
import { useState } from 'react';
import type { ShelfView } from '../../app/shelf/shelf';
import type { Units } from '../../core/measure';
import { useUnits } from '../../ui/words/units';
import { LedgerTable } from './ledger-table';
import { OutlookTable } from './buying/outlook-table';
import { OrderTable } from './buying/order-table';
import { StockTable } from './stock-table';
import type { Masses, Choice } from '../../app/shelf/shelf-choices';
import { shelfClient, useShelf, type FirstSeen } from './use-shelf';
import { Refusal } from '../../ui/refusal';
import { Tabs } from '../../ui/tabs';

const VIEWS = { stock: 'Stock', outlook: 'Outlook', orders: 'Orders', ledger: 'Ledger' } as const;
type View = keyof typeof VIEWS;

interface Props {
  initial: ShelfView;
  units: Units;
  view: string | null;
  /** What is looked at first: an item, and a lot of it. */
  item: string | null;
  lot: string | null;
  choices: readonly Choice[];
  masses: Masses;
  today: string;
}

function Shelf({ initial, units: firstUnits, view: firstView, item, lot, choices, masses, today }: Props) {
  const units = useUnits(firstUnits);
  const [view, setView] = useState<View>(keysOf(VIEWS).find((known) => known === firstView) ?? 'stock');
  const [selected, setSelected] = useState<string | null>(item);
  const model = useShelf(initial, selected);
  const go = (to: View) => {
    setView(to);
    window.history.replaceState(null, '', to === 'stock' ? '/shelf' : `/shelf?view=${to}`);
  };
  return (
    <div>
      <Tabs label="The shelf" views={VIEWS} shown={view} onShow={go}>
        <Refusal why={model.problem} className="mx-4 mb-2" />
        <p role="status" className="quiet px-4 text-sm">
          {model.done}
        </p>
        {view === 'stock' && (
          <StockTable
            model={model}
            units={units}
            choices={choices}
            masses={masses}
            lot={lot}
            selected={selected}
            onSelect={setSelected}
          />
        )}
        {view === 'outlook' && <OutlookTable model={model} units={units} today={today} />}
        {view === 'orders' && <OrderTable model={model} units={units} />}
        {view === 'ledger' && <LedgerTable model={model} units={units} lot={null} />}
      </Tabs>
    </div>
  );
}

/** The shelf's island. What is seen first comes with it. */
export function ShelfScreen({ first, ...props }: Props & { first: FirstSeen }) {
  const [client] = useState(() => shelfClient(first, props.item));
  return (
    <QueryClientProvider client={client}>
      <Shelf {...props} />
    </QueryClientProvider>
  );
}
