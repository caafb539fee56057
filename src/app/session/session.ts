import { randomUUID } from 'node:crypto';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { isDeepStrictEqual } from 'node:util';
import type { Transaction } from 'sequelize';
import { summaryOf } from '../../core/bench';
import { cutKey, cutsNow } from '../../core/seat';
import {
  cutNow,
  changesSince,
  planInTurn,
  planSession,
  PLAIN_ROOM,
  type NewSession,
  type SessionEdit,
  type SessionPlan,
  type SessionRecord,
  type SessionView,
} from '../../core/session';
import {
  findSession,
  insertSession,
  listSessions,
  countSessions,
  lockSession,
  noteSession,
  updateSession,
  type SessionLine,
  type StoredSession,
} from '../../data/sessions';
import { progressAfter } from '../../data/progress';
import { recordsOfSession } from '../../data/records';
import { seatsOf } from '../../data/seats';
import { inTransaction } from '../../data/database/transaction';
import { notFound, Problem, stale } from '../../core/problem';
import { notedOf } from '../records/noted';
import { today } from '../studio/clock';
import { openOrders } from '../../data/shelf/orders';
import { giveBack } from '../shelf/holds';
import { nameOf } from '../shelf/item-names';
import { readStudio, studioAt, withRevisions } from '../studio/studio';

/** The session, or the problem that there is none, or that it was deleted. */
function standing(session: StoredSession | null): StoredSession {
  if (!session) throw notFound('session');
  if (session.deleted) {
    throw new Problem(
      410,
      'deleted',
      `The session “${session.title}” was deleted. Nothing of it is lost: it can be brought back.`,
      {
        current: { id: session.id, version: session.version },
      },
    );
  }
  return session;
}

export async function findStanding(id: string, t: Transaction): Promise<StoredSession> {
  return standing(await findSession(id, t));
}

/** Whether there is such a session, and it is not deleted. */
export const sessionExists = (id: string): Promise<boolean> =>
  inTransaction(async (t) => (await findSession(id, t))?.deleted === false);

export async function lockStanding(id: string, t: Transaction): Promise<StoredSession> {
  return standing(await lockSession(id, t));
}

export async function viewSession(id: string, t: Transaction): Promise<SessionView> {
  const session = await findStanding(id, t);
  const seats = (await seatsOf([id], t)).get(id)!;
  const studio = await withRevisions(await readStudio(t), seats, t);
  const progress = await progressAfter(id, 0, t);
  const noted = notedOf(seats, await recordsOfSession(id, t), progress);
  const whole = { session, seats, studio, bench: summaryOf(progress), noted };
  const changed = new Date(studio.made_at) > session.noted_at;
  const since = changed
    ? changesSince(whole, await studioAt(session.noted_at, studio, t), {
        ...session,
        orders: (await openOrders(t)).map(({ item, due_on }) => ({
          item,
          name: nameOf(item, studio.catalogue) ?? item,
          due_on,
        })),
      })
    : null;
  return { ...whole, since };
}

/** A session of hundreds of seats is planned in slices of this, so that other requests are answered in between, ms. */
const SLICE_MS = 15;

/** Plans a session's seats before they are shown, in slices. */
export async function plannedInTurn(view: SessionView): Promise<SessionView> {
  let began = performance.now();
  for (const _ of planInTurn(view)) {
    if (performance.now() - began < SLICE_MS) continue;
    await nextTurn();
    began = performance.now();
  }
  return view;
}

export const openSession = async (id: string): Promise<SessionView> =>
  plannedInTurn(await inTransaction((t) => viewSession(id, t)));

export function createSession(id: string, given: NewSession): Promise<SessionView> {
  return inTransaction(async (t) => {
    await insertSession(
      {
        starts_at: null,
        minutes: null,
        place: '',
        leader: '',
        school: null,
        room: PLAIN_ROOM,
        ...given,
        title: given.title.trim(),
        id,
      },
      t,
    );
    return viewSession(id, t);
  });
}

/** Stores a change made to a known version of the session, or answers with what stands now. */
export async function changeSession(
  id: string,
  version: number,
  changes: Parameters<typeof updateSession>[2],
  t: Transaction,
): Promise<StoredSession> {
  const done = await updateSession(id, version, changes, t);
  if (done) return done;
  const current = await findStanding(id, t);
  // A change that was stored although its answer was lost is sent again: it is no conflict.
  const same = Object.entries(changes).every(([field, value]) =>
    isDeepStrictEqual(current[field as keyof StoredSession], value),
  );
  if (!same) throw stale('session', current);
  return current;
}

export function editSession(id: string, edit: SessionEdit): Promise<SessionRecord> {
  return inTransaction(async (t) => {
    await findStanding(id, t);
    return changeSession(id, edit.version, edit.changes, t);
  });
}

/** Deletes a session as it was seen; one that is deleted already, its answer lost, is deleted. */
export function deleteSession(id: string, version: number): Promise<void> {
  return inTransaction(async (t) => {
    const session = await lockSession(id, t);
    if (!session) throw notFound('session');
    if (session.deleted) return;
    if (session.version !== version) throw stale('session', session);
    // What it reserved is there for others; brought back, it is laid out again.
    await giveBack(id, randomUUID(), t);
    await updateSession(
      id,
      session.version,
      { deleted_at: new Date(), ...(!session.kits?.issued && { lanes: null }) },
      t,
    );
  });
}

export function restoreSession(id: string): Promise<SessionView> {
  return inTransaction(async (t) => {
    const session = await lockSession(id, t);
    if (!session) throw notFound('session');
    if (session.deleted) await updateSession(id, session.version, { deleted_at: null }, t);
    return viewSession(id, t);
  });
}

const plans = new WeakMap<SessionView, SessionPlan>();

/** A view planned; reckoned once, however often it is asked for. */
export function planOf(view: SessionView): SessionPlan {
  const plan = plans.get(view) ?? planSession(view);
  plans.set(view, plan);
  return plan;
}

/**
 * Notes that the session's cords have been cut, or (`cut` false) that they have not. `seen` are the lengths the person had
 * before them: if a change since then calls for others, the answer says so instead.
 */
export function noteCut(id: string, version: number, cut: boolean, seen: readonly string[]): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const view = await viewSession(id, t);
    const plan = planOf(view);
    const now = cutsNow(plan.seats).map(cutKey).sort();
    if (cut && JSON.stringify(now) !== JSON.stringify([...seen].sort())) throw stale('session', view);
    await changeSession(id, version, { cut_done: cut ? cutNow(view, plan, today()) : null }, t);
    return viewSession(id, t);
  });
}

/** Takes note of the studio as it was seen at some moment: what changed until then is not told again. */
export function noteStudio(id: string, made_at: string): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    await noteSession(id, new Date(made_at), t);
    return viewSession(id, t);
  });
}

/** A page of the list of sessions, and how many there are in all. */
export interface SessionPage {
  readonly lines: readonly SessionLine[];
  readonly count: number;
  readonly size: number;
}

/** Sessions whose name or place has such a part, newest first. */
export function pageOfSessions(page: number, find = ''): Promise<SessionPage> {
  const size = 50;
  return inTransaction(async (t) => ({
    lines: await listSessions(size, (page - 1) * size, t, find),
    count: await countSessions(t, find),
    size,
  }));
}
