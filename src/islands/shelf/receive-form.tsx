import { useState } from 'react';
import type { Units } from '../../core/measure';
import { kindOf, LOT_KINDS, namedItem, type LotKind } from '../../core/shelf';
import { book } from '../../ui/api';
import { LengthField } from '../../ui/fields/length-field';
import type { Choice } from '../../app/shelf/shelf-choices';
import type { ShelfModel } from './use-shelf';

/** An item that can be received: from the catalogue, or on the shelf already. */
const SPOOL = { min: 10, max: 2_000_000, name: 'length of cord' };

/** What can be new on a shelf: the catalogue knows the rest. */
const NEW_KINDS = ['consumable', 'tool'] as const;

/** Takes stock in: so many lots alike, each of one continuous length, or one bag of pieces; or something new by its name. */
export function ReceiveForm({
  model,
  units,
  choices,
  onDone,
}: {
  model: ShelfModel;
  units: Units;
  choices: readonly Choice[];
  onDone: () => void;
}) {
  const [what, setWhat] = useState('');
  const [newKind, setNewKind] = useState<'consumable' | 'tool' | ''>('');
  const [kind, setKind] = useState<LotKind>('spool');
  const [amount, setAmount] = useState<number | null>(null);
  const [times, setTimes] = useState('1');
  const [place, setPlace] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const name = what.trim();
  const own = model.shelf.lines.map(({ doc }) => ({ id: doc.id, name: doc.name }));
  const known = [...choices, ...own.filter(({ id }) => !choices.some((choice) => choice.id === id))];
  const found = known.find((choice) => choice.name.toLowerCase() === name.toLowerCase());
  // Somebody who types on could still mean one of the list.
  const begun = known.some((choice) => choice.name.toLowerCase().startsWith(name.toLowerCase()));
  const isNew = name !== '' && !found && !begun;
  const chosen = found ?? (isNew && newKind ? { id: namedItem(newKind, name), name } : undefined);
  const isCord = chosen ? kindOf(chosen.id) === 'cord' : !isNew;
  const save = async () => {
    if (!chosen)
      return setWrong(
        isNew
          ? 'The catalogue has nothing of this name: say whether it is a consumable or a tool.'
          : 'Choose one of the list: a cord with its colour, hardware, a tool; or write the name of something new.',
      );
    if (amount === null || amount < 1) return setWrong(isCord ? 'How long is each?' : 'How many pieces?');
    const count = isCord ? Number(times) : 1;
    if (!Number.isInteger(count) || count < 1 || count > 500) return setWrong('How many alike: 1 to 500.');
    setWrong(null);
    const lot = { kind: isCord ? (kind === 'bag' ? 'spool' : kind) : ('bag' as const), amount, place, tare: null };
    const named = ['consumable', 'tool'].includes(kindOf(chosen.id)) && { name: chosen.name };
    const receipt = { item: chosen.id, ...named, note: '', lots: Array(count).fill(lot) };
    const ok = await model.act(
      () => book('POST', '/api/shelf/receive', { receipts: [receipt] }),
      `${chosen.name} is on the shelf.`,
    );
    if (ok) onDone();
  };
  return (
    <form
      className="mx-4 my-2 flex flex-wrap items-end gap-3 border hair bg-base-200 px-3 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <label className="min-w-72 flex-1 text-sm">
        What came
        <input
          className="input input-sm w-full"
          list="receive-choices"
          value={what}
          maxLength={120}
          autoFocus
          autoComplete="off"
          placeholder="Satin cord 2 mm, Race blue"
          onChange={(event) => setWhat(event.target.value)}
        />
        <datalist id="receive-choices">
          {known.map((choice) => (
            <option key={choice.id} value={choice.name} />
          ))}
        </datalist>
      </label>
      {isNew && (
        <label className="text-sm">
          New, as
          <select
            className="select select-sm"
            value={newKind}
            onChange={(event) => setNewKind(NEW_KINDS.find((one) => one === event.target.value) ?? '')}
          >
            <option value="">choose…</option>
            <option value="consumable">a consumable</option>
            <option value="tool">a tool</option>
          </select>
        </label>
      )}
      {isCord ? (
        <>
          <label className="text-sm">
            As
            <select
              className="select select-sm"
              value={kind}
              onChange={(e) => setKind(LOT_KINDS.find((one) => one === e.target.value) ?? kind)}
            >
              {LOT_KINDS.filter((one) => one !== 'bag').map((one) => (
                <option key={one}>{one}</option>
              ))}
            </select>
          </label>
          <div className="w-32 text-sm">
            Each of
            <LengthField
              className="rounded border hair bg-base-100"
              label="Length of each"
              value={amount}
              units={units}
              range={SPOOL}
              placeholder={units === 'in' ? '33 yd' : '30 m'}
              onChange={setAmount}
            />
          </div>
          <label className="w-20 text-sm">
            How many
            <input
              className="input input-sm w-full"
              value={times}
              inputMode="numeric"
              onChange={(e) => setTimes(e.target.value)}
            />
          </label>
        </>
      ) : (
        <label className="w-28 text-sm">
          Pieces
          <input
            className="input input-sm w-full"
            inputMode="numeric"
            value={amount ?? ''}
            onChange={(event) => setAmount(/^\d+$/.test(event.target.value) ? Number(event.target.value) : null)}
          />
        </label>
      )}
      <label className="w-40 text-sm">
        Place
        <input
          className="input input-sm w-full"
          value={place}
          maxLength={80}
          onChange={(e) => setPlace(e.target.value)}
        />
      </label>
      <button className="btn btn-primary btn-sm" disabled={model.busy}>
        Put on the shelf
      </button>
      <button type="button" className="btn btn-ghost btn-sm" onClick={onDone}>
        Cancel
      </button>
      {wrong && (
        <p role="alert" className="w-full text-sm text-error">
          {wrong}
        </p>
      )}
    </form>
  );
}
