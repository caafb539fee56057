import { exportStudio } from '../../../app/studio/archive';
import { ledgerCsv, ledgerJson, shelfCsv, shelfJson } from '../../../app/shelf/shelf-export';
import { recordsCsv, recordsJson } from '../../../app/records/history';
import { projectsCsv, projectsJson } from '../../../app/studio/projects-export';
import { sessionsCalendar } from '../../../app/session/session-export';
import { notFound } from '../../../core/problem';
import { downloads } from '../../../http/endpoint';

const json = async (work: Promise<object>): Promise<string> => `${JSON.stringify(await work, null, 2)}\n`;

/** What can be taken away, by the file's name. */
const FILES: Readonly<Record<string, { type: string; make: () => Promise<string | Uint8Array> }>> = {
  'shelf.csv': { type: 'text/csv; charset=utf-8', make: shelfCsv },
  'shelf.json': { type: 'application/json', make: () => json(shelfJson()) },
  'ledger.csv': { type: 'text/csv; charset=utf-8', make: ledgerCsv },
  'ledger.json': { type: 'application/json', make: () => json(ledgerJson()) },
  'records.csv': { type: 'text/csv; charset=utf-8', make: recordsCsv },
  'records.json': { type: 'application/json', make: () => json(recordsJson()) },
  'projects.csv': { type: 'text/csv; charset=utf-8', make: projectsCsv },
  'projects.json': { type: 'application/json', make: () => json(projectsJson()) },
  'sessions.ics': { type: 'text/calendar; charset=utf-8', make: sessionsCalendar },
  'studio.zip': { type: 'application/zip', make: exportStudio },
};

export const GET = downloads(async ({ params }) => {
  const name = params.file ?? '';
  const file = Object.hasOwn(FILES, name) ? FILES[name]! : null;
  if (!file) throw notFound('file to take away');
  return { body: await file.make(), type: file.type, name };
});
