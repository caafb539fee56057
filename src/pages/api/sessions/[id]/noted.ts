import { noteStudio } from '../../../../app/session/session';
import { checkNoted } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

/** Takes note of what changed in the studio under the session. */
export const POST = writes(checkNoted, async ({ made_at }, context) =>
  unlessKnown(await noteStudio(idOf(context), made_at), context),
);
