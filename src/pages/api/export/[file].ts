import { exportStudio } from '../../../app/archive/archive';
import { ledgerCsv, ledgerJson, shelfCsv, shelfJson } from '../../../app/shelf/shelf-export';
import { recordsCsv, recordsJson } from '../../../app/records/history';
import { projectsCsv, projectsJson } from '../../../app/studio/projects-export';
import { sessionsCalendar } from '../../../app/session/session-export';
import { followTransfer } from '../../../app/archive/transfers';
import { notFound } from '../../../core/problem';
import { downloads, type Download } from '../../../http/endpoint';
import { isUuid } from '../../../http/ids';

const json = async (work: Promise<object>): Promise<string> => `${JSON.stringify(await work, null, 2)}\n`;

/** Every export, by the name of its file; `transfer` is the id by which its page asks how far it is. */
const FILES: Readonly<
  Record<string, { type: string; make: (transfer: string) => Promise<Download['body']> | Download['body'] }>
> = {
  'shelf.csv': { type: 'text/csv; charset=utf-8', make: shelfCsv },
  'shelf.json': { type: 'application/json', make: () => json(shelfJson()) },
  'ledger.csv': { type: 'text/csv; charset=utf-8', make: ledgerCsv },
  'ledger.json': { type: 'application/json', make: ledgerJson },
  'records.csv': { type: 'text/csv; charset=utf-8', make: recordsCsv },
  'records.json': { type: 'application/json', make: recordsJson },
  'projects.csv': { type: 'text/csv; charset=utf-8', make: projectsCsv },
  'projects.json': { type: 'application/json', make: () => json(projectsJson()) },
  'sessions.ics': { type: 'text/calendar; charset=utf-8', make: sessionsCalendar },
  'studio.zip': {
    type: 'application/zip',
    make: (transfer) => exportStudio(isUuid(transfer) ? followTransfer(transfer) : undefined),
  },
};

export const GET = downloads(async ({ params, url }) => {
  const name = params.file ?? '';
  const file = Object.hasOwn(FILES, name) ? FILES[name]! : null;
  if (!file) throw notFound('file to export');
  return { body: await file.make(url.searchParams.get('transfer') ?? ''), type: file.type, name };
});
