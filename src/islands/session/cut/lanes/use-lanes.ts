import { messageOf } from '../../../../core/result';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  cutsByItem,
  lacking,
  layoutFault,
  moveCut,
  layShelfFirst,
  setLocked,
  type CordLaid,
  type BagCut,
  type CuttableLot,
  type Layout,
  type LayoutLane,
} from '../../../../core/layout';
import type { SessionStock } from '../../../../app/kits/session-stock';
import { request, type RequestProblem } from '../../../../ui/api';
import { startSolving, type Solving } from '../../../../workers/solver';
import { useBooking } from '../../model/use-booking';
import type { SessionModel } from '../../model/use-session';

/** How many cords are worked on at once. */
const AT_ONCE = 2;

/** What is said of a cord whose turn did not come. */
const STOPPED = 'Stopped before anything was laid out.';

/** How one cord's cuts are laid out so far. */
export interface Laid extends CordLaid {
  readonly item: string;
  readonly state: 'waiting' | 'solving' | 'done';
  readonly problem: string | null;
}

/** Lanes as they are sent and kept, field by field in one order, so that two of them can be compared. */
const asked = (laid: readonly Pick<Laid, 'item' | 'lanes' | 'bound_mm'>[]): Layout =>
  laid.map(({ item, lanes, bound_mm }) => ({
    item,
    bound_mm: Math.round(bound_mm),
    lanes: lanes.map(({ stock, length_mm, cuts, locked }) => ({
      stock,
      length_mm,
      cuts: cuts.map(({ id, mm }) => ({ id, mm })),
      locked: [...locked],
    })),
  }));

/** The cutting lanes of a session: laid out in workers, changed by hand, reserved on the shelf. */
export function useLanes(model: SessionModel) {
  const { view, seats, figures } = model;
  const { id } = view.session;
  const cuts = useMemo(() => cutsByItem(seats), [seats]);
  const items = [...cuts.keys()].sort().join('|');
  const { data: stock, error } = useQuery<SessionStock, RequestProblem>({
    queryKey: ['stock', id, items, view.session.lanes !== null],
    queryFn: () => request('GET', `/api/sessions/${id}/stock`),
    retry: 2,
  });
  const kept = view.session.lanes;
  const issued = view.session.kits?.issued != null;
  // What is kept, while it is of the cuts as they are; once issued it stands, whatever changes.
  const standing = useMemo(
    () =>
      kept && (issued || layoutFault(kept, cuts) === null)
        ? kept.map((group): Laid => ({ ...group, unplaced: [], state: 'done', problem: null }))
        : null,
    [cuts, issued, kept],
  );
  // What was laid out or moved here since.
  const [own, setOwn] = useState<readonly Laid[] | null>(null);
  const laid = own ?? standing;
  const { sending, refused, setRefused, send } = useBooking(id);
  const running = useRef<Solving[]>([]);
  // Which laying out is under way: one that was stopped, or left, starts nothing more.
  const turn = useRef(0);

  const lotsOf = useCallback((item: string): readonly CuttableLot[] => stock?.lots[item] ?? [], [stock]);
  const packOf = useCallback((item: string): number | null => stock?.packs[item] ?? null, [stock]);

  const change = useCallback(
    (item: string, changes: Partial<Laid>) =>
      setOwn((all) => (all ?? standing)?.map((one) => (one.item === item ? { ...one, ...changes } : one)) ?? null),
    [standing],
  );

  /** Solves one cord in a worker of its own. */
  const solveOne = useCallback(
    async (item: string, wanted: readonly BagCut[], before: readonly LayoutLane[], mine: number) => {
      change(item, { state: 'solving', problem: null });
      try {
        const found = await layShelfFirst(
          { cuts: wanted, lots: lotsOf(item), figures, pack: packOf(item), before },
          async (problem, onBetter) => {
            const solving = startSolving(problem, figures.lanes_seconds, onBetter);
            running.current.push(solving);
            const plan = await solving.done;
            running.current = running.current.filter((one) => one !== solving);
            return plan;
          },
          (better) => change(item, better),
          () => turn.current !== mine,
        );
        change(item, { ...found, state: 'done' });
      } catch (problem) {
        change(item, { state: 'done', problem: `It could not be laid out: ${messageOf(problem)}.` });
      }
    },
    [change, figures, lotsOf, packOf],
  );

  /** Lays everything out, or all but what is locked, a few cords at once. */
  const solve = useCallback(
    async (only?: string) => {
      setRefused(null);
      const mine = ++turn.current;
      const before = new Map((laid ?? []).map((one) => [one.item, one.lanes]));
      const fresh = [...cuts].map(
        ([item]): Laid =>
          laid?.find((one) => one.item === item && only !== undefined && item !== only) ?? {
            item,
            lanes: before.get(item) ?? [],
            unplaced: [],
            bound_mm: 0,
            state: 'waiting',
            problem: null,
          },
      );
      setOwn(fresh);
      const queue = [...cuts].filter(([item]) => only === undefined || item === only);
      const next = async (): Promise<void> => {
        const one = queue.shift();
        if (!one) return;
        if (turn.current !== mine) change(one[0], { state: 'done', problem: STOPPED });
        else await solveOne(one[0], one[1], before.get(one[0]) ?? [], mine);
        await next();
      };
      await Promise.all(Array.from({ length: AT_ONCE }, next));
    },
    [change, cuts, laid, setRefused, solveOne],
  );

  const stop = useCallback(() => {
    turn.current += 1;
    running.current.forEach((one) => one.stop());
  }, []);
  useEffect(() => stop, [stop]);

  const busy = laid?.some((one) => one.state !== 'done') ?? false;
  const unplaced = laid?.some((one) => one.unplaced.length > 0) ?? false;
  const fault = laid && !busy && !unplaced ? layoutFault(asked(laid), cuts) : null;
  // Nothing laid out yet, or not of the cuts as they are now: as soon as the shelf is known, once for the same cuts.
  const begun = useRef<typeof cuts | null>(null);
  useEffect(() => {
    const needed = laid === null || fault !== null || unplaced;
    if (!stock || !needed || issued || begun.current === cuts) return;
    begun.current = cuts;
    void solve();
  }, [cuts, fault, issued, laid, solve, stock, unplaced]);
  const isKept = kept !== null && laid !== null && JSON.stringify(asked(laid)) === JSON.stringify(asked(kept));

  /** Moves a cut to a lane, or says why it does not go there. */
  const moveTo = useCallback(
    (item: string, cut: string, to: number) => {
      const group = laid?.find((one) => one.item === item);
      const lane = group?.lanes[to];
      const found = cuts.get(item)?.find((one) => one.id === cut);
      if (!group || !lane || !found || lane.cuts.some((one) => one.id === cut)) return;
      const over = lacking(lane, found.mm, figures.cut_loss);
      if (over > 0) return setRefused(`${found.label}’s ${found.mm} mm does not fit there: ${over} mm too much.`);
      setRefused(null);
      change(item, { lanes: moveCut(group.lanes, cut, to) });
    },
    [change, cuts, figures.cut_loss, laid, setRefused],
  );
  const lock = useCallback(
    (item: string, cut: string, on: boolean) => {
      const group = laid?.find((one) => one.item === item);
      if (group) change(item, { lanes: setLocked(group.lanes, cut, on) });
    },
    [change, laid],
  );

  const reserve = async (layout: Layout | null) => {
    const content = { version: view.session.version, ...(layout && { layout }) };
    if (await send(layout ? 'POST' : 'DELETE', 'reserve', content)) setOwn(null);
  };

  return {
    cuts,
    stock,
    error,
    laid,
    busy,
    fault,
    unplaced,
    isKept,
    refused,
    sending,
    lotsOf,
    packOf,
    solve,
    stop,
    moveTo,
    lock,
    reserve: () => reserve(asked(laid!)),
    release: () => reserve(null),
  };
}

export type LanesModel = ReturnType<typeof useLanes>;
