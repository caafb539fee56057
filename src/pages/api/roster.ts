import { readList } from '../../app/session/roster';
import { checkList } from '../../http/checks';
import { writes } from '../../http/endpoint';

export const POST = writes(checkList, async ({ text, said }) => readList(text, said));
