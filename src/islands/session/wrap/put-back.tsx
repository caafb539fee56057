import { useMemo, useState } from 'react';
import { bareUnit, formatLength, parseLength, type Units } from '../../../core/measure';
import type { Wrap } from '../../../core/session';
import { cordOf } from '../../../core/shelf';
import { useBooking } from '../model/use-booking';
import type { SessionModel } from '../model/use-session';
import { Refusal } from '../../../ui/refusal';
import { leftByItem } from './left-by-item';
import { LongEnough } from './long-enough';
import { day } from '../../../ui/words/region';

/** Reads what came back of one item: lengths apart by commas or semicolons, or one number. */
function readBack(item: string, text: string, units: Units): { amounts: number[] } | { problem: string } {
  if (!cordOf(item)) {
    return /^\d+$/.test(text.trim()) && Number(text) > 0
      ? { amounts: [Number(text)] }
      : { problem: 'A whole number of pieces' };
  }
  const amounts: number[] = [];
  for (const part of text.split(/;|,(?!\d)/)) {
    const reading = parseLength(part, bareUnit(units));
    if (!reading.ok) return { problem: `${reading.fault.problem}: “${part.trim()}”` };
    amounts.push(Math.floor(reading.value.mm));
  }
  return { amounts };
}

/**
 * What goes back on the shelf: the ends that were typed and are long enough to keep, each as an offcut, unless something else is written
 * here; hardware as a number. One press; what is shorter is scrap.
 */
export function PutBack({
  model,
  issued,
  wrap,
  name,
  units,
}: {
  model: SessionModel;
  /** What was issued to the session, and how much of it; null where nothing was. */
  issued: Readonly<Record<string, number>> | null;
  wrap: Wrap;
  name: (item: string) => string;
  units: Units;
}) {
  const { view, seats, figures } = model;
  const { id } = view.session;
  const [written, setWritten] = useState<Readonly<Record<string, string>>>({});
  const [done, setDone] = useState<string | null>(null);
  const { sending, refused, setRefused, send } = useBooking(id);
  const left = useMemo(() => leftByItem(seats, view.noted, figures.keep), [seats, view.noted, figures.keep]);
  if (!issued)
    return (
      <section>
        <h2 className="text-lg">Back on the shelf</h2>
        <p className="quiet">Nothing was issued from the shelf for this session: nothing goes back.</p>
        <LongEnough model={model} left={left} name={name} units={units} />
      </section>
    );
  const back = wrap.returned_on !== null;
  const textOf = (item: string): string =>
    written[item] ?? (back ? '' : (left.get(item)?.keep ?? []).map((mm) => formatLength(mm, units)).join('; '));
  const scrap = [...left.values()].flatMap((one) => one.scrap);
  const save = async () => {
    const filled = Object.keys(issued).flatMap((item) => (textOf(item).trim() === '' ? [] : [item]));
    const read = filled.map((item) => ({ item, ...readBack(item, textOf(item), units) }));
    const bad = read.find((one) => 'problem' in one);
    if (bad && 'problem' in bad) return setRefused(`${name(bad.item)}: ${bad.problem}.`);
    const leftovers = read.flatMap((one) => ('amounts' in one ? [{ item: one.item, amounts: one.amounts }] : []));
    setDone(null);
    if (!(await send('POST', 'leftovers', { leftovers }))) return;
    setWritten({});
    const count = leftovers.reduce((sum, one) => sum + one.amounts.length, 0);
    setDone(count === 0 ? 'Nothing was left: all is accounted for.' : `${count} back on the shelf.`);
  };
  return (
    <section aria-labelledby="put-back">
      <h2 id="put-back" className="text-lg">
        Back on the shelf
      </h2>
      <p className="quiet text-sm">
        Ends of {formatLength(figures.keep, units)} and more, as they were typed above, each an offcut.
        {scrap.length > 0 &&
          ` ${scrap.length} shorter, ${formatLength(
            scrap.reduce((sum, mm) => sum + mm, 0),
            units,
          )} in all, are scrap.`}
        {back && ` Put back on ${day(wrap.returned_on!, 'short')}; more can follow.`}
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <ul>
          {Object.keys(issued).map((item) => (
            <li key={item} className="border-b hair py-0.5">
              <label className="flex items-center gap-2">
                <span className="min-w-0 flex-1 truncate">{name(item)}</span>
                <input
                  className="input input-sm w-44"
                  value={textOf(item)}
                  placeholder={cordOf(item) ? (units === 'in' ? '18 in; 2 ft' : '45 cm; 60 cm') : '0'}
                  autoComplete="off"
                  onChange={(event) => setWritten({ ...written, [item]: event.target.value })}
                />
              </label>
            </li>
          ))}
        </ul>
        <Refusal why={refused} className="mt-1" />
        <div className="mt-2 flex items-center gap-3">
          <button className="btn btn-primary btn-sm" disabled={sending || model.saveState !== 'saved'}>
            Put it back on the shelf
          </button>
          <span role="status" className="quiet text-sm">
            {done}
          </span>
        </div>
      </form>
      <LongEnough model={model} left={left} name={name} units={units} />
    </section>
  );
}
