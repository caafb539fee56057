import { saveProject } from '../../../app/studio/projects';
import { checkProjectSave } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkProjectSave, ({ base, doc }) => saveProject(base, doc));
