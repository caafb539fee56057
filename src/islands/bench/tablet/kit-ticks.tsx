import { useMemo, useRef, useState } from 'react';
import type { BenchView } from '../../../app/bench/open-bench';
import type { Units } from '../../../core/measure';
import {
  CARD,
  childrenOf,
  outdatedTicks,
  packingOf,
  planSession,
  type Bag,
  fromTablet,
  type SessionView,
  type TabletView,
} from '../../../core/session';
import type { LabelCode } from '../../../core/kit';
import { ScanButton } from '../../scan/scan-button';
import { problemOf, request } from '../../../ui/api';
import { borrow } from '../../../ui/page-data';
import { Swatch } from '../../../ui/pictures/swatch';
import { itemLook, lineWords } from '../../session/kit/item-look';

type Stored = Pick<SessionView['session'], 'version' | 'kits'>;

/** Bags to tick off with a thumb, on a tablet of the room: nothing of kits but what goes in, and whether it is. */
export function KitTicks({ view: text, studio: lent, units }: { view: string; studio: string; units: Units }) {
  const view = useMemo(
    (): SessionView => fromTablet({ ...(JSON.parse(text) as TabletView), studio: borrow<SessionView['studio']>(lent) }),
    [text, lent],
  );
  const { studio, session, seats: records } = view;
  const { bags } = useMemo(() => {
    const { seats, figures } = planSession(view);
    return packingOf(seats, figures, childrenOf(records, figures));
  }, [view, records]);
  const [ticks, setTicks] = useState<ReadonlySet<string>>(() => new Set(session.kits?.ticks));
  const [problem, setProblem] = useState<string | null>(null);
  const stored = useRef<Stored>(session);
  // One after the other: each is made to what the one before it left.
  const line = useRef(Promise.resolve());

  async function store(bag: Bag, ids: readonly string[], on: boolean): Promise<void> {
    const path = `/api/bench/${session.id}`;
    for (let time = 1; ; time++) {
      const before = new Set(stored.current.kits?.ticks ?? []);
      for (const old of outdatedTicks(bag, [...before])) before.delete(old);
      for (const id of ids)
        if (on) before.add(id);
        else before.delete(id);
      try {
        stored.current = await request<Stored>('PATCH', `${path}/ticks`, {
          version: stored.current.version,
          ticks: [...before],
        });
        setProblem(null);
        break;
      } catch (failed) {
        // Somebody else ticked meanwhile: theirs stand, and this one is added to them.
        if (problemOf(failed).status === 409 && time < 6)
          stored.current = (await request<BenchView>('GET', path)).view.session;
        else {
          setProblem(problemOf(failed).message);
          break;
        }
      }
    }
    setTicks(new Set(stored.current.kits?.ticks ?? []));
  }
  const tick = (bag: Bag, ids: readonly string[], on: boolean): void => {
    setTicks((before) => {
      const next = new Set(before);
      for (const id of ids)
        if (on) next.add(id);
        else next.delete(id);
      return next;
    });
    line.current = line.current.then(() => store(bag, ids, on)).catch(() => undefined);
  };
  /** Goes to the bag whose label was read. */
  const toBag = (code: LabelCode): string | null => {
    if (code.kind === 'lot') return 'This is the label of a lot, not of a bag.';
    const bag = document.getElementById(`bag-${code.seat}`);
    if (!bag) return 'This bag is of another session.';
    bag.scrollIntoView();
    bag.querySelector('input')?.focus();
    return null;
  };
  return (
    <div className="p-3 text-lg">
      <div className="mb-3 flex justify-end">
        <ScanButton onCode={toBag} className="btn h-11 text-base" />
      </div>
      {problem && (
        <p role="alert" className="border border-error p-2 text-error">
          Not stored: {problem}
        </p>
      )}
      <ul className="space-y-3">
        {bags.map((bag) => {
          const ids = [...bag.lines.map(({ id }) => id), bag.card];
          return (
            <li key={bag.seat} id={`bag-${bag.seat}`} className="scroll-mt-4 border hair p-2">
              <label className="flex min-h-11 items-center gap-3 text-xl font-semibold">
                <input
                  type="checkbox"
                  className="checkbox size-8"
                  checked={ids.every((id) => ticks.has(id))}
                  onChange={({ target }) => tick(bag, ids, target.checked)}
                />
                {bag.number} {bag.label}
                {bag.estimated && <em className="quiet text-base font-normal">by an estimate</em>}
              </label>
              <ul>
                {[
                  ...bag.lines.map((one) => ({
                    id: one.id,
                    words: lineWords(one, studio, units),
                    hex: itemLook(one.item, studio).hex,
                  })),
                  { id: bag.card, words: CARD, hex: null },
                ].map(({ id, words, hex }) => (
                  <li key={id}>
                    <label className="flex min-h-11 items-center gap-3">
                      <input
                        type="checkbox"
                        className="checkbox size-7"
                        checked={ticks.has(id)}
                        onChange={({ target }) => tick(bag, [id], target.checked)}
                      />
                      {hex && <Swatch hex={hex} />} {words}
                    </label>
                  </li>
                ))}
              </ul>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
