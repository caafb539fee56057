import { printLabels, sessionLabels } from '../../../../app/sheets/labels';
import { checkLabels } from '../../../../http/checks';
import { downloads, idOf, writes } from '../../../../http/endpoint';
import { readerOf } from '../../../../http/reader';
import { site } from '../../../../http/site';

export const GET = downloads(async (context) => {
  const kind = context.url.searchParams.get('kind') === 'cuts' ? 'cuts' : 'bags';
  const { bytes, name } = await sessionLabels(
    idOf(context),
    kind,
    (studio) => readerOf(context.cookies, studio).units,
    site().origin,
  );
  return { body: bytes, type: 'application/pdf', name };
});
/** Sends them to the label printer. */
export const POST = writes(checkLabels, async ({ kind }, context) => printLabels(idOf(context), kind));
