import { readList } from '../../app/session/roster';
import { checkList } from '../../http/checks';
import { writes } from '../../http/endpoint';

export const POST = writes(checkList, ({ text, said }, { request }) => readList(text, said, request.signal));
