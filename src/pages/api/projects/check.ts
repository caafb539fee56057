import { checkedProject } from '../../../app/studio/projects';
import { checkProjectRead } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkProjectRead, ({ doc }) => checkedProject(doc));
