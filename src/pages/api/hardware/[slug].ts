import { editDocument } from '../../../app/studio/settings';
import { checkHardware } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const PUT = writes(checkHardware, async ({ version, doc }, { params }) =>
  editDocument('hardware', params.slug ?? '', version, doc),
);
