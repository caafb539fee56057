import { Clock, Grid2x2, ListOrdered, UserRoundPlus } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Told } from '../../app/session/making';
import { seatAtWork } from '../../core/bench';
import type { Units } from '../../core/measure';
import { keysOf } from '../../core/studio';
import { Guard } from '../../ui/guard';
import { useUnits } from '../../ui/words/units';
import { BenchClock } from './bench-clock';
import { BenchCord } from './bench-cord';
import { BenchHead } from './bench-head';
import { useBench, type BenchModel } from './model/use-bench';
import { useRest } from './model/use-rest';
import { Needs } from './needs';
import { SeatCard, type Ends } from './seat-card';
import { SeatPanel } from './seat/seat-panel';
import { ROOM_GRID, Tables } from './tables';
import { useAwake } from './use-now';
import { calledBy } from './words';
import { WalkIn } from './walk-in';

const SHOWN = {
  table: { name: 'By table', Icon: Grid2x2 },
  need: { name: 'By need', Icon: ListOrdered },
  clock: { name: 'Clock', Icon: Clock },
} as const;

/** Whoever needs somebody first: who asks, who will not finish, who is not here, and last those who are done. */
function byNeed({ bench, seats }: BenchModel, ends: ReadonlyMap<string, Ends>): string[] {
  const rank = (id: string): number => {
    const { help, done, here, made } = seatAtWork(bench, id);
    if (help !== null) return help / 1e13;
    if (done !== null || here === 'home' || here === 'away') return 9;
    const chance = ends.get(id)?.chance ?? 1;
    if (chance < 0.8) return 1 + chance;
    return here === 'expected' && made === 0 ? 3 : 4;
  };
  return seats.map(({ id }) => id).toSorted((a, b) => rank(a) - rank(b));
}

/** How many will probably be done in time, in words. */
function finishingWords({ bench, seats }: BenchModel, ends: ReadonlyMap<string, Ends>): string {
  const done = seats.filter(({ id }) => seatAtWork(bench, id).done !== null).length;
  const late = [...ends].filter(([, { chance }]) => chance < 0.5);
  const names = late.slice(0, 2).map(([id]) => seats.find((seat) => seat.id === id)?.plan.label);
  const rest = late.length > 2 ? ` and ${late.length - 2} more` : '';
  return late.length === 0
    ? `${done} of ${seats.length} done, the rest in time`
    : `${done} of ${seats.length} done; ${names.join(', ')}${rest} will probably not finish`;
}

/** The room while it works: who waits for whom, every seat with its piece as it grows, and one of them opened. */
export function Bench({
  initial,
  told,
  units: firstUnits,
  isDesk,
  links,
  pairing,
}: {
  initial: Parameters<typeof useBench>[0];
  told: Told;
  units: Units;
  /** At the desk, from where papers are printed and the rest of Lapboard is; not on a tablet of the room. */
  isDesk: boolean;
  /** The links of the seats' own pages, at the desk. */
  links?: Readonly<Record<string, string>>;
  pairing?: ReactNode;
}) {
  const model = useBench(initial);
  const units = useUnits(firstUnits);
  const rest = useRest(model);
  const [open, setOpen] = useState<string | null>(null);
  const [shown, setShown] = useState<keyof typeof SHOWN>('table');
  const [isSeating, setSeating] = useState(false);
  const { bench, seats } = model;
  useAwake(bench.began !== null && bench.closed === null);
  useHotkeys('escape', () => setOpen(null));
  useHotkeys('mod+z', () => model.undo?.(), { preventDefault: true });

  const ends = new Map(
    (rest?.times.seats ?? []).map(({ id, finishes, done }): [string, Ends] => [
      id,
      { at: rest!.at + done.p50 * 60_000, chance: finishes },
    ]),
  );
  const called = calledBy(seats.map(({ plan }) => plan.label));
  const card = (id: string) => {
    const at = seats.findIndex((seat) => seat.id === id);
    const seat = seats[at]!;
    return (
      <Guard of={seat.plan} what={`The seat of ${seat.plan.label}`}>
        <SeatCard
          seat={seat}
          number={at + 1}
          called={called[at]!}
          atWork={seatAtWork(bench, id)}
          words={told.words}
          ends={ends.get(id) ?? null}
          units={units}
          isOpen={open === id}
          onOpen={setOpen}
        />
      </Guard>
    );
  };
  const seat = seats.find(({ id }) => id === open);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      {isDesk && <BenchCord model={model} />}
      <BenchHead model={model} finishing={finishingWords(model, ends)} />
      <Needs model={model} onOpen={setOpen} />
      <div className="flex min-h-0 flex-1 items-stretch">
        <main className="min-w-0 flex-1 p-2" aria-label="The room">
          <div className="mb-2 flex flex-wrap items-center gap-2">
            <div className="join" role="group" aria-label="How the room is shown">
              {keysOf(SHOWN).map((way) => {
                const { name, Icon } = SHOWN[way];
                return (
                  <button
                    key={way}
                    type="button"
                    aria-pressed={shown === way}
                    className={`btn join-item h-11 text-base ${shown === way ? 'btn-active' : ''}`}
                    onClick={() => setShown(way)}
                  >
                    <Icon size={18} aria-hidden="true" /> {name}
                  </button>
                );
              })}
            </div>
            <button type="button" className="btn h-11 text-base" onClick={() => setSeating(true)}>
              <UserRoundPlus size={18} aria-hidden="true" /> Walk-in
            </button>
            <span className="flex-1" />
            {pairing}
          </div>
          {isSeating && <WalkIn model={model} units={units} onClose={() => setSeating(false)} />}
          {seats.length === 0 && (
            <p className="p-4 text-lg">Nobody is seated yet: seat whoever walks in, or paste the list at Seats.</p>
          )}
          {shown === 'clock' && <BenchClock model={model} rest={rest} onOpen={setOpen} />}
          {shown === 'need' && (
            <ul className={ROOM_GRID}>
              {byNeed(model, ends).map((id) => (
                <li key={id}>{card(id)}</li>
              ))}
            </ul>
          )}
          {shown === 'table' && <Tables model={model} card={card} />}
        </main>
        {seat && (
          <Guard key={seat.id} of={seat.plan} what={`The seat of ${seat.plan.label}`}>
            <SeatPanel
              seat={seat}
              model={model}
              told={told}
              units={units}
              ends={ends.get(seat.id) ?? null}
              isDesk={isDesk}
              link={links?.[seat.id] ?? null}
              onClose={() => setOpen(null)}
            />
          </Guard>
        )}
      </div>
    </div>
  );
}
