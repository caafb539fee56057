import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { SeatPage } from '../../app/bench/seat-page';
import { benchOf, FIRST_UNSENT, seatAtWork, type ProgressEntry, type SeatAtWork, type What } from '../../core/bench';
import { request } from '../../ui/api';
import { newId } from '../../ui/new-id';
import { openOutbox, type Outbox, type Unsent } from '../../ui/outbox';

/** What a seat's own page knows of itself, and may say. */
export interface OwnBench {
  readonly atWork: SeatAtWork;
  readonly isClosed: boolean;
  readonly say: (what: What, value?: ProgressEntry['value']) => void;
  /** How much the bench has not heard yet, and whether that is for want of a network. */
  readonly unsent: number;
  readonly isAway: boolean;
}

/** How often the page asks how it stands, ms: the bench may have counted, or heard its call. */
const OFTEN = 8000;

/** Which length of which seat the page was read again for. */
const READ_AGAIN = 'lapboard read again for';

type Answer = { readonly entries: readonly ProgressEntry[] };

/** A seat's progress on its own phone: what is pressed counts at once, and reaches the bench as soon as there is a network. */
export function useOwnBench(page: SeatPage, link: string): OwnBench {
  const [entries, setEntries] = useState(page.entries);
  const [waiting, setWaiting] = useState<readonly Unsent[]>([]);
  const [isAway, setAway] = useState(false);
  const outbox = useRef<Outbox | null>(null);
  const path = `/api/s/${link}`;

  useEffect(() => {
    let stored = 0;
    outbox.current = openOutbox<Answer>(`seat ${page.seat}`, (said) => request('POST', path, { entries: said }), {
      onChange: (now, away) => {
        setWaiting(now);
        setAway(away);
      },
      onStored: (answer) => {
        stored++;
        setEntries(answer.entries);
      },
      // What was never taken is not counted: the page shows how it stands.
      onRefused: () => undefined,
    });
    const ask = (): void => {
      if (document.visibilityState !== 'visible') return;
      const before = stored;
      request<Answer>('GET', path).then(
        (answer) => {
          // What was pressed and stored since may not be in it yet.
          if (stored === before) setEntries(answer.entries);
          setAway(false);
        },
        () => setAway(true),
      );
    };
    ask();
    const timer = setInterval(ask, OFTEN);
    return () => {
      clearInterval(timer);
      outbox.current?.stop();
    };
  }, [page.seat, path]);

  const bench = useMemo(() => {
    const keys = new Set(entries.map(({ key }) => key));
    const own = waiting
      .filter(({ key }) => !keys.has(key))
      .map(({ said, ...rest }, i) => ({ ...rest, n: FIRST_UNSENT + i, at: new Date(said).toISOString(), by: 'here' }));
    return benchOf([...entries, ...own], () => 0);
  }, [entries, waiting]);
  // A band of another length has other counts and figures: the page is read again, once the server has them.
  const by = useMemo(
    () =>
      seatAtWork(
        benchOf(entries, () => 0),
        page.seat,
      ).resized,
    [entries, page.seat],
  );
  useEffect(() => {
    if (by === page.resized) {
      sessionStorage.removeItem(READ_AGAIN);
      return;
    }
    // Read again without a network it may be the page as it was: once is enough.
    if (sessionStorage.getItem(READ_AGAIN) === `${page.seat} ${by}`) return;
    sessionStorage.setItem(READ_AGAIN, `${page.seat} ${by}`);
    window.location.reload();
  }, [by, page.seat, page.resized]);
  const say = useCallback<OwnBench['say']>(
    (what, value = null) => outbox.current?.add({ key: newId(), seat: page.seat, what, value, said: Date.now() }),
    [page.seat],
  );
  return { atWork: seatAtWork(bench, page.seat), isClosed: bench.closed !== null, say, unsent: waiting.length, isAway };
}
