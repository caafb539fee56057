import { useEffect, useMemo, useRef, useState } from 'react';
import { restOf } from '../../../core/bench';
import type { RestTimes } from '../../../core/room';
import { roomReckoner, type RestAsked } from '../../../workers/room';
import type { BenchModel } from './use-bench';

/** When the room closes, by the server's clock: as it was set to, or so many minutes from when it began. Null while that is not known. */
export function closesAt({ view, bench }: Pick<BenchModel, 'view' | 'bench'>): number | null {
  const { held_on, starts_at, minutes } = view.session;
  if (minutes === null) return null;
  const set = starts_at === null ? NaN : Date.parse(`${held_on}T${starts_at}:00`) + minutes * 60_000;
  const { began } = bench;
  // A session that is held on another day than it was set to lasts as long.
  const isToday = Number.isFinite(set) && (began === null || (set > began && set - began < 12 * 3_600_000));
  return isToday ? set : began === null ? null : began + minutes * 60_000;
}

/** Presses that follow each other this closely are reckoned once, ms; and how often time alone changes what is to come. */
const [QUIET, OFTEN] = [400, 30_000];

/** How the rest of the room will probably go, reckoned off the main thread at every change and every half minute. */
export function useRest(model: BenchModel): { times: RestTimes; at: number } | null {
  const { bench, seats, figures, view, clock } = model;
  const [beat, setBeat] = useState(0);
  const [found, setFound] = useState<{ times: RestTimes; at: number } | null>(null);
  const reckoner = useRef<ReturnType<typeof roomReckoner> | null>(null);
  useEffect(() => {
    const timer = setInterval(() => setBeat((n) => n + 1), OFTEN);
    return () => {
      clearInterval(timer);
      reckoner.current?.end();
      reckoner.current = null;
    };
  }, []);
  const isOn = bench.began !== null && bench.closed === null;
  const closes = closesAt({ view, bench });
  const { adults } = view.session.room;
  useEffect(() => {
    if (!isOn || closes === null) return undefined;
    let isWanted = true;
    const timer = setTimeout(() => {
      const now = clock();
      const rest = seats.flatMap(({ id, plan }) => restOf(id, plan, bench, now, figures) ?? []);
      const asked: RestAsked = [rest, (closes - now) / 60_000, adults, figures];
      reckoner.current ??= roomReckoner();
      reckoner.current.rest(...asked).then(
        (times) => isWanted && setFound({ times, at: now }),
        () => {
          reckoner.current?.end();
          reckoner.current = null;
        },
      );
    }, QUIET);
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [isOn, closes, adults, bench, seats, figures, clock, beat]);
  return useMemo(() => (isOn ? found : null), [isOn, found]);
}
