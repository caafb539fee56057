import { useState } from 'react';
import { parseLength, type Units } from '../../../core/measure';
import { cordOf } from '../../../core/shelf';
import { useBooking } from '../model/use-booking';
import { Refusal } from '../../../ui/refusal';

/** Reads what came back of one item: lengths apart by commas or semicolons, or one number. */
function readBack(item: string, text: string, units: Units): { amounts: number[] } | { problem: string } {
  if (!cordOf(item)) {
    return /^\d+$/.test(text.trim()) && Number(text) > 0
      ? { amounts: [Number(text)] }
      : { problem: 'A whole number of pieces' };
  }
  const amounts: number[] = [];
  for (const part of text.split(/;|,(?!\d)/)) {
    const reading = parseLength(part, units);
    if (!reading.ok) return { problem: `${reading.fault.problem}: “${part.trim()}”` };
    amounts.push(Math.floor(reading.value.mm));
  }
  return { amounts };
}

/** What comes back after the session, typed down a column: cord as lengths, each an offcut; anything else as a number. */
export function Leftovers({
  session,
  issued,
  name,
  keep,
  units,
}: {
  session: string;
  issued: Readonly<Record<string, number>>;
  name: (item: string) => string;
  /** The shortest offcut worth keeping, mm. */
  keep: number;
  units: Units;
}) {
  const [written, setWritten] = useState<Readonly<Record<string, string>>>({});
  const [done, setDone] = useState<string | null>(null);
  const { sending, refused, setRefused, send } = useBooking(session);
  const save = async () => {
    const filled = Object.entries(written).filter(([, text]) => text.trim() !== '');
    const read = filled.map(([item, text]) => ({ item, ...readBack(item, text, units) }));
    const bad = read.find((one) => 'problem' in one);
    if (bad && 'problem' in bad) return setRefused(`${name(bad.item)}: ${bad.problem}.`);
    const leftovers = read.flatMap((one) => ('amounts' in one ? [{ item: one.item, amounts: one.amounts }] : []));
    setDone(null);
    if (!(await send('POST', 'leftovers', { leftovers }))) return;
    setWritten({});
    setDone(`${leftovers.reduce((sum, one) => sum + one.amounts.length, 0)} back on the shelf.`);
  };
  return (
    <section>
      <h2 className="text-lg">What came back</h2>
      <p className="quiet text-sm">
        Lengths of cord apart by semicolons, such as 45 cm; 60 cm. Shorter than {keep / 10} cm is scrap: leave it out.
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <ul>
          {Object.keys(issued).map((item) => (
            <li key={item} className="border-b hair py-1">
              <label className="block text-sm">
                {name(item)}
                <input
                  className="input input-sm w-full"
                  value={written[item] ?? ''}
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
          <button
            className="btn btn-sm"
            disabled={sending || Object.values(written).every((text) => text.trim() === '')}
          >
            Put it back on the shelf
          </button>
          <span role="status" className="quiet text-sm">
            {done}
          </span>
        </div>
      </form>
    </section>
  );
}
