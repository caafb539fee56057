import { keysOf } from '../../core/studio';
import { useState } from 'react';
import type { Units } from '../../core/measure';
import { kindOf } from '../../core/shelf';
import type { Lot } from '../../data/shelf/lots';
import { LengthField } from '../../ui/fields/length-field';
import { book } from '../../ui/api';
import type { ShelfModel } from './use-shelf';

const KINDS = { count: 'Counted: there is', waste: 'Wasted', issue: 'Taken for use', return: 'Put back' } as const;

/** What is done to a lot by hand: counted, wasted, taken or put back. */
export function LotMove({ lot, model, units }: { lot: Lot; model: ShelfModel; units: Units }) {
  const [kind, setKind] = useState<keyof typeof KINDS>('count');
  const [amount, setAmount] = useState<number | null>(null);
  const isCord = kindOf(lot.item) === 'cord';
  const save = async () => {
    if (amount === null) return;
    const given = { kind, amount, note: '' };
    const ok = await model.act(
      () => book('POST', `/api/shelf/lots/${lot.id}`, given),
      `Entered in the ledger: lot ${lot.number}.`,
    );
    if (ok) setAmount(null);
  };
  return (
    <form
      className="my-1 flex flex-wrap items-end gap-2 text-sm"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <label>
        <span className="sr-only">What happened</span>
        <select
          className="select select-sm"
          value={kind}
          onChange={(e) => setKind(keysOf(KINDS).find((one) => one === e.target.value) ?? kind)}
        >
          {Object.entries(KINDS).map(([one, words]) => (
            <option key={one} value={one}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <div className="w-28">
        {isCord ? (
          <LengthField
            className="rounded border hair bg-base-100"
            label="Length"
            placeholder={units === 'in' ? '3 yd' : '2.4 m'}
            value={amount}
            units={units}
            range={{ min: 0, max: 2_000_000, name: 'length' }}
            onChange={setAmount}
          />
        ) : (
          <input
            className="input input-sm w-full text-right"
            aria-label="Pieces"
            inputMode="numeric"
            value={amount ?? ''}
            onChange={(event) => setAmount(/^\d+$/.test(event.target.value) ? Number(event.target.value) : null)}
          />
        )}
      </div>
      <button className="btn btn-sm" disabled={model.busy || amount === null}>
        Enter
      </button>
    </form>
  );
}
