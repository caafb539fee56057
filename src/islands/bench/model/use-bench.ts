import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { BenchView } from '../../../app/bench/open-bench';
import type { SaidAnswer } from '../../../app/bench/say';
import {
  seatAtWork,
  benchOf,
  FIRST_UNSENT,
  courseOf,
  summaryOf,
  tiesAt,
  type Bench,
  type BenchSummary,
  type ProgressEntry,
  type What,
} from '../../../core/bench';
import { resizePlan } from '../../../core/making';
import type { PlannedSeat } from '../../../core/seat';
import { fromTablet, planSession, type SessionView } from '../../../core/session';
import type { Figures } from '../../../core/studio';
import { request } from '../../../ui/api';
import { newId } from '../../../ui/new-id';
import { wholeView, type SentView } from '../../session/model/session-view';
import { openOutbox, type Outbox, type Unsent } from '../../../ui/outbox';

/** A bench as a page has it: what a tablet is not sent is blank. */
export type OpenBench = Omit<BenchView, 'view'> & { readonly view: SessionView };

/** The bench of a session on screen, and what can be said at it. */
export interface BenchModel {
  readonly view: SessionView;
  readonly seats: readonly PlannedSeat[];
  readonly figures: Figures;
  readonly bench: Bench;
  readonly summary: BenchSummary;
  /** The server's clock, ms. */
  readonly clock: () => number;
  readonly say: (what: What, seat?: string | null, value?: ProgressEntry['value']) => void;
  /** Takes back what was said here last. */
  readonly undo: (() => void) | null;
  readonly takeBack: (entry: ProgressEntry) => void;
  readonly link: 'first' | 'live' | 'away';
  /** How much that was said here the server has not taken yet. */
  readonly unsent: number;
  readonly refused: string | null;
  readonly reload: () => Promise<void>;
}

/** An unsent word as an entry, after all that are stored. */
const asEntry = ({ said, ...rest }: Unsent, i: number, skew: number): ProgressEntry => ({
  ...rest,
  n: FIRST_UNSENT + i,
  at: new Date(said + skew).toISOString(),
  by: 'here',
});

/** How often the session itself is looked at again, ms. */
const OFTEN = 45_000;

/** Entries with others added, each once. */
const withEntries = (known: readonly ProgressEntry[], fresh: readonly ProgressEntry[]): readonly ProgressEntry[] => {
  const keys = new Set(known.map(({ key }) => key));
  const added = fresh.filter(({ key }) => !keys.has(key));
  return added.length === 0 ? known : [...known, ...added];
};

export function useBench(initial: OpenBench): BenchModel {
  const id = initial.view.session.id;
  const [view, setView] = useState(initial.view);
  const [entries, setEntries] = useState<readonly ProgressEntry[]>(initial.entries);
  const [waiting, setWaiting] = useState<readonly Unsent[]>([]);
  const [mine, setMine] = useState<readonly Unsent[]>([]);
  const [isAway, setAway] = useState(false);
  // Null until the first connection stands or fails.
  const [isLive, setLive] = useState<boolean | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [skew, setSkew] = useState(() => initial.now - Date.now());
  const outbox = useRef<Outbox | null>(null);

  const last = useRef(initial.entries.at(-1)?.n ?? 0);
  const { mark } = view.studio;
  const reload = useCallback(async () => {
    const fresh = await request<{ view: SentView; entries: ProgressEntry[] }>(
      'GET',
      `/api/bench/${id}?after=${last.current}`,
      {},
      { 'lapboard-studio': mark },
    );
    setView((known) => fromTablet(wholeView(fresh.view, known)));
    setEntries((known) => withEntries(known, fresh.entries));
  }, [id, mark]);
  // A wrist, a piece or the time may be changed at the desk meanwhile.
  useEffect(() => {
    const timer = setInterval(() => {
      if (document.visibilityState === 'visible') void reload().catch(() => undefined);
    }, OFTEN);
    return () => clearInterval(timer);
  }, [reload]);

  useEffect(() => {
    outbox.current = openOutbox<SaidAnswer>(
      `session ${id}`,
      (said) => request('POST', `/api/bench/${id}`, { entries: said }),
      {
        onChange: (now, away) => {
          setWaiting(now);
          setAway(away);
        },
        onStored: ({ added, nobody }) => {
          setEntries((known) => withEntries(known, added));
          if (nobody.length > 0) setRefused('Something was said of a seat that is not there any more.');
        },
        onRefused: ({ message }) => setRefused(message),
      },
    );
    return () => outbox.current?.stop();
  }, [id]);

  const seated = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    seated.current = new Set(view.seats.map((seat) => seat.id));
  }, [view.seats]);
  useEffect(() => {
    let source: EventSource | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const listen = (): void => {
      source = new EventSource(`/api/bench/${id}/events?after=${last.current}`);
      source.onopen = () => setLive(true);
      source.onmessage = ({ data }: MessageEvent<string>) => {
        const fresh = JSON.parse(data) as ProgressEntry[];
        last.current = Math.max(last.current, ...fresh.map(({ n }) => n));
        setEntries((known) => withEntries(known, fresh));
        // Somebody who walked in is seated on another screen: this one has not heard of the seat.
        const isNew = fresh.some(({ seat, what }) => what === 'here' && seat !== null && !seated.current.has(seat));
        if (isNew) void reload().catch(() => undefined);
      };
      source.addEventListener('now', ({ data }: MessageEvent<string>) => setSkew(Number(data) - Date.now()));
      source.onerror = () => {
        setLive(false);
        // Cut off it comes back by itself; refused it does not.
        if (source?.readyState !== EventSource.CLOSED) return;
        timer = setTimeout(listen, 3000);
      };
    };
    listen();
    return () => {
      clearTimeout(timer);
      source?.close();
    };
  }, [id, reload]);

  const { seats: planned, figures } = useMemo(() => planSession(view), [view]);
  const all = useMemo(
    () =>
      withEntries(
        entries,
        waiting.map((one, i) => asEntry(one, i, skew)),
      ),
    [entries, waiting, skew],
  );
  const bench = useMemo(() => {
    const byId = new Map(planned.map((seat) => [seat.id, seat]));
    return benchOf(all, (seat, mm) => {
      const plan = byId.get(seat)?.plan;
      return plan ? tiesAt(courseOf(plan), mm) : 0;
    });
  }, [all, planned]);
  // As long as each band is made: its length may have been changed at the table.
  const seats = useMemo(
    () =>
      planned.map((seat) => {
        const by = seatAtWork(bench, seat.id).resized;
        return by === 0 ? seat : { ...seat, plan: resizePlan(seat.plan, by) };
      }),
    [planned, bench],
  );
  const summary = useMemo(() => summaryOf(all), [all]);

  const say = useCallback<BenchModel['say']>((what, seat = null, value = null) => {
    const one: Unsent = { key: newId(), seat, what, value, said: Date.now() };
    setRefused(null);
    if (what !== 'undo') setMine((before) => [...before, one]);
    outbox.current?.add(one);
  }, []);
  const back = mine.at(-1);
  return {
    view,
    seats,
    figures,
    bench,
    summary,
    clock: useCallback(() => Date.now() + skew, [skew]),
    say,
    undo: back
      ? () => {
          setMine((before) => before.slice(0, -1));
          say('undo', back.seat, back.key);
        }
      : null,
    takeBack: ({ key, seat }) => {
      setMine((before) => before.filter((one) => one.key !== key));
      say('undo', seat, key);
    },
    link: isAway || isLive === false ? 'away' : isLive ? 'live' : 'first',
    unsent: waiting.length,
    refused,
    reload,
  };
}
