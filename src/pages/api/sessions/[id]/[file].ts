import { cutsCsv, sessionDocument } from '../../../../app/session/session-export';
import { paperSheet, SHEETS } from '../../../../app/sheets';
import { notFound } from '../../../../core/problem';
import { downloads, idOf } from '../../../../http/endpoint';
import { readerOf } from '../../../../http/reader';

/** A session to take away: its document, its cuts, or a sheet of it as PDF. */
export const GET = downloads(async (context) => {
  const name = context.params.file ?? '';
  const id = idOf(context);
  if (name === 'session.json')
    return { body: `${JSON.stringify(await sessionDocument(id), null, 2)}\n`, type: 'application/json', name };
  if (name === 'cuts.csv') return { body: await cutsCsv(id), type: 'text/csv; charset=utf-8', name };
  const sheet = SHEETS.find(({ file }) => name === `${file}.pdf`);
  if (!sheet) throw notFound('file of this session');
  const asked = context.url.searchParams.get('paper');
  const paper = asked === 'a4' || asked === 'letter' ? asked : null;
  return {
    body: await paperSheet(
      id,
      sheet,
      (studio) => ({ ...readerOf(context.cookies, studio), both: context.url.searchParams.get('both') === 'yes' }),
      paper,
    ),
    type: 'application/pdf',
    name,
  };
});
