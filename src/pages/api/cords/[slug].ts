import { editDocument } from '../../../app/studio/settings';
import { checkCord } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const PUT = writes(checkCord, async ({ version, doc }, { params }) =>
  editDocument('cords', params.slug ?? '', version, doc),
);
