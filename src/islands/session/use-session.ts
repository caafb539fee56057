import { useMutation, useMutationState, useQuery, useQueryClient, type Mutation } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  groupOf,
  planSeats,
  seatOf,
  stagesOf,
  type SeatPlan,
  type SeatRecord,
  type StageState,
} from '../../core/session';
import type { SessionView } from '../../app/session';
import { request, type RequestProblem } from '../../ui/api';
import { applyOperation, inverseOf, type Operation } from './operation';
import { send } from './send';
import { knownStudio, shownView, viewKey, wholeView, type SentView } from './session-view';

/** An operation that is not stored yet, and why. */
export interface Unsaved {
  readonly operation: Operation;
  readonly problem: RequestProblem | null;
  readonly failed: boolean;
  readonly mutation: Mutation<SessionView, RequestProblem, Operation>;
}

/** A seat with its plan. */
export interface PlannedSeat {
  readonly record: SeatRecord;
  readonly plan: SeatPlan;
}

export type SaveState = 'saved' | 'saving' | 'away' | 'conflict';

/** The key under which what is not stored yet survives a reload. */
const unsavedKey = (id: string) => `lapboard:unsaved:${id}`;

/**
 * A session on screen: what the server has, with what was done here and is not stored yet on top, planned. Operations are
 * sent one after the other; while the server or its database is away they wait and are tried again.
 */
export function useSession(initial: SessionView) {
  const { id } = initial.session;
  const client = useQueryClient();
  const { data: stored = initial, error } = useQuery<SessionView, RequestProblem>({
    queryKey: viewKey(id),
    queryFn: async () => {
      const before = shownView(client, id);
      return wholeView(await request<SentView>('GET', `/api/sessions/${id}`, {}, knownStudio(before)), before);
    },
    initialData: initial,
    staleTime: 5_000,
    refetchOnWindowFocus: true,
    retry: false,
  });

  const { mutate } = useMutation<SessionView, RequestProblem, Operation>({
    mutationKey: ['operation', id],
    scope: { id },
    networkMode: 'always',
    mutationFn: (operation) => send(client, id, operation),
    retry: (_, problem) => problem.away,
    retryDelay: (attempt) => Math.min(500 * 2 ** attempt, 3000),
    // A look at the server under way would bring back what stood before this.
    onMutate: () => client.cancelQueries({ queryKey: viewKey(id) }),
    onSuccess: (view) => client.setQueryData(viewKey(id), view),
  });

  const unsaved = useMutationState<Unsaved>({
    filters: {
      mutationKey: ['operation', id],
      predicate: ({ state }) => state.status === 'pending' || state.status === 'error',
    },
    select: (mutation) => ({
      operation: mutation.state.variables as Operation,
      problem: (mutation.state.error ?? mutation.state.failureReason) as RequestProblem | null,
      failed: mutation.state.status === 'error',
      mutation: mutation as unknown as Unsaved['mutation'],
    }),
  });

  const view = useMemo(
    () => unsaved.reduce((shown, { operation }) => applyOperation(shown, operation), stored),
    [stored, unsaved],
  );
  const { settings, catalogue } = view.studio;
  const school = view.session.school ?? settings.school;
  const asked = useMemo(
    () => view.seats.map((record) => seatOf(record, school, catalogue.projects)),
    [view.seats, school, catalogue.projects],
  );
  const group = useMemo(() => groupOf(asked), [asked]);
  const seats = useMemo<PlannedSeat[]>(() => {
    const plans = planSeats(asked, catalogue, settings.figures);
    return view.seats.map((record, i) => ({ record, plan: plans[i]! }));
  }, [view.seats, asked, catalogue, settings.figures]);
  const stages = useMemo<StageState[]>(
    () =>
      stagesOf(
        seats.map(({ record, plan }) => ({ id: record.id, accepted: record.accepted, plan })),
        view.session.cut_done,
        view.session.kits,
      ),
    [seats, view.session.cut_done, view.session.kits],
  );

  // What is not stored yet survives a reload of the page.
  const restored = useRef(false);
  useEffect(() => {
    if (!restored.current) {
      restored.current = true;
      const kept = localStorage.getItem(unsavedKey(id));
      for (const operation of kept ? (JSON.parse(kept) as Operation[]) : []) mutate(operation);
      return;
    }
    if (unsaved.length === 0) localStorage.removeItem(unsavedKey(id));
    else localStorage.setItem(unsavedKey(id), JSON.stringify(unsaved.map((u) => u.operation)));
  }, [id, mutate, unsaved]);

  const latest = useRef(view);
  useEffect(() => {
    latest.current = view;
  }, [view]);
  const undos = useRef<Operation[]>([]);
  const [undoable, setUndoable] = useState(0);
  const act = useCallback(
    (operation: Operation) => {
      const inverse = inverseOf(latest.current, operation);
      if (inverse) undos.current.push(inverse);
      setUndoable(undos.current.length);
      latest.current = applyOperation(latest.current, operation);
      mutate(operation);
    },
    [mutate],
  );
  const undo = useCallback(() => {
    const operation = undos.current.pop();
    setUndoable(undos.current.length);
    if (operation) mutate(operation);
  }, [mutate]);

  /** Drops an operation that could not be stored; `current`, where the server told it, is what stands now. */
  const drop = useCallback(
    (item: Unsaved) => {
      client.getMutationCache().remove(item.mutation);
      return client.invalidateQueries({ queryKey: viewKey(id) });
    },
    [client, id],
  );
  /** Stores it all the same, over what stands now. */
  const insist = useCallback(
    async (item: Unsaved) => {
      // It counts as not saved until it is sent again.
      await client.refetchQueries({ queryKey: viewKey(id) });
      client.getMutationCache().remove(item.mutation);
      mutate(item.operation);
    },
    [client, id, mutate],
  );
  const bringBack = useCallback(async () => {
    const waiting = unsaved.filter((item) => item.failed);
    const before = shownView(client, id);
    const sent = await request<SentView>('POST', `/api/sessions/${id}/restore`, {}, knownStudio(before));
    client.setQueryData(viewKey(id), wholeView(sent, before));
    for (const item of waiting) {
      client.getMutationCache().remove(item.mutation);
      mutate(item.operation);
    }
  }, [client, id, mutate, unsaved]);

  const failed = unsaved.filter((item) => item.failed);
  const deleted = failed.some((item) => item.problem?.status === 410) || error?.status === 410;
  const saveState: SaveState =
    failed.length > 0
      ? 'conflict'
      : unsaved.some((item) => item.problem?.away)
        ? 'away'
        : unsaved.length > 0
          ? 'saving'
          : 'saved';
  return {
    view,
    seats,
    group,
    stages,
    unsaved,
    failed,
    deleted,
    saveState,
    act,
    undo,
    undoable,
    drop,
    insist,
    bringBack,
  };
}

export type SessionModel = ReturnType<typeof useSession>;
