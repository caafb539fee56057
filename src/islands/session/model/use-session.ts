import { useMutation, useMutationState, useQuery, useQueryClient, type Mutation } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  cutsDone,
  planSession,
  stagesOf,
  type StageState,
  type SessionView,
  applyOperation,
  inverseOf,
  type Operation,
} from '../../../core/session';
import { request, type RequestProblem } from '../../../ui/api';
import { newId } from '../../../ui/new-id';
import { send } from './send';
import { takeLeft, unsavedStore } from './unsaved-store';
import { knownStudio, shownView, viewKey, wholeView, type SentView } from './session-view';

/** An operation that is not stored yet, and why. */
export interface Unsaved {
  readonly operation: Operation;
  readonly problem: RequestProblem | null;
  readonly failed: boolean;
  readonly mutation: Mutation<SessionView, RequestProblem, Operation>;
}

/** What is added, and not changed, has a key, so that it is there once however often it is sent. */
const keyed = (operation: Operation): Operation =>
  operation.kind === 'record' ? { ...operation, key: newId() } : operation;

export type SaveState = 'saved' | 'saving' | 'away' | 'conflict';

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
  const { session, studio } = view;
  const { seats, figures, group } = useMemo(
    () => planSession({ session, seats: view.seats, studio }),
    [session, studio, view.seats],
  );
  const stages = useMemo<StageState[]>(
    () =>
      stagesOf(
        seats,
        session.cut_done && cutsDone(session.cut_done),
        session.kits,
        view.bench,
        session.wrap,
        view.noted,
      ),
    [seats, session.cut_done, session.kits, session.wrap, view.bench, view.noted],
  );

  // What is not stored yet outlives the page, each page's for itself; what a page that is gone has left is taken up.
  const store = useRef<ReturnType<typeof unsavedStore> | null>(null);
  useEffect(() => {
    store.current = unsavedStore(id);
    for (const operation of takeLeft(id, Date.now())) mutate(operation);
    return () => store.current?.end();
  }, [id, mutate]);
  useEffect(() => store.current?.keep(unsaved.map(({ operation }) => operation)), [unsaved]);

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
      mutate(keyed(operation));
    },
    [mutate],
  );
  const undo = useCallback(() => {
    const operation = undos.current.pop();
    setUndoable(undos.current.length);
    if (operation) mutate(keyed(operation));
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

  /** Takes note of what changed in the studio under this session. */
  const takeNote = useCallback(async () => {
    const before = shownView(client, id);
    const seen = { made_at: before.studio.made_at };
    // Where it cannot be told just now, the note stays where it is.
    const sent = await request<SentView>('POST', `/api/sessions/${id}/noted`, seen, knownStudio(before)).catch(
      () => null,
    );
    if (sent) client.setQueryData(viewKey(id), wholeView(sent, before));
  }, [client, id]);

  const failed = useMemo(() => unsaved.filter((item) => item.failed), [unsaved]);
  const deleted = failed.some((item) => item.problem?.status === 410) || error?.status === 410;
  const saveState: SaveState =
    failed.length > 0
      ? 'conflict'
      : unsaved.some((item) => item.problem?.away)
        ? 'away'
        : unsaved.length > 0
          ? 'saving'
          : 'saved';
  const plan = useMemo(() => ({ view, seats, figures, group, stages }), [view, seats, figures, group, stages]);
  const saving = useMemo(() => ({ unsaved, failed, deleted, saveState }), [unsaved, failed, deleted, saveState]);
  const verbs = useMemo(
    () => ({ act, undo, drop, insist, bringBack, takeNote }),
    [act, undo, drop, insist, bringBack, takeNote],
  );
  // The same while nothing of it has changed, so that what shows it can tell.
  return useMemo(() => ({ ...plan, ...saving, ...verbs, undoable }), [plan, saving, verbs, undoable]);
}

export type SessionModel = ReturnType<typeof useSession>;
