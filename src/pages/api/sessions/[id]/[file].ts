import { cutsCsv, sessionDocument } from '../../../../app/export';
import { notFound } from '../../../../core/problem';
import { downloads, idOf } from '../../../../http/endpoint';

/** A session to take away: its document, or its cuts. */
export const GET = downloads(async (context) => {
  const name = context.params.file ?? '';
  const id = idOf(context);
  if (name === 'session.json')
    return { body: `${JSON.stringify(await sessionDocument(id), null, 2)}\n`, type: 'application/json', name };
  if (name === 'cuts.csv') return { body: await cutsCsv(id), type: 'text/csv; charset=utf-8', name };
  throw notFound('file of this session');
});
