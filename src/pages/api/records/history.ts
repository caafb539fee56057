import { importHistory, previewHistory } from '../../../app/records/history';
import { checkHistory } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

/** Reads a history from elsewhere, and takes it in where that is asked. */
export const POST = writes(checkHistory, ({ text, take }, { request: { signal } }) =>
  take ? importHistory(text, signal) : previewHistory(text, signal),
);
