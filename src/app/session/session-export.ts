import { writeSessionDocument, type SessionDocument } from '../../core/exchange';
import { cutList } from '../../core/seat';
import { inTransaction } from '../../data/database/transaction';
import { listSessions } from '../../data/sessions';
import { toCalendar } from '../../formats/calendar';
import { toCsv } from '../../formats/csv';
import { readStudio } from '../studio/studio';
import { openSession, planOf } from './session';

/** Every session as a calendar. */
export function sessionsCalendar(): Promise<string> {
  return inTransaction(async (t) => {
    const { settings } = await readStudio(t);
    const sessions = await listSessions(5000, 0, t);
    return toCalendar(settings.name, sessions);
  });
}

/** A session as the document the command line plans. */
export const sessionDocument = async (id: string): Promise<SessionDocument> =>
  writeSessionDocument(await openSession(id));

/** A session's cuts, a line a length. */
export async function cutsCsv(id: string): Promise<string> {
  const view = await openSession(id);
  const plans = planOf(view).seats.map(({ plan }) => plan);
  const rows = cutList(plans).flatMap((group) =>
    group.lines.map(({ seat, plan, cut }) => ({
      bag: seat,
      name: plan.label,
      project: plan.piece?.project.name ?? '',
      cord: group.cord.name,
      colour: group.colour.name,
      role: cut.role,
      pieces: cut.pieces,
      length_mm: cut.length_mm,
    })),
  );
  return toCsv(rows, ['bag', 'name', 'project', 'cord', 'colour', 'role', 'pieces', 'length_mm']);
}
