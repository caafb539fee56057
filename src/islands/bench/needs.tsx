import { Flame, Hand } from 'lucide-react';
import { queuesOf, type Waiting } from '../../core/bench';
import type { BenchModel } from './model/use-bench';
import { useNow } from './use-now';
import { sinceWords } from './words';

/** What needs the instructor, in the order it was asked; and the station: who is at it, since when, and who is next. */
export function Needs({ model, onOpen }: { model: BenchModel; onOpen: (id: string) => void }) {
  const { bench, seats, say, clock, view } = model;
  const now = useNow(clock, 10_000);
  const { help, ready, turn } = queuesOf(bench);
  const nameOf = (id: string): string => seats.find((seat) => seat.id === id)?.plan.label ?? 'somebody';
  const { adults } = view.session.room;
  if (help.length + ready.length + turn.length === 0) return null;
  const chip = ({ seat, since }: Waiting) => (
    <button type="button" className="btn h-11 min-w-0 text-lg" onClick={() => onOpen(seat)}>
      <strong className="max-w-44 truncate">{nameOf(seat)}</strong> <span>{sinceWords(since, now)}</span>
    </button>
  );
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-2 border-b hair bg-base-200 px-3 py-2">
      {help.length > 0 && (
        <section aria-label="Asks for help" className="flex flex-wrap items-center gap-2">
          <h2 className="flex items-center gap-1.5 text-lg">
            <Hand size={20} aria-hidden="true" className="text-accent" /> Help
          </h2>
          <ol className="contents">
            {help.map((one) => (
              <li key={one.seat} className="flex">
                {chip(one)}
                <button
                  type="button"
                  className="btn btn-ghost h-11 text-base"
                  aria-label={`${nameOf(one.seat)} is helped`}
                  onClick={() => say('helped', one.seat)}
                >
                  Helped
                </button>
              </li>
            ))}
          </ol>
        </section>
      )}
      {ready.length + turn.length > 0 && (
        <section aria-label="The station" className="flex flex-wrap items-center gap-2">
          <h2 className="flex items-center gap-1.5 text-lg">
            <Flame size={20} aria-hidden="true" /> Station
          </h2>
          <ol className="contents">
            {turn.map((one) => (
              <li key={one.seat} className="flex items-center">
                <span className="pr-1 text-base">now</span> {chip(one)}
                <button
                  type="button"
                  className="btn btn-primary h-11 text-base"
                  aria-label={`${nameOf(one.seat)} is done`}
                  onClick={() => say('done', one.seat)}
                >
                  Done
                </button>
              </li>
            ))}
            {ready.map((one, i) => (
              <li key={one.seat} className="flex items-center">
                {i === 0 && <span className="pr-1 text-base">next</span>} {chip(one)}
                {i === 0 && turn.length < adults && (
                  <button
                    type="button"
                    className="btn h-11 text-base"
                    aria-label={`${nameOf(one.seat)} comes to the station`}
                    onClick={() => say('turn', one.seat)}
                  >
                    Come
                  </button>
                )}
              </li>
            ))}
          </ol>
        </section>
      )}
    </div>
  );
}
