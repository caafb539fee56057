import type { QueryClient } from '@tanstack/react-query';
import type { SeatRecord } from '../../../core/seat';
import type { SessionRecord, SessionView, Operation } from '../../../core/session';
import { request } from '../../../ui/api';
import { knownStudio, shownView, wholeView, type SentView } from './session-view';

/** Sends one operation, made to the versions last seen, and returns the view as the server now has it. */
export async function send(client: QueryClient, session: string, operation: Operation): Promise<SessionView> {
  const view = shownView(client, session);
  const base = `/api/sessions/${session}`;
  const ask = async (method: 'POST' | 'PATCH' | 'DELETE', path: string, body: object = {}) =>
    wholeView(await request<SentView>(method, path, body, knownStudio(view)), view);
  switch (operation.kind) {
    case 'seat': {
      const seat = view.seats.find((s) => s.id === operation.id);
      const { version = 1, person_version = 1 } = seat ?? {};
      const edit = { version, person_version, changes: operation.changes };
      const sent = await request<{ seat: SeatRecord } & Partial<Pick<SessionView, 'studio'>>>(
        'PATCH',
        `/api/seats/${operation.id}`,
        edit,
        knownStudio(view),
      );
      const now = shownView(client, session);
      // The studio comes along where the seat is planned with a revision that is not here.
      return {
        ...now,
        studio: sent.studio ?? now.studio,
        seats: now.seats.map((s) => (s.id === sent.seat.id ? sent.seat : s)),
      };
    }
    case 'seats': {
      const edits = operation.edits.flatMap(({ id, changes }) => {
        const seat = view.seats.find((s) => s.id === id);
        return seat ? [{ id, version: seat.version, person_version: seat.person_version, changes }] : [];
      });
      return ask('PATCH', `${base}/seats`, { edits });
    }
    case 'session': {
      const stored = await request<SessionRecord>('PATCH', base, {
        version: view.session.version,
        changes: operation.changes,
      });
      return { ...view, session: { ...view.session, ...stored } };
    }
    case 'add':
      return ask('POST', `${base}/seats`, { seats: operation.seats });
    case 'remove':
      return ask('DELETE', `/api/seats/${operation.id}`, {
        session,
        version: view.seats.find((seat) => seat.id === operation.id)?.version ?? 1,
      });
    case 'ticks':
      return ask('PATCH', `${base}/kits`, { version: view.session.version, ticks: operation.ticks });
    case 'wrap':
      return ask('PATCH', `${base}/wrap`, { version: view.session.version, wrap: operation.wrap });
    case 'record': {
      const { key, seat, said } = operation;
      return ask('POST', `${base}/wrap`, { records: [{ key, seat, said }] });
    }
    case 'cut':
      return ask('POST', `${base}/cut`, {
        version: view.session.version,
        cut: operation.cut,
        seen: operation.seen,
      });
  }
}
